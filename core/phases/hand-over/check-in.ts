import type { SheetWith } from '@/core/job/sheet';
import { type EntryOf, latestOf } from '@/core/phases/log/circuit-log';
import { is } from '@/core/scope/survey/facts';
import { CHECK_IN_MIN, SILENCE_MIN } from '@/core/scope/survey/hazards-crew';
import { knownFacts } from '@/core/scope/survey/survey';
import { handedOverAt } from './visits';

const MS_PER_MIN = 60_000;
/** From this long after it was due a call is missed, ms. */
export const SILENCE_MS = SILENCE_MIN * MS_PER_MIN;

/** How a call stands that was due at a moment, for whoever looks at another; both in ms. */
export const callState = (dueMs: number, nowMs: number): 'well' | 'due' | 'silent' =>
  nowMs < dueMs ? 'well' : nowMs < dueMs + SILENCE_MS ? 'due' : 'silent';

/** Where the call of one who works alone stands. */
export type CheckIn = {
  state: 'not begun' | 'well' | 'due' | 'silent' | 'off site';
  last: EntryOf<'check-in'> | undefined;
  /** When the next call is due, ISO; none before the first and after the last. */
  dueAt: string | undefined;
  everyMin: number;
};

/**
 * The check-in of one who works alone: due at its interval, silent ten minutes later. Undefined where nobody works alone.
 *
 * @param nowMs the clock of whoever looks, ms
 */
export function checkInOf(sheet: SheetWith<'jobLog' | 'signOffs' | 'survey'>, nowMs: number): CheckIn | undefined {
  const known = knownFacts(sheet.survey.observations);
  if (!is(known, 'worksAlone', true)) return undefined;
  const unseen = is(known, 'workPlace', 'attic', 'crawlspace', 'roof');
  const everyMin = unseen ? CHECK_IN_MIN.unseen : CHECK_IN_MIN.seen;
  const last = latestOf(sheet.jobLog, 'check-in');
  // Nobody is asked to begin on a sheet that is closed.
  if (!last && handedOverAt(sheet) !== undefined) return undefined;
  if (!last) return { state: 'not begun', last, dueAt: undefined, everyMin };
  if (last.body.what === 'off site') return { state: 'off site', last, dueAt: undefined, everyMin };
  const dueMs = Date.parse(last.at) + everyMin * MS_PER_MIN;
  return { state: callState(dueMs, nowMs), last, dueAt: new Date(dueMs).toISOString(), everyMin };
}
