import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import type { JobSheet, SheetWith } from '@/core/job/sheet';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import type { EntryRules, Written } from '@/core/phases/phase';
import { tell } from '@/core/phases/pressure-test/words';
import { q } from '@/core/words/said';
import { isEarlyLook, minutesAt } from './early-look';
import { testLimit } from './pressure-test';
import { pressureView } from './view';
export function testPlan(_sheet: JobSheet, body: EntryBody<'test-plan'>): Refusal | undefined {
  const limit = testLimit(body);
  if (body.targetPsig > limit.psig)
    return refusal(
      'targetPsig',
      tell('work.above-what-may-be-put-on', { by: limit.by }),
      tell('work.up-to', { psig: q(limit.psig, 'psig', 'as is') }),
    );
  return undefined;
}

/** A gauge may stand a little over while it settles. */
export const OVER_LIMIT_PSI = 5;

export function overLimit(sheet: SheetWith<'circuitLog'>, psig: number): Refusal | undefined {
  const limit = testLimit(latestOf(sheet.circuitLog, 'test-plan')!.body);
  return psig > limit.psig + OVER_LIMIT_PSI
    ? refusal(
        'psig',
        tell('work.above-what-may-be-put-on-2', { by: limit.by }),
        tell('work.up-to', { psig: q(limit.psig, 'psig', 'as is') }),
      )
    : undefined;
}

export function holdOf(sheet: JobSheet, startId: string): Refusal | undefined {
  return entriesOf(sheet.circuitLog, 'hold-start').some((e) => e.id === startId)
    ? undefined
    : refusal('startId', tell('work.there-is-no-such-hold-on'), tell('work.hold-that-was-started'));
}

export function holdEnd(
  sheet: SheetWith<'circuit' | 'circuitLog' | 'circuitSchools' | 'site'>,
  body: EntryBody<'hold-end'>,
  { at }: Written,
): Refusal | undefined {
  const start = entriesOf(sheet.circuitLog, 'hold-start').find((e) => e.id === body.startId);
  if (!start) return refusal('startId', tell('work.there-is-no-such-hold-on'), tell('work.hold-that-was-started'));
  const ended = entriesOf(sheet.circuitLog, 'hold-end').some((e) => e.body.startId === body.startId);
  if (ended) return refusal('startId', tell('work.this-hold-is-already-ended'), tell('work.hold-that-runs'));
  const { holdMin } = pressureView(sheet);
  const held = minutesAt(sheet.circuitLog, body, at) ?? 0;
  // An early look ends nothing: a leak that it shows is there all the same, and a hold that goes on may still pass.
  return isEarlyLook(sheet.circuitLog, body, at, holdMin)
    ? refusal(
        'readAt',
        tell('work.held-of-look-before-end-does', {
          value: q(Math.max(0, held), 'number', 0),
          holdMin: q(holdMin, 'min', 'as is'),
        }),
        tell('work.from-on-before-write-it-as', { holdMin: q(holdMin, 'min', 'as is') }),
      )
    : undefined;
}

export const PRESSURE_RULES: EntryRules = {
  'test-plan': testPlan,
  'hold-start': (sheet, body) =>
    latestOf(sheet.circuitLog, 'test-plan')
      ? overLimit(sheet, body.psig)
      : refusal('psig', tell('work.plan-test-first-sections-limit-is'), tell('work.planned-test')),
  'hold-end': holdEnd,
  'hold-look': (sheet, body) => holdOf(sheet, body.startId),
  bubble: (sheet, { jointId }) =>
    entriesOf(sheet.circuitLog, 'joint').some((j) => j.id === jointId)
      ? undefined
      : refusal('jointId', tell('work.there-is-no-such-joint-on'), tell('work.logged-joint')),
};
