import { asIf } from '@/server/clock';

const MIN_MS = 60_000;

/** The time of a crew's day: each thing takes its minutes, and is written down when it was done. */
export class DayClock {
  private at: number;
  constructor(start: Date) {
    this.at = start.getTime();
  }

  get now(): Date {
    return new Date(this.at);
  }

  /** Some minutes go by. */
  pass(minutes: number): this {
    this.at += minutes * MIN_MS;
    return this;
  }

  /** It is at least this late. */
  until(when: Date): this {
    this.at = Math.max(this.at, when.getTime());
    return this;
  }

  /** Does something now, and takes a while over it. */
  async do<T>(minutes: number, work: () => Promise<T>): Promise<T> {
    const done = await asIf(this.now, work);
    this.pass(minutes);
    return done;
  }
}
