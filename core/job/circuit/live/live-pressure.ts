import { holdVerdict } from '@/core/circuit/pressure/nitrogen-hold';
import { type PressureView, SETTLE_MIN, STAGES_PSIG, TARGET_SLACK } from '@/core/circuit/pressure/pressure-test';
import type { Move } from '@/core/job/move';
import { bench, byHand, type LiveStream, minutesSince, newest, S_PER_MIN } from './stream';

/** A stage counts as reached this close below it, psi. */
const STAGE_SLACK_PSI = 4;
/** A regulator this close below the stage is set to it, psi. */
const REGULATOR_SLACK_PSI = 0.1;

export type HoldGear = { volumeFt3: number; gaugePsi: number; thermometerF: number; barometerPsia: number };

/** From here on a stage counts as reached. Shut in at the target it may cool a little without being filled again. */
const reachedAt = (stage: number, target: number, open: boolean): number =>
  stage === target && !open ? target * TARGET_SLACK : stage - STAGE_SLACK_PSI;

/** The live pressure test: stages, settling, the hold against its temperature. */
export function livePressure(test: PressureView, stream: LiveStream, gear: HoldGear): Move | undefined {
  const psig = newest(stream, 'testPsig');
  if (psig === undefined || !test.plan) return undefined;
  if (test.stage === 'holding')
    return test.hold?.start.body.runId === stream.runId ? holding(test, stream, gear) : undefined;
  if (test.stage !== 'pressurise' && test.stage !== 'failed') return undefined;
  if (test.stage === 'failed' && psig > STAGES_PSIG[0])
    return test.checks.find((c) => c.id === 'hold')?.verdict === 'not-proven' ? start(stream, psig) : undefined;
  const target = test.plan.body.targetPsig;
  const open = stream.switches?.sourceOpen === true;
  const next = [...STAGES_PSIG, target].find((s) => s <= target && psig < reachedAt(s, target, open));
  if (next !== undefined) return filling(stream, psig, next, open);
  if (open)
    return {
      kind: 'now',
      say: 'Shut the nitrogen cylinder and let it settle.',
      because: 'A valve that passes would hide a leak.',
      button: bench(byHand(stream, 'Nitrogen is shut', 'Shut the nitrogen'), { orders: [{ kind: 'close-source' }] }),
    };
  return start(stream, psig);
}

function filling(stream: LiveStream, psig: number, next: number, open: boolean): Move {
  if (open && Number(stream.switches?.regulatorPsig) >= next - REGULATOR_SLACK_PSI)
    return { kind: 'now', say: `Filling to ${next} psig.`, because: 'Slowly; stand aside of caps and valves.' };
  return {
    kind: 'now',
    say:
      psig < STAGE_SLACK_PSI
        ? `Open the nitrogen: first stage ${next} psig.`
        : `Listen at ${Math.round(psig)} psig. Quiet: go on to ${next} psig.`,
    because: 'Dry nitrogen, regulator and relief. A big leak is heard long before the target.',
    button: bench(byHand(stream, `Regulator at ${next} psig`, `Fill to ${next} psig`), {
      orders: [{ kind: 'pressurise', psig: next }],
    }),
  };
}

/** Without the pipe's temperature a hold shows nothing: cold looks like a leak, warmth hides one. */
const NO_THERMOMETER: Move = {
  kind: 'not-proven',
  say: 'The pipe thermometer gives no signal.',
  because:
    'A hold is judged by its temperature: cold looks like a leak, warmth hides one. Mend it, or type both readings.',
};

function start(stream: LiveStream, psig: number): Move {
  const pipeF = newest(stream, 'pipeF');
  if (pipeF === undefined) return NO_THERMOMETER;
  const left = Math.ceil(SETTLE_MIN - (minutesSince(stream, 'close-source', 'pressurise') ?? SETTLE_MIN));
  return {
    kind: 'now',
    say: left > 0 ? `Settling: ${left} min before the hold.` : 'Settled. Start the hold.',
    because: 'Brazing heat and the gas itself come to the pipe’s temperature first.',
    button: bench(left > 0 ? 'Start it now' : 'Start the hold', {
      entry: {
        kind: 'hold-start',
        body: { psig, pipeF, runId: stream.runId, runSeconds: null },
      },
    }),
  };
}

function holding(test: PressureView, stream: LiveStream, gear: HoldGear): Move {
  const started = test.hold!.start;
  const psig = newest(stream, 'testPsig')!;
  const pipeF = newest(stream, 'pipeF');
  const minutes = (stream.samples.at(-1)!.runSeconds - (started.body.runSeconds ?? 0)) / S_PER_MIN;
  const left = Math.ceil(test.holdMin - minutes);
  if (pipeF === undefined) return NO_THERMOMETER;
  const because =
    deltaSays(started.body, { psig, pipeF, minutes }, gear) ??
    'Measured is held against what the temperature explains.';
  if (left > 0)
    return {
      kind: 'now',
      say: `Hold: ${left} min to go. Bubble the joints meanwhile.`,
      because,
      wait: `${left} min`,
    };
  return {
    kind: 'good',
    say: `${test.holdMin} min are over: read it and end the hold.`,
    because,
    button: bench('End the hold', {
      entry: {
        kind: 'hold-end',
        body: {
          startId: started.id,
          psig,
          pipeF,
          runId: stream.runId,
          runSeconds: null,
        },
      },
    }),
  };
}

function deltaSays(
  from: { psig: number; pipeF: number },
  now: { psig: number; pipeF: number; minutes: number },
  gear: HoldGear,
): string | undefined {
  const judged = holdVerdict({
    startPsig: from.psig,
    startF: from.pipeF,
    endPsig: now.psig,
    endF: now.pipeF,
    minutes: Math.max(1, now.minutes),
    ...gear,
  });
  if (!judged.ok) return undefined;
  const { deltaPsi, uncertaintyPsi, expectedPsig } = judged.value;
  return `Expected ${expectedPsig.toFixed(1)} psig at ${now.pipeF.toFixed(1)} °F; ${deltaPsi >= 0 ? '+' : '−'}${Math.abs(deltaPsi).toFixed(1)} measured, ± ${uncertaintyPsi.toFixed(1)} is noise.`;
}
