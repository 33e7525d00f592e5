import { stands } from '@/core/finding/accepted';
import type { Finding } from '@/core/finding/finding';
import { callOf, type RunMode } from '@/core/finding/run-mode';
import { type Gate, passes } from '@/core/job/gates';
import { type Action, go, type Move } from '@/core/job/move';
import { allPass, signMove } from '@/core/job/sign-move';
import { type Weighing, weighingMove } from '@/core/job/weighing-move';
import type { Judgement } from '@/core/phases/start-up/next';
import { tell } from '@/core/phases/start-up/words';
import type { FigureId } from '@/core/startup/figure';
import { QUANTITIES } from '@/core/startup/quantities';
import { list, q, type Said, typed, value } from '@/core/words/said';

export type StartUpFacts = {
  signedBy: string | undefined;
  overridden: boolean;
  /** Findings by id that lead and customer let stand: nothing of them is asked for again. */
  accepted: readonly string[];
  live: Weighing | undefined;
  stale: boolean;
  staleForS: number;
  /** The charge is signed, or a lead has overridden that. */
  chargeCleared: boolean;
  /** The setting is signed, or a lead has overridden that, or this job keeps none. */
  setCleared: boolean;
  wireCleared: boolean;
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
  mode: RunMode;
  /** The newest round of this mode proves it as far as today allows. */
  modeProven: boolean;
  /** Until the next typed round, s. */
  roundInS: number | undefined;
};

const FASTEST = 60;

/** The next move of a start-up: what stands in the way of judging first, then the judgement's own. */
export function startUpMove(f: StartUpFacts & { maySign: boolean }): Move {
  if (f.signedBy) {
    return {
      kind: f.overridden || f.accepted.length > 0 ? 'override' : 'good',
      say: tell('job.start-up-signed-go-on-to'),
      because: tell('job.signed-by-record-is-frozen-corrections', { signedBy: f.signedBy }),
      button: go('hand-over', tell('job.go-to-hand-over')),
    };
  }
  if (f.live) return weighingMove(f.live, tell('job.adding'), tell('job.throttle-liquid-through-suction-so-that'));
  if (f.stale) {
    return {
      kind: 'not-proven',
      say: tell('job.instruments-silent-reconnecting-by-itself', {
        staleForS: f.staleForS ? tell('job.for', { staleForS: q(f.staleForS, 's', 'as is') }) : '',
      }),
      because: tell('job.nothing-is-judged-from-old-readings'),
      button: { label: tell('job.type-readings-2'), action: { kind: 'type', what: 'readings' } },
    };
  }
  const stop = f.judgement.findings.some((x) => x.verdict === 'stop');
  // What hurts comes before what is still to be signed.
  if (!f.chargeCleared && !stop) {
    return {
      kind: 'not-proven',
      say: tell('job.sign-weighed-charge-first'),
      because: tell('job.system-is-not-started-before-its'),
      button: go('charge', tell('job.go-to-charge')),
    };
  }
  if (!f.setCleared && !stop) {
    return {
      kind: 'not-proven',
      say: tell('job.sign-setting-first'),
      because: tell('job.not-started-before-it-stands-and-drains'),
      button: go('set', tell('job.go-to-set-phase')),
    };
  }
  if (!f.wireCleared && !stop) {
    return {
      kind: 'not-proven',
      say: tell('job.sign-wiring-first'),
      because: tell('job.not-started-before-its-controls-are-proven'),
      button: go('wire', tell('job.go-to-wire-phase')),
    };
  }
  if (f.connecting) {
    return {
      kind: 'now',
      say: tell('job.connecting-to-instruments'),
      because: tell('job.first-reading-comes-within-second-or'),
    };
  }
  if (!f.streaming && !f.anyReading && !stop) {
    return {
      kind: 'now',
      say: tell('job.connect-instruments-or-type', {
        anyRound: f.anyRound ? tell('job.next-round') : value('readings'),
      }),
      because: tell('job.panels-on-filter-in-service-valves'),
      button: { label: tell('job.connect-instruments'), action: { kind: 'connect' } },
    };
  }
  if (f.streaming && f.toldRunning === false) {
    return {
      kind: 'now',
      say: tell('job.call-for-mode-at-thermostat-and', { mode: value(callOf(f.mode)) }),
      because: tell('job.probes-alone-do-not-tell-when'),
      button: { label: tell('job.it-runs'), action: { kind: 'start' } },
    };
  }
  // What a lead let pass is not asked for again: with every gate held or overridden only the signature is left.
  const left = f.judgement.findings.filter((x) => stands(x, f.accepted));
  const past = left.length > 0 || f.gates?.some((g) => g.override && !g.holds);
  if (f.gates && allPass(f.gates) && past && !stop && !f.typing)
    return signMove('start-up', f.gates, f.maySign, left.length > 0 ? acceptedHolds(left) : undefined);
  return fromNext(f.judgement.next, f);
}

