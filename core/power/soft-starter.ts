import type { Finding } from '@/core/finding/finding';
import { q } from '@/core/words/said';
import { inrushReduction } from './inrush';
import { tell } from './words';

/** A line of the company's table of soft starters. */
export type Starter = {
  model: string;
  maxRlaA: number;
  maxLraA: number;
  volts: number;
  phase: 1 | 3;
  builtInStart: boolean;
};
/** What it would be fitted to. */
export type StarterFor = {
  phases: 1 | 3;
  stages: 'single' | 'two' | 'variable';
  volts: number;
  rlaA: number;
  lraA: number;
  /** The maker's word: a starter voids the warranty. */
  makerForbids: boolean;
};

/** Why no soft starter goes on it; undefined where one may. */
export function starterRefused({ phases, stages, makerForbids }: StarterFor) {
  if (makerForbids) return tell('power.maker-forbids-a-starter');
  if (stages === 'variable') return tell('power.an-inverter-starts-softly-itself');
  return phases === 3 ? tell('power.starter-is-for-one-phase') : undefined;
}

/**
 * The smallest starter whose ratings carry the compressor; undefined where none of the table does.
 * @param table the company's; @param c rated-load and locked-rotor amps, supply
 */
export function chooseStarter(table: readonly Starter[], c: StarterFor): Starter | undefined {
  return table
    .filter((s) => s.phase === c.phases && s.volts === c.volts && s.maxRlaA >= c.rlaA && s.maxLraA >= c.lraA)
    .sort((a, b) => a.maxRlaA - b.maxRlaA || a.maxLraA - b.maxLraA)[0];
}

/** Less than this much off the inrush is no use; as much is a good one (house rules), %. */
const USELESS_PCT = 30;
const GOOD_PCT = 50;
/** A reading before that is plausible, of the plate's locked-rotor amps. */
const PLAUSIBLE = { low: 0.5, high: 1.3 } as const;

const SOURCE = tell('power.house-rule-common-practice');

/** Whether the inrush came down, by two captures of one meter in one mode; a first one far off the plate is a capture to doubt. */
export function judgeReduction({
  beforeA,
  afterA,
  lraA,
}: {
  beforeA: number;
  afterA: number;
  lraA: number | null;
}): Finding {
  const reduction = inrushReduction({ beforeA, afterA });
  if (!reduction.ok)
    return {
      id: 'inrush',
      verdict: 'not-proven',
      claim: reduction.refused.message,
      because: tell('power.capture-it-again'),
      source: SOURCE,
    };
  const pct = reduction.value.reductionPct;
  const base = {
    id: 'inrush',
    because: tell('power.same-meter-same-mode-five-minutes-off'),
    source: SOURCE,
  };
  const said = { pct: q(pct, 'pct', 1), beforeA: q(beforeA, 'A', 0), afterA: q(afterA, 'A', 0) };
  if (lraA !== null && (beforeA < PLAUSIBLE.low * lraA || beforeA > PLAUSIBLE.high * lraA))
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('power.capture-is-far-off-the-plate', { ...said, lraA: q(lraA, 'A', 0) }),
      next: { say: tell('power.capture-it-again') },
    };
  if (pct >= GOOD_PCT) return { ...base, verdict: 'good', claim: tell('power.inrush-down-by', said) };
  return {
    ...base,
    verdict: 'look-again',
    claim: tell(pct < USELESS_PCT ? 'power.inrush-hardly-down' : 'power.inrush-down-by', said),
    next: { say: tell('power.let-it-learn-then-look-at-the-leads') },
    miss: (GOOD_PCT - pct) / GOOD_PCT,
  };
}
