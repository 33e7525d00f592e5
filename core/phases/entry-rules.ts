import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import type { JobSheet, SheetWith } from '@/core/job/sheet';
import { entriesOf } from '@/core/phases/log/circuit-log';
import { type EntryBody, type EntryKind, phaseOfKind } from '@/core/phases/log/entries';
import { tell } from '@/core/phases/words';
import type { Written } from './phase';
import { phaseById } from './registry';

/** A device's clock may run this far ahead of the server's (design default), ms. */
const CLOCK_AHEAD_MS = 5 * 60_000;

/** A reading that was taken in the future, or before the test it belongs to, is a mistyped time. */
function readTime(sheet: SheetWith<'circuitLog'>, body: EntryBody<EntryKind>, nowMs: number): Refusal | undefined {
  const at = 'readAt' in body && typeof body.readAt === 'string' ? Date.parse(body.readAt) : undefined;
  if (at === undefined) return undefined;
  if (at > nowMs + CLOCK_AHEAD_MS)
    return refusal('readAt', tell('work.that-time-has-not-come-yet'), tell('work.time-up-to-now'));
  const start =
    'startId' in body ? entriesOf(sheet.circuitLog, 'hold-start').find((e) => e.id === body.startId) : undefined;
  return start && at < Date.parse(start.body.readAt ?? start.at)
    ? refusal('readAt', tell('work.before-hold-was-started'), tell('work.time-after-its-start'))
    : undefined;
}

/** Why an entry must not be written, or undefined: by the rules of the phase it belongs to. */
export function refusesEntry<K extends EntryKind>(
  sheet: JobSheet,
  kind: K,
  body: EntryBody<K>,
  written: Written,
): Refusal | undefined {
  const phase = phaseOfKind(kind);
  const rule = phase && phaseById(phase)?.rules?.[kind];
  return readTime(sheet, body, written.nowMs) ?? rule?.(sheet, body, written);
}
