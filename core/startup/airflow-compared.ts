import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { oneOf } from '@/core/finding/quantity-field';
import { AIRFLOW_METHODS, type AirflowMethod, airflowField } from './airflow';
import { tell } from './words';

/** How far each method may be off, share of its figure at two standard deviations (common practice; house figures). */
export const METHOD_SHARE: Readonly<Record<AirflowMethod, number>> = {
  'flow grid or hood': 0.07,
  'strip-heat rise': 0.08,
  'static with blower table': 0.12,
  'maker’s test mode': 0.1,
  'gas-heat rise': 0.12,
  'drop over coil or filter': 0.15,
  'sum of the registers': 0.1,
};

export type MeasuredAir = { method: AirflowMethod; cfm: number };
export type AirCompared = {
  /** Mean of those that agree, each by how good its method is, and how far it may be off. */
  cfm: number;
  uncertaintyCfm: number;
  /** False where they contradict each other and nothing tells which one is wrong. */
  agrees: boolean;
  /** The one that the others speak against. */
  odd?: MeasuredAir;
};

const spread = ({ method, cfm }: MeasuredAir): number => METHOD_SHARE[method] * cfm;
const agree = (a: MeasuredAir, b: MeasuredAir): boolean => Math.abs(a.cfm - b.cfm) <= Math.hypot(spread(a), spread(b));
const allAgree = (of: readonly MeasuredAir[]): boolean => of.every((a, i) => of.slice(i + 1).every((b) => agree(a, b)));

function mean(of: readonly MeasuredAir[]): Pick<AirCompared, 'cfm' | 'uncertaintyCfm'> {
  const weights = of.map((m) => spread(m) ** -2);
  const sum = weights.reduce((a, b) => a + b, 0);
  return {
    cfm: of.reduce((total, m, i) => total + m.cfm * weights[i]!, 0) / sum,
    uncertaintyCfm: sum ** -0.5,
  };
}

/**
 * Whether several measurements of one airflow say the same. Two agree when they differ by no more than both may be off together;
 * where one of three or more stands alone against all others, that one is odd and counts no more.
 *
 * @source propagation of independent errors (JCGM 100, edition not checked); spreads of the methods are house figures
 */
export function compareAirflow(of: readonly MeasuredAir[]): AirCompared {
  if (allAgree(of)) return { ...mean(of), agrees: true };
  const without = of.map((_, i) => of.filter((_, k) => k !== i));
  const odd = without.flatMap((rest, i) => (rest.length > 1 && allAgree(rest) ? [i] : []));
  if (odd.length !== 1) return { ...mean(of), agrees: false };
  return { ...mean(without[odd[0]!]!), agrees: true, odd: of[odd[0]!]! };
}

const MOST = 7;

export const airflowCompared = calculation({
  id: 'airflow-compared',
  title: 'Airflow by several methods',
  what: 'Whether several measurements of one airflow agree, what they come to together, and which one is odd.',
  formula:
    'weights 1/spread²; two agree within √(spread₁² + spread₂²); odd: the only one without which all others agree',
  source: 'propagation of independent errors; spreads of the methods are house figures',
  notCovered: 'Errors that two methods share, as of one wrong duct area or of air that leaks between them.',
  input: z.strictObject({
    measured: z
      .array(z.strictObject({ method: oneOf(AIRFLOW_METHODS), cfm: airflowField }))
      .min(1)
      .max(MOST),
  }),
  compute: ({ measured }) => {
    if (new Set(measured.map((m) => m.method)).size < measured.length)
      return refuse('measured', tell('startup.same-method-twice'), tell('startup.each-method-once'));
    const { odd, ...rest } = compareAirflow(measured);
    return ok({ ...rest, ...(odd ? { odd: odd.method } : {}) });
  },
  example: {
    input: {
      measured: [
        { method: 'flow grid or hood', cfm: 1180 },
        { method: 'strip-heat rise', cfm: 1141 },
        { method: 'static with blower table', cfm: 1560 },
      ],
    },
    // By hand: (1180/82.6² + 1141/91.3²)/(1/82.6² + 1/91.3²) = 1162.5; 1/√(1/82.6² + 1/91.3²) = 61.2.
    expected: { cfm: 1162.5, uncertaintyCfm: 61.2, agrees: true, odd: 'static with blower table' },
    tolerance: 0.2,
  },
});
