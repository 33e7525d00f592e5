import { capacityOf, USUAL_FRICTION } from './airflow-per-ton';
import { flexMultiplier } from './flex';
import { ROUGHNESS_FT } from './friction';

type Run = { existingIn: number | null; kind: 'flex' | 'metal'; slackPct: number };

/** What one run that hangs there carries at the usual friction rate, CFM; flex as slack as it hangs. */
export function runCfm({ kind, slackPct }: Omit<Run, 'existingIn'>, diameterIn: number): number {
  if (kind === 'metal') return capacityOf(diameterIn, USUAL_FRICTION);
  const slack = flexMultiplier({ diameterIn: Math.max(5, Math.min(24, diameterIn)), compressionPct: slackPct });
  return capacityOf(diameterIn, USUAL_FRICTION / (slack.ok ? slack.value.multiplier : 1), ROUGHNESS_FT.flex);
}

/** What several runs that hang there carry together, each at the same friction rate; undefined where none hangs there. */
export function runsTogether(runs: readonly Run[]): number | undefined {
  const there = runs.filter((r) => r.existingIn !== null);
  return there.length ? there.reduce((sum, r) => sum + runCfm(r, r.existingIn!), 0) : undefined;
}
