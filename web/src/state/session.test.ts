// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { bookView, called } from '../test/books';
import { sent } from '../test/server';
import { BookSession } from './session';

const PROBLEM = { message: 'Sheets of one height are wanted.' };

function opened(): BookSession {
  const session = new BookSession(bookView(1, 'Cues'));
  session.open();
  return session;
}

async function asked(number: number) {
  await vi.waitFor(() => expect(sent.length).toBe(number), { interval: 1 });
  return sent[number - 1]!;
}

describe('the changes of a book', () => {
  it('are shown before they are kept', () => {
    const session = opened();
    session.change('name', called('Slips'));
    expect(session.snapshot().document.name).toBe('Slips');
    expect(session.snapshot().keeping.kind).toBe('sending');
  });

  it('are sent one after the other in the order they were made', async () => {
    const session = opened();
    session.change('name', called('one'));
    session.change('name', called('two'));
    const first = await asked(1);
    expect(first.body).toMatchObject({ version: 1, document: { name: 'one' } });
    await first.answer(200, bookView(2, 'one'));
    const second = await asked(2);
    expect(second.body).toMatchObject({ version: 2, document: { name: 'two' } });
    await second.answer(200, bookView(3, 'two'));
    expect(session.snapshot().keeping.kind).toBe('kept');
  });

  it('that change nothing are not sent', () => {
    opened().change('name', called('Cues'));
    expect(sent).toHaveLength(0);
  });

  it('that are refused leave the last kept book, with one line at their field', async () => {
    const session = opened();
    session.change('name', called(''));
    await (await asked(1)).answer(422, { message: 'A name is wanted.', field: 'name' });
    expect(session.snapshot().document.name).toBe('Cues');
    expect(session.snapshot().refusal).toEqual({ field: 'name', message: 'A name is wanted.' });
    expect(localStorage.length).toBe(0);
  });
});

describe('an offer made for the book before the last edit', () => {
  const made = bookView(1, 'Cues').document;

  it('is laid on top of the edit', async () => {
    const session = opened();
    session.change('name', called('Slips'));
    session.take('mended', { made, document: { ...made, purpose: 'cues' } });
    await (await asked(1)).answer(200, bookView(2, 'Slips'));
    expect((await asked(2)).body).toMatchObject({ change: 'mended', document: { name: 'Slips', purpose: 'cues' } });
  });

  it('is left where the edit crosses it, and one line says so', async () => {
    const session = opened();
    session.change('name', called('Slips'));
    session.take('mended', { made, document: { ...made, name: 'Calls' } });
    expect(session.snapshot().document.name).toBe('Slips');
    expect(session.snapshot().refusal?.message).toContain('changed after this was offered');
    await (await asked(1)).answer(200, bookView(2, 'Slips'));
    expect(sent).toHaveLength(1);
  });
});

describe('a server that is away', () => {
  beforeEach(() => void vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] }));
  afterEach(() => void vi.useRealTimers());

  it.each([502, 503, 504])('answers %i, and is asked again', async (status) => {
    const session = opened();
    session.change('name', called('Slips'));
    await vi.waitUntil(() => sent.length === 1);
    await sent[0]!.answer(status, { message: 'The database does not answer.' });
    expect(session.snapshot().keeping).toMatchObject({ kind: 'lost', waiting: 1 });
    await vi.advanceTimersByTimeAsync(2000);
    await vi.waitUntil(() => sent.length === 2);
    await sent[1]!.answer(200, bookView(2, 'Slips'));
    expect(session.snapshot().keeping.kind).toBe('kept');
  });

  it('keeps what waits over a closed page', async () => {
    const session = opened();
    session.change('name', called('Slips'));
    await vi.waitUntil(() => sent.length === 1);
    await sent[0]!.lose();
    session.close();
    const again = new BookSession(bookView(1, 'Cues'));
    expect(again.snapshot().document.name).toBe('Slips');
    again.open();
    await vi.waitUntil(() => sent.length === 2);
    expect(sent[1]!.body).toMatchObject({ version: 1, document: { name: 'Slips' } });
  });
});

