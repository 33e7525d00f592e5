import type { Refusal } from '@/core/finding/outcome';
import type { JobSheet } from '@/core/job/sheet';
import { tell } from '@/core/phases/evacuate/words';
import { entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { EntryRules } from '@/core/phases/phase';
/** A test off a run begins where the pump was valved off, as the log has it; nobody picks a kinder window. */
export function standing(sheet: JobSheet, body: EntryBody<'standing'>): Refusal | undefined {
  if (body.samples.length < 2)
    return {
      field: 'samples',
      message: tell('work.standing-test-needs-at-least-two'),
      allowed: tell('work.pairs-of-minutes-and-microns'),
    };
  if (body.runId === null) return undefined;
  const isolated = entriesOf(sheet.circuitLog, 'isolated')
    .filter((e) => e.body.runId === body.runId)
    .at(-1);
  if (!isolated)
    return { field: 'runId', message: tell('work.pump-was-not-valved-off-in'), allowed: tell('work.valve-off-first') };
  const startS = isolated.body.runSeconds ?? 0;
  return (body.fromS ?? 0) < startS
    ? {
        field: 'fromS',
        message: tell('work.pump-was-still-on-it'),
        allowed: tell('work.from-s-on', { startS: Math.round(startS) }),
      }
    : undefined;
}

export const EVACUATE_RULES: EntryRules = { standing };
