import type { Finding } from '@/core/finding/finding';
import { list, q, type Said, upper, value } from '@/core/words/said';
import { type AirCompared, compareAirflow, METHOD_SHARE, type MeasuredAir } from './airflow-compared';
import { tell } from './words';

const told = (of: MeasuredAir): Said =>
  tell('startup.air-of-method', { method: value(of.method), cfm: q(of.cfm, 'cfm') });

/** What several methods say together: that they agree, which one is odd, or that they contradict each other. */
export function methodFinding(of: readonly MeasuredAir[] | undefined): Finding | undefined {
  if (!of || of.length < 2) return undefined;
  const compared = compareAirflow(of);
  const { odd, agrees, cfm, uncertaintyCfm } = compared;
  const counted = of.filter((m) => m !== odd);
  const methods = upperFirst(counted);
  const spread = q(uncertaintyCfm, 'cfm');
  return {
    id: 'airflow-methods',
    step: 'airflow',
    verdict: agrees ? 'good' : 'not-proven',
    claim: !agrees
      ? tell('startup.methods-contradict', { methods })
      : odd
        ? tell('startup.methods-but-one-agree', { methods, cfm: q(cfm, 'cfm'), spread, odd: told(odd) })
        : tell('startup.methods-agree', { methods, cfm: q(cfm, 'cfm'), spread }),
    evidence: of.map((m) => ({
      quantity: value(m.method),
      value: m.cfm,
      unit: 'CFM',
      band: { low: m.cfm * (1 - METHOD_SHARE[m.method]), high: m.cfm * (1 + METHOD_SHARE[m.method]) },
    })),
    because: agrees ? tell('startup.independent-methods-prove-more') : tell('startup.one-of-them-is-wrong'),
    source: tell('startup.common-practice'),
    confidence: 'medium',
    miss: agrees ? 0 : 1,
    ...nextOf(compared),
  };
}

const upperFirst = (of: readonly MeasuredAir[]) =>
  list(
    of.map((m, i) => (i === 0 ? upper(told(m)) : told(m))),
    value('and'),
  );

function nextOf({ agrees, odd }: AirCompared): Pick<Finding, 'next'> | undefined {
  if (agrees && !odd) return undefined;
  return {
    next: {
      say: tell(agrees ? 'startup.look-at-odd-instrument' : 'startup.measure-by-a-third'),
      because: tell('startup.independent-methods-prove-more'),
      action: { kind: 'prove-airflow' },
    },
  };
}
