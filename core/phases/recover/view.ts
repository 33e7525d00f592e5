import { barometerPsia } from '@/core/air/moist-air';
import type { JobSheet, SheetWith } from '@/core/job/sheet';
import { type Begun, beganWithSurvey } from '@/core/phases/survey/view';
import { knownFacts } from '@/core/scope/survey/survey';
import { recoveryOf } from './recovery';
import type { RecoveryView } from './recovery-view';

export const recoveryView = (sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'site' | 'survey'>): RecoveryView =>
  recoveryOf(sheet.circuitLog, {
    schools: sheet.circuitSchools,
    feeds: feedsOf(sheet),
    barometerPsia: barometerPsia(sheet.site.elevationFt),
  });

/** Feeds that must be proven dead, by the survey. */
export const feedsOf = (sheet: SheetWith<'survey'>): 1 | 2 =>
  knownFacts(sheet.survey.observations).twoFeeds === true ? 2 : 1;

/** What the survey already found of the old unit, for the crew to confirm: whether it runs, and acid in its oil. */
export function removalFactsFromSurvey(sheet: SheetWith<Begun | 'survey'>): {
  compressorRuns?: string;
  burnout?: string;
} {
  if (!beganWithSurvey(sheet)) return {};
  const { compressorState, acid } = knownFacts(sheet.survey.observations);
  const dead = compressorState === 'locked' || compressorState === 'open' || compressorState === 'grounded';
  const burnt = acid === 'acid' || compressorState === 'grounded';
  return {
    ...(compressorState === 'runs' ? { compressorRuns: 'yes' } : dead ? { compressorRuns: 'no' } : {}),
    ...(burnt ? { burnout: 'yes' } : acid === 'none' ? { burnout: 'no' } : {}),
  };
}

/** What the old unit's record starts from: what the survey read off its plate and its line set. */
export function oldChargeFromSurvey(sheet: JobSheet) {
  if (!beganWithSurvey(sheet)) return {};
  const known = knownFacts(sheet.survey.observations);
  const number = (v: unknown): number | null => (typeof v === 'number' ? v : null);
  return {
    refrigerant: typeof known.oldRefrigerant === 'string' ? known.oldRefrigerant : undefined,
    factoryOz: number(known.oldChargeOz),
    lineLengthFt: number(known.lineLengthFt),
  };
}

/** Where the recovery stands, for a cylinder that is chosen: how much is still expected. */
export function stillExpectedOz(
  sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'site' | 'survey'>,
): number | undefined {
  const view = recoveryView(sheet);
  return view.expectedOz === undefined ? undefined : Math.max(0, view.expectedOz - view.recoveredOz);
}
