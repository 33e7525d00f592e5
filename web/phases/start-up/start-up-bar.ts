import type { NextMove } from '@/core/finding/finding';
import { type Gate, passes } from '@/core/job/gates';
import type { Judgement } from '@/core/job/start-up-sheet';
import type { FigureId } from '@/core/startup/figures';
import { QUANTITIES } from '@/core/startup/quantities';
import type { MarkKind } from '@/web/kit/Mark';
import type { LiveMovement } from '../live-movement';

export type Tab = 'ladder' | 'trend' | 'readings';
export type Open = 'bench' | 'airflow' | 'typed' | 'working';

/** What the bar says, and what its one button does. */
export type Bar = { kind: MarkKind; say: string; because: string; label?: string; press?: () => void; wait?: string };

export type BarFacts = {
  signedBy: string | undefined;
  overridden: boolean;
  live: LiveMovement | undefined;
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
  lead: boolean;
  /** The gates as the server has them, on what is recorded; undefined until they have come. */
  gates: readonly Gate[] | undefined;
  /** Something is typed that is not recorded yet. */
  typing: boolean;
  /** Until the next typed round, s. */
  roundInS: number | undefined;
};

export type BarActs = {
  command: (body: { kind: string; oz?: number; speed?: number }) => void;
  open: (sheet: Open) => void;
  /** Opens a view; with a quantity, puts the cursor in its field. */
  tab: (tab: Tab, quantity?: string) => void;
  go: (phase: 'charge' | 'hand-over') => void;
  record: (stage: 'reading' | 'final') => void;
  confirm: (confirmation: string) => void;
  recordAndSign: () => void;
  sign: () => void;
  setMode: (mode: 'cooling' | 'heating') => void;
  select: (figure: FigureId) => void;
};

const FASTEST = 60;

/** The bar of a start-up: what stands in the way of judging first, then the judgement's own next move. */
export function startUpBar(f: BarFacts, act: BarActs): Bar {
  if (f.signedBy) {
    return {
      kind: f.overridden ? 'override' : 'good',
      say: 'Start-up signed. Go on to the hand-over.',
      because: `Signed by ${f.signedBy}. The record is frozen; corrections stand beside it.`,
      label: 'Go to hand-over',
      press: () => act.go('hand-over'),
    };
  }
  if (f.live?.silent) {
    return {
      kind: 'stop',
      say: 'The scale gives no signal: close the cylinder valve now.',
      because: 'Nobody sees what goes in. Read the scale by hand and type both weights.',
      label: 'The valve is closed',
      press: () => act.command({ kind: 'close-valve' }),
    };
  }
  if (f.live) {
    return {
      kind: 'now',
      say: f.live.recovering
        ? `Recovering: ${(-f.live.oz).toFixed(1)} oz so far.`
        : `Adding: ${f.live.oz.toFixed(1)} oz so far, ${f.live.leftOz.toFixed(1)} oz to go.`,
      because:
        'Throttle liquid through the suction so that it flashes; never a slug of liquid into a running compressor.',
      label: 'Close the valve',
      press: () => act.command({ kind: 'close-valve' }),
    };
  }
  if (f.stale) {
    return {
      kind: 'not-proven',
      say: `Instruments silent${f.staleForS ? ` for ${f.staleForS} s` : ''}. Reconnecting by itself.`,
      because: 'Nothing is judged from old readings. Type a reading if the instrument stays away.',
      label: 'Type readings',
      press: () => act.tab('readings'),
    };
  }
  if (!f.chargeCleared) {
    return {
      kind: 'not-proven',
      say: 'Sign the weighed charge first.',
      because: 'A system is not started before its charge is weighed in.',
      label: 'Go to charge',
      press: () => act.go('charge'),
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
      label: 'Connect instruments',
      press: () => act.open('bench'),
    };
  }
  if (f.streaming && f.toldRunning === false) {
    return {
      kind: 'now',
      say: 'Call for cooling at the thermostat, and say when it runs.',
      because: 'Probes alone do not tell when the compressor started; its steady time counts from this tap.',
      label: 'It runs',
      press: () => act.command({ kind: 'start' }),
    };
  }
  // What a lead let pass is not asked for again: with every gate held or overridden only the signature is left.
  const past = (f.gates ?? []).filter((g) => g.override && !g.holds);
  const stop = f.judgement.findings.some((x) => x.verdict === 'stop');
  if (f.gates?.every(passes) && past.length && !stop && !f.typing) {
    return {
      kind: 'now',
      say: `Sign the start-up, with ${past.length === 1 ? 'one gate' : `${past.length} gates`} overridden.`,
      because: past.map((g) => `Without ${g.asks}: ${g.override!.reason} (${g.override!.by}).`).join(' '),
      ...(f.lead ? { label: 'Sign the start-up', press: () => act.sign() } : {}),
    };
  }
  return fromMove(f.judgement.next, f, act);
}

