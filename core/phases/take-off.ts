import { nitrogenUse } from '@/core/circuit/pressure/nitrogen-use';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { buildUpOf } from '@/core/phases/charge/charge-sheet';
import { lengthOf } from '@/core/phases/join/line-run';
import { volumeOf } from '@/core/phases/join/view';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { metalParts } from '@/core/phases/plan/metal';
import { lineKept, scopeOf } from '@/core/phases/scope/view';
import { beganWithSurvey, hasCircuit } from '@/core/phases/survey/view';
import { disposalFor, gearFor, type TakeOffFacts, takeOff } from '@/core/plan/take-off/take-off';
import { numberOf } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';

/** Nitrogen flows while lines are brazed at this rate, and for so long (common practice), scfh and min. */
const PURGE_SCFH = 4;
const PURGE_MIN = 30;
/** Tested to this where no plan says another (common practice; the plate's limit rules), psig. */
const USUAL_TEST_PSIG = 400;
const PAD_POINTS = 4;

/** Both lines at the outdoor unit and at the coil; a drier in the liquid line is brazed on both sides (common practice). */
const END_JOINTS = 4;
const DRIER_JOINTS = 2;
/** A fitting is brazed on both sides. */
const SIDES = 2;
/** A riser of another size has one at each end. */
const RISER_REDUCERS = 2;
const LINES = 2;
/** Line sets come in rolls of this length: a longer run is coupled (common practice), ft. */
const ROLL_FT = 50;

/** Brazed joints of a line set as it is drawn: its ends and drier, elbows, traps, a riser of its own size, couplings of a long run. */
export function jointsOf(run: EntryBody<'line-run'>): number {
  if (run.setType === 'pre-charged') return 0;
  const ends = END_JOINTS + DRIER_JOINTS;
  if (run.kept) return ends;
  const fittings = run.elbows + (run.traps ?? 0) + (run.riserOdIn ? RISER_REDUCERS : 0);
  const couplings = LINES * Math.max(0, Math.ceil(lengthOf(run) / ROLL_FT) - 1);
  return ends + SIDES * (fittings + couplings);
}

/** What the take-off of one system is counted from, on the sheet of one of its circuits. */
export function takeOffFacts(sheet: JobSheet): TakeOffFacts {
  const scope = beganWithSurvey(sheet) ? scopeOf(sheet) : undefined;
  const items = new Set((scope?.items ?? []).filter((i) => i.standing === 'in').map((i) => i.id));
  const run = latestOf(sheet.circuitLog, 'line-run')?.body;
  const known = knownFacts(sheet.survey.observations);
  const opensCircuit = hasCircuit(sheet) && sheet.circuit.plate?.packaged !== true;
  const equipped = isEquipped(sheet) ? sheet : undefined;
  const volumeFt3 = equipped && volumeOf(equipped);
  const nitrogen =
    opensCircuit && volumeFt3 !== undefined
      ? nitrogenUse({
          volumeFt3,
          testPsig: latestOf(sheet.circuitLog, 'test-plan')?.body.targetPsig ?? USUAL_TEST_PSIG,
          purgeScfh: PURGE_SCFH,
          purgeMinutes: PURGE_MIN,
        })
      : undefined;
  const build = opensCircuit && equipped ? buildUpOf(equipped) : undefined;
  return {
    runFt: run ? lengthOf(run) : (numberOf(known, 'lineLengthFt') ?? equipped?.circuit.plate.lineLengthFt ?? undefined),
    drawn: run !== undefined,
    newLines: lineKept(sheet) === false || run?.kept === false,
    joints: run && jointsOf(run),
    nitrogenScf: nitrogen?.ok ? nitrogen.value.scf : undefined,
    chargeOz: build?.ok ? build.value.toWeighInOz : undefined,
    refrigerant: equipped?.circuit.plate.refrigerant,
    items,
    pieces: [
      ...(scope?.get ?? []),
      ...metalParts(sheet).map(({ part }) => ({ id: `metal-${part.id}`, how: 'make' as const, what: part.body.name })),
    ],
    opensCircuit,
    drainFt: sheet.fits.drain?.measured.includes('runFt') ? sheet.fits.drain.record.runFt : undefined,
    padPoints: items.has('pad') || items.has('moved') ? PAD_POINTS : 0,
  };
}

/** Materials, gear and disposal of the work on one system. */
export function takeOffOf(sheet: JobSheet) {
  const facts = takeOffFacts(sheet);
  return { lines: takeOff(facts), gear: gearFor(facts), disposal: disposalFor(facts) };
}
