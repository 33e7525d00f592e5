import type { Finding } from '@/core/finding/finding';
import { deriveFigures, type Figures } from './figures';
import { compareFindings } from './judge-circuit';
import { airflowFindings, coilFindings, powerFindings, steadyFindings } from './judge-conditions';
import type { JudgeInput } from './judge-input';
import { probeFindings } from './probe-checks';

export type StartUpFindings = { figures: Figures; findings: Finding[] };

/**
 * Judges a start-up: figures and findings; core/job puts them in order and picks the next move.
 *
 * What: power, probes, steadiness, airflow, outdoor coil, then the circuit against its targets, then the charge; a step
 * that is not proven holds the later confident verdicts back. Source: trade ladder, common practice; targets named in
 * each figure. Not covered: heating mode (maker's chart), inverter systems (maker's test mode), two circuits at once.
 */
export function judgeStartUp(input: JudgeInput): StartUpFindings {
  const { system, readings } = input;
  const figures = deriveFigures(system, readings, input.airflow, input.schools);
  const running = (readings.compressorA?.value ?? 0) > 0.5 && readings.compressorA?.trouble === undefined;
  const probes = probeFindings(system, readings, running);
  const before = [
    ...powerFindings(system, readings, figures, running),
    ...probes,
    ...steadyFindings(input.steady, running),
    ...airflowFindings(system, figures, input.airflow, input.confirmations),
    ...coilFindings(figures, input.confirmations),
  ];
  const suspects = new Set(probes.flatMap((p) => (p.id.startsWith('probe-') ? [p.id.slice('probe-'.length)] : [])));
  const held = before.filter((f) => f.verdict !== 'good' && f.id !== 'enclosure').map((f) => f.claim);
  return { figures, findings: [...before, ...(running ? compareFindings(input, figures, suspects, held) : [])] };
}
