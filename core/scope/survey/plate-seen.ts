import type { Plate } from '@/core/equipment/plate';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { type KnownFacts, numberOf } from './facts';

/**
 * What the survey read off a unit that stays, for its plate: nothing is typed twice. What the survey does not ask (maker, rated
 * amps, fan, target, line included) is left out: it is read off the plate.
 */
export function plateSeen(known: KnownFacts): Partial<Plate> {
  const model = typeof known.outdoorModel === 'string' ? known.outdoorModel : undefined;
  const serial = typeof known.outdoorSerial === 'string' ? known.outdoorSerial : undefined;
  const od = (v: unknown): number | undefined => (typeof v === 'string' ? Number(v) : undefined);
  const seen: { [K in keyof Plate]?: Plate[K] | undefined } = {
    model,
    serial,
    refrigerant: REFRIGERANTS.find((r) => r === known.oldRefrigerant),
    metering: (['txv', 'eev', 'fixed-orifice'] as const).find((m) => m === known.metering),
    heatPump: known.systemType === 'split-hp' || known.systemType === 'dual-fuel',
    packaged: false,
    nominalTons: numberOf(known, 'oldTons'),
    factoryChargeOz: numberOf(known, 'oldChargeOz'),
    liquidLineOdIn: od(known.liquidOdIn),
    vaporLineOdIn: od(known.vaporOdIn),
    lineLengthFt: numberOf(known, 'lineLengthFt'),
  };
  return Object.fromEntries(Object.entries(seen).filter(([, v]) => v !== undefined)) as Partial<Plate>;
}
