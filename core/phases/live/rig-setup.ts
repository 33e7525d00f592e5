import { readChart } from '@/core/equipment/chart/read-chart';
import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { callOf, type RunMode } from '@/core/finding/run-mode';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { buildUpOf } from '@/core/phases/charge/charge-sheet';
import { newPieces } from '@/core/phases/scope/view';
import { stripStages } from '@/core/phases/start-up/typed-proofs';
import { tell } from '@/core/phases/words';
import { USUAL_BLOWER } from '@/core/plant/air/blower';
import type { SystemFeed } from '@/core/plant/feed/feed';
import { newRig, type RigConfig } from '@/core/plant/rig';

/** Weather and house of a fresh simulated system, on a plain cooling day. */
const FRESH = { outdoorF: 92, indoorF: 79, indoorWetBulbF: 65.5, indoorEndF: 76 };
/** The same on a plain heating day. */
const COLD = { outdoorF: 42, indoorF: 68, indoorWetBulbF: 54, indoorEndF: 71 };

/** A simulated stand-in for the system of this job, from its plate. */
export function rigFor(sheet: JobSheet, change: Partial<RigConfig> = {}, chargeOz?: number): Outcome<SystemFeed> {
  if (!isEquipped(sheet))
    return refuse('plate', tell('live.equipment-is-not-entered-yet'), tell('live.choose-it-in-scope-and-sign'));
  const { plate } = sheet.circuit;
  const build = buildUpOf(sheet);
  if (!build.ok) return build;
  const config: RigConfig = {
    seed: sheet.job.number,
    refrigerant: plate.refrigerant,
    mode: sheet.job.mode,
    metering: plate.metering === 'fixed-orifice' ? 'fixed-orifice' : 'txv',
    tons: plate.nominalTons,
    volts: plate.plateVolts === '460' ? 460 : plate.plateVolts === '208' ? 208 : 240,
    elevationFt: sheet.site.elevationFt,
    ...(callOf(sheet.job.mode) === 'heating' ? COLD : FRESH),
    nominalChargeOz: build.value.totalOz,
    outdoorFanA: plate.outdoorFanFlaA * 0.88,
    indoorAir: 1,
    outdoorAir: 1,
    condenserClean: 1,
    meterOpening: 1,
    compressorHealth: 1,
    nonCondensablePsi: 0,
    probeFaults: {},
    blower: USUAL_BLOWER,
    ...stripsOf(sheet),
    ...(plate.inverter ? { inverter: { fullSpeed: fullSpeedOf(plate.makerChart), testMode: false } } : {}),
    ...change,
  };
  return ok({ config, rig: newRig(config, chargeOz ?? build.value.alreadyInUnitOz), movement: null });
}

/** Electric heat as the new pieces have it; of a stage nobody named, one. */
function stripsOf(sheet: JobSheet): Pick<RigConfig, 'strips'> {
  const { heaterKit, indoor } = newPieces(sheet);
  const kw = heaterKit?.heaterKw ?? indoor?.heaterKw;
  return kw ? { strips: { kw, stages: Math.max(1, stripStages(sheet).length) } } : {};
}

/** A simulated inverter shows its speed in the unit of its chart, where one is on file; else in percent. */
function fullSpeedOf(chart: string | null | undefined): number {
  const read = chart ? readChart(chart) : undefined;
  return read?.ok ? Math.max(...read.chart.rows.map((r) => r.speed)) : 100;
}

/** A system as it stood, taken up in the mode that is called now; parts that an older record does not have are at rest. */
export const takenUp = (
  { config, rig, ...rest }: SystemFeed,
  mode: RunMode = config.mode ?? 'cooling',
): SystemFeed => ({
  ...rest,
  config: { ...config, mode },
  rig: {
    ...rig,
    frost: rig.frost ?? 0,
    defrostS: rig.defrostS ?? null,
    running: rig.running && mode === (config.mode ?? 'cooling'),
  },
});
