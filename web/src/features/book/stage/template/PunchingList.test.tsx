// @vitest-environment happy-dom
import { act } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { BookSession } from '../../../../state/session';
import { bookView } from '../../../../test/books';
import { rendered } from '../../../../test/render';
import { sent } from '../../../../test/server';
import { PunchingList } from './PunchingList';

const words = { mm: 'Signature 1: stations 1–5', inch: 'Signature 1: stations 1–5' };

function session(): BookSession {
  const view = bookView(1, 'Cues');
  const holes = { ticks: [{ words, holes: 5 }], groups: [], total: 5 };
  return new BookSession({ ...view, plan: { ...view.plan, holes } as unknown as typeof view.plan });
}

describe('a tick of the punching list', () => {
  it('is not undone by an answer that was asked for before it', async () => {
    const { place, client, leave } = rendered(session(), <PunchingList />);
    await vi.waitFor(() => expect(sent).toHaveLength(1));
    await act(() => sent[0]!.answer(200, { ticked: [], planChanged: false }));
    const box = () => place.querySelector<HTMLInputElement>('input[type="checkbox"]')!;
    await vi.waitFor(() => expect(box().disabled).toBe(false));
    // asked anew, as when the window is looked at again; the answer is still on its way
    void client.invalidateQueries();
    await vi.waitFor(() => expect(sent).toHaveLength(2));
    act(() => box().click());
    await vi.waitFor(() => expect(sent).toHaveLength(3));
    await act(() => sent[2]!.answer(200, { ticked: [0], planChanged: false }));
    await act(() => sent[1]!.answer(200, { ticked: [], planChanged: false }));
    await act(() => vi.waitFor(() => expect(client.isFetching()).toBe(0)));
    expect(box().checked).toBe(true);
    leave();
  });
});
