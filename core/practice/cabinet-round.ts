import { type SystemName, specOf, wiredFor } from '@/core/controls/control-network';
import type { Measured, Seen } from '@/core/controls/diagnose';
import { nextProbe, nextTrial, remaining, type Signatures, signaturesOf } from '@/core/controls/diagnose';
import { type FaultCode, faultsOf } from '@/core/controls/fault-codes';
import type { PlanSpec } from '@/core/controls/make-plan';
import { type Probe, probesOf } from '@/core/controls/probe';
import { hiddenBy, pullsIn, voltsIn } from '@/core/plant/cabinet/cabinet';
import type { CabinetLevel } from './levels';

/** A simulated cabinet with at most one fault of its wiring. */
export type CabinetRound = {
  seed: number;
  system: SystemName;
  spec: PlanSpec;
  hidden: FaultCode | 'none';
  signatures: Signatures;
  probes: readonly Probe[];
};

export function drawCabinetRound(level: CabinetLevel, seed: number): CabinetRound {
  const system = level.systems[seed % level.systems.length]!;
  const spec = specOf(system, { valve: 'O', floatBreak: 'R_ALL', freezeBreak: 'Y' });
  const within = Math.floor(seed / level.systems.length);
  return {
    seed: within,
    system,
    spec,
    hidden: hiddenBy(spec, within) ?? 'none',
    signatures: signaturesOf(spec),
    probes: probesOf(wiredFor(spec).plan),
  };
}

export const namesFor = (round: CabinetRound): (FaultCode | 'none')[] => [...faultsOf(round.spec), 'none'];

/** What each thing takes in a cabinet, min (common practice): a call with its waiting, a meter, the power off for ohms, a conductor. */
export const CABINET_MIN = { try: 3, volts: 2, ohms: 4, mend: 15 } as const;

export type CabinetStep =
  | { did: 'try'; trial: Seen; left: number; minutes: number }
  | { did: 'volts'; measured: Measured; left: number; minutes: number };

/** How the wirings that nothing speaks against become one: the trial that parts them best, else the measurement. */
export function retraceCabinet(round: CabinetRound): {
  steps: CabinetStep[];
  left: (FaultCode | 'none')[];
  minutes: number;
} {
  const { spec, signatures, probes } = round;
  const cabinet = { spec, seed: round.seed, mended: [] };
  const seen: Seen[] = [];
  const measured: Measured[] = [];
  const steps: CabinetStep[] = [];
  let left = remaining(signatures, { seen, measured });
  while (left.length > 1) {
    const trial = nextTrial(spec, signatures, left);
    if (trial) {
      const tried = { ...trial, runs: pullsIn(cabinet, trial) };
      seen.push(tried);
      left = remaining(signatures, { seen, measured });
      steps.push({ did: 'try', trial: tried, left: left.length, minutes: CABINET_MIN.try });
      continue;
    }
    const at = nextProbe(spec, signatures, left, probes);
    if (!at) break;
    const read = { ...at, volts: voltsIn(cabinet, at, at) };
    measured.push(read);
    left = remaining(signatures, { seen, measured });
    steps.push({ did: 'volts', measured: read, left: left.length, minutes: CABINET_MIN.volts });
  }
  return { steps, left, minutes: steps.reduce((sum, s) => sum + s.minutes, 0) };
}
