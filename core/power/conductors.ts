/** Copper sizes used here, from the smallest, AWG. */
export const AWG = [14, 12, 10, 8, 6, 4, 3, 2, 1] as const;
export type Awg = (typeof AWG)[number];
export const INSULATION_C = [60, 75, 90] as const;
export type InsulationC = (typeof INSULATION_C)[number];
export const CABLES = ['conduit', 'nm', 'uf'] as const;
export type Cable = (typeof CABLES)[number];

/** Ampacity of copper by insulation, at most three conductors carrying current, 86 °F (NEC 310.16, edition not checked), A. */
export const COPPER_A: Readonly<Record<Awg, Readonly<Record<InsulationC, number>>>> = {
  14: { 60: 15, 75: 20, 90: 25 },
  12: { 60: 20, 75: 25, 90: 30 },
  10: { 60: 30, 75: 35, 90: 40 },
  8: { 60: 40, 75: 50, 90: 55 },
  6: { 60: 55, 75: 65, 90: 75 },
  4: { 60: 70, 75: 85, 90: 95 },
  3: { 60: 85, 75: 100, 90: 115 },
  2: { 60: 95, 75: 115, 90: 130 },
  1: { 60: 110, 75: 130, 90: 145 },
};

/** Resistance of stranded copper at 75 °C (NEC chapter 9 table 8, edition not checked), ohm per 1,000 ft. */
export const OHMS_PER_KFT: Readonly<Record<Awg, number>> = {
  14: 3.14,
  12: 1.98,
  10: 1.24,
  8: 0.778,
  6: 0.491,
  4: 0.308,
  3: 0.245,
  2: 0.194,
  1: 0.154,
};

/** Correction for hotter surroundings, in steps that are never interpolated (NEC 310.15(B), edition not checked): up to °F, by insulation. */
const AMBIENT: readonly (readonly [upToF: number, Readonly<Partial<Record<InsulationC, number>>>])[] = [
  [86, { 60: 1, 75: 1, 90: 1 }],
  [95, { 60: 0.91, 75: 0.94, 90: 0.96 }],
  [104, { 60: 0.82, 75: 0.88, 90: 0.91 }],
  [113, { 60: 0.71, 75: 0.82, 90: 0.87 }],
  [122, { 60: 0.58, 75: 0.75, 90: 0.82 }],
  [131, { 60: 0.41, 75: 0.67, 90: 0.76 }],
  [140, { 75: 0.58, 90: 0.71 }],
];
export const HOTTEST_F = 140;

/** Undefined where that insulation has no rating at that temperature. */
export const ambientFactor = (ambientF: number, insulation: InsulationC): number | undefined =>
  AMBIENT.find(([upToF]) => ambientF <= upToF)?.[1][insulation];

/** Adjustment for many conductors in one raceway or cable (NEC 310.15(C)(1), edition not checked): up to how many, factor. */
const BUNDLE: readonly (readonly [upTo: number, factor: number])[] = [
  [3, 1],
  [6, 0.8],
  [9, 0.7],
  [20, 0.5],
  [30, 0.45],
  [40, 0.4],
];
export const MOST_CARRYING = 40;
export const bundleFactor = (count: number): number => BUNDLE.find(([upTo]) => count <= upTo)?.[1] ?? 0;

/** Voltage lost over one conductor's length counts twice on one phase, √3 times between three. */
export const wayFactor = (phases: 1 | 3): number => (phases === 3 ? Math.sqrt(3) : 2);
