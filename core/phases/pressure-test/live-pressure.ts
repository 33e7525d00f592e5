import { holdVerdict } from '@/core/circuit/pressure/nitrogen-hold';
import type { Move } from '@/core/job/move';
import { bench, byHand, type LiveStream, minutesSince, newest, S_PER_MIN } from '@/core/phases/live/stream';
import { type PressureView, SETTLE_MIN, STAGES_PSIG, TARGET_SLACK } from '@/core/phases/pressure-test/pressure-test';
import { tell } from '@/core/phases/pressure-test/words';
import { q, type Said } from '@/core/words/said';

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
      say: tell('live.shut-nitrogen-cylinder-and-let-it'),
      because: tell('live.valve-that-passes-would-hide-leak'),
      button: bench(byHand(stream, tell('live.nitrogen-is-shut'), tell('live.shut-nitrogen')), {
        orders: [{ kind: 'close-source' }],
      }),
    };
  return start(stream, psig);
}

function filling(stream: LiveStream, psig: number, next: number, open: boolean): Move {
  if (open && Number(stream.switches?.regulatorPsig) >= next - REGULATOR_SLACK_PSI)
    return {
      kind: 'now',
      say: tell('live.filling-to', { next: q(next, 'psig', 'as is') }),
      because: tell('live.slowly-stand-aside-of-caps-and'),
    };
  return {
    kind: 'now',
    say:
      psig < STAGE_SLACK_PSI
        ? tell('live.open-nitrogen-first-stage', { next: q(next, 'psig', 'as is') })
        : tell('live.listen-at-psig-quiet-go-on', { psig: Math.round(psig), next: q(next, 'psig', 'as is') }),
    because: tell('live.dry-nitrogen-regulator-and-relief-big'),
    button: bench(
      byHand(
        stream,
        tell('live.regulator-at', { next: q(next, 'psig', 'as is') }),
        tell('live.fill-to', { next: q(next, 'psig', 'as is') }),
      ),
      {
        orders: [{ kind: 'pressurise', psig: next }],
      },
    ),
  };
}

/** Without the pipe's temperature a hold shows nothing: cold looks like a leak, warmth hides one. */
const NO_THERMOMETER: Move = {
  kind: 'not-proven',
  say: tell('live.pipe-thermometer-gives-no-signal'),
  because: tell('live.hold-is-judged-by-its-temperature'),
};

function start(stream: LiveStream, psig: number): Move {
  const pipeF = newest(stream, 'pipeF');
  if (pipeF === undefined) return NO_THERMOMETER;
  const left = Math.ceil(SETTLE_MIN - (minutesSince(stream, 'close-source', 'pressurise') ?? SETTLE_MIN));
  return {
    kind: 'now',
    say:
      left > 0 ? tell('live.settling-before-hold', { left: q(left, 'min', 'as is') }) : tell('live.settled-start-hold'),
    because: tell('live.brazing-heat-and-gas-itself-come'),
    button: bench(left > 0 ? tell('live.start-it-now') : tell('live.start-hold'), {
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
    deltaSays(started.body, { psig, pipeF, minutes }, gear) ?? tell('live.measured-is-held-against-what-temperature');
  if (left > 0)
    return {
      kind: 'now',
      say: tell('live.hold-to-go-bubble-joints-meanwhile', { left: q(left, 'min', 'as is') }),
      because,
      wait: tell('live.left', { left: q(left, 'min', 'as is') }),
    };
  return {
    kind: 'good',
    say: tell('live.are-over-read-it-and-end', { holdMin: q(test.holdMin, 'min', 'as is') }),
    because,
    button: bench(tell('live.end-hold'), {
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
): Said | undefined {
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
  return tell('live.expected-at-measured-is-noise', {
    expectedPsig: q(expectedPsig, 'psig'),
    pipeF: q(now.pipeF, 'F'),
    deltaPsi: deltaPsi >= 0 ? '+' : '−',
    deltaPsi2: q(Math.abs(deltaPsi), 'number', 1),
    uncertaintyPsi: q(uncertaintyPsi, 'number', 1),
  });
}
