import { Worker } from 'node:worker_threads';

/** More than these wait outside; an order that takes longer than this is given up, ms. */
const MOST_WAITING = 20;
const LONGEST_MS = 30_000;

export type Order<O> = { id: number; order: O };
export type Answer<A> = { id: number; answer?: A; trouble?: string };
type Waiting<A> = { give: (answer: A) => void; fail: (error: Error) => void; timer: NodeJS.Timeout };

/** Hands orders to a thread of its own, so that heavy work never holds up a request; a thread that hangs is replaced. */
export class ThreadDesk<O, A> {
  private worker: Worker | undefined;
  private readonly waiting = new Map<number, Waiting<A>>();
  private next = 1;

  constructor(
    private readonly name: string,
    private readonly log: (line: string) => void,
    private readonly workerUrl: URL,
  ) {}

  get full(): boolean {
    return this.waiting.size >= MOST_WAITING;
  }

  ask(order: O): Promise<A> {
    const id = this.next++;
    return new Promise((give, fail) => {
      const timer = setTimeout(() => this.restart(new Error(`the ${this.name} took too long`)), LONGEST_MS);
      this.waiting.set(id, { give, fail, timer });
      this.thread().postMessage({ id, order } satisfies Order<O>);
    });
  }

  async close(): Promise<void> {
    await this.worker?.terminate();
    this.worker = undefined;
  }

  private thread(): Worker {
    this.worker ??= this.start();
    return this.worker;
  }

  private start(): Worker {
    const worker = new Worker(this.workerUrl);
    worker.on('message', ({ id, answer, trouble }: Answer<A>) => {
      const one = this.waiting.get(id);
      if (!one) return;
      this.waiting.delete(id);
      clearTimeout(one.timer);
      if (trouble === undefined) one.give(answer as A);
      else one.fail(new Error(trouble));
    });
    worker.on('error', (error) => this.restart(error));
    return worker;
  }

  /** Whoever waited on a thread that broke or hangs is told. */
  private restart(error: Error): void {
    this.log(`${this.name} worker: ${error.message}`);
    void this.worker?.terminate();
    this.worker = undefined;
    for (const one of this.waiting.values()) {
      clearTimeout(one.timer);
      one.fail(error);
    }
    this.waiting.clear();
  }
}
