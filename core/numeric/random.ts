/** Seeded generator (mulberry32). Its whole state is one integer, so a saved rig goes on exactly where it stood. */
export type RandomState = { seed: number };

export function uniform(state: RandomState): number {
  state.seed = (state.seed + 0x6d2b79f5) | 0;
  let t = Math.imul(state.seed ^ (state.seed >>> 15), 1 | state.seed);
  t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
  return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
}

/** Standard normal by Box–Muller; one draw a call keeps the state simple. */
export function normal(state: RandomState): number {
  const u = Math.max(1e-12, uniform(state));
  return Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * uniform(state));
}
