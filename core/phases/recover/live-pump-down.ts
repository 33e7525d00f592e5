import { CLOSE_FROM_PSIG, CLOSED_BY_PSIG, pumpDownEnd } from '@/core/circuit/recovery/pump-down-end';
import { REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Button, Move } from '@/core/job/move';
import { bench, byHand, type LiveStream, MS_PER_MIN, minutesSince, newest, S_PER_MIN } from '@/core/phases/live/stream';
import { tell } from '@/core/phases/recover/words';
import { bubblePsia } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { DEFAULT_BAROMETER_PSIA } from '@/core/units/units';
import { q, type Said } from '@/core/words/said';
import type { RecoveryView } from './recovery-view';

/** Oil comes back and the pressures settle before a valve is closed (common practice), min. */
const RUN_FIRST_MIN = 2;
/** A suction that falls less than this over the time, with the liquid valve closed, stands still (common practice), psi. */
const STALL_PSI = 1;
const STALL_MIN = 3;
/** A compressor is not started again sooner (common practice), min. */
const RESTART_DELAY_MIN = 5;
/** High-pressure switches open about here, by saturation temperature (design default; the maker's switch comes first), °F. */
const HIGH_SIDE_F = 145;

/** The live pump-down: which valve to close when, where to stop. Undefined without a suction reading. */
export function livePumpDown(rec: RecoveryView, stream: LiveStream, schools: CircuitSchools): Move | undefined {
  const suction = newest(stream, 'suctionPsig');
  const { switches } = stream;
  if (suction === undefined || !switches || !rec.old) return undefined;
  const { refrigerant } = rec.old.body;
  const end = pumpDownEnd({
    refrigerant,
    compressorKind: rec.facts?.body.compressorKind,
    school: schools.pumpDownEnd,
  });
  const ranMin = switches.running ? (minutesSince(stream, 'call') ?? 0) : 0;
  if (!switches.running && rec.attempts.length > 0) return again(stream);
  if (!switches.running)
    return {
      kind: 'now',
      say: tell('live.call-for-cooling-at-thermostat'),
      because: tell('live.it-holds-reversing-valve-and-keeps'),
      button: bench(tell('live.cooling-is-called'), { orders: [{ kind: 'call', on: true }] }),
    };
  const high = tooHigh(refrigerant, newest(stream, 'liquidPsig'));
  const stop = stopAction(stream, suction, ranMin);
  if (high) return { kind: 'stop', say: tell('live.stop-power-off-now'), because: high, button: stop };
  if (switches.liquidOpen)
    return ranMin < RUN_FIRST_MIN
      ? {
          kind: 'now',
          say: tell('live.run-first-min-to-go', {
            runFirstMin: q(RUN_FIRST_MIN, 'min', 'as is'),
            runFirstMin2: Math.ceil(RUN_FIRST_MIN - ranMin),
          }),
          because: tell('live.oil-comes-back-and-pressures-settle'),
        }
      : {
          kind: 'now',
          say: tell('live.close-liquid-valve'),
          because: tell('live.liquid-first-vapour-valve-closed-first'),
          button: bench(tell('live.liquid-valve-closed'), { orders: [{ kind: 'liquid-valve', open: false }] }),
        };
  if (suction > end.stopPsig && stands(stream))
    return {
      kind: 'look-again',
      say: tell('live.suction-stands-at-stop-pump-down', { suction: q(suction, 'psig', 0) }),
      because: tell('live.three-minutes-without-fall-valve-leaks'),
      button: stop,
    };
  if (suction > CLOSE_FROM_PSIG)
    return {
      kind: 'now',
      say: tell('live.watch-suction-hand-on-vapour-valve', { suction: q(suction, 'psig', 0) }),
      because: tell('live.begin-to-close-it-between-5', {
        closeFromPsig: q(CLOSE_FROM_PSIG, 'psig', 'as is'),
        stallMin: q(STALL_MIN, 'min', 'as is'),
      }),
      wait: tell('live.suction-2', { suction: q(suction, 'psig', 0) }),
    };
  if (suction > Math.min(CLOSED_BY_PSIG, end.stopPsig + CLOSED_BY_PSIG))
    return {
      kind: 'now',
      say: tell('live.begin-to-close-vapour-valve', { suction: q(suction, 'psig', 0) }),
      because: endSays(end),
      wait: tell('live.suction-2', { suction: q(suction, 'psig', 0) }),
    };
  if (suction > end.stopPsig)
    return {
      kind: 'now',
      say: tell('live.close-vapour-valve', { suction: q(suction, 'psig', 0) }),
      because: endSays(end),
      button: stop,
    };
  return {
    kind: 'now',
    say: tell('live.close-vapour-valve-and-cut-power'),
    because: end.floorPsig < 0 ? endSays(end) : tell('live.below-0-psig-air-is-drawn'),
    button: stop,
  };
}

