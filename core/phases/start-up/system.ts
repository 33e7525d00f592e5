import { readChart } from '@/core/equipment/chart/read-chart';
import type { RunMode } from '@/core/finding/run-mode';
import { movementsOf } from '@/core/job/movements';
import type { EquippedWith, SheetWith } from '@/core/job/sheet';
import { buildUpOf, chargeInOz } from '@/core/phases/charge/charge-sheet';
import { newPieces } from '@/core/phases/scope/view';
import { tell } from '@/core/phases/start-up/words';
import { learnedSteps } from '@/core/startup/learned-steps';
import { type RunSample, steadySamples } from '@/core/startup/live';
import type { RunEvent } from '@/core/startup/steady-state';
import type { Airflow, Confirmations, StartUpSystem } from '@/core/startup/system';
import { newestAir } from './airflow-since';

/** A run of instruments: what they read, and what happened meanwhile. */
export type RunData = { samples: readonly RunSample[]; events: readonly RunEvent[] };

/** What lead and customer let stand, by its finding. */
export const acceptedOn = (sheet: SheetWith<'acceptances'>): string[] => sheet.acceptances.map((a) => a.finding);

/** A test mode that was set once more after it was left is not left. */
export const isTestModeLeft = ({
  testModeCooling,
  testModeHeating,
  testModeLeft,
}: SheetWith<'startUp'>['startUp']['confirmations']): boolean =>
  testModeLeft !== undefined && [testModeCooling, testModeHeating].every((set) => !set || set.at <= testModeLeft.at);

export function confirmationsOf(sheet: SheetWith<'startUp'>): Confirmations {
  const c = sheet.startUp.confirmations;
  return {
    filterClean: !!c.filterClean,
    indoorCoilClean: !!c.indoorCoilClean,
    outdoorCoilCleanDry: !!c.outdoorCoilCleanDry,
    enclosureRestored: !!c.enclosureRestored,
    auxOff: !!c.auxOff,
    testModeCooling: !!c.testModeCooling,
    testModeHeating: !!c.testModeHeating,
    testModeLeft: isTestModeLeft(c),
  };
}

/** A change of the simulated system that lets more or less air through. */
const movesAir = (change: RunEvent['change']): boolean =>
  change?.indoorAir !== undefined || change?.filterLoaded !== undefined;

/**
 * The newest airflow on record, with its method. A change of the blower after it was measured voids the proof: then
 * there is none until it is measured again.
 */
export function airflowOf(
  sheet: SheetWith<'circuit' | 'circuitLog' | 'measurements' | 'site' | 'systemLog'>,
  run?: RunData,
  mode: RunMode = 'cooling',
): (Airflow & { at: string }) | undefined {
  const last = newestAir(sheet, mode);
  if (!last) return undefined;
  const changed = run?.events.some(
    (e) => e.kind === 'setting' && movesAir(e.change) && e.runSeconds > (last.runSeconds ?? -1),
  );
  if (changed && last.runId !== null) return undefined;
  return {
    cfm: last.value,
    method: String(last.detail?.method ?? tell('job.flow-grid-or-hood')),
    source: last.source,
    at: last.occurredAt,
  };
}

export function startUpSystem(
  sheet: EquippedWith<'circuit' | 'circuitLog' | 'measurements' | 'scope' | 'site' | 'survey'>,
  run?: RunData,
): StartUpSystem {
  const { plate } = sheet.circuit;
  const build = buildUpOf(sheet);
  const movements = movementsOf(sheet.measurements);
  const totalOz = build.ok ? build.value.totalOz : plate.factoryChargeOz;
  const trimOz = movements.filter((m) => m.phase === 'start-up').reduce((sum, m) => sum + m.oz, 0);
  const key = plate.metering === 'fixed-orifice' ? 'superheatF' : 'subcoolingF';
  const trims = movements.flatMap((m) =>
    m.phase === 'start-up' && m.runSeconds !== null
      ? [{ startS: Number(m.detail?.startS ?? m.runSeconds), endS: m.runSeconds, oz: m.oz }]
      : [],
  );
  const samples =
    run && trims.length
      ? steadySamples(run.samples, { refrigerant: plate.refrigerant, barometerPsia: sheet.site.barometerPsia })
      : [];
  return {
    refrigerant: plate.refrigerant,
    metering: plate.metering,
    nominalTons: plate.nominalTons,
    targetSubcoolingF: plate.targetSubcoolingF ?? undefined,
    targetSource: plate.targetSource,
    compressorRlaA: plate.compressorRlaA,
    lowestOutdoorF: plate.lowestOutdoorF,
    outdoorFanFlaA: plate.outdoorFanFlaA,
    plateVolts: plate.plateVolts,
    inverter: plate.inverter,
    ...chartOf(plate.makerChart),
    heatPump: plate.heatPump,
    ...ratedHeatOf(sheet),
    barometerPsia: sheet.site.barometerPsia,
    chargeTargetOz: totalOz,
    chargeInOz: chargeInOz(sheet),
    heldBackOz: build.ok ? Math.max(0, build.value.heldBackOz - Math.max(0, trimOz)) : 0,
    trimOz,
    learned: learnedSteps(trims, samples, key),
    unknownLine:
      build.ok && build.value.lengthUnknown
        ? { includedFt: plate.includedLineFt, ozPerFt: build.value.ozPerFt, trims: trims.length }
        : undefined,
  };
}

/** The chart that came with the plate: what could be kept can be read. */
function chartOf(text: string | null | undefined): Pick<StartUpSystem, 'chart'> {
  const read = text ? readChart(text) : undefined;
  return read?.ok ? { chart: read.chart } : {};
}

/** The maker's heating points of the new outdoor unit, where both are on file. */
function ratedHeatOf(sheet: SheetWith<'scope' | 'survey'>): Pick<StartUpSystem, 'ratedHeat'> {
  const { capacity47Btuh, capacity17Btuh } = newPieces(sheet).outdoor ?? {};
  return capacity47Btuh && capacity17Btuh ? { ratedHeat: { capacity47Btuh, capacity17Btuh } } : {};
}
