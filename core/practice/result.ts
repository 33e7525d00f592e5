import type { FaultCode } from '@/core/controls/fault-codes';
import type { FaultName } from '@/core/plant/unit/faults';
import type { Readings } from '@/core/startup/quantities';
import { applySystem, isRight } from './apply-system';
import { type BenchPlay, benchMin, isLineRight } from './bench-play';
import { type BenchStep, retraceBench } from './bench-retrace';
import type { BenchFault } from './bench-round';
import { type CabinetPlay, cabinetMin, isWiredRight, wiringFound } from './cabinet-play';
import { type CabinetStep, retraceCabinet } from './cabinet-round';
import { PROBE_IDS } from './probes';
import { type Retraced, retrace } from './retrace';
import { foundShare, type Score, scoreOf } from './score';
import { readingsOf } from './system-facts';
import { type SystemPlay, startSystem } from './system-play';
import type { SystemRound } from './system-round';

export type SystemResult = {
  kind: 'system';
  score: Score;
  hidden: readonly FaultName[];
  named: readonly FaultName[];
  right: boolean;
  retraced: Retraced;
  /** As it read when the crew came, and as it is left; as a sound one would read where it is not right. */
  before: Readings;
  after: Readings;
  leftRight: boolean;
};
export type CabinetResult = {
  kind: 'cabinet';
  score: Score;
  hidden: FaultCode | 'none';
  named: FaultCode | 'none';
  right: boolean;
  steps: readonly CabinetStep[];
};

/** All eight probes on a round as it is found. */
function readAll(round: SystemRound): Readings {
  const p = startSystem(round);
  applySystem(p, { kind: 'place', probes: [...PROBE_IDS] });
  return readingsOf(p);
}

/** What a finished round on a running system comes to. */
export function systemResult(p: SystemPlay): SystemResult {
  const hidden = p.round.hidden.map((h) => h.fault);
  const named = p.named ?? [];
  const right = isRight(p);
  const retraced = retrace(p.round);
  const { measuring, waiting, working } = p.minutes;
  const found = foundShare(named, hidden);
  return {
    kind: 'system',
    score: scoreOf({
      found,
      right,
      minutes: { measuring, total: measuring + waiting + working },
      par: { measuring: retraced.measuringMin, total: retraced.totalMin },
      harm: p.harm,
    }),
    hidden,
    named,
    right: found === 1,
    retraced,
    before: readAll(p.round),
    after: readAll({ ...p.round, hidden: [], spoilt: undefined }),
    leftRight: right,
  };
}

/** What a finished round at a cabinet comes to. */
export function cabinetResult(p: CabinetPlay): CabinetResult {
  const { steps, left, minutes } = retraceCabinet(p.round);
  const named = p.named ?? 'none';
  const found = wiringFound(p.round, named, left);
  const right = isWiredRight(p);
  return {
    kind: 'cabinet',
    score: scoreOf({
      found,
      right,
      minutes: { measuring: p.minutes.measuring, total: cabinetMin(p) },
      par: { measuring: minutes, total: minutes + p.minutes.working },
      harm: p.harm,
    }),
    hidden: p.round.hidden,
    named,
    right: found === 1,
    steps,
  };
}

export type BenchResult = {
  kind: 'bench';
  score: Score;
  hidden: BenchFault;
  named: BenchFault;
  right: boolean;
  steps: readonly BenchStep[];
};

/** What a finished round at a line comes to. */
export function benchResult(p: BenchPlay): BenchResult {
  const { steps, minutes } = retraceBench(p.round.bench, p.round.hidden);
  const named = p.named ?? 'sound';
  const found = named === p.round.hidden ? 1 : 0;
  return {
    kind: 'bench',
    score: scoreOf({
      found,
      right: isLineRight(p),
      minutes: { measuring: p.minutes.measuring, total: benchMin(p) },
      par: { measuring: minutes, total: minutes + p.minutes.waiting + p.minutes.working },
      harm: p.harm,
    }),
    hidden: p.round.hidden,
    named,
    right: found === 1,
    steps,
  };
}
