import type { Found } from '@/core/diagnosis/follow-ups';
import type { Reasoning } from '@/core/diagnosis/reason';
import type { Channel } from '@/core/plant/channels';
import { advance, command, newRig, type RigConfig, type RigState, sample } from '@/core/plant/rig';
import type { FaultName } from '@/core/plant/unit/faults';
import type { RunSample } from '@/core/startup/live';
import type { Quantity } from '@/core/startup/quantities';
import { type RunEvent, WHOLE_S } from '@/core/startup/steady-state';
import type { Said } from '@/core/words/said';
import { addHarm, type Harm } from './harm';
import type { Move } from './moves';
import { PROBES, type ProbeId } from './probes';
import { chargeFound, type Hidden, rigOf, type SpoiltProbe, type SystemRound } from './system-round';

/** A round as it stands after some moves. It is changed in place, a move at a time; the same moves make the same of it. */
export type SystemPlay = {
  round: SystemRound;
  config: RigConfig;
  state: RigState;
  /** What is wrong still. */
  hidden: readonly Hidden[];
  spoilt: SpoiltProbe | undefined;
  placed: readonly ProbeId[];
  cfm: number | undefined;
  /** Numbers that follow-ups gave, and what the others of them showed. */
  followed: Partial<Record<Quantity, number>>;
  found: readonly Found[];
  samples: RunSample[];
  events: RunEvent[];
  done: Done[];
  minutes: { measuring: number; waiting: number; working: number };
  /** When something was last changed that the readings must settle after, min. */
  changedMin: number;
  airProven: boolean;
  floodedS: number;
  harm: Harm[];
  named: readonly FaultName[] | undefined;
  /** What the reasoning made of the same readings when the fault was named. */
  reasoned: Reasoning | undefined;
  finished: boolean;
};
export type Done = { atMin: number; move: Move; showed?: Said };
export type Spent = keyof SystemPlay['minutes'];

/** It has run this long when the crew comes, s. */
const BEFORE_S = 1500;
/** Nobody looks on until then: longer steps come to the same. */
const BEFORE_STEP_S = 5;
/** Liquid on its way to the compressor: below this superheat, and harm from so much of it on (common practice). */
const FLOODING_BELOW_F = 2;
const FLOODED_MOST_S = 45 * 60;
/** A system that stands only evens out: it is looked at this often, s. */
const STANDING_STEP_S = 10;
/** What is put on shows from the last minute of putting it on. */
const SHOWS_S = 60;

export function startSystem(round: SystemRound): SystemPlay {
  const config = rigOf(round, round.hidden, round.spoilt);
  const { state } = command(config, newRig(config, chargeFound(round)), { kind: 'start' });
  for (let i = 0; i < BEFORE_S; i += BEFORE_STEP_S) advance(config, state, BEFORE_STEP_S);
  const events: RunEvent[] = [{ runSeconds: 0, kind: 'compressor-start' }];
  if (!state.running) events.push({ runSeconds: BEFORE_S, kind: 'compressor-stop' });
  return {
    round,
    config,
    state,
    hidden: round.hidden,
    spoilt: round.spoilt,
    placed: [],
    cfm: undefined,
    followed: {},
    found: [],
    samples: [],
    events,
    done: [],
    minutes: { measuring: 0, waiting: 0, working: 0 },
    changedMin: -BEFORE_S / 60,
    airProven: false,
    floodedS: 0,
    harm: [],
    named: undefined,
    reasoned: undefined,
    finished: false,
  };
}

/** Minutes since the crew came, and the run's own clock. */
export const nowMin = (p: SystemPlay): number => (p.state.seconds - BEFORE_S) / 60;
const runS = (p: SystemPlay): number => p.state.seconds;

export const note = (p: SystemPlay, kind: RunEvent['kind']): void => {
  p.events.push({ runSeconds: runS(p), kind });
};

/** Lets time go by; what is on shows. `upcoming` is being put on and shows in the last minute. */
export function pass(p: SystemPlay, minutes: number, spent: Spent, upcoming: readonly ProbeId[] = []): void {
  const seconds = Math.round(minutes * 60);
  p.minutes[spent] += minutes;
  for (let i = 0; i < seconds; ) {
    const ran = p.state.running;
    const step = ran ? 1 : Math.min(STANDING_STEP_S, seconds - i);
    i += step;
    advance(p.config, p.state, step);
    if (ran && !p.state.running) note(p, 'compressor-stop');
    watchLiquid(p);
    const shown = sample(p.config, p.state);
    const on = seconds - i < SHOWS_S ? [...p.placed, ...upcoming] : p.placed;
    if (on.length) p.samples.push({ runSeconds: runS(p), values: valuesOf(on, shown) });
  }
  const from = p.samples.findIndex((s) => s.runSeconds > runS(p) - WHOLE_S);
  if (from > 0) p.samples.splice(0, from);
}

function valuesOf(on: readonly ProbeId[], shown: Record<Channel, number | null>): RunSample['values'] {
  const channels: readonly Channel[] = on.flatMap((id) => PROBES[id].channels);
  return Object.fromEntries(channels.map((c) => [c, shown[c]]));
}

function watchLiquid(p: SystemPlay): void {
  if (!p.state.running || p.state.superheatF >= FLOODING_BELOW_F) return;
  p.floodedS += 1;
  if (p.floodedS === FLOODED_MOST_S) addHarm(p.harm, 'flooded', nowMin(p));
}

/** Makes the simulated system again of what is wrong still. */
export function laidAnew(p: SystemPlay): void {
  p.config = rigOf(p.round, p.hidden, p.spoilt);
}

export function stop(p: SystemPlay): void {
  if (!p.state.running) return;
  p.state = command(p.config, p.state, { kind: 'stop' }).state;
  note(p, 'compressor-stop');
}

export function start(p: SystemPlay): void {
  if (p.state.running) return;
  p.state = command(p.config, p.state, { kind: 'start' }).state;
  note(p, 'compressor-start');
}
