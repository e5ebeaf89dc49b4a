import { beforeEach, vi } from 'vitest';

/** A question that was sent, and how it is answered. */
export interface Sent {
  method: string;
  path: string;
  body: unknown;
  answer: (status: number, body: unknown) => Promise<void>;
  /** As when nobody listens. */
  lose: () => Promise<void>;
}

/** Every question that was sent, in order. */
export const sent: Sent[] = [];

/** Lets what waits for an answer go on. */
export async function settled(): Promise<void> {
  for (let turn = 0; turn < 20; turn++) {
    await Promise.resolve();
  }
}

// The client takes the fetch that is there when it is made, so this one must be there first.
vi.stubGlobal('fetch', async (request: Request) => {
  const text = await request.text();
  return new Promise<Response>((resolve, reject) => {
    sent.push({
      method: request.method,
      path: new URL(request.url).pathname,
      body: text ? JSON.parse(text) : undefined,
      answer: async (status, body) => {
        resolve(new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }));
        await vi.waitFor(settled);
        await new Promise((done) => setImmediate(done));
      },
      lose: async () => {
        reject(new TypeError('Failed to fetch'));
        await new Promise((done) => setImmediate(done));
      },
    });
  });
});

beforeEach(() => {
  sent.length = 0;
  // only tests of what a browser keeps or draws have one
  globalThis.localStorage?.clear();
});
