import { parentPort } from 'node:worker_threads';
import type { Answer, Order } from './thread-desk';

/** The other side of a desk: does each order, and tells what came of it or what went wrong. */
export function workOn<O, A>(work: (order: O) => A | Promise<A>): void {
  const port = parentPort!;
  port.on('message', ({ id, order }: Order<O>) => {
    Promise.resolve()
      .then(() => work(order))
      .then(
        (answer) => port.postMessage({ id, answer } satisfies Answer<A>),
        (error: Error) => port.postMessage({ id, trouble: error.stack ?? error.message } satisfies Answer<A>),
      );
  });
}
