import type { SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/evacuate/words';
import { latestOf } from '@/core/phases/log/circuit-log';
import { knownFacts } from '@/core/scope/survey/survey';
import { type EvacuationView, evacuationOf } from './evacuation';
export function evacuationView(sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'survey'>): EvacuationView {
  const run = latestOf(sheet.circuitLog, 'line-run');
  const wetReasons = [
    ...(run?.body.kept ? [tell('work.kept-line-set')] : []),
    ...(knownFacts(sheet.survey.observations).acid === 'acid' ? [tell('work.burnout-behind-it')] : []),
    ...(latestOf(sheet.circuitLog, 'drier')?.body.oldOneCut === 'torched out' ? [tell('work.torched-drier')] : []),
  ];
  return evacuationOf(sheet.circuitLog, { schools: sheet.circuitSchools, wetReasons });
}
