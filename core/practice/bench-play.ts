import { type Outcome, ok, refuse } from '@/core/finding/outcome';
import { type Bench, nitrogenBench, orderBench, stepBench, vacuumBench } from '@/core/plant/bench/bench';
import type { VacuumState } from '@/core/plant/bench/vacuum-bench';
import { q, type Said } from '@/core/words/said';
import {
  BENCH_ACTS,
  type BenchActId,
  type BenchFault,
  type BenchRound,
  benchActsFor,
  hidesIn,
  TEST_PSIG,
} from './bench-round';
import { addHarm, type Harm } from './harm';
import type { Move } from './moves';
import { tell } from './words';

export type BenchSample = { minute: number; values: Record<string, number | null> };

/** A round at a line as it stands after some moves; changed in place, the same moves make the same of it. */
export type BenchPlay = {
  round: BenchRound;
  bench: Bench;
  samples: BenchSample[];
  done: { atMin: number; move: Move; showed?: Said }[];
  minutes: { measuring: number; waiting: number; working: number };
  /** The pressure test counts from here: the source was shut, or hoses came off, min. */
  heldFromMin: number;
  hosesOn: boolean;
  joint: boolean;
  hose: boolean;
  harm: Harm[];
  named: BenchFault | undefined;
  finished: boolean;
};

/** A day on site, min: after it nothing more is begun. */
const DAY_MIN = 600;
const STEP_S = 5;
const S_PER_MIN = 60;
/** So long was pumped, or stood under pressure, before the crew looks. */
const BEFORE_MIN = { hold: 8, vacuum: 40 } as const;
/** A hose, valve and gauge stand this high over a pump's own end where its oil is soaked, µm. */
const SHALLOW_MICRONS = 300;
/** Warm pipes are this much warmer. */
const WARMED_F = 25;
/** Less water than this is none; oil as wet as this still pulls deep. */
const DRY_OZ = 0.002;
const OIL_FIT = 0.4;

export function startBench(round: BenchRound): BenchPlay {
  const bench =
    round.bench === 'hold'
      ? orderBench(nitrogenBench(round.config), { kind: 'pressurise', psig: TEST_PSIG })
      : orderBench(vacuumBench(round.config, round.waterOz), { kind: 'pump', on: true });
  if (round.bench === 'vacuum') (bench.state as VacuumState).oilWet = round.oilWet;
  const p: BenchPlay = {
    round,
    bench,
    samples: [],
    done: [],
    minutes: { measuring: 0, waiting: 0, working: 0 },
    heldFromMin: 0,
    hosesOn: true,
    joint: round.hidden === 'pipe-leak',
    hose: round.hidden === 'hose-leak',
    harm: [],
    named: undefined,
    finished: false,
  };
  laid(p);
  run(p, BEFORE_MIN[round.bench]);
  if (round.bench === 'hold') p.bench = orderBench(p.bench, { kind: 'close-source' });
  p.samples = [];
  run(p, 1);
  p.heldFromMin = nowMin(p);
  return p;
}

/** Minutes since the crew came. */
export const benchMin = (p: BenchPlay): number => p.minutes.measuring + p.minutes.waiting + p.minutes.working;
/** The bench's own clock, min. */
const nowMin = (p: BenchPlay): number => p.bench.state.seconds / S_PER_MIN;

/** What leaks now: a hose only while it hangs on, a joint until it is mended. */
function laid(p: BenchPlay): void {
  const { round, bench } = p;
  const open = bench.kind === 'vacuum' ? (bench.state as VacuumState).open : p.hosesOn;
  const leaks = p.joint || (p.hose && open);
  if (round.bench === 'hold')
    p.bench = orderBench(bench, { kind: 'configure', change: { leakScfh: leaks ? round.config.leakScfh : 0 } });
  else
    p.bench = orderBench(bench, {
      kind: 'configure',
      change: { leakMicronCfm: leaks ? round.config.leakMicronCfm : 0 },
    });
}

function run(p: BenchPlay, minutes: number): void {
  for (let s = 0; s < minutes * S_PER_MIN; s += STEP_S) {
    const values = stepBench(p.bench, STEP_S);
    if (s % 15 === 0) p.samples.push({ minute: nowMin(p), values });
  }
}

/** Makes one move at a line, or says why it cannot be made. */
export function applyBench(p: BenchPlay, move: Move): Outcome<BenchPlay> {
  const why = refusalOf(p, move);
  if (why) return refuse('moves', ...why);
  const atMin = benchMin(p);
  const showed = make(p, move);
  p.done.push({ atMin, move, ...(showed ? { showed } : {}) });
  return ok(p);
}

function refusalOf(p: BenchPlay, move: Move): [Said, Said] | undefined {
  const list = tell('practice.what-the-list-shows');
  if (p.finished) return [tell('practice.round-is-over'), tell('practice.begin-another')];
  if (move.kind === 'finish')
    return p.named ? undefined : [tell('practice.nothing-named'), tell('practice.name-it-first')];
  if (move.kind === 'name-line') {
    if (p.named) return [tell('practice.named-already'), tell('practice.put-right-or-hand-over')];
    return hidesIn(p.round.bench).includes(move.fault) ? undefined : [tell('practice.no-such-fault-here'), list];
  }
  if (move.kind !== 'line' && move.kind !== 'wait') return [tell('practice.only-a-line-here'), list];
  if (benchMin(p) >= DAY_MIN) return [tell('practice.day-is-over'), tell('practice.name-or-hand-over')];
  if (move.kind === 'wait') return undefined;
  return benchActsFor(p.round.bench).includes(move.id) ? undefined : [tell('practice.not-at-this-line'), list];
}

