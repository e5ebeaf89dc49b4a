import { describe, expect, it } from 'vitest';
import { failure, outcome, value } from './client';

function answer(status: number, data?: unknown, error?: unknown) {
  return Promise.resolve({ data, error, response: new Response(null, { status }) });
}

describe('an answer', () => {
  it('that is well is its value', async () => {
    expect(await outcome(answer(200, 7))).toEqual({ kind: 'value', value: 7 });
  });

  it.each([400, 404, 422])('of %i is a refusal in words', async (status) => {
    expect(await outcome(answer(status, undefined, { message: 'no' }))).toEqual({
      kind: 'refused',
      problem: { message: 'no' },
    });
  });

  it.each([502, 503, 504])('of %i is lost for now', async (status) => {
    expect((await outcome(answer(status, undefined, { message: 'away' }))).kind).toBe('lost');
  });

  it.each([500, 501, 507])('of %i is a failure that asking again would not mend', async (status) => {
    expect(await outcome(answer(status, undefined, { message: 'broke' }))).toEqual({
      kind: 'failed',
      message: 'broke',
    });
  });

  it('that never comes is lost', async () => {
    expect((await outcome(Promise.reject(new TypeError('Failed to fetch')))).kind).toBe('lost');
  });

  it('that cannot be read says so in one line', async () => {
    const result = await outcome(answer(500, undefined, '<html>'));
    expect(result).toEqual({ kind: 'failed', message: 'The answer could not be read (500).' });
  });
});

describe('what is to be said of an answer that was not wanted', () => {
  it('is its one line', () => {
    expect(failure({ kind: 'refused', problem: { message: 'A name is wanted.' } })).toBe('A name is wanted.');
  });

  it('is thrown where only a value will do', async () => {
    await expect(value(answer(404, undefined, { message: 'No such book.' }))).rejects.toThrow('No such book.');
  });
});
