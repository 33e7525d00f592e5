import type { Answers } from '@/core/form/field';
import type { JobSheet } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entries';
import { newPieces } from '@/core/phases/scope/view';
import type { CircuitView } from '@/core/phases/wire/power';
import { sourcesFor } from '@/core/phases/wire/safe';
import { statFor } from '@/core/phases/wire/thermostat';
import type { Wiring } from '@/core/phases/wire/wiring';

/** What the form of a circuit starts from: what was written of it, else what plate and survey say. */
export const circuitStart = ({ plate, entry, known }: CircuitView): Answers =>
  entry
    ? { ...entry.body }
    : {
        which: plate.which,
        mcaA: plate.mcaA,
        mocpA: plate.mocpA,
        ocpdA: known.ocpdA,
        disconnectA: known.disconnectA,
        currentCarrying: plate.phases === 3 ? 3 : 2,
      };

/** What the other forms start from, where the sheet knows it already: no number is typed twice. */
export function formStarts(sheet: JobSheet, wiring: Wiring): Partial<Record<EntryKind, Answers>> {
  const { systemLog } = sheet;
  const { outdoor } = newPieces(sheet);
  const stat = latestOf(systemLog, 'thermostat-set')?.body;
  const zoning = sheet.fits.air?.record.zoning;
  return {
    'wiring-plan': { ...wiring.body },
    sources: { list: latestOf(systemLog, 'sources')?.body.list ?? sourcesFor(sheet) },
    'thermostat-set': stat ?? statFor(sheet, wiring),
    ...(stat ? { 'thermostat-read': stat } : {}),
    ...(latestOf(systemLog, 'soft-starter')
      ? {}
      : { 'soft-starter': { rlaA: outdoor?.rlaA ?? null, lraA: outdoor?.lraA ?? null } }),
    ...(zoning && !latestOf(systemLog, 'zoning')
      ? { zoning: { lowStageCfm: zoning.equipmentMinCfm, smallestOpenCfm: zoning.smallestZoneCfm } }
      : {}),
  };
}
