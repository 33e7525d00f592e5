import { barometerPsia } from '@/core/air/moist-air';
import { triedCalls, wiredFor } from '@/core/controls/control-network';
import type { FaultCode } from '@/core/controls/fault-codes';
import { safetiesOf } from '@/core/controls/make-plan';
import { nodesOf } from '@/core/controls/meter';
import type { Call } from '@/core/controls/thermostat';
import { FOLLOW_UPS, type FollowUpId } from '@/core/diagnosis/follow-ups';
import type { Reasoning } from '@/core/diagnosis/reason';
import type { Verdict } from '@/core/finding/finding';
import type { FaultName } from '@/core/plant/unit/faults';
import { faultsOf } from '@/core/plant/unit/faults';
import type { Figures } from '@/core/startup/figure';
import { type RunSample, steadySamples } from '@/core/startup/live';
import { type Readings, RUNNING_A } from '@/core/startup/quantities';
import { type RunEvent, type SteadyResult, steadyState } from '@/core/startup/steady-state';
import { type ActId, actsFor } from './acts';
import { type BenchPlay, type BenchSample, benchMin } from './bench-play';
import { type BenchActId, type BenchFault, type BenchName, benchActsFor, hidesIn } from './bench-round';
import { type CabinetPlay, cabinetMin } from './cabinet-play';
import { namesFor } from './cabinet-round';
import { followsFor } from './follow';
import { LEVEL, type LevelId } from './levels';
import type { Play, Result } from './practice';
import { resultOf } from './practice';
import type { ProbeId } from './probes';
import { airflowOf, figuresOf, readingsOf } from './system-facts';
import { type Done, nowMin, type SystemPlay } from './system-play';
import type { SystemRound } from './system-round';

/** What a crew may know of the system before it measures: its plate, its place and its weather, never what hides in it. */
export type SystemFacts = Pick<
  SystemRound,
  | 'refrigerant'
  | 'metering'
  | 'tons'
  | 'targetSubcoolingF'
  | 'ratedLoadA'
  | 'nominalChargeOz'
  | 'elevationFt'
  | 'outdoorF'
> & { barometerPsia: number };

type Common = { level: LevelId; seed: number; nowMin: number; done: readonly Done[]; finished: boolean };
export type SystemView = Common & {
  kind: 'system';
  facts: SystemFacts;
  running: boolean;
  cutout: 'none' | 'high-pressure' | 'low-pressure';
  placed: readonly ProbeId[];
  readings: Readings;
  figures: Figures;
  /** Only where the level marks what is outside its band. */
  verdicts: Partial<Record<string, Verdict>>;
  steady: SteadyResult;
  samples: readonly RunSample[];
  events: readonly RunEvent[];
  follows: readonly { id: FollowUpId; minutes: number }[];
  acts: readonly ActId[];
  faults: readonly FaultName[];
  named: readonly FaultName[] | undefined;
  reasoned: Reasoning | undefined;
  result: Result | undefined;
};
export type CabinetView = Common & {
  kind: 'cabinet';
  system: CabinetPlay['round']['system'];
  spec: CabinetPlay['round']['spec'];
  calls: readonly Call[];
  safeties: readonly string[];
  terminals: readonly string[];
  names: readonly (FaultCode | 'none')[];
  named: FaultCode | 'none' | undefined;
  result: Result | undefined;
};
export type BenchView = Common & {
  kind: 'bench';
  bench: BenchName;
  facts: { elevationFt: number; lineFt: number; volumeFt3: number; barometerPsia: number };
  samples: readonly BenchSample[];
  /** The bench's own minute that a pressure hold counts from. */
  heldFromMin: number;
  /** The valve to the pump, or the hoses, stand open to the line. */
  open: boolean;
  acts: readonly BenchActId[];
  names: readonly BenchFault[];
  named: BenchFault | undefined;
  result: Result | undefined;
};
export type RoundView = SystemView | CabinetView | BenchView;

