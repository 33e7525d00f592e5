import { type Cylinder, cylinderFillOf } from '@/core/circuit/recovery/cylinder';
import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { volumeOf } from '@/core/phases/join/view';
import { latestOf } from '@/core/phases/log/circuit-log';
import { expectedOz } from '@/core/phases/recover/recovery';
import { recoveryView } from '@/core/phases/recover/view';
import { tell } from '@/core/phases/words';
import { type Bench, type BenchKind, nitrogenBench, recoveryBench, vacuumBench } from '@/core/plant/bench/bench';
import type { NitrogenConfig } from '@/core/plant/bench/nitrogen-bench';
import type { RecoveryConfig } from '@/core/plant/bench/recovery-bench';
import type { VacuumConfig } from '@/core/plant/bench/vacuum-bench';
import type { BenchFeed } from '@/core/plant/feed/feed';
import { OZ_PER_LB } from '@/core/units/units';

/** Weather and gear of a fresh simulated bench. Invented. */
const DAY = { outdoorF: 88, pipeF: 78, swingFPerH: -6 };
const NITROGEN = { cylinderScf: 40, cylinderPsig: 1750 };
const PUMP = { pumpCfm: 6, hoses: { boreIn: 0.31, lengthIn: 36, count: 1, coresIn: false } };
/** A recovery cylinder for the bench when none is chosen. */
const CYLINDER = { tareOz: 452, waterCapacityLb: 47.7, limitOz: 580 };
/** Inside volumes of an old system a ton, ft³. */
const OLD = { lowFt3PerTon: 0.11, outdoorFt3PerTon: 0.075, tons: 3 };
/** Where nothing is known of the old charge, lb. */
const UNKNOWN_LB = 7.5;
const DRY_OZ = 0.004;

export type BenchChange = Partial<NitrogenConfig & VacuumConfig & RecoveryConfig> & {
  waterOz?: number;
  chargeOz?: number;
};

/** A simulated bench for a phase of this job, from what its log says of hoses, volumes and the old charge. */
export function benchFor(
  sheet: JobSheet,
  kind: BenchKind,
  change: BenchChange = {},
  /** The cylinder on the scale, for a recovery. */
  cylinder?: Cylinder,
): Outcome<BenchFeed> {
  const made = makeBench(sheet, kind, change, cylinder);
  return made.ok ? ok({ bench: made.value }) : made;
}

function makeBench(
  sheet: JobSheet,
  kind: BenchKind,
  change: BenchChange,
  cylinder: Cylinder | undefined,
): Outcome<Bench> {
  const seed = sheet.job.number;
  const { barometerPsia } = sheet.site;
  if (kind === 'recovery') {
    const old = recoveryView(sheet).old;
    if (!old)
      return refuse('old-charge', tell('live.say-first-what-old-system-holds'), tell('live.old-charge-on-record'));
    const { chargeOz, ...rest } = change;
    return ok(
      recoveryBench(
        {
          seed,
          refrigerant: old.body.refrigerant,
          barometerPsia,
          outdoorF: DAY.outdoorF,
          lowFt3: OLD.lowFt3PerTon * OLD.tons,
          outdoorFt3: old.body.outdoorFt3 ?? OLD.outdoorFt3PerTon * OLD.tons,
          valveLeaks: 0,
          cylinderId: cylinder?.id ?? null,
          cylinderLimitOz: (cylinder && cylinderFillOf(cylinder, old.body.refrigerant)?.limitOz) ?? CYLINDER.limitOz,
          cylinderTareOz: cylinder?.tareOz ?? CYLINDER.tareOz,
          waterCapacityLb: cylinder?.waterCapacityLb ?? CYLINDER.waterCapacityLb,
          chilled: false,
          ...rest,
        },
        (chargeOz ?? expectedOz(old.body) ?? UNKNOWN_LB * OZ_PER_LB) / OZ_PER_LB,
        Math.max(0, cylinder?.contentsOz ?? 0) / OZ_PER_LB,
      ),
    );
  }
  if (!isEquipped(sheet))
    return refuse('plate', tell('live.equipment-is-not-entered-yet'), tell('live.choose-it-in-scope-and-sign'));
  const volumeFt3 = volumeOf(sheet) ?? 0.35;
  if (kind === 'nitrogen')
    return ok(
      nitrogenBench({
        seed,
        volumeFt3: latestOf(sheet.circuitLog, 'test-plan')?.body.volumeFt3 ?? volumeFt3,
        barometerPsia,
        airF: DAY.outdoorF,
        swingFPerH: DAY.swingFPerH,
        sunF: 0,
        leakScfh: 0,
        ...NITROGEN,
        ...change,
      }),
    );
  const setup = latestOf(sheet.circuitLog, 'pump-setup')?.body;
  const { waterOz, ...rest } = change;
  return ok(
    vacuumBench(
      {
        seed,
        volumeFt3: setup?.volumeFt3 ?? volumeFt3,
        pumpCfm: setup?.pumpCfm ?? PUMP.pumpCfm,
        hoses: setup
          ? { boreIn: setup.hoseBoreIn, lengthIn: setup.hoseLengthIn, count: setup.hoseCount, coresIn: setup.coresIn }
          : PUMP.hoses,
        pipeF: setup?.coldestPipeF ?? DAY.pipeF,
        leakMicronCfm: 0,
        gauge: 'right',
        ...rest,
      },
      waterOz ?? DRY_OZ,
    ),
  );
}
