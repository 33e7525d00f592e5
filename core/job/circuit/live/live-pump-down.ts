import { CLOSE_FROM_PSIG, CLOSED_BY_PSIG, pumpDownEnd } from '@/core/circuit/recovery/pump-down-end';
import { REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import type { RecoveryView } from '@/core/circuit/recovery/recovery';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { Button, Move } from '@/core/job/move';
import { bubblePsia } from '@/core/refrigerant/lookup';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { plain } from '@/core/units/format';
import { DEFAULT_BAROMETER_PSIA } from '@/core/units/units';
import { bench, byHand, type LiveStream, MS_PER_MIN, minutesSince, newest, S_PER_MIN } from './stream';

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
      say: 'Call for cooling at the thermostat.',
      because:
        'It holds the reversing valve and keeps the blower on. Never force the contactor. Leave the setpoint alone.',
      button: bench('Cooling is called', { orders: [{ kind: 'call', on: true }] }),
    };
  const high = tooHigh(refrigerant, newest(stream, 'liquidPsig'));
  const stop = stopAction(stream, suction, ranMin);
  if (high) return { kind: 'stop', say: 'Stop: power off now.', because: high, button: stop };
  if (switches.liquidOpen)
    return ranMin < RUN_FIRST_MIN
      ? {
          kind: 'now',
          say: `Run ${RUN_FIRST_MIN} min first: ${Math.ceil(RUN_FIRST_MIN - ranMin)} min to go.`,
          because: 'Oil comes back and the pressures settle.',
        }
      : {
          kind: 'now',
          say: 'Close the liquid valve.',
          because: 'Liquid first: the vapour valve closed first would trap it.',
          button: bench('Liquid valve closed', { orders: [{ kind: 'liquid-valve', open: false }] }),
        };
  if (suction > end.stopPsig && stands(stream))
    return {
      kind: 'look-again',
      say: `The suction stands at ${plain(suction)} psig: stop the pump-down.`,
      because:
        'Three minutes without a fall: a valve leaks through, or more liquid than the outdoor unit takes. The machine finishes it.',
      button: stop,
    };
  if (suction > CLOSE_FROM_PSIG)
    return {
      kind: 'now',
      say: `Watch the suction: ${plain(suction)} psig. Hand on the vapour valve.`,
      because: `Begin to close it between 5 and ${CLOSE_FROM_PSIG} psig. Stalled for ${STALL_MIN} min means a leaking valve: stop.`,
      wait: `${plain(suction)} psig`,
    };
  if (suction > Math.min(CLOSED_BY_PSIG, end.stopPsig + CLOSED_BY_PSIG))
    return {
      kind: 'now',
      say: `Begin to close the vapour valve: ${plain(suction)} psig.`,
      because: endSays(end),
      wait: `${plain(suction)} psig`,
    };
  if (suction > end.stopPsig)
    return {
      kind: 'now',
      say: `Close the vapour valve: ${plain(suction)} psig.`,
      because: endSays(end),
      button: stop,
    };
  return {
    kind: 'now',
    say: 'Close the vapour valve and cut the power now.',
    because: end.floorPsig < 0 ? endSays(end) : 'Below 0 psig air is drawn in and a scroll suffers.',
    button: stop,
  };
}

/** The one repeat: the liquid valve stays closed, the vapour valve is opened again. */
function again(stream: LiveStream): Move {
  const left = Math.ceil(RESTART_DELAY_MIN - (minutesSince(stream, 'call') ?? RESTART_DELAY_MIN));
  const because =
    'More than 5 psi came back. Once more, liquid valve still closed; a second rebound is left to the machine.';
  if (left > 0) return { kind: 'now', say: `Wait out the restart delay: ${left} min.`, because, wait: `${left} min` };
  return {
    kind: 'now',
    say: 'Open the vapour valve and call for cooling once more.',
    because,
    button: bench('Open, cooling is called', {
      orders: [
        { kind: 'vapour-valve', open: true },
        { kind: 'call', on: true },
      ],
    }),
  };
}

function endSays(end: ReturnType<typeof pumpDownEnd>): string {
  if (end.floorPsig < 0) return 'By the company’s school down to −10 inHg, no deeper; A1 and no scroll.';
  return `Stop between 0 and ${end.stopPsig} psig${end.barred ? `: no deep pump-down here, ${end.barred}` : ', never below 0 with A2L'}.`;
}

/** Power off with both valves closed; what was reached goes into the log. */
const stopAction = (stream: LiveStream, suction: number, ranMin: number): Button | undefined =>
  bench(byHand(stream, 'Both closed, power is off', 'Both closed, power off'), {
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

function tooHigh(refrigerant: Refrigerant, liquidPsig: number | undefined): string | undefined {
  const limit = bubblePsia(refrigerant, HIGH_SIDE_F) - DEFAULT_BAROMETER_PSIA;
  return liquidPsig !== undefined && liquidPsig > limit
    ? `${liquidPsig.toFixed(0)} psig on the high side: the outdoor unit is full, or its fan stands. Recover the rest with the machine.`
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
  const because = 'Up to 5 psi is refrigerant out of the oil; more is liquid or a valve that leaks through.';
  if (left > 0)
    return {
      kind: 'now',
      say: `Rebound watch: ${plain(suction, 1)} psig, ${left} min to go.`,
      because,
      wait: `${left} min`,
    };
  return {
    kind: 'now',
    say: `Ten minutes: ${plain(suction, 1)} psig. Write the rebound down.`,
    because,
    button: bench('Write it down', {
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
