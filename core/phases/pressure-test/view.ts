import type { SheetWith } from '@/core/job/sheet';
import { lengthOf } from '@/core/phases/join/line-run';
import { latestOf } from '@/core/phases/log/circuit-log';
import { type PressureView, pressureOf } from './pressure-test';
export function pressureView(sheet: SheetWith<'circuit' | 'circuitLog' | 'circuitSchools' | 'site'>): PressureView {
  const run = latestOf(sheet.circuitLog, 'line-run');
  return pressureOf(sheet.circuitLog, {
    schools: sheet.circuitSchools,
    barometerPsia: sheet.site.barometerPsia,
    lineFt: run ? lengthOf(run.body) : (sheet.circuit.plate?.lineLengthFt ?? undefined),
    keptLines: run?.body.kept ?? false,
    preCharged: run?.body.setType === 'pre-charged',
    expansionOpen: latestOf(sheet.circuitLog, 'expansion-open') !== undefined,
  });
}
