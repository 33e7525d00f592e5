import { FOLLOW_UPS } from '@/core/diagnosis/follow-ups';
import { type Reasoning, reason } from '@/core/diagnosis/reason';
import { type FaultName, faultsOf, groupOf } from '@/core/plant/unit/faults';
import { type Drawn, drawSystem } from '@/core/plant/unit/population';

/** How the reasoning does over drawn systems, each fault as often: shares, and what was named for what. */
export type Score = {
  systems: number;
  first: number;
  firstTwo: number;
  falseAlarms: number;
  afterOne: number;
  chargeCorrected: number;
  healthyMoved: number;
  othersMoved: number;
  addedToFull: number;
  probeTurned: number;
  confusion: Map<FaultName, Map<FaultName, number>>;
};

const seenOf = ({ readings: { airflowCfm: _, ...r }, barometerPsia }: Drawn) => ({ ...r, barometerPsia });

/** The reasoning after the one measurement that it asked for was taken. */
function afterNext(d: Drawn, { nextMeasurement: { id } }: Reasoning): Reasoning {
  const seen = seenOf(d);
  const { drierDropF, offPsig, offF, compressorInletF, airflowCfm } = d.after;
  switch (id) {
    case 'drier-drop':
      return reason(d, seen, { drierDropF })!;
    case 'off-pressure':
      return reason(d, seen, { offPsig, offF })!;
    case 'compressor-inlet':
      return reason(d, seen, { compressorInletF })!;
    case 'airflow':
      return reason(d, { ...seen, airflowCfm })!;
    default:
      return reason(d, seen, {}, [{ id, found: FOLLOW_UPS[id].shows[d.fault] === undefined ? 'none' : d.fault }])!;
  }
}

/** Scores `each` systems of every fault and meter, from a seed. */
export function scoreOf(each: number, seed: number): Score {
  const counts = new Map<string, [number, number]>();
  const count = (what: string, yes: boolean): void => {
    const c = counts.get(what) ?? [0, 0];
    counts.set(what, [c[0] + Number(yes), c[1] + 1]);
  };
  const confusion: Score['confusion'] = new Map();
  const perFault = new Map<FaultName, [number, number]>();
  for (const metering of ['txv', 'fixed-orifice'] as const)
    for (const fault of faultsOf(metering))
      for (let i = 0; i < each; i++) {
        const d = drawSystem(seed + i * 31 + fault.length * 7, fault, { metering });
        const r = reason(d, seenOf(d));
        if (!r) continue;
        const [one, two] = r.ranked.map((x) => groupOf(x.fault));
        const truth = groupOf(fault);
        count('first', one === truth);
        count('two', one === truth || two === truth);
        const row = confusion.get(truth) ?? new Map<FaultName, number>();
        row.set(one!, (row.get(one!) ?? 0) + 1);
        confusion.set(truth, row);
        const moved = r.chargeAdvice !== 'leave';
        if (fault === 'healthy') {
          count('alarm', r.verdict !== 'healthy' && one !== 'healthy' && r.ranked[0]!.probability > 0.5);
          count('healthy moved', moved);
        } else if (fault === 'undercharge' || fault === 'overcharge')
          count('corrected', r.chargeAdvice === (fault === 'undercharge' ? 'add' : 'recover'));
        else count('others moved', moved);
        if (fault === 'overcharge' || fault === 'non-condensables') count('added', r.chargeAdvice === 'add');
        if (fault === 'probe-doubt')
          count('turned', one !== 'probe-doubt' && one !== 'healthy' && r.ranked[0]!.probability >= 0.8);
        const c = perFault.get(truth) ?? [0, 0];
        const right = groupOf(afterNext(d, r).ranked[0]!.fault) === truth;
        perFault.set(truth, [c[0] + Number(right), c[1] + 1]);
      }
  const share = (what: string): number => counts.get(what)![0] / counts.get(what)![1];
  const after = [...perFault.values()].map(([a, b]) => a / b);
  return {
    systems: counts.get('first')![1],
    first: share('first'),
    firstTwo: share('two'),
    falseAlarms: share('alarm'),
    afterOne: after.reduce((a, b) => a + b, 0) / after.length,
    chargeCorrected: share('corrected'),
    healthyMoved: share('healthy moved'),
    othersMoved: share('others moved'),
    addedToFull: share('added'),
    probeTurned: share('turned'),
    confusion,
  };
}