/** Not everything holds: what both let stand is told with the signature. */
const acceptedHolds = (left: readonly Finding[]): Parameters<typeof signMove>[3] => ({
  kind: 'override',
  say: tell('job.sign-start-up-with-accepted', { count: left.length }),
  because: tell('job.let-stand', {
    claims: list(
      left.map((f) => f.claim),
      ' ',
    ),
  }),
});

/** Minutes and seconds of a clock that runs down. */
const clock = (s: number): string => `${Math.floor(s / 60)}:${String(Math.floor(s % 60)).padStart(2, '0')}`;

function fromNext(next: Judgement['next'], f: StartUpFacts & { maySign: boolean }): Move {
  const base: Move = {
    kind: next.verdict === 'not-proven' ? 'now' : (next.verdict ?? 'good'),
    say: next.say,
    because: next.because,
  };
  const { action } = next;
  const button = (label: Said, does: Action): Move => ({ ...base, button: { label, action: does } });
  switch (action?.kind) {
    case 'wait': {
      const waiting = next.waitMin ? { wait: tell('job.about', { waitMin: q(next.waitMin, 'min', 0) }) } : {};
      if (!f.streaming) {
        if (f.typing)
          return {
            ...button(tell('job.record-this-round'), { kind: 'record', stage: 'reading', sign: false }),
            say: tell('job.record-what-you-read-as-this'),
          };
        const left =
          f.roundInS === undefined ? waiting : { wait: f.roundInS > 0 ? typed(clock(f.roundInS)) : tell('job.now') };
        return {
          ...button(tell('job.type-next-round'), { kind: 'type', what: 'readings', quantity: 'suctionPsig' }),
          ...left,
        };
      }
      if (f.speed !== undefined && f.speed < FASTEST) {
        return { ...button(tell('job.run-at-60'), { kind: 'speed', speed: FASTEST }), ...waiting };
      }
      return { ...base, ...waiting };
    }
    case 'weigh-in':
    case 'recover': {
      if (!f.streaming) return button(tell('job.type-amount'), { kind: 'type', what: 'weights' });
      const oz = Math.round(action.oz * 10) / 10;
      return button(tell(action.kind === 'weigh-in' ? 'job.weigh-in-oz' : 'job.recover-oz', { oz: q(oz, 'oz') }), {
        kind: action.kind,
        oz,
      });
    }
    case 'prove-airflow':
      return button(tell('job.prove-airflow'), action);
    case 'confirm':
      return button(tell('job.i-looked-confirm'), action);
    case 'start':
      return f.streaming
        ? button(tell('job.call-for-mode', { mode: value(callOf(f.mode)) }), action)
        : button(tell('job.type-readings-2'), { kind: 'type', what: 'readings' });
    case 'stop':
      return f.streaming ? button(tell('job.stop-system'), action) : base;
    case 'prove':
      // What instruments read now is kept before the system is called to do something else.
      if (f.typing || (f.streaming && !f.modeProven))
        return {
          ...button(tell('job.record-this-round'), { kind: 'record', stage: 'reading', sign: false }),
          say: tell('job.record-it-then-prove', { mode: value(action.mode) }),
        };
      return button(tell('job.prove-mode', { mode: value(action.mode) }), { kind: 'set-mode', mode: action.mode });
    case 'write-proof':
      return button(tell('job.write-it-down'), {
        kind: 'write',
        entry: action.entry,
        ...(action.preset ? { preset: action.preset } : {}),
      });
    case 'set-mode':
      return button(tell('job.set-mode-to', { mode: value(action.mode) }), action);
    case 'enter-reading':
      return button(tell('job.type-readings-2'), { kind: 'type', what: 'readings', quantity: action.quantity });
    case 'check': {
      if (action.what in QUANTITIES)
        return button(tell('job.open-readings'), { kind: 'type', what: 'readings', quantity: action.what });
      const figure = action.what in f.judgement.figures.byId ? (action.what as FigureId) : f.selected;
      return button(tell('job.show-working'), { kind: 'check', what: figure });
    }
    case 'sign':
      if (!f.streaming && !f.typing && f.gates?.every(passes))
        return f.maySign ? button(tell('job.sign-start-up'), { kind: 'sign' }) : base;
      return f.maySign
        ? button(tell('job.record-and-sign'), { kind: 'record', stage: 'final', sign: true })
        : button(tell('job.record-final-reading'), { kind: 'record', stage: 'final', sign: false });
    default:
      return base;
  }
}
