import { hoseCharge } from '@/core/circuit/hose-charge';
import { lineSetCharge } from '@/core/circuit/line-set-charge';
import { totalCharge, toWeighIn } from '@/core/circuit/total-charge';
import { judgeWeighIn } from '@/core/circuit/weigh-in';
import type { Plate } from '@/core/equipment/plate';
import type { Refusal } from '@/core/finding/outcome';
import { movementsOf } from '@/core/job/movements';
import type { EquippedWith, SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/charge/words';
import { lengthOf } from '@/core/phases/join/line-run';
import { type CircuitEntry, latestOf } from '@/core/phases/log/circuit-log';
import { q, type Said } from '@/core/words/said';

/** A field scale: ± oz (trade practice, resolution 0.1 oz). */
export const SCALE_UNCERTAINTY_OZ = 0.3;
/** Weighed to this share first when the line length is unknown; the rest is trimmed at start-up. */
export const UNKNOWN_LINE_HOLDBACK = 0.15;

export type BuildUpPart = {
  id: 'factory' | 'line-set' | 'drier' | 'coil' | 'held-back' | 'trim';
  label: Said;
  oz: number;
  how: Said;
};

export type BuildUp = {
  parts: BuildUpPart[];
  totalOz: number;
  alreadyInUnitOz: number;
  /** What is weighed in first: the rest of the build-up less what is held back. */
  toWeighInOz: number;
  /** Kept for the trim at start-up, and why; 0 where nothing is. */
  heldBackOz: number;
  heldBackBecause: Said | null;
  ozPerFt: number;
  physicsOzPerFt: number;
  makerDiffers: boolean;
  /** Length unknown: only the included length is counted and part is held back. */
  lengthUnknown: boolean;
};

/** The charge build-up of a circuit from its plate. */
export function buildUp(
  plate: Plate,
  keptLines = false,
): { ok: true; value: BuildUp } | { ok: false; refused: Refusal } {
  const lengthFt = plate.lineLengthFt ?? plate.includedLineFt;
  const line = lineSetCharge({
    refrigerant: plate.refrigerant,
    liquidLineOdIn: plate.liquidLineOdIn,
    vaporLineOdIn: plate.vaporLineOdIn,
    lengthFt,
    includedFt: plate.includedLineFt,
    ozPerFt: plate.makerOzPerFt ?? undefined,
  });
  if (!line.ok) return line;
  const { adderOz, ozPerFt, physicsOzPerFt, makerDiffers } = line.value;
  const total = totalCharge({
    factoryOz: plate.factoryChargeOz,
    adderOz,
    drierOz: plate.drierOz,
    coilOz: plate.coilOz,
  });
  if (!total.ok) return total;
  const totalOz = total.value.totalOz;
  const remain = toWeighIn({ totalOz, factoryOz: plate.factoryChargeOz, unitState: plate.unitState });
  if (!remain.ok) return remain;
  const lengthUnknown = plate.lineLengthFt === null;
  const heldBackBecause =
    remain.value.toWeighInOz <= 0
      ? null
      : lengthUnknown
        ? tell('job.line-length-is-not-known')
        : keptLines
          ? tell('job.line-set-is-kept-nobody-knows')
          : null;
  const heldBackOz = heldBackBecause ? UNKNOWN_LINE_HOLDBACK * remain.value.toWeighInOz : 0;
  const extraFt = Math.max(0, lengthFt - plate.includedLineFt);
  const lineSet: BuildUpPart = {
    id: 'line-set',
    label: tell('job.line-set'),
    oz: adderOz,
    how:
      plate.lineLengthFt === null
        ? tell('job.length-unknown-nothing-counted-yet')
        : tell('job.beyond-included', {
            extraFt: q(extraFt, 'ft'),
            ozPerFt: q(ozPerFt, 'ozPerFt', 3),
            makerOzPerFt: plate.makerOzPerFt === null ? tell('job.from-liquid-density') : tell('job.makers-adder'),
          }),
  };
  const parts: BuildUpPart[] = [
    {
      id: 'factory',
      label: tell('job.factory-charge'),
      oz: plate.factoryChargeOz,
      how: plate.packaged
        ? tell('job.plate-it-comes-sealed')
        : tell('job.plate-includes-of-line', { includedLineFt: q(plate.includedLineFt, 'ft', 'as is') }),
    },
    ...(plate.packaged ? [] : [lineSet]),
    { id: 'drier', label: tell('job.drier'), oz: plate.drierOz, how: tell('job.makers-table') },
    { id: 'coil', label: tell('job.indoor-coil'), oz: plate.coilOz, how: tell('job.makers-table') },
    ...(heldBackBecause
      ? [
          {
            id: 'held-back' as const,
            label: tell('job.held-back-for-trim'),
            oz: -heldBackOz,
            how: tell('job.of-what-is-weighed-in-trimmed', {
              pct: q(UNKNOWN_LINE_HOLDBACK * 100, 'pct'),
              heldBackBecause,
            }),
          },
        ]
      : []),
  ];
  return {
    ok: true,
    value: {
      parts,
      totalOz,
      alreadyInUnitOz: remain.value.alreadyInUnitOz,
      toWeighInOz: remain.value.toWeighInOz - heldBackOz,
      heldBackOz,
      heldBackBecause,
      ozPerFt,
      physicsOzPerFt,
      makerDiffers,
      lengthUnknown,
    },
  };
}

/** The plate as the charge reads it: the line set that was drawn goes before what was typed; a pre-charged set adds nothing. */
export function chargePlate(plate: Plate, log: readonly CircuitEntry[]): Plate {
  const run = latestOf(log, 'line-run')?.body;
  if (!run) return plate;
  if (run.setType === 'pre-charged') return { ...plate, lineLengthFt: plate.includedLineFt };
  return {
    ...plate,
    liquidLineOdIn: run.liquidOdIn,
    vaporLineOdIn: run.vaporOdIn,
    lineLengthFt: Math.min(400, lengthOf(run)),
  };
}

export const chargePlateOf = (sheet: EquippedWith<'circuit' | 'circuitLog'>): Plate =>
  chargePlate(sheet.circuit.plate, sheet.circuitLog);

export const buildUpOf = (sheet: EquippedWith<'circuit' | 'circuitLog'>) =>
  buildUp(chargePlateOf(sheet), latestOf(sheet.circuitLog, 'line-run')?.body.kept === true);

/** What left the cylinder and never reached the system: liquid that stays in the hose, and what was spilled. */
export function lostOz(sheet: SheetWith<'circuit' | 'circuitLog'>): number {
  const hose = latestOf(sheet.circuitLog, 'hose-loss')?.body;
  const refrigerant = sheet.circuit.plate?.refrigerant;
  if (!hose || !refrigerant) return 0;
  const held = hoseCharge({ refrigerant, boreIn: hose.boreIn, lengthIn: hose.lengthIn });
  return hose.spilledOz + (hose.left === 'liquid' && held.ok ? held.value.oz : 0);
}

/** Judges the weigh-in of a job: the movements of the charge phase against the build-up. Trims at start-up come later. */
export function judgeCharge(sheet: SheetWith<'circuit' | 'circuitLog' | 'measurements'>, build: BuildUp, liveOz = 0) {
  const movements = movementsOf(sheet.measurements).filter((m) => m.phase === 'charge');
  return judgeWeighIn({
    targetOz: build.totalOz,
    alreadyInUnitOz: build.alreadyInUnitOz,
    movements,
    liveOz,
    lostOz: lostOz(sheet),
    scaleUncertaintyOz: SCALE_UNCERTAINTY_OZ,
    heldBackOz: build.heldBackOz,
  });
}

/** Refrigerant in the system: what came in the unit, what was weighed in, and trims since, oz. */
export function chargeInOz(sheet: EquippedWith<'circuit' | 'circuitLog' | 'measurements'>): number {
  const build = buildUpOf(sheet);
  return movementsOf(sheet.measurements)
    .filter((m) => m.phase === 'charge' || m.phase === 'start-up')
    .reduce((sum, m) => sum + m.oz, build.ok ? build.value.alreadyInUnitOz : sheet.circuit.plate.factoryChargeOz);
}
