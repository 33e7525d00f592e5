import type { EntryOf } from '@/core/circuit/log/circuit-log';
import type { Finding } from '@/core/finding/finding';

type Drier = EntryOf<'drier'> | undefined;
const SOURCE = 'common practice; capacity AHRI 710, from memory';

/** The new drier of the liquid line: there, the right way round, large enough, the only one. */
export function drierCheck(drier: Drier, on: { tons: number; heatPump: boolean }): Finding {
  const base = { id: 'drier', source: SOURCE };
  if (!drier)
    return {
      ...base,
      verdict: 'not-proven',
      claim: 'No new drier is logged.',
      because: 'A new one goes in whenever the circuit is opened.',
      next: { say: 'Log the liquid-line drier.' },
    };
  const { direction, oldOneCut, ratedTons } = drier.body;
  const wrong = troubleOf(drier.body, on);
  if (wrong)
    return {
      ...base,
      verdict: 'look-again',
      claim: wrong,
      because: 'Flow reverses in heating; a reversed, small or doubled drier restricts or washes out.',
      next: { say: 'Put the right one in, both ways for a heat pump.' },
      miss: 1,
    };
  return {
    ...base,
    verdict: oldOneCut === 'torched out' ? 'look-again' : 'good',
    claim:
      oldOneCut === 'torched out'
        ? 'The old drier came out with the torch.'
        : `New drier in the liquid line, ${direction}, rated ${ratedTons} t.`,
    because:
      oldOneCut === 'torched out'
        ? 'Heat drives its moisture back into the pipe: expect a wet system, evacuate in three pulls.'
        : 'It holds what moisture and acid are left.',
  };
}

function troubleOf(
  { direction, arrowToMeter, ratedTons, oldOneCut, factoryDrierToo }: NonNullable<Drier>['body'],
  on: { tons: number; heatPump: boolean },
): string | undefined {
  if (on.heatPump && direction === 'one way') return 'A one-way drier in a heat pump’s liquid line.';
  if (direction === 'one way' && !arrowToMeter) return 'The drier’s arrow points away from the metering device.';
  if (ratedTons < on.tons) return `The drier is rated ${ratedTons} t for a ${on.tons}-ton system.`;
  if (oldOneCut === 'left in') return 'The old drier was left in.';
  return factoryDrierToo ? 'A second drier beside the factory’s.' : undefined;
}

/** A suction drier, where one went in: in a heat pump only where vapour flows one way. */
export function suctionDrierCheck(drier: Drier, on: { heatPump: boolean }): Finding | undefined {
  if (!drier) return undefined;
  const base = { id: 'suction-drier', source: 'maker’s clean-up instructions; common practice' };
  const place = drier.body.suctionPlace;
  if (on.heatPump && place !== 'common suction')
    return {
      ...base,
      verdict: 'look-again',
      claim: place
        ? 'The suction drier sits in the reversing vapour line.'
        : 'Nobody said where the suction drier sits.',
      because:
        'The vapour line carries hot gas in heating. Only the pipe between reversing valve and compressor always flows one way.',
      next: { say: 'Fit it in the common suction line, between the reversing valve and the compressor.' },
      miss: 1,
    };
  return {
    ...base,
    verdict: 'good',
    claim: 'A suction drier is in, for a time: its drop and an acid test decide when it comes out.',
    because: 'It cleans a circuit after a burnout and costs pressure for as long as it stays.',
  };
}
