import { barometerPsia } from '@/core/air/moist-air';
import { type RandomState, uniform } from '@/core/numeric/random';
import type { NitrogenConfig } from '@/core/plant/bench/nitrogen-bench';
import type { VacuumConfig } from '@/core/plant/bench/vacuum-bench';

/** What a line under nitrogen or under vacuum may hide. */
export const HOLD_HIDES = ['sound', 'pipe-leak', 'hose-leak'] as const;
export const VACUUM_HIDES = ['sound', 'wet', 'pipe-leak', 'hose-leak', 'pump-oil', 'gauge'] as const;
export type BenchFault = (typeof VACUUM_HIDES)[number];
export type BenchName = 'hold' | 'vacuum';

/** A line set on a simulated bench with at most one thing wrong. Everything is invented but the physics. */
export type BenchRound = { seed: number; hidden: BenchFault; elevationFt: number; lineFt: number } & (
  | { bench: 'hold'; config: NitrogenConfig }
  | { bench: 'vacuum'; config: VacuumConfig; waterOz: number; oilWet: number }
);

/** The test pressure of these rounds, and the vacuum that is asked for (common practice; the maker wins). */
export const TEST_PSIG = 450;
export const ASKED_MICRONS = 500;

const between = (s: RandomState, low: number, high: number): number => low + (high - low) * uniform(s);

/** Volume of a line set with its coil, ft³ a foot and besides. Invented. */
const FT3_A_FT = 0.0045;
const COIL_FT3 = 0.12;

/** A round from its seed: every other one under nitrogen, what it hides in turn. */
export function drawBenchRound(seed: number): BenchRound {
  const s: RandomState = { seed: seed * 7919 };
  const elevationFt = Math.round(between(s, 0, 5200) / 10) * 10;
  const lineFt = Math.round(between(s, 18, 75));
  const volumeFt3 = COIL_FT3 + FT3_A_FT * lineFt;
  const within = Math.floor(seed / 2);
  const head = { seed, elevationFt, lineFt };
  if (seed % 2 === 0) {
    const hidden = HOLD_HIDES[within % HOLD_HIDES.length]!;
    // A cooling evening makes a tight line fall, a warming morning hides a leak.
    const swingFPerH = between(s, 4, 16) * (uniform(s) < 0.6 ? -1 : 1);
    return {
      ...head,
      bench: 'hold',
      hidden,
      config: {
        seed,
        volumeFt3,
        barometerPsia: barometerPsia(elevationFt),
        airF: between(s, 58, 92),
        swingFPerH,
        sunF: 0,
        leakScfh: hidden === 'sound' ? 0 : between(s, 0.35, 0.9),
        cylinderScf: 40,
        cylinderPsig: 1800,
      },
    };
  }
  const hidden = VACUUM_HIDES[within % VACUUM_HIDES.length]!;
  const leaks = hidden === 'pipe-leak' || hidden === 'hose-leak';
  return {
    ...head,
    bench: 'vacuum',
    hidden,
    waterOz: hidden === 'wet' ? between(s, 0.15, 0.6) : 0,
    oilWet: hidden === 'pump-oil' ? between(s, 0.85, 1) : 0,
    config: {
      seed,
      volumeFt3,
      pumpCfm: 6,
      hoses: { boreIn: 0.375, lengthIn: 36, count: 1, coresIn: false },
      pipeF: between(s, 58, 88),
      leakMicronCfm: leaks ? between(s, 900, 2600) : 0,
      gauge: hidden === 'gauge' ? 'fouled' : 'right',
    },
  };
}

export const hidesIn = (bench: BenchName): readonly BenchFault[] => (bench === 'hold' ? HOLD_HIDES : VACUUM_HIDES);

/** What each thing takes at the line, min (common practice). */
export const BENCH_ACTS = {
  'hoses-off': { minutes: 2, on: 'hold', spent: 'measuring' },
  'soap-hoses': { minutes: 4, on: 'hold', spent: 'measuring' },
  'soap-joints': { minutes: 15, on: 'hold', spent: 'measuring' },
  isolate: { minutes: 1, on: 'vacuum', spent: 'measuring' },
  'pump-again': { minutes: 15, on: 'vacuum', spent: 'waiting' },
  'blank-off': { minutes: 5, on: 'vacuum', spent: 'measuring' },
  'swap-gauge': { minutes: 4, on: 'vacuum', spent: 'working' },
  'change-oil': { minutes: 10, on: 'vacuum', spent: 'working' },
  sweep: { minutes: 25, on: 'vacuum', spent: 'working' },
  'warm-pipes': { minutes: 20, on: 'vacuum', spent: 'working' },
  'mend-hose': { minutes: 6, on: 'both', spent: 'working' },
  'mend-joint': { minutes: 45, on: 'both', spent: 'working' },
} as const satisfies Record<
  string,
  { minutes: number; on: BenchName | 'both'; spent: 'measuring' | 'waiting' | 'working' }
>;
export type BenchActId = keyof typeof BENCH_ACTS;
export const BENCH_ACT_IDS = Object.keys(BENCH_ACTS) as [BenchActId, ...BenchActId[]];

export const benchActsFor = (bench: BenchName): BenchActId[] =>
  BENCH_ACT_IDS.filter((id) => BENCH_ACTS[id].on === 'both' || BENCH_ACTS[id].on === bench);
