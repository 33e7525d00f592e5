import type { Finding, FindingAction, Next } from '@/core/finding/finding';
import { OZ_PER_LB } from '@/core/units/units';

/** One movement of refrigerant on the scale: start and end weight of the cylinder. Recovered amounts are negative. */
export type ChargeMovement = { oz: number; kind: 'weigh-in' | 'trim' | 'recover' };

export type WeighInInput = {
  targetOz: number;
  alreadyInUnitOz: number;
  movements: readonly ChargeMovement[];
  /** Weight in the system now by the open movement on the scale, not yet recorded. */
  liveOz?: number;
  /** What left the cylinder and never reached the system: liquid in the hose, spilled. */
  lostOz?: number;
  scaleUncertaintyOz: number;
  /** Kept back for the trim at start-up, oz; 0 for a known maker charge. */
  heldBackOz: number;
};

export type WeighInState = {
  toWeighInOz: number;
  weighedOz: number;
  remainingOz: number;
  inSystemOz: number;
  nextStepOz: number;
  done: boolean;
  toleranceOz: number;
};

/** A weighed charge counts as right within this (the usual tolerance of a maker's charge, common practice). */
const TOLERANCE_SHARE = 0.01;
/** Large amounts go in two or three steps so that a wrong hose or scale shows early (common practice). */
const STEP_SHARE = 0.5;
const LEAST_STEP_OZ = 8;
/** A total this far over the build-up means a wrong build-up, not a thirsty system. */
export const OVER_LIMIT = 0.1;

export function weighInState(input: WeighInInput): WeighInState {
  const weighedOz = input.movements.reduce((sum, m) => sum + m.oz, 0) + (input.liveOz ?? 0) - (input.lostOz ?? 0);
  const toWeighInOz = input.targetOz - input.alreadyInUnitOz - input.heldBackOz;
  const remainingOz = toWeighInOz - weighedOz;
  const toleranceOz = Math.max(input.scaleUncertaintyOz, TOLERANCE_SHARE * input.targetOz);
  const half = Math.max(LEAST_STEP_OZ, toWeighInOz * STEP_SHARE);
  return {
    toWeighInOz,
    weighedOz,
    remainingOz,
    inSystemOz: input.alreadyInUnitOz + weighedOz,
    nextStepOz: Math.max(0, Math.min(remainingOz, half)),
    done: Math.abs(remainingOz) <= toleranceOz,
    toleranceOz,
  };
}

const oz = (x: number): string => `${x.toFixed(1)} oz`;

/** Pounds and ounces as the trade says them. */
export function lbOz(totalOz: number): string {
  const tenths = Math.round(Math.abs(totalOz) * 10);
  const lb = Math.floor(tenths / (OZ_PER_LB * 10));
  const rest = (tenths - lb * OZ_PER_LB * 10) / 10;
  return `${totalOz < 0 ? '−' : ''}${lb} lb ${rest.toFixed(1)} oz`;
}

/** A finding of the weigh-in always knows what comes next. */
export type WeighInFinding = Finding & { next: Next & { because: string; action: FindingAction } };

/** Judges the weigh-in and says the next step. */
export function judgeWeighIn(input: WeighInInput): { state: WeighInState; finding: WeighInFinding } {
  const state = weighInState(input);
  const base = {
    id: 'weigh-in',
    step: 'charge' as const,
    evidence: [
      {
        quantity: 'weighed in',
        value: state.weighedOz,
        unit: 'oz',
        band: { low: state.toWeighInOz - state.toleranceOz, high: state.toWeighInOz + state.toleranceOz },
      },
    ],
    source: `scale, ± ${input.scaleUncertaintyOz} oz; tolerance 1 % of the total (common practice)`,
    confidence: 'high' as const,
    miss: Math.abs(state.remainingOz) / state.toleranceOz,
  };
  const comesCharged = state.toWeighInOz === 0 && state.weighedOz === 0;
  if (state.done) {
    return {
      state,
      finding: {
        ...base,
        verdict: 'good',
        claim: comesCharged
          ? 'Nothing to weigh in: it comes with its charge.'
          : `Weighed in ${oz(state.weighedOz)} of ${oz(state.toWeighInOz)}.`,
        because: `The system now holds ${lbOz(state.inSystemOz)}.`,
        next: comesCharged
          ? {
              say: 'Nothing is weighed in: it comes with its charge. Look at the plate, and sign the charge.',
              because: `${lbOz(state.inSystemOz)} by the plate; nothing of it was opened here.`,
              action: { kind: 'sign' },
            }
          : {
              say: 'Weighed in. Open the service valves fully, cap them, and sign the charge.',
              because: `${oz(state.weighedOz)} went in, within ${oz(state.toleranceOz)} of the ${oz(state.toWeighInOz)} to weigh in${input.heldBackOz > 0 ? `; ${oz(input.heldBackOz)} are held back for the trim at start-up` : ''}. The system holds ${lbOz(state.inSystemOz)}.`,
              action: { kind: 'sign' },
            },
      },
    };
  }
  if (state.remainingOz < 0) {
    const over = -state.remainingOz;
    const far = state.inSystemOz > input.targetOz * (1 + OVER_LIMIT);
    return {
      state,
      finding: {
        ...base,
        verdict: far ? 'stop' : 'look-again',
        claim: `${oz(over)} over the build-up.`,
        because: far
          ? 'More than 10 % over the build-up can flood the compressor.'
          : 'Too much liquid raises head pressure and can reach the compressor.',
        next: {
          say: `Recover ${oz(over)} into a recovery cylinder. Never vent.`,
          because: `${oz(state.weighedOz)} went in where ${oz(state.toWeighInOz)} was wanted. Check the line length and what the unit already held.`,
          action: { kind: 'recover', oz: over },
        },
      },
    };
  }
  const step = state.nextStepOz;
  return {
    state,
    finding: {
      ...base,
      verdict: 'not-proven',
      claim: `${oz(state.remainingOz)} still to weigh in.`,
      because: 'The charge is not in yet.',
      next: {
        say: `Weigh in ${oz(step)} as liquid.`,
        because:
          step < state.remainingOz - 0.05
            ? `First of ${Math.ceil(state.remainingOz / step)} steps; ${oz(state.remainingOz)} left in all. Stop half way and look at the scale.`
            : `That is all that is left of ${oz(state.toWeighInOz)}.`,
        action: { kind: 'weigh-in', oz: step },
      },
    },
  };
}
