import type { Chart } from '@/core/job/chart';
import type { Snapshot } from '@/core/phases/snapshot';
import { q, value } from '@/core/words/said';
import { recordedCurves, type StreamOf } from './recorded-curves';
import { tell } from './words';

/**
 * Curves of one circuit's proofs: its start-up in temperatures, its vacuum, its pressure test, and where instruments gave a stream
 * the recovery and the run up to the reading. What was not read is not drawn.
 */
export const chartsOf = (s: Snapshot, streamOf: StreamOf): Chart[] => [
  ...ladder(s),
  ...vacuum(s),
  ...pressure(s),
  ...recordedCurves(s, streamOf),
];

const RUNGS = [
  ['outdoorDryBulbF', 'five.outdoor'],
  ['liquidLineF', 'five.liquid'],
  ['suctionLineF', 'five.suction'],
  ['returnDryBulbF', 'five.return'],
  ['supplyDryBulbF', 'five.supply'],
] as const;

function ladder({ startUp, job }: Snapshot): Chart[] {
  if (!startUp) return [];
  const read = (quantity: string): number | undefined =>
    startUp.measurements.findLast((m) => m.quantity === quantity)?.value;
  const { condensingF, evaporatingF } = startUp.figures.saturation ?? {};
  const { subcooling, superheat } = startUp.figures.byId;
  const rungs = RUNGS.flatMap(([quantity, id]) => {
    const at = read(quantity);
    if (at === undefined) return [];
    const wanted =
      quantity === 'liquidLineF' && subcooling?.target && condensingF !== undefined
        ? { low: condensingF - subcooling.target.high, high: condensingF - subcooling.target.low }
        : quantity === 'suctionLineF' && superheat?.target && evaporatingF !== undefined
          ? { low: evaporatingF + superheat.target.low, high: evaporatingF + superheat.target.high }
          : {};
    return [{ say: tell(id), at, ...wanted }];
  });
  if (rungs.length < 2) return [];
  const computed = (at: number | undefined, id: 'five.condensing' | 'five.evaporating') =>
    at === undefined ? [] : [{ say: tell(id), at, computed: true as const }];
  return [
    {
      kind: 'ladder',
      title: tell('five.start-up-in-temperatures', { mode: value(startUp.mode ?? job.mode) }),
      rungs: [...computed(condensingF, 'five.condensing'), ...rungs, ...computed(evaporatingF, 'five.evaporating')],
    },
  ];
}

function vacuum({ circuitRecord }: Snapshot): Chart[] {
  const evacuation = circuitRecord?.evacuation;
  const samples = evacuation?.standing?.entry.body.samples ?? [];
  if (!evacuation || samples.length < 2) return [];
  return [
    {
      kind: 'curve',
      title: tell('five.vacuum-valved-off'),
      scale: 'log',
      points: samples,
      bounds: [
        {
          at: evacuation.limitMicrons,
          say: tell('five.must-hold-below', { microns: q(evacuation.limitMicrons, 'microns') }),
        },
      ],
      last: tell('five.plain', { it: q(samples.at(-1)![1], 'microns') }),
    },
  ];
}

function pressure({ circuitRecord }: Snapshot): Chart[] {
  const hold = circuitRecord?.pressure?.holds.at(-1);
  if (!hold?.end || hold.minutes === undefined || !hold.verdict) return [];
  const { psig } = hold.start.body;
  return [
    {
      kind: 'curve',
      title: tell('five.pressure-test'),
      scale: 'linear',
      points: [
        [0, psig],
        [hold.minutes, hold.end.body.psig],
      ],
      bounds: [
        {
          at: hold.verdict.expectedPsig,
          say: tell('five.expected-by-temperature', { psig: q(hold.verdict.expectedPsig, 'psig') }),
        },
      ],
      last: tell('five.plain', { it: q(hold.end.body.psig, 'psig') }),
    },
  ];
}
