import type { MakerChart } from '@/core/equipment/chart/read-chart';
import type { PlateVolts } from '@/core/equipment/plate-volts';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { tell } from '@/core/startup/words';
import type { Said } from '@/core/words/said';

/** What the judge must know of the system: from its plate, the job's charge build-up and the site. */
export type TargetSource = 'plate' | 'maker' | 'technician';
export const TARGET_SOURCE_WORDS: Record<TargetSource, Said> = {
  plate: tell('startup.unit-s-plate'),
  maker: tell('startup.maker-s-table'),
  technician: tell('startup.technician-s-choice'),
};

export type StartUpSystem = {
  refrigerant: Refrigerant;
  metering: 'txv' | 'eev' | 'fixed-orifice';
  nominalTons: number;
  targetSubcoolingF?: number;
  targetSource: TargetSource;
  compressorRlaA: number;
  outdoorFanFlaA: number;
  plateVolts: PlateVolts;
  /** Outdoors the maker lets it cool down to; where the plate says so. */
  lowestOutdoorF?: number | null | undefined;
  inverter: boolean;
  /** The maker's chart of its test mode, where it is on file. */
  chart?: MakerChart;
  heatPump?: boolean;
  /** The maker's heating points, where they are on file. */
  ratedHeat?: { capacity47Btuh: number; capacity17Btuh: number };
  barometerPsia: number;
  /** Total charge the build-up asks for, and what is in by the scale. */
  chargeTargetOz: number;
  chargeInOz: number;
  /** Held back at the weigh-in on purpose, and not trimmed in yet. */
  heldBackOz: number;
  /** Net ounces added by trim after the weigh-in. */
  trimOz: number;
  learned: readonly { oz: number; changeF: number }[];
  /** Set when nobody knows the line length: the charge is found by halving steps, and implies a length. */
  unknownLine?: { includedFt: number; ozPerFt: number; trims: number };
};

export type Confirmations = {
  filterClean: boolean;
  indoorCoilClean: boolean;
  outdoorCoilCleanDry: boolean;
  enclosureRestored: boolean;
  /** The strips are off while the heat pump is read. */
  auxOff?: boolean;
  /** The maker's test mode stood while it was read, in this call. */
  testModeCooling?: boolean;
  testModeHeating?: boolean;
  /** It was left again before the house had its system back. */
  testModeLeft?: boolean;
};

export type Airflow = { cfm: number; method: string; source: 'typed' | 'instrument' | 'simulated' | 'replayed' };

export type StartUpSchools = {
  subcoolingToleranceF: number;
  superheatToleranceF: number;
  splitToleranceF: number;
};
/** ±3 and ±5 °F, ±3 °F split: California Title 24 RA3.2, from memory. Pass; twice that is still only "look again". */
export const DEFAULT_SCHOOLS: StartUpSchools = { subcoolingToleranceF: 3, superheatToleranceF: 5, splitToleranceF: 3 };
