import type { Plate } from '@/core/diagnosis/expected';
import type { Seen } from '@/core/diagnosis/features';
import type { Follow, Found } from '@/core/diagnosis/follow-ups';
import type { Pair } from '@/core/diagnosis/pairs';
import { type Reasoning, reason } from '@/core/diagnosis/reason';
import { reasonTwo } from '@/core/diagnosis/reason-two';
import { readsLowF } from './probe-place';
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
export function reasoningOf(
  system: StartUpSystem,
  readings: Readings,
  airflow?: Airflow,
  found: readonly Found[] = [],
): Reasoning | undefined {
  const given = givenOf(system, readings, airflow);
  return given && reason(...given, found);
}

/** Which two faults at once explain them; undefined where the reasoning over one is. */
export function pairsOfReadings(system: StartUpSystem, readings: Readings, airflow?: Airflow): Pair[] | undefined {
  const given = givenOf(system, readings, airflow);
  return given && reasonTwo(...given);
}

function givenOf(system: StartUpSystem, readings: Readings, airflow?: Airflow): [Plate, Seen, Follow] | undefined {
  if (system.inverter) return undefined;
  const at = (q: keyof Readings): number => {
    const r = readings[q];
    return r && !r.trouble ? r.value : Number.NaN;
  };
  const seen = {
    outdoorF: at('outdoorDryBulbF'),
    returnDryBulbF: at('returnDryBulbF'),
    returnWetBulbF: at('returnWetBulbF'),
    // Half of what the duct may have taken: the reasoning wants the air as it left the unit.
    supplyDryBulbF: at('supplyDryBulbF') - readsLowF(readings) / 2,
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
  return [
    reasonedPlate(system),
    { ...seen, dischargeLineF: optional('dischargeLineF'), airflowCfm: airflow?.cfm },
    {
      compressorInletF: optional('compressorSuctionF'),
      drierDropF: optional('drierDropF'),
      offPsig: optional('offPsig'),
      offF: optional('offOutdoorF'),
    },
  ];
}
