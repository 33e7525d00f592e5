import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/phases/join/words';
import type { EntryOf } from '@/core/phases/log/circuit-log';
import { type CircuitEntry, entriesOf } from '@/core/phases/log/circuit-log';
import type { Said } from '@/core/words/said';
import { value } from '@/core/words/said';

type Drier = EntryOf<'drier'> | undefined;
const SOURCE = tell('join.common-practice-capacity-ahri-710-from');

/** The new drier of the liquid line: there, the right way round, large enough, the only one. */
export function drierCheck(drier: Drier, on: { tons: number; heatPump: boolean }): Finding {
  const base = { id: 'drier', source: SOURCE };
  if (!drier)
    return {
      ...base,
      verdict: 'not-proven',
      claim: tell('join.no-new-drier-is-logged'),
      because: tell('join.new-one-goes-in-whenever-circuit'),
      next: { say: tell('join.log-liquid-line-drier') },
    };
  const { direction, oldOneCut, ratedTons } = drier.body;
  const wrong = troubleOf(drier.body, on);
  if (wrong)
    return {
      ...base,
      verdict: 'look-again',
      claim: wrong,
      because: tell('join.flow-reverses-in-heating-reversed-small'),
      next: { say: tell('join.put-right-one-in-both-ways') },
      miss: 1,
    };
  return {
    ...base,
    verdict: oldOneCut === 'torched out' ? 'look-again' : 'good',
    claim:
      oldOneCut === 'torched out'
        ? tell('join.old-drier-came-out-with-torch')
        : tell('join.new-drier-in-liquid-line-rated', { direction: value(direction), ratedTons }),
    because:
      oldOneCut === 'torched out'
        ? tell('join.heat-drives-its-moisture-back-into')
        : tell('join.it-holds-what-moisture-and-acid'),
  };
}

function troubleOf(
  { direction, arrowToMeter, ratedTons, oldOneCut, factoryDrierToo }: NonNullable<Drier>['body'],
  on: { tons: number; heatPump: boolean },
): Said | undefined {
  if (on.heatPump && direction === 'one way') return tell('join.one-way-drier-in-heat-pumps');
  if (direction === 'one way' && !arrowToMeter) return tell('join.driers-arrow-points-away-from-metering');
  if (ratedTons < on.tons) return tell('join.drier-is-rated-t-for-ton', { ratedTons, tons: on.tons });
  if (oldOneCut === 'left in') return tell('join.old-drier-was-left-in');
  return factoryDrierToo ? tell('join.second-drier-beside-factorys') : undefined;
}

/** A suction drier, where one went in: in a heat pump only where vapour flows one way. */
export function suctionDrierCheck(drier: Drier, on: { heatPump: boolean }): Finding | undefined {
  if (!drier) return undefined;
  const base = { id: 'suction-drier', source: tell('join.makers-clean-up-instructions-common-practice') };
  const place = drier.body.suctionPlace;
  if (on.heatPump && place !== 'common suction')
    return {
      ...base,
      verdict: 'look-again',
      claim: place
        ? tell('join.suction-drier-sits-in-reversing-vapour')
        : tell('join.nobody-said-where-suction-drier-sits'),
      because: tell('join.vapour-line-carries-hot-gas-in'),
      next: { say: tell('join.fit-it-in-common-suction-line') },
      miss: 1,
    };
  return {
    ...base,
    verdict: 'good',
    claim: tell('join.suction-drier-is-in-for-time'),
    because: tell('join.it-cleans-circuit-after-burnout-and'),
  };
}

/** The newest drier of a line; a later one in the same line stands for it. */
export const drierIn = (log: readonly CircuitEntry[], line: 'liquid' | 'suction'): EntryOf<'drier'> | undefined =>
  entriesOf(log, 'drier')
    .filter((d) => d.body.line === line)
    .at(-1);
