import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { patient } from './patient';

const asked = vi.fn<(request: Request) => Promise<Response>>();

function busy() {
  return new Response('{}', { status: 503, headers: { 'Retry-After': '1' } });
}

describe('a server that has too much to do', () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.stubGlobal('fetch', asked);
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
    asked.mockReset();
  });

  it('is asked again, with what was sent, until it answers', async () => {
    const bodies: string[] = [];
    asked.mockImplementation(async (request) => {
      bodies.push(await request.text());
      return bodies.length < 3 ? busy() : new Response('{}');
    });
    const answer = patient(new Request('http://127.0.0.1/api/plan', { method: 'POST', body: 'a book' }));
    await vi.advanceTimersByTimeAsync(2000);
    expect((await answer).status).toBe(200);
    expect(bodies).toEqual(['a book', 'a book', 'a book']);
  });

  it('is not asked for ever', async () => {
    asked.mockImplementation(() => Promise.resolve(busy()));
    const answer = patient(new Request('http://127.0.0.1/api/plan'));
    await vi.advanceTimersByTimeAsync(60_000);
    expect((await answer).status).toBe(503);
    expect(asked).toHaveBeenCalledTimes(8);
  });

  it('is not asked again where it does not ask for patience', async () => {
    asked.mockImplementation(() => Promise.resolve(new Response('{}', { status: 503 })));
    expect((await patient(new Request('http://127.0.0.1/api/plan'))).status).toBe(503);
    expect(asked).toHaveBeenCalledTimes(1);
  });
});