/** The one repeat: the liquid valve stays closed, the vapour valve is opened again. */
function again(stream: LiveStream): Move {
  const left = Math.ceil(RESTART_DELAY_MIN - (minutesSince(stream, 'call') ?? RESTART_DELAY_MIN));
  const because = tell('live.more-than-5-psi-came-back');
  if (left > 0)
    return {
      kind: 'now',
      say: tell('live.wait-out-restart-delay', { left: q(left, 'min', 'as is') }),
      because,
      wait: tell('live.left', { left: q(left, 'min', 'as is') }),
    };
  return {
    kind: 'now',
    say: tell('live.open-vapour-valve-and-call-for'),
    because,
    button: bench(tell('live.open-cooling-is-called'), {
      orders: [
        { kind: 'vapour-valve', open: true },
        { kind: 'call', on: true },
      ],
    }),
  };
}

function endSays(end: ReturnType<typeof pumpDownEnd>): Said {
  if (end.floorPsig < 0) return tell('live.by-companys-school-down-to-10');
  return tell('live.stop-between-0-and', {
    stopPsig: q(end.stopPsig, 'psig', 'as is'),
    barred: end.barred
      ? tell('live.no-deep-pump-down-here', { barred: end.barred })
      : tell('live.never-below-0-with-a2l'),
  });
}

/** Power off with both valves closed; what was reached goes into the log. */
const stopAction = (stream: LiveStream, suction: number, ranMin: number): Button | undefined =>
  bench(byHand(stream, tell('live.both-closed-power-is-off'), tell('live.both-closed-power-off')), {
    orders: [
      ...(stream.switches?.liquidOpen ? [{ kind: 'liquid-valve', open: false } as const] : []),
      { kind: 'vapour-valve', open: false },
      { kind: 'call', on: false },
    ],
    entry: {
      kind: 'pump-down',
      body: {
        liquidClosedPsig: null,
        stopPsig: suction,
        ranMin: Math.round(ranMin * 10) / 10,
        runId: stream.runId,
        runSeconds: null,
      },
    },
  });

function tooHigh(refrigerant: Refrigerant, liquidPsig: number | undefined): Said | undefined {
  const limit = bubblePsia(refrigerant, HIGH_SIDE_F) - DEFAULT_BAROMETER_PSIA;
  return liquidPsig !== undefined && liquidPsig > limit
    ? tell('live.on-high-side-outdoor-unit-is', { liquidPsig: q(liquidPsig, 'psig', 0) })
    : undefined;
}

/** Whether the suction stood still since the liquid valve was closed. */
function stands(stream: LiveStream): boolean {
  const now = stream.samples.at(-1);
  // Without an order of its own the valve has been closed since before the start.
  const sinceMin = Math.min(
    minutesSince(stream, 'liquid-valve') ?? Number.POSITIVE_INFINITY,
    minutesSince(stream, 'call') ?? 0,
  );
  if (sinceMin < STALL_MIN || !now) return false;
  const before = stream.samples.find((s) => now.runSeconds - s.runSeconds <= STALL_MIN * S_PER_MIN)?.values.suctionPsig;
  const suction = now.values.suctionPsig;
  return typeof before === 'number' && typeof suction === 'number' && before - suction < STALL_PSI;
}

/** The ten minutes after the stop: what comes back. */
export function liveRebound(rec: RecoveryView, stream: LiveStream): Move | undefined {
  const suction = newest(stream, 'suctionPsig');
  const stopped = rec.attempts.at(-1)?.stop;
  const last = stream.samples.at(-1);
  if (suction === undefined || !stopped || !last) return undefined;
  // A stop that was typed, or read on another run, is timed by the clock.
  const since =
    stopped.body.runId === stream.runId
      ? (last.runSeconds - (stopped.body.runSeconds ?? 0)) / S_PER_MIN
      : Math.max(0, (stream.nowMs - Date.parse(stopped.at)) / MS_PER_MIN);
  const left = Math.ceil(REBOUND_WAIT_MIN - since);
  const because = tell('live.up-to-5-psi-is-refrigerant');
  if (left > 0)
    return {
      kind: 'now',
      say: tell('live.rebound-watch-to-go', { suction: q(suction, 'psig'), left: q(left, 'min', 'as is') }),
      because,
      wait: tell('live.left', { left: q(left, 'min', 'as is') }),
    };
  return {
    kind: 'now',
    say: tell('live.ten-minutes-write-rebound-down', { suction: q(suction, 'psig') }),
    because,
    button: bench(tell('live.write-it-down'), {
      entry: {
        kind: 'rebound',
        body: {
          stopPsig: stopped.body.stopPsig,
          afterPsig: suction,
          minutes: Math.min(600, Math.round(since)),
          runId: stream.runId,
        },
      },
    }),
  };
}
