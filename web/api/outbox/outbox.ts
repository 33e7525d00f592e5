import { nowIso } from '@/web/api/clock';
import type { DeviceStore } from '@/web/api/device-store';
import { bodyTogether, nextTogether, type Outcome, type Refused, type Waiting } from './waiting';

/** How a write fails: it waits for a connection, or the server will not have it. */
export type Carrier = {
  send: (write: Pick<Waiting, 'method' | 'path' | 'body' | 'at' | 'deviceMs'>) => Promise<unknown>;
  /** Trouble that passes: no connection, a server that is down, a session that ran out. */
  passes: (error: unknown) => boolean;
  refusedBy: (error: unknown) => Refused;
  /** What the server answered, for the screens. */
  answered: (write: Pick<Waiting, 'path'>, answer: unknown) => void;
  /** The device is full: lets go of copies, of which the server has the original. */
  makeRoom: () => Promise<void>;
  /** What the person is told who can neither keep nor send what they wrote. */
  noRoom: () => Error;
};

type Standby = { resolve: (outcome: Outcome) => void; reject: (error: unknown) => void };

/**
 * The one way out of this device. Every write is put here with its id, kept on the device, sent in order when there is a
 * connection, and shown until the server has it. Two windows share it: one of them sends at a time.
 */
export class Outbox {
  private waiting: readonly Waiting[] = [];
  private readonly standby = new Map<number, Standby[]>();
  private readonly listeners = new Set<() => void>();
  private running: Promise<void> | undefined;
  private underWay: ReadonlySet<number> = new Set();

  constructor(
    private readonly store: DeviceStore,
    readonly personId: string,
    private readonly carrier: Carrier,
  ) {}

  /** What waits, oldest first; the same list until something changes. */
  readonly list = (): readonly Waiting[] => this.waiting;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Reads what this device holds: at the start, and when another window wrote or sent. */
  async load(): Promise<void> {
    this.show(await this.kept());
  }

  private kept = (): Promise<readonly Waiting[]> => this.store.getAllFromIndex('outbox', 'person', this.personId);

  private show(waiting: readonly Waiting[]): void {
    this.waiting = waiting;
    for (const listener of this.listeners) listener();
  }

  /** Puts a write on the device and sends it; resolves when the server has it, or when it has to wait for a connection. */
  async write(method: Waiting['method'], path: string, body: object): Promise<Outcome> {
    const seq = await this.keepOrMakeRoom(method, path, body as Waiting['body']);
    if (seq === undefined) return this.sendUnkept(method, path, body as Waiting['body']);
    const done = new Promise<Outcome>((resolve, reject) => {
      this.standby.set(seq, [...(this.standby.get(seq) ?? []), { resolve, reject }]);
    });
    await this.load();
    void this.flush();
    return done;
  }

  /** Undefined: this device has no room, with its copies let go either. */
  private async keepOrMakeRoom(...write: Parameters<Outbox['keep']>): Promise<number | undefined> {
    for (const room of [this.carrier.makeRoom, undefined]) {
      try {
        return await this.keep(...write);
      } catch (error) {
        if ((error as Error).name !== 'QuotaExceededError') throw error;
        await room?.();
      }
    }
    return undefined;
  }

  /** What cannot be kept here is sent at once, after what waits; who has no connection either is told so, and keeps it on the screen. */
  private async sendUnkept(method: Waiting['method'], path: string, body: Waiting['body']): Promise<Outcome> {
    await this.flush();
    if (this.waiting.some((w) => !w.refused)) throw this.carrier.noRoom();
    try {
      const answer = await this.carrier.send({ method, path, body, at: nowIso(), deviceMs: Date.now() });
      this.carrier.answered({ path }, answer);
      return { kind: 'stored', answer };
    } catch (error) {
      throw this.carrier.passes(error) ? this.carrier.noRoom() : error;
    }
  }

