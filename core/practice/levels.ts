import type { SystemName } from '@/core/controls/control-network';
import type { FaultName } from '@/core/plant/unit/faults';
import seeds from './seeds.json' with { type: 'json' };

/** From reading one picture to two faults at once; each step hides what the last one did and something more. */
export const LEVELS = ['ladder', 'faults', 'probes', 'lines', 'wires', 'two'] as const;
export type LevelId = (typeof LEVELS)[number];

/** What a level on a running system may hide, and how plainly it shows (0 hardly, 1 hard). */
export type SystemLevel = {
  kind: 'system';
  faults: readonly FaultName[];
  /** How many at once; none at all is one of the things that may be wrong. */
  together: 1 | 2;
  severity: readonly [least: number, most: number];
  orifices: boolean;
  /** Each figure shows its verdict: what is outside its band is marked. */
  marked: boolean;
};
export type CabinetLevel = { kind: 'cabinet'; systems: readonly SystemName[] };
/** A line under nitrogen or under vacuum. */
export type BenchLevel = { kind: 'bench' };
export type Level = SystemLevel | CabinetLevel | BenchLevel;

const PLAIN = ['healthy', 'undercharge', 'overcharge', 'low-indoor-airflow', 'outdoor-coil-blocked'] as const;
const INSIDE = [
  'liquid-restriction',
  'valve-starving',
  'valve-flooding',
  'non-condensables',
  'weak-compressor',
  'reversing-valve-leak',
  'orifice-too-large',
  'orifice-too-small',
] as const;

export const LEVEL: Record<LevelId, Level> = {
  ladder: { kind: 'system', faults: PLAIN, together: 1, severity: [0.5, 0.9], orifices: false, marked: true },
  faults: {
    kind: 'system',
    faults: [...PLAIN, ...INSIDE],
    together: 1,
    severity: [0.35, 1],
    orifices: true,
    marked: false,
  },
  probes: {
    kind: 'system',
    faults: ['probe-doubt', 'probe-doubt', 'probe-doubt', 'undercharge', 'liquid-restriction', 'healthy'],
    together: 1,
    severity: [0.35, 1],
    orifices: false,
    marked: false,
  },
  lines: { kind: 'bench' },
  wires: {
    kind: 'cabinet',
    systems: ['split-heat-pump', 'two-stage-cooling-furnace', 'packaged-single-stage-heat-pump', 'dual-fuel'],
  },
  two: {
    kind: 'system',
    faults: ['undercharge', 'overcharge', 'low-indoor-airflow', 'outdoor-coil-blocked', 'non-condensables'],
    together: 2,
    severity: [0.4, 0.9],
    orifices: false,
    marked: false,
  },
};

/** Rounds that were looked at: each settles, and can be told from what a crew can measure (`scripts/practice-seeds.ts`). */
export const SEEDS: Readonly<Record<LevelId, readonly number[]>> = seeds;

/** The next round of a level for somebody who has played these: the first one not played, then the one longest ago. */
export function nextSeed(level: LevelId, played: readonly number[]): number {
  const all = SEEDS[level];
  const open = all.find((s) => !played.includes(s));
  if (open !== undefined) return open;
  return [...all].sort((a, b) => played.lastIndexOf(a) - played.lastIndexOf(b))[0]!;
}