function make(p: BenchPlay, move: Move): Said | undefined {
  switch (move.kind) {
    case 'wait':
      p.minutes.measuring += move.minutes;
      run(p, move.minutes);
      return undefined;
    case 'line': {
      const { minutes, spent } = BENCH_ACTS[move.id];
      p.minutes[spent] += minutes;
      return act(p, move.id, minutes);
    }
    case 'name-line':
      p.named = move.fault;
      return undefined;
    case 'finish':
      p.finished = true;
      if (!isLineRight(p)) addHarm(p.harm, HARM_OF[p.round.hidden], benchMin(p));
      return undefined;
    default:
      return undefined;
  }
}

/** What it does to the next owner of the line when it is handed over with this in it. */
const HARM_OF = {
  sound: 'signed-unproven',
  wet: 'left-wet',
  'pipe-leak': 'left-leaking',
  'hose-leak': 'signed-unproven',
  'pump-oil': 'signed-unproven',
  gauge: 'signed-unproven',
} as const;

function act(p: BenchPlay, id: BenchActId, minutes: number): Said | undefined {
  const go = (): void => {
    laid(p);
    run(p, minutes);
  };
  switch (id) {
    case 'hoses-off':
      p.hosesOn = false;
      go();
      p.heldFromMin = nowMin(p);
      return undefined;
    case 'soap-hoses':
      go();
      return tell(p.hose && p.hosesOn ? 'practice.bubbles-at-a-hose' : 'practice.no-bubbles');
    case 'soap-joints':
      go();
      return tell(p.joint ? 'practice.bubbles-at-a-joint' : 'practice.no-bubbles');
    case 'mend-hose':
      p.hose = false;
      go();
      return again(p);
    case 'mend-joint':
      if (!p.joint) addHarm(p.harm, 'opened-for-nothing', benchMin(p));
      p.joint = false;
      // The gas is let out, the joint is made again, and what was begun is begun anew.
      go();
      return again(p);
    default:
      return onVacuum(p, id, minutes, go);
  }
}

/** After something was mended the test begins anew. */
function again(p: BenchPlay): undefined {
  if (p.round.bench === 'hold') {
    p.bench = orderBench(orderBench(p.bench, { kind: 'pressurise', psig: TEST_PSIG }), {
      kind: 'configure',
      change: {},
    });
    run(p, 3);
    p.bench = orderBench(p.bench, { kind: 'close-source' });
    p.heldFromMin = nowMin(p);
  } else pump(p, 10);
  return undefined;
}

function pump(p: BenchPlay, minutes: number): void {
  p.bench = orderBench(p.bench, { kind: 'pump', on: true });
  laid(p);
  run(p, minutes);
}

function onVacuum(
  p: BenchPlay,
  id: Exclude<BenchActId, 'hoses-off' | 'soap-hoses' | 'soap-joints' | 'mend-hose' | 'mend-joint'>,
  minutes: number,
  go: () => void,
): Said | undefined {
  switch (id) {
    case 'isolate':
      p.bench = orderBench(p.bench, { kind: 'valve', open: false });
      go();
      return undefined;
    case 'pump-again':
      pump(p, minutes);
      return undefined;
    case 'blank-off': {
      go();
      const wet = (p.bench.state as VacuumState).oilWet;
      return tell(wet > OIL_FIT ? 'practice.pump-alone-stays-shallow' : 'practice.pump-alone-pulls-deep', {
        microns: q(SHALLOW_MICRONS, 'microns', 'as is'),
      });
    }
    case 'swap-gauge': {
      const was = p.round.bench === 'vacuum' && p.bench.kind === 'vacuum' ? p.bench.config.gauge : 'right';
      p.bench = orderBench(p.bench, { kind: 'configure', change: { gauge: 'right' } });
      go();
      return tell(
        was === 'right' ? 'practice.the-other-gauge-reads-the-same' : 'practice.the-other-gauge-stands-still',
      );
    }
    case 'change-oil':
      p.bench = orderBench(p.bench, { kind: 'oil' });
      pump(p, minutes);
      return undefined;
    case 'sweep':
      p.bench = orderBench(p.bench, { kind: 'sweep', psig: 2 });
      laid(p);
      run(p, minutes - PULL_MIN);
      pump(p, PULL_MIN);
      return undefined;
    case 'warm-pipes':
      if (p.round.bench === 'vacuum')
        p.bench = orderBench(p.bench, { kind: 'configure', change: { pipeF: p.round.config.pipeF + WARMED_F } });
      go();
      return undefined;
  }
}
/** After a sweep it is pulled down again for so long. */
const PULL_MIN = 15;

/** Whether it may be handed over: nothing leaks, no water is left, pump and gauge do what they must. */
export function isLineRight(p: BenchPlay): boolean {
  if (p.joint || p.hose) return false;
  if (p.bench.kind !== 'vacuum') return true;
  const { state, config } = p.bench;
  return state.waterOz < DRY_OZ && state.oilWet < OIL_FIT && config.gauge === 'right';
}
