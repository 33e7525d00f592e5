import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import type { JobSheet } from '@/core/job/sheet';
import { tell } from '@/core/phases/evacuate/words';
import { entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { EntryRules } from '@/core/phases/phase';
/** A test off a run begins where the pump was valved off, as the log has it; nobody picks a kinder window. */
export function standing(sheet: JobSheet, body: EntryBody<'standing'>): Refusal | undefined {
  if (body.samples.length < 2)
    return refusal('samples', tell('work.standing-test-needs-at-least-two'), tell('work.pairs-of-minutes-and-microns'));
  if (body.runId === null) return undefined;
  const isolated = entriesOf(sheet.circuitLog, 'isolated')
    .filter((e) => e.body.runId === body.runId)
    .at(-1);
  if (!isolated) return refusal('runId', tell('work.pump-was-not-valved-off-in'), tell('work.valve-off-first'));
  const startS = isolated.body.runSeconds ?? 0;
  return (body.fromS ?? 0) < startS
    ? refusal('fromS', tell('work.pump-was-still-on-it'), tell('work.from-s-on', { startS: Math.round(startS) }))
    : undefined;
}

export const EVACUATE_RULES: EntryRules = { standing };
