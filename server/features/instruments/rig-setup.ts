import type { JobSheet } from '@/core/job/sheet';
import { buildUpOf } from '@/core/phases/charge/charge-sheet';
import { MODELLED_REFRIGERANTS, type ModelledRefrigerant } from '@/core/plant/parameters';
import { newRig, type RigConfig } from '@/core/plant/rig';
import { Problem } from '@/server/errors/problem';
import { mustBeEquipped } from '@/server/features/jobs/jobs-service';
import { tell } from '@/server/words/tell';
import type { SystemFeed } from './feed-protocol';

/** Weather and house of a fresh simulated system, on a plain cooling day. */
const FRESH = { outdoorF: 92, indoorF: 79, indoorWetBulbF: 65.5, indoorEndF: 76 };

/** A simulated stand-in for the system of this job, from its plate. */
export function rigFor(sheet: JobSheet, change: Partial<RigConfig> = {}, chargeOz?: number): SystemFeed {
  const { plate } = mustBeEquipped(sheet).circuit;
  const refrigerant = MODELLED_REFRIGERANTS.find((r) => r === plate.refrigerant) as ModelledRefrigerant | undefined;
  if (!refrigerant) {
    throw new Problem('bad-input', {
      field: 'refrigerant',
      message: tell('server.simulated-instruments-do-not-know-type', { refrigerant: plate.refrigerant }),
      allowed: MODELLED_REFRIGERANTS.join(', '),
    });
  }
  const build = buildUpOf(mustBeEquipped(sheet));
  if (!build.ok) throw new Problem('bad-input', build.refused);
  const config: RigConfig = {
    seed: sheet.job.number,
    refrigerant,
    metering: plate.metering === 'fixed-orifice' ? 'fixed-orifice' : 'txv',
    tons: plate.nominalTons,
    volts: plate.plateVolts === '460' ? 460 : plate.plateVolts === '208' ? 208 : 240,
    elevationFt: sheet.site.elevationFt,
    ...FRESH,
    nominalChargeOz: build.value.totalOz,
    outdoorFanA: plate.outdoorFanFlaA * 0.88,
    indoorAir: 1,
    outdoorAir: 1,
    condenserClean: 1,
    meterOpening: 1,
    compressorHealth: 1,
    nonCondensablePsi: 0,
    probeFaults: {},
    ...change,
  };
  return { config, rig: newRig(config, chargeOz ?? build.value.alreadyInUnitOz), movement: null };
}
