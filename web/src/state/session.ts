import { api, failure, outcome, type BookDocument, type BookView, type Outcome, type PlanView } from '../api/client';
import type { SessionState } from './keeping';
import { laidOn, type Offer } from './offers';
import { keepWaiting, restored, type Change } from './waiting';

const RETRY_MS = 1500;
const CROSSED = 'The book was changed after this was offered. Look at what is offered now.';

type Step = '/api/books/{id}/undo' | '/api/books/{id}/redo';

/**
 * The changes of one book, sent one after the other in the order they were made.
 *
 * Knows nothing of React or the page. A change that cannot be sent waits, in the browser's store too, and is sent when the server is
 * back; a change that meets another window's stops everything until the binder has chosen. A change that the server fails at waits until
 * the binder drops it, or changes something more: then all is sent as one change.
 */
export class BookSession {
  private state: SessionState;
  private queue: Change[] = [];
  private busy = false;
  /** Steps back and forward that wait until what is on its way is kept. */
  private steps: Step[] = [];
  private listeners = new Set<() => void>();
  private retry: ReturnType<typeof setTimeout> | undefined;
  private closed = false;

  constructor(view: BookView) {
    this.state = { view, document: view.document, plan: view.plan, keeping: { kind: 'kept' }, refusal: null };
    const waiting = restored(view.id);
    if (waiting) {
      this.queue = waiting.queue;
      // The version the changes were made on: if the book has moved on since, the server says so and both are shown.
      this.state = { ...this.state, view: { ...view, version: waiting.version }, document: this.latest() };
    }
  }

  open(): void {
    this.closed = false;
    void this.send();
  }

  close(): void {
    this.closed = true;
    clearTimeout(this.retry);
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): SessionState => this.state;

  /** Makes a change: what it is in a few words, and the book after it. */
  change(what: string, edit: (document: BookDocument) => BookDocument): void {
    if (this.state.keeping.kind === 'conflict') {
      return;
    }
    const document = edit(this.latest());
    if (JSON.stringify(document) === JSON.stringify(this.latest())) {
      this.set({ refusal: null });
      return;
    }
    if (this.state.keeping.kind === 'failed') {
      this.queue = [];
      this.set({ keeping: { kind: 'sending' } });
    }
    this.queue.push({ what, document });
    this.keepWaiting();
    this.set({ document, refusal: null });
    void this.send();
  }

  /** Takes what was offered, on top of every edit that was made since; if one of them crosses it, the edit stays and one line says so. */
  take(what: string, offer: Offer): void {
    const document = laidOn(offer, this.latest());
    if (document) {
      this.change(what, () => document);
    } else {
      this.set({ refusal: { field: '', message: CROSSED } });
    }
  }

  /** Shows another plan until the next change, without keeping anything. */
  preview(plan: PlanView): void {
    this.set({ plan });
  }

  endPreview(): void {
    this.set({ plan: this.state.view.plan });
  }

  undo(): Promise<void> {
    return this.step('/api/books/{id}/undo');
  }

  redo(): Promise<void> {
    return this.step('/api/books/{id}/redo');
  }

  /** Whether nothing is sent until the binder has chosen. */
  private stopped(): boolean {
    return this.state.keeping.kind === 'conflict' || this.state.keeping.kind === 'failed';
  }

  private async step(path: Step): Promise<void> {
    if (this.stopped()) {
      return;
    }
    if (this.busy || this.queue.length > 0) {
      this.steps.push(path);
      return;
    }
    this.busy = true;
    const { id, version } = this.state.view;
    const result = await outcome(api.POST(path, { params: { path: { id } }, body: { version } }));
    this.busy = false;
    if (result.kind === 'value') {
      this.accept(result.value);
    } else if (result.kind === 'conflict') {
      this.accept(result.conflict.theirs);
      this.set({ refusal: { field: '', message: `${result.conflict.message}. It is shown now; nothing was undone.` } });
    } else {
      this.set({ refusal: { field: '', message: failure(result) } });
    }
    this.goOn();
  }

  /** Sends what waits; where nothing does, takes the next step that was asked for meanwhile. */
  private goOn(): void {
    const step = this.queue.length > 0 ? undefined : this.steps.shift();
    void (step ? this.step(step) : this.send());
  }

  /** After a failure: the last kept book is shown again, and what was changed since is forgotten. */
  drop(): void {
    if (this.state.keeping.kind === 'failed') {
      this.queue = [];
      this.keepWaiting();
      this.accept(this.state.view);
    }
  }

  /** After a failure: asks once more. */
  tryAgain(): void {
    if (this.state.keeping.kind === 'failed') {
      this.set({ keeping: { kind: 'sending' } });
      void this.send();
    }
  }

  /** After a conflict: shows the other window's book and drops this one's change. */
  takeTheirs(): void {
    if (this.state.keeping.kind === 'conflict') {
      const theirs = this.state.keeping.conflict.theirs;
      this.queue = [];
      this.keepWaiting();
      this.accept(theirs);
    }
  }

  /** After a conflict: keeps this window's book as a revision on top of the other one's, which stays in the history. */
  keepYours(): void {
    if (this.state.keeping.kind === 'conflict') {
      const { theirs } = this.state.keeping.conflict;
      this.set({ view: theirs, keeping: { kind: 'sending' } });
      void this.send();
    }
  }

  private latest(): BookDocument {
    return this.queue[this.queue.length - 1]?.document ?? this.state.view.document;
  }

  private async send(): Promise<void> {
    const next = this.queue[0];
    if (this.busy || !next || this.stopped()) {
      return;
    }
    this.busy = true;
    clearTimeout(this.retry);
    if (this.state.keeping.kind !== 'lost') {
      this.set({ keeping: { kind: 'sending' } });
    }
    const { id, version } = this.state.view;
    const result = await outcome(
      api.PUT('/api/books/{id}', {
        params: { path: { id } },
        body: { version, change: next.what, document: next.document },
      }),
    );
    this.busy = false;
    this.answered(result);
  }

  private answered(result: Outcome<BookView>): void {
    switch (result.kind) {
      case 'value':
        this.queue.shift();
        this.keepWaiting();
        this.accept(result.value);
        this.goOn();
        return;
      case 'refused':
        // What followed was made on top of the refused change; it goes with it, and the last kept book is shown.
        this.queue = [];
        this.steps = [];
        this.keepWaiting();
        this.accept(this.state.view);
        this.set({ refusal: { field: result.problem.field ?? '', message: result.problem.message } });
        return;
      case 'conflict':
        this.steps = [];
        this.set({ keeping: { kind: 'conflict', conflict: result.conflict } });
        return;
      case 'lost':
        this.set({ keeping: { kind: 'lost', message: result.message, waiting: this.queue.length } });
        if (!this.closed) {
          this.retry = setTimeout(() => void this.send(), RETRY_MS);
        }
        return;
      case 'failed':
        this.steps = [];
        this.set({ keeping: { kind: 'failed', message: result.message, what: this.queue[0]?.what ?? '' } });
        return;
    }
  }

  private accept(view: BookView): void {
    const waiting = this.queue.length > 0;
    this.set({
      view,
      document: waiting ? this.latest() : view.document,
      plan: view.plan,
      keeping: waiting ? { kind: 'sending' } : { kind: 'kept' },
    });
  }

  private set(part: Partial<SessionState>): void {
    this.state = { ...this.state, ...part };
    this.listeners.forEach((listener) => listener());
  }

  private keepWaiting(): void {
    keepWaiting(this.state.view.id, { version: this.state.view.version, queue: this.queue });
  }
}
