import { MIDDLE, ratedUnit, type Unit } from '@/core/plant/unit/design';
import type { Metering } from '@/core/plant/unit/faults';
import { SOUND, type Steady, solveSteady } from '@/core/plant/unit/steady';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';

/** What an orifice shows at its rating; more subcooling than the other leaves a middling condenser no lift. */
const ORIFICE_SUPERHEAT_F = 12;
const MOST_SUBCOOLING_F = 14;

export type Plate = {
  refrigerant: Refrigerant;
  metering: Metering;
  nominalTons: number;
  targetSubcoolF?: number | undefined;
  ratedLoadA: number;
};
export type Air = { outdoorF: number; returnDryBulbF: number; returnWetBulbF: number; barometerPsia: number };

/**
 * What a sound system of a middling design would show in this air: expected from plate, conditions and physics. How far
 * sound systems stray from it is in the signatures.
 */
export function expectedOf(plate: Plate, air: Air): { unit: Unit; steady: Steady } | undefined {
  const unit = ratedUnit({
    ...MIDDLE,
    refrigerant: plate.refrigerant,
    metering: plate.metering,
    superheatF: plate.metering === 'txv' ? MIDDLE.superheatF : ORIFICE_SUPERHEAT_F,
    subcoolingF: Math.min(MOST_SUBCOOLING_F, plate.targetSubcoolF ?? MIDDLE.subcoolingF),
  });
  if (!unit) return undefined;
  const steady = solveSteady(unit, {
    ...SOUND,
    outdoorF: air.outdoorF,
    returnF: air.returnDryBulbF,
    returnWetBulbF: air.returnWetBulbF,
    barometerPsia: air.barometerPsia,
  });
  return { unit, steady };
}
