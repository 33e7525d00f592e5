import type { Plate } from '@/core/diagnosis/expected';
import { type Reasoning, reason } from '@/core/diagnosis/reason';
import type { Readings } from './quantities';
import type { Airflow, StartUpSystem } from './system';

/** What the fault reasoning knows of a system by its plate. */
export const reasonedPlate = (system: StartUpSystem): Plate => {
  const orifice = system.metering === 'fixed-orifice';
  return {
    refrigerant: system.refrigerant,
    metering: orifice ? 'fixed-orifice' : 'txv',
    nominalTons: system.nominalTons,
    targetSubcoolF: orifice ? undefined : system.targetSubcoolingF,
    ratedLoadA: system.compressorRlaA,
  };
};

/**
 * The fault reasoning over the readings of a start-up in cooling; undefined while one that it needs is missing, silent or
 * out of range, and for inverters, whose speed is not in it.
 */
export function reasoningOf(system: StartUpSystem, readings: Readings, airflow?: Airflow): Reasoning | undefined {
  if (system.inverter) return undefined;
  const at = (q: keyof Readings): number => {
    const r = readings[q];
    return r && !r.trouble ? r.value : Number.NaN;
  };
  const seen = {
    outdoorF: at('outdoorDryBulbF'),
    returnDryBulbF: at('returnDryBulbF'),
    returnWetBulbF: at('returnWetBulbF'),
    supplyDryBulbF: at('supplyDryBulbF'),
    suctionPsig: at('suctionPsig'),
    liquidPsig: at('liquidPsig'),
    suctionLineF: at('suctionLineF'),
    liquidLineF: at('liquidLineF'),
    compressorA: at('compressorA'),
    barometerPsia: system.barometerPsia,
  };
  if (!Object.values(seen).every(Number.isFinite) || seen.compressorA <= 0 || system.compressorRlaA <= 0)
    return undefined;
  const optional = (q: keyof Readings): number | undefined => (Number.isFinite(at(q)) ? at(q) : undefined);
  return reason(
    reasonedPlate(system),
    { ...seen, dischargeLineF: optional('dischargeLineF'), airflowCfm: airflow?.cfm },
    {
      compressorInletF: optional('compressorSuctionF'),
      drierDropF: optional('drierDropF'),
      offPsig: optional('offPsig'),
      offF: optional('offOutdoorF'),
    },
  );
}
