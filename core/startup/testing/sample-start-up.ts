import { bubblePsia, dewPsia } from '@/core/refrigerant/lookup';
import { QUANTITIES, type Quantity, type Readings } from '../quantities';
import type { StartUpSystem } from '../system';

/** A made-up three-ton system for tests of the start-up. */
export const START_UP_SYSTEM: StartUpSystem = {
  refrigerant: 'R-454B',
  metering: 'txv',
  nominalTons: 3,
  targetSubcoolingF: 10,
  targetSource: 'plate',
  compressorRlaA: 14.1,
  outdoorFanFlaA: 1.2,
  plateVolts: '208/230',
  inverter: false,
  barometerPsia: 14.696,
  chargeTargetOz: 131,
  chargeInOz: 131,
  trimOz: 0,
  heldBackOz: 0,
  learned: [],
};

/** Readings made from the figures they should give, so that a case says what it means. */
export function startUpReadings(
  o: { sh?: number; sc?: number; outdoorF?: number; split?: number; amps?: number; over?: number } = {},
): Readings {
  const { sh = 11, sc = 10, outdoorF = 94, split = 19.2, amps = 11.9, over = 20 } = o;
  const values: Partial<Record<Quantity, number>> = {
    suctionPsig: dewPsia('R-454B', 44) - 14.696,
    liquidPsig: bubblePsia('R-454B', outdoorF + over) - 14.696,
    suctionLineF: 44 + sh,
    liquidLineF: outdoorF + over - sc,
    outdoorDryBulbF: outdoorF,
    returnDryBulbF: 76,
    returnWetBulbF: 63.5,
    supplyDryBulbF: 76 - split,
    compressorA: amps,
    outdoorFanA: 1.1,
    lineVolts: 238,
  };
  return Object.fromEntries(
    Object.entries(values).map(([k, value]) => [
      k,
      { value, uncertainty: QUANTITIES[k as Quantity].uncertainty, source: 'typed' },
    ]),
  );
}