  /** A change of what still waits to be changed takes its place; one that is under way is followed. */
  private async keep(method: Waiting['method'], path: string, body: Waiting['body']): Promise<number> {
    const earlier = this.waiting.findLast(
      (w) => method === 'PUT' && w.method === 'PUT' && w.path === path && !w.refused,
    );
    if (earlier && !this.underWay.has(earlier.seq)) {
      const { version } = earlier.body;
      await this.store.put('outbox', { ...earlier, body: version === undefined ? body : { ...body, version } });
      return earlier.seq;
    }
    const write = { personId: this.personId, method, path, body, at: nowIso(), deviceMs: Date.now() };
    return this.store.add('outbox', { ...write, ...(earlier ? { after: earlier.seq } : {}) } as Waiting);
  }

  /** Sends what waits, oldest first, until nothing is left or the connection is gone. */
  flush(): Promise<void> {
    this.running ??= alone(() => this.sendAll()).finally(() => {
      this.running = undefined;
      // Put here while the last answer was read.
      if (this.standby.size && this.waiting.some((w) => this.standby.has(w.seq))) void this.flush();
    });
    return this.running;
  }

  private async sendAll(): Promise<void> {
    await this.load();
    this.settleGone();
    let single = false;
    for (;;) {
      const open = this.waiting.filter((w) => !w.refused);
      const batch = single ? open.slice(0, 1) : nextTogether(open);
      if (batch.length === 0) return;
      const [first] = batch as [Waiting];
      this.underWay = new Set(batch.map((w) => w.seq));
      try {
        const answer = await this.carrier.send({ ...first, body: bodyTogether(batch) });
        for (const write of batch) await this.stored(write, answer);
        single = false;
      } catch (error) {
        if (this.carrier.passes(error)) return this.allWait();
        // One bad answer must not hold the others back: they are sent one by one.
        if (batch.length > 1) single = true;
        else await this.refused(first, error);
      } finally {
        this.underWay = new Set();
      }
    }
  }

  private async stored(write: Waiting, answer: unknown): Promise<void> {
    await this.store.delete('outbox', write.seq);
    for (const next of await this.kept()) {
      if (next.after !== write.seq) continue;
      const { after: _after, ...rest } = next;
      const { version } = rest.body;
      const body = typeof version === 'number' ? { ...rest.body, version: version + 1 } : rest.body;
      await this.store.put('outbox', { ...rest, body });
    }
    // The answer and what still waits change in one step: between them nothing that was written would stand anywhere.
    const left = await this.kept();
    this.carrier.answered(write, answer);
    this.show(left);
    this.settle(write.seq, ({ resolve }) => resolve({ kind: 'stored', answer }));
  }

  /** Who stands by reads why; else it stays here with the reason until somebody has seen it. */
  private async refused(write: Waiting, error: unknown): Promise<void> {
    if (this.standby.has(write.seq)) await this.store.delete('outbox', write.seq);
    else await this.store.put('outbox', { ...write, refused: this.carrier.refusedBy(error) });
    await this.load();
    this.settle(write.seq, ({ reject }) => reject(error));
  }

  private allWait(): void {
    for (const seq of [...this.standby.keys()]) this.settle(seq, ({ resolve }) => resolve({ kind: 'waits' }));
  }

  /** What another window has sent in the meantime. */
  private settleGone(): void {
    const here = new Set(this.waiting.map((w) => w.seq));
    for (const seq of [...this.standby.keys()])
      if (!here.has(seq)) this.settle(seq, ({ resolve }) => resolve({ kind: 'stored', answer: undefined }));
  }

  private settle(seq: number, how: (one: Standby) => void): void {
    const all = this.standby.get(seq) ?? [];
    this.standby.delete(seq);
    for (const one of all) how(one);
  }

  /** Takes out what will not be sent: a person has read why, or gives it up. */
  async discard(seq: number): Promise<void> {
    await this.store.delete('outbox', seq);
    await this.load();
  }
}

/** One window sends at a time; where the browser has no locks, this one does. */
function alone(work: () => Promise<void>): Promise<void> {
  return typeof navigator === 'undefined' || !navigator.locks
    ? work()
    : navigator.locks.request('mill-bridge-outbox', work).then(() => undefined);
}