describe('a server that fails at a change', () => {
  async function failed(): Promise<BookSession> {
    const session = opened();
    session.change('one is shorter', called('shorter'));
    await (await asked(1)).answer(500, PROBLEM);
    return session;
  }

  it('is told, and not asked for ever', async () => {
    const session = await failed();
    expect(session.snapshot().keeping).toEqual({
      kind: 'failed',
      message: PROBLEM.message,
      what: 'one is shorter',
    });
    await new Promise((done) => setTimeout(done, 0));
    expect(sent).toHaveLength(1);
  });

  it('does not lock the book: the change is dropped', async () => {
    const session = await failed();
    session.drop();
    expect(session.snapshot().document.name).toBe('Cues');
    expect(session.snapshot().keeping.kind).toBe('kept');
    expect(localStorage.length).toBe(0);
  });

  it('does not lock the book: it is changed otherwise, and all is sent as one', async () => {
    const session = await failed();
    session.change('as high as the others', called('as high'));
    const second = await asked(2);
    expect(second.body).toMatchObject({ version: 1, document: { name: 'as high' } });
    await second.answer(200, bookView(2, 'as high'));
    expect(session.snapshot().keeping.kind).toBe('kept');
  });

  it('is asked once more when the binder says so', async () => {
    const session = await failed();
    session.tryAgain();
    await (await asked(2)).answer(200, bookView(2, 'shorter'));
    expect(session.snapshot().keeping.kind).toBe('kept');
  });

  it('can still be dropped after the page was loaded anew', async () => {
    await failed();
    const again = opened();
    await (await asked(2)).answer(500, PROBLEM);
    again.drop();
    expect(again.snapshot().document.name).toBe('Cues');
  });
});

describe('a change made in another window', () => {
  const conflict = { message: 'Changed in another window', theirs: bookView(5, 'Theirs'), differences: [] };

  async function met(): Promise<BookSession> {
    const session = opened();
    session.change('name', called('Ours'));
    await (await asked(1)).answer(409, conflict);
    return session;
  }

  it('stops everything until the binder has chosen', async () => {
    const session = await met();
    session.change('name', called('More'));
    expect(session.snapshot().keeping.kind).toBe('conflict');
    expect(sent).toHaveLength(1);
  });

  it('is taken instead of this one', async () => {
    const session = await met();
    session.takeTheirs();
    expect(session.snapshot().document.name).toBe('Theirs');
  });

  it('is gone on top of with this one', async () => {
    const session = await met();
    session.keepYours();
    const second = await asked(2);
    expect(second.body).toMatchObject({ version: 5, document: { name: 'Ours' } });
  });
});

describe('undo', () => {
  it('waits until what is on its way is kept', async () => {
    const session = opened();
    session.change('name', called('Slips'));
    await session.undo();
    const change = await asked(1);
    expect(change.method).toBe('PUT');
    expect(sent).toHaveLength(1);
    await change.answer(200, bookView(2, 'Slips'));
    expect((await asked(2)).path).toBe('/api/books/book-1/undo');
  });

  it('is forgotten where the change before it is refused', async () => {
    const session = opened();
    session.change('name', called('Slips'));
    await session.undo();
    await (await asked(1)).answer(422, { message: 'Taken.', field: 'name' });
    expect(session.snapshot().refusal?.message).toBe('Taken.');
    expect(sent).toHaveLength(1);
  });

  it('shows the book before', async () => {
    const session = opened();
    const undone = session.undo();
    const question = await asked(1);
    expect(question.path).toBe('/api/books/book-1/undo');
    await question.answer(200, bookView(2, 'Before'));
    await undone;
    expect(session.snapshot().document.name).toBe('Before');
  });
});
