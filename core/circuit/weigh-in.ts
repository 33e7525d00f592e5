import { tell } from '@/core/circuit/words';
import type { Finding, FindingAction, Next } from '@/core/finding/finding';
import { q, type Said } from '@/core/words/said';

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

/** A finding of the weigh-in always knows what comes next. */
export type WeighInFinding = Finding & { next: Next & { because: Said; action: FindingAction } };

/** Judges the weigh-in and says the next step. */
export function judgeWeighIn(input: WeighInInput): { state: WeighInState; finding: WeighInFinding } {
  const state = weighInState(input);
  const base = {
    id: 'weigh-in',
    step: 'charge' as const,
    evidence: [
      {
        quantity: tell('circuit.quantity-weighed-in'),
        value: state.weighedOz,
        unit: 'oz',
        band: { low: state.toWeighInOz - state.toleranceOz, high: state.toWeighInOz + state.toleranceOz },
      },
    ],
    source: tell('circuit.scale-tolerance-1-of-total-common', {
      scaleUncertaintyOz: q(input.scaleUncertaintyOz, 'oz', 'as is'),
    }),
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
          ? tell('circuit.nothing-to-weigh-in-it-comes')
          : tell('circuit.weighed-in-of', {
              weighedOz: q(state.weighedOz, 'oz'),
              toWeighInOz: q(state.toWeighInOz, 'oz'),
            }),
        because: tell('circuit.system-now-holds', { inSystemOz: q(state.inSystemOz, 'lbOz') }),
        next: comesCharged
          ? {
              say: tell('circuit.nothing-is-weighed-in-it-comes'),
              because: tell('circuit.by-plate-nothing-of-it-was', { inSystemOz: q(state.inSystemOz, 'lbOz') }),
              action: { kind: 'sign' },
            }
          : {
              say: tell('circuit.weighed-in-open-service-valves-fully'),
              because: tell('circuit.went-in-within-of-to-weigh', {
                weighedOz: q(state.weighedOz, 'oz'),
                toleranceOz: q(state.toleranceOz, 'oz'),
                toWeighInOz: q(state.toWeighInOz, 'oz'),
                heldBackOz:
                  input.heldBackOz > 0
                    ? tell('circuit.are-held-back-for-trim-at', { heldBackOz: q(input.heldBackOz, 'oz') })
                    : '',
                inSystemOz: q(state.inSystemOz, 'lbOz'),
              }),
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
        claim: tell('circuit.over-build-up', { over: q(over, 'oz') }),
        because: far
          ? tell('circuit.more-than-10-over-build-up')
          : tell('circuit.too-much-liquid-raises-head-pressure'),
        next: {
          say: tell('circuit.recover-into-recovery-cylinder-never-vent', { over: q(over, 'oz') }),
          because: tell('circuit.went-in-where-was-wanted-check', {
            weighedOz: q(state.weighedOz, 'oz'),
            toWeighInOz: q(state.toWeighInOz, 'oz'),
          }),
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
      claim: tell('circuit.still-to-weigh-in', { remainingOz: q(state.remainingOz, 'oz') }),
      because: tell('circuit.charge-is-not-in-yet'),
      next: {
        say: tell('circuit.weigh-in-as-liquid', { step: q(step, 'oz') }),
        because:
          step < state.remainingOz - 0.05
            ? tell('circuit.first-of-steps-left-in-all', {
                remainingOz: Math.ceil(state.remainingOz / step),
                remainingOz2: q(state.remainingOz, 'oz'),
              })
            : tell('circuit.that-is-all-that-is-left', { toWeighInOz: q(state.toWeighInOz, 'oz') }),
        action: { kind: 'weigh-in', oz: step },
      },
    },
  };
}
