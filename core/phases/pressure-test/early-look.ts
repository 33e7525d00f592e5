import { type CircuitEntry, entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { heldMinutes } from './pressure-test';

/** A clock may be off by this much and still count as the whole hold, min. */
export const HOLD_SLACK_MIN = 0.05;

/** Minutes held at a reading of a running hold; undefined when there is no such hold. */
export function minutesAt(
  log: readonly CircuitEntry[],
  body: Pick<EntryBody<'hold-end'>, 'startId'> & Partial<EntryBody<'hold-end'>>,
  at: string,
): number | undefined {
  const start = entriesOf(log, 'hold-start').find((e) => e.id === body.startId);
  return start ? heldMinutes(start, { at, body }).minutes : undefined;
}

/** Whether a reading comes before the hold is over: then it is a look, and the hold goes on. */
export function isEarlyLook(
  log: readonly CircuitEntry[],
  body: Pick<EntryBody<'hold-end'>, 'startId'> & Partial<EntryBody<'hold-end'>>,
  at: string,
  holdMin: number,
): boolean {
  const minutes = minutesAt(log, body, at);
  return minutes !== undefined && minutes < holdMin - HOLD_SLACK_MIN;
}
