import { type Gate, passes } from '@/core/job/gates';
import type { Judgement } from '@/core/job/start-up-sheet';
import type { FigureId } from '@/core/startup/figures';
import { QUANTITIES } from '@/core/startup/quantities';
import { type Action, go, type Move } from './move';
import { allPass, signMove } from './sign-move';
import { type Weighing, weighingMove } from './weighing-move';

export type StartUpFacts = {
  signedBy: string | undefined;
  overridden: boolean;
  live: Weighing | undefined;
  stale: boolean;
  staleForS: number;
  /** The charge is signed, or a lead has overridden that. */
  chargeCleared: boolean;
  connecting: boolean;
  streaming: boolean;
  speed: number | undefined;
  /** Of instruments of the crew's own: whether it has said that the system runs; undefined of simulated ones. */
  toldRunning: boolean | undefined;
  anyReading: boolean;
  anyRound: boolean;
  judgement: Judgement;
  selected: FigureId;
  /** The gates as the server has them, on what is recorded; undefined until they have come. */
  gates: readonly Gate[] | undefined;
  /** Something is typed that is not recorded yet. */
  typing: boolean;
  /** Until the next typed round, s. */
  roundInS: number | undefined;
};

const FASTEST = 60;

/** The next move of a start-up: what stands in the way of judging first, then the judgement's own. */
export function startUpMove(f: StartUpFacts & { maySign: boolean }): Move {
  if (f.signedBy) {
    return {
      kind: f.overridden ? 'override' : 'good',
      say: 'Start-up signed. Go on to the hand-over.',
      because: `Signed by ${f.signedBy}. The record is frozen; corrections stand beside it.`,
      button: go('hand-over', 'Go to hand-over'),
    };
  }
  if (f.live)
    return weighingMove(
      f.live,
      'Adding',
      'Throttle liquid through the suction so that it flashes; never a slug of liquid into a running compressor.',
    );
  if (f.stale) {
    return {
      kind: 'not-proven',
      say: `Instruments silent${f.staleForS ? ` for ${f.staleForS} s` : ''}. Reconnecting by itself.`,
      because: 'Nothing is judged from old readings. Type a reading if the instrument stays away.',
      button: { label: 'Type readings', action: { kind: 'type', what: 'readings' } },
    };
  }
  if (!f.chargeCleared) {
    return {
      kind: 'not-proven',
      say: 'Sign the weighed charge first.',
      because: 'A system is not started before its charge is weighed in.',
      button: go('charge', 'Go to charge'),
    };
  }
  if (f.connecting) {
    return {
      kind: 'now',
      say: 'Connecting to the instruments …',
      because: 'The first reading comes within a second or two.',
    };
  }
  if (!f.streaming && !f.anyReading) {
    return {
      kind: 'now',
      say: `Connect the instruments, or type the ${f.anyRound ? 'next round' : 'readings'}.`,
      because:
        'Panels on, filter in, service valves open, crankcase heater warm, safeties tripped by hand once. Hands clear of the fan.',
      button: { label: 'Connect instruments', action: { kind: 'connect' } },
    };
  }
  if (f.streaming && f.toldRunning === false) {
    return {
      kind: 'now',
      say: 'Call for cooling at the thermostat, and say when it runs.',
      because: 'Probes alone do not tell when the compressor started; its steady time counts from this tap.',
      button: { label: 'It runs', action: { kind: 'start' } },
    };
  }
  // What a lead let pass is not asked for again: with every gate held or overridden only the signature is left.
  const past = f.gates?.some((g) => g.override && !g.holds);
  const stop = f.judgement.findings.some((x) => x.verdict === 'stop');
  if (f.gates && allPass(f.gates) && past && !stop && !f.typing) return signMove('start-up', f.gates, f.maySign);
  return fromNext(f.judgement.next, f);
}

/** Minutes and seconds of a clock that runs down. */
const clock = (s: number): string => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`;

function fromNext(next: Judgement['next'], f: StartUpFacts & { maySign: boolean }): Move {
  const first = f.judgement.findings.find((x) => x.verdict !== 'good' && !x.owed);
  const base: Move = {
    kind: first?.verdict === 'not-proven' ? 'now' : (first?.verdict ?? 'good'),
    say: next.say,
    because: next.because,
  };
  const { action } = next;
  const button = (label: string, does: Action): Move => ({ ...base, button: { label, action: does } });
  switch (action?.kind) {
    case 'wait': {
      const waiting = { wait: next.waitMin ? `about ${next.waitMin} min` : '' };
      if (!f.streaming) {
        if (f.typing)
          return {
            ...button('Record this round', { kind: 'record', stage: 'reading', sign: false }),
            say: 'Record what you read as this round. Do not add refrigerant yet.',
          };
        const left = f.roundInS === undefined ? waiting : { wait: f.roundInS > 0 ? clock(f.roundInS) : 'now' };
        return {
          ...button('Type the next round', { kind: 'type', what: 'readings', quantity: 'suctionPsig' }),
          ...left,
        };
      }
      if (f.speed !== undefined && f.speed < FASTEST) {
        return { ...button('Run at 60×', { kind: 'speed', speed: FASTEST }), ...waiting };
      }
      return { ...base, ...waiting };
    }
    case 'weigh-in':
    case 'recover': {
      if (!f.streaming) return button('Type the amount', { kind: 'type', what: 'weights' });
      const word = action.kind === 'weigh-in' ? 'Weigh in' : 'Recover';
      const oz = Math.round(action.oz * 10) / 10;
      return button(`${word} ${oz.toFixed(1)} oz`, { kind: action.kind, oz });
    }
    case 'prove-airflow':
      return button('Prove the airflow', action);
    case 'confirm':
      return button('I looked: confirm', action);
    case 'start':
      return f.streaming
        ? button('Call for cooling', action)
        : button('Type readings', { kind: 'type', what: 'readings' });
    case 'stop':
      return f.streaming ? button('Stop the system', action) : base;
    case 'set-mode':
      return button(`Set the mode to ${action.mode}`, action);
    case 'enter-reading':
      return button('Type readings', { kind: 'type', what: 'readings', quantity: action.quantity });
    case 'check': {
      if (action.what in QUANTITIES)
        return button('Open the readings', { kind: 'type', what: 'readings', quantity: action.what });
      const figure = action.what in f.judgement.figures.byId ? (action.what as FigureId) : f.selected;
      return button('Show the working', { kind: 'check', what: figure });
    }
    case 'sign':
      if (!f.streaming && !f.typing && f.gates?.every(passes))
        return f.maySign ? button('Sign the start-up', { kind: 'sign' }) : base;
      return f.maySign
        ? button('Record and sign', { kind: 'record', stage: 'final', sign: true })
        : button('Record the final reading', { kind: 'record', stage: 'final', sign: false });
    default:
      return base;
  }
}
