/** What is added beyond a neat edge, before a shop sets its own (common practice), in. */
export const ALLOWANCE_IN = {
  /** Drive or S slip. */
  drive: 1,
  flange: 1,
  lap: 1,
  pocket: 1.125,
  pocketFlange: 0.25,
} as const;
