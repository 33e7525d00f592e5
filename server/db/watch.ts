import type { Database } from './pool';

/** How often the database is asked whether it is there, how long an answer may take, and how many may fail, ms. */
const EVERY_MS = 400;
const ANSWER_MS = 900;
const FAILS = 2;
/** A timer that comes this late was held up by our own work: its silence says nothing of the database. */
const LATE_MS = 300;

/**
 * Watches whether the database answers, so that a frozen one is told at once: nobody waits for a query that will not come.
 * Listeners hear when it goes silent.
 */
export class DatabaseWatch {
  private timer: NodeJS.Timeout | undefined;
  private failed = 0;
  private readonly silent = new Set<() => void>();

  /** `answerMs`: how long an answer may take; tests beside much other work give it more, so that a busy machine is not a frozen database. */
  constructor(
    private readonly database: Database,
    private readonly answerMs = ANSWER_MS,
  ) {}

  get ready(): boolean {
    return this.failed < FAILS;
  }

  start(): this {
    this.timer = setTimeout(() => void this.look(), EVERY_MS);
    this.timer.unref();
    return this;
  }

  stop(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
  }

  /** Calls back once when the database goes silent; gives the way to stop listening. */
  onSilent(listener: () => void): () => void {
    this.silent.add(listener);
    return () => this.silent.delete(listener);
  }

  private async look(): Promise<void> {
    const answered = await this.ping();
    const was = this.ready;
    this.failed = answered ? 0 : this.failed + 1;
    if (was && !this.ready) {
      const listeners = [...this.silent];
      this.silent.clear();
      for (const listener of listeners) listener();
    }
    if (this.timer) {
      this.timer = setTimeout(() => void this.look(), answered ? EVERY_MS : 0);
      this.timer.unref();
    }
  }

  private ping(): Promise<boolean> {
    return new Promise((done) => {
      const due = Date.now() + this.answerMs;
      const give = (): void => done(false);
      let timer = setTimeout(() => {
        // Our own thread was busy: the answer may lie in the queue behind this timer.
        if (Date.now() - due > LATE_MS) timer = setTimeout(give, this.answerMs);
        else give();
      }, this.answerMs);
      this.database.ping(this.answerMs).then(
        () => {
          clearTimeout(timer);
          done(true);
        },
        () => {
          clearTimeout(timer);
          done(false);
        },
      );
    });
  }
}
