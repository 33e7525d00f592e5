import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { type EntryBody, type EntryKind, phaseOfKind } from '@/core/phases/log/entries';

/** Builds a log for tests: entries in order, a minute apart. */
export class LogBuilder {
  log: CircuitEntry[] = [];
  private minute = 0;

  add<K extends EntryKind>(kind: K, body: EntryBody<K>, change: Partial<CircuitEntry> = {}): this {
    this.minute += 1;
    this.log = [
      ...this.log,
      {
        id: `e${this.log.length + 1}`,
        circuitId: 'k',
        phase: phaseOfKind(kind) ?? 'recover',
        kind,
        body,
        source: 'typed',
        supersedesId: null,
        by: 'Tess Orlan',
        at: new Date(Date.UTC(2026, 5, 1, 8, this.minute)).toISOString(),
        ...change,
      } as CircuitEntry,
    ];
    return this;
  }

  /** Lets time pass before the next entry. */
  wait(minutes: number): this {
    this.minute += minutes;
    return this;
  }

  get lastId(): string {
    return this.log.at(-1)!.id;
  }
}
