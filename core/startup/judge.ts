import { stands } from '@/core/finding/accepted';
import type { Finding } from '@/core/finding/finding';
import { callOf, isLowStage } from '@/core/finding/run-mode';
import { methodFinding } from './airflow-methods';
import { withChartTargets } from './chart/chart-bands';
import { chartFindings } from './chart/chart-findings';
import type { Figures } from './figure';
import { deriveFigures } from './figures';
import { heatingFindings } from './heating';
import { figuresOf } from './heating-figures';
import { compareFindings } from './judge-circuit';
import { airflowFindings, coilFindings, enclosureFinding, powerFindings, steadyFindings } from './judge-conditions';
import type { JudgeInput } from './judge-input';
import { limitOf, requiredNow } from './limit';
import { stageFinding } from './low-stage';
import { probeFindings } from './probe-checks';
import { RUNNING_A } from './quantities';
import { seasonFindings } from './season';
import { stopFindings } from './stops';

export type StartUpFindings = { figures: Figures; findings: Finding[] };

/**
 * Judges a start-up: figures and findings; core/job puts them in order and picks the next move.
 *
 * What: power, probes, steadiness, airflow, outdoor coil, then the circuit against its targets, then the charge; a step
 * that is not proven holds the later confident verdicts back. What hurts comes first, for every system, mode and weather;
 * where the charge cannot be judged now, what stands in its place is. Source: trade ladder, common practice; targets named in
 * each figure; an inverter against its maker's chart, where that is on file. Not covered: two circuits at once.
 */
export function judgeStartUp(input: JudgeInput): StartUpFindings {
  const { system, readings } = input;
  const figures = deriveFigures(system, readings, input.airflow, input.schools);
  const amps = readings.compressorA?.trouble ? undefined : readings.compressorA?.value;
  // A box that nobody filled in does not say that the compressor stands.
  const running = amps === undefined ? undefined : amps > RUNNING_A;
  const limit = limitOf(input);
  const probes = probeFindings(input, running === true, requiredNow(limit));
  const suspects = new Set(probes.flatMap((p) => (p.id.startsWith('probe-') ? [p.id.slice('probe-'.length)] : [])));
  // Suction above liquid: either gauge may be the wrong one.
  if (suspects.has('suctionPsig') && (readings.suctionPsig?.value ?? 0) > (readings.liquidPsig?.value ?? Infinity))
    suspects.add('liquidPsig');
  const stops = stopFindings(input, figures, suspects);
  const figuresNow = withChartTargets(figuresOf(figures, input.mode), input);
  if (limit)
    return {
      figures: figuresNow,
      findings: [
        ...stops,
        ...powerFindings(system, readings, figures, running === true),
        ...probes,
        ...(running === false ? steadyFindings(input.steady, running, input.mode) : []),
        ...airflowOwed(input, figures),
        ...methodsNow(input),
        ...enclosureFinding(input.confirmations),
        ...seasonFindings(input, limit),
        ...(callOf(input.mode) === 'heating' && limit.id !== 'too-warm' ? heatingFindings(input) : []),
        ...(isLowStage(input.mode) && !limit.owed ? stageFinding(input) : []),
        ...(limit.id === 'maker-chart' && running === true ? chartFindings(input, figuresNow) : []),
      ],
    };
  const before = [
    ...stops,
    ...powerFindings(system, readings, figures, running === true),
    ...probes,
    ...steadyFindings(input.steady, running, input.mode),
    ...airflowFindings(system, figures, input.airflow, input.confirmations),
    ...methodsNow(input),
    ...coilFindings(figures, input.confirmations),
    ...enclosureFinding(input.confirmations),
  ];
  const held = before
    .filter((f) => f.verdict !== 'good' && f.id !== 'enclosure' && !stands(f, input.accepted))
    .map((f) => f.claim);
  return {
    figures: figuresNow,
    findings: [...before, ...(running ? compareFindings(input, figures, suspects, held) : [])],
  };
}

/** Of several methods what they say together; of one there is nothing to compare. */
const methodsNow = ({ airflows }: JudgeInput): Finding[] => {
  const found = methodFinding(airflows);
  return found ? [found] : [];
};

/** Where the charge is not judged, airflow may be proven later; at a low stage the full one has shown it. */
const airflowOwed = ({ mode, system, airflow, confirmations }: JudgeInput, figures: Figures): Finding[] =>
  isLowStage(mode)
    ? []
    : airflowFindings(system, figures, airflow, confirmations).map(
        (f): Finding => (f.verdict === 'good' ? f : { ...f, owed: { proof: 'airflow', season: 'any' } }),
      );