/** What the screen of a round is given after a move. */
export function viewOf(level: LevelId, seed: number, { kind, play }: Play): RoundView {
  switch (kind) {
    case 'system':
      return systemView(level, seed, play);
    case 'cabinet':
      return cabinetView(level, seed, play);
    case 'bench':
      return benchView(level, seed, play);
  }
}

function benchView(level: LevelId, seed: number, p: BenchPlay): BenchView {
  const { round, bench } = p;
  return {
    kind: 'bench',
    level,
    seed,
    nowMin: benchMin(p),
    bench: round.bench,
    facts: {
      elevationFt: round.elevationFt,
      lineFt: round.lineFt,
      volumeFt3: round.config.volumeFt3,
      barometerPsia: barometerPsia(round.elevationFt),
    },
    samples: p.samples,
    heldFromMin: p.heldFromMin,
    open: bench.kind === 'vacuum' ? bench.state.open : p.hosesOn,
    acts: benchActsFor(round.bench),
    names: hidesIn(round.bench),
    done: p.done,
    named: p.named,
    finished: p.finished,
    result: p.finished ? resultOf({ kind: 'bench', play: p }) : undefined,
  };
}

function systemView(level: LevelId, seed: number, p: SystemPlay): SystemView {
  const { round } = p;
  const psia = barometerPsia(round.elevationFt);
  const readings = readingsOf(p);
  const figures = figuresOf(round, readings, airflowOf(p));
  const of = LEVEL[level];
  return {
    kind: 'system',
    level,
    seed,
    facts: {
      refrigerant: round.refrigerant,
      metering: round.metering,
      tons: round.tons,
      targetSubcoolingF: round.targetSubcoolingF,
      ratedLoadA: round.ratedLoadA,
      nominalChargeOz: round.nominalChargeOz,
      elevationFt: round.elevationFt,
      outdoorF: round.outdoorF,
      barometerPsia: psia,
    },
    nowMin: nowMin(p),
    running: p.state.running,
    cutout: p.state.cutout,
    placed: p.placed,
    readings,
    figures,
    verdicts: of.kind === 'system' && of.marked && runs(readings) ? marksOf(figures) : {},
    steady: steadyState(steadySamples(p.samples, { refrigerant: round.refrigerant, barometerPsia: psia }), p.events),
    samples: p.samples,
    events: p.events,
    follows: followsFor(p).map((id) => ({ id, minutes: FOLLOW_UPS[id].minutes })),
    acts: actsFor(round.metering),
    faults: faultsOf(round.metering),
    done: p.done,
    named: p.named,
    reasoned: p.reasoned,
    finished: p.finished,
    result: p.finished ? resultOf({ kind: 'system', play: p }) : undefined,
  };
}

const runs = (r: Readings): boolean => r.compressorA === undefined || r.compressorA.value > RUNNING_A;

/** A figure inside its band is good, outside it is to be looked at again; one without a band says nothing. */
function marksOf(figures: Figures): SystemView['verdicts'] {
  return Object.fromEntries(
    Object.values(figures.byId).flatMap((f) => {
      const band = f.target;
      if (!band || f.value === undefined || !Number.isFinite(f.value)) return [];
      return [[f.id, f.value >= band.low && f.value <= band.high ? 'good' : 'look-again'] as const];
    }),
  );
}

function cabinetView(level: LevelId, seed: number, p: CabinetPlay): CabinetView {
  const { spec } = p.round;
  const { plan } = wiredFor(spec);
  return {
    kind: 'cabinet',
    level,
    seed,
    system: p.round.system,
    spec,
    nowMin: cabinetMin(p),
    calls: triedCalls(spec),
    safeties: safetiesOf(spec).map((s) => s.device),
    terminals: [...nodesOf(plan)].filter((n) => ON_A_STRIP.test(n)).sort(),
    names: namesFor(p.round),
    done: p.done,
    named: p.named,
    finished: p.finished,
    result: p.finished ? resultOf({ kind: 'cabinet', play: p }) : undefined,
  };
}
/** Terminals with a screw that a meter's tip reaches. */
const ON_A_STRIP = /^(stat|in|out)\./;