/** Minutes and seconds of a clock that runs down. */
const clock = (s: number): string => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`;

function fromMove(move: NextMove, f: BarFacts, act: BarActs): Bar {
  const first = f.judgement.findings.find((x) => x.verdict !== 'good' && !x.owed);
  const base: Bar = {
    kind: first?.verdict === 'not-proven' ? 'now' : (first?.verdict ?? 'good'),
    say: move.say,
    because: move.because,
  };
  const { action } = move;
  const button = (label: string, press: () => void): Bar => ({ ...base, label, press });
  switch (action.kind) {
    case 'wait': {
      const waiting = { wait: move.waitMin ? `about ${move.waitMin} min` : '' };
      if (!f.streaming) {
        if (f.typing)
          return {
            ...button('Record this round', () => act.record('reading')),
            say: 'Record what you read as this round. Do not add refrigerant yet.',
          };
        const left = f.roundInS === undefined ? waiting : { wait: f.roundInS > 0 ? clock(f.roundInS) : 'now' };
        return { ...button('Type the next round', () => act.tab('readings', 'suctionPsig')), ...left };
      }
      if (f.speed !== undefined && f.speed < FASTEST) {
        return { ...button('Run at 60×', () => act.command({ kind: 'speed', speed: FASTEST })), ...waiting };
      }
      return { ...base, ...waiting };
    }
    case 'weigh-in':
    case 'recover': {
      if (!f.streaming) return button('Type the amount', () => act.open('typed'));
      const word = action.kind === 'weigh-in' ? 'Weigh in' : 'Recover';
      const oz = Math.round(action.oz * 10) / 10;
      return button(`${word} ${oz.toFixed(1)} oz`, () => act.command({ kind: action.kind, oz }));
    }
    case 'prove-airflow':
      return button('Prove the airflow', () => act.open('airflow'));
    case 'confirm':
      return button('I looked: confirm', () => act.confirm(action.confirmation));
    case 'start':
      return f.streaming
        ? button('Call for cooling', () => act.command({ kind: 'start' }))
        : button('Type readings', () => act.tab('readings'));
    case 'stop':
      return f.streaming ? button('Stop the system', () => act.command({ kind: 'stop' })) : base;
    case 'set-mode':
      return button(`Set the mode to ${action.mode}`, () => act.setMode(action.mode));
    case 'enter-reading':
      return button('Type readings', () => act.tab('readings', action.quantity));
    case 'check': {
      if (action.what in QUANTITIES) return button('Open the readings', () => act.tab('readings', action.what));
      const figure = action.what in f.judgement.figures.byId ? (action.what as FigureId) : f.selected;
      return button('Show the working', () => act.select(figure));
    }
    case 'sign':
      if (!f.streaming && !f.typing && f.gates?.every(passes))
        return f.lead ? button('Sign the start-up', () => act.sign()) : base;
      return f.lead
        ? button('Record and sign', () => act.recordAndSign())
        : button('Record the final reading', () => act.record('final'));
    default:
      return base;
  }
}
