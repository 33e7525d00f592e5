import type { Finding, NextMove } from '@/core/finding/finding';
import { nextMove, orderFindings } from '@/core/job/order-findings';
import { airflowFindings, coilFindings, powerFindings, steadyFindings } from './judge-conditions';
import { compareFindings } from './judge-circuit';
import { deriveFigures, type Figures } from './figures';
import { probeFindings } from './probe-checks';
import type { JudgeInput } from './judge-input';

export type Judgement = { figures: Figures; findings: Finding[]; next: NextMove };

/**
 * Judges a start-up: figures, findings in the ladder's order, and one next move.
 *
 * What: power, probes, steadiness, airflow, outdoor coil, then the circuit against its targets, then the charge; a step
 * that is not proven holds the later confident verdicts back. Source: trade ladder, common practice; targets named in
 * each figure. Not covered: heating mode (maker's chart), inverter systems (maker's test mode), two circuits at once.
 */
export function judgeStartUp(input: JudgeInput): Judgement {
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
  const findings = orderFindings([...before, ...(running ? compareFindings(input, figures, suspects, held) : [])]);
  return { figures, findings, next: nextMove(findings, ALL_GOOD) };
}

const ALL_GOOD: NextMove = {
  say: 'Everything stands in its slot. Record the final reading and sign.',
  because: 'Power, probes, steadiness, airflow, coils and charge are all proven.',
  action: { kind: 'sign' },
};
