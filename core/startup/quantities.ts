/** The readings of a start-up: label, fixed unit, what may be typed, and how far a probe may be off. */
export type QuantitySpec = {
  label: string;
  unit: string;
  low: number;
  high: number;
  /** Default probe uncertainty (±) in the same unit; trade practice. */
  uncertainty: number;
  location: string;
  required: boolean;
};

export const QUANTITIES = {
  suctionPsig: q('Suction pressure', 'psig', -10, 300, 1, 'suction service port', true),
  liquidPsig: q('Liquid pressure', 'psig', 0, 700, 2, 'liquid service port', true),
  suctionLineF: q('Suction line', '°F', -40, 150, 1, '4–6 in before the suction service valve', true),
  liquidLineF: q('Liquid line', '°F', -20, 180, 1, 'at the liquid service valve', true),
  outdoorDryBulbF: q('Outdoor air entering', '°F', -20, 130, 1, 'shaded, in the air entering the condenser', true),
  returnDryBulbF: q('Return dry bulb', '°F', 40, 110, 0.5, 'return stream near the air handler', true),
  returnWetBulbF: q('Return wet bulb', '°F', 30, 90, 0.7, 'return stream near the air handler', true),
  supplyDryBulbF: q('Supply dry bulb', '°F', 30, 140, 0.5, 'plenum, out of sight of the coil', true),
  compressorA: q('Compressor amps', 'A', 0, 200, 0.2, 'compressor common conductor', true),
  outdoorFanA: q('Outdoor fan amps', 'A', 0, 30, 0.05, 'outdoor fan common conductor', true),
  lineVolts: q('Line voltage', 'V', 90, 620, 1, 'contactor load side, running', true),
  airflowCfm: q('Airflow', 'CFM', 100, 10000, 40, 'measured, with its method', false),
  dischargeLineF: q('Discharge line', '°F', -20, 300, 1, '6 in from the compressor', false),
  compressorSuctionF: q('Compressor suction line', '°F', -40, 150, 1, 'at the compressor', false),
  runMinutes: q('Compressor run time', 'min', 0, 600, 0.5, 'since it last started', false),
} as const satisfies Record<string, QuantitySpec>;

/** A compressor that draws less than this is not running, A. */
export const RUNNING_A = 0.5;

export type Quantity = keyof typeof QUANTITIES;
export const QUANTITY_NAMES = Object.keys(QUANTITIES) as Quantity[];
export const REQUIRED_QUANTITIES = QUANTITY_NAMES.filter((name) => QUANTITIES[name].required);

function q(
  label: string,
  unit: string,
  low: number,
  high: number,
  uncertainty: number,
  location: string,
  required: boolean,
): QuantitySpec {
  return { label, unit, low, high, uncertainty, location, required };
}

export type ReadingSource = 'typed' | 'instrument' | 'simulated' | 'replayed';

/** A value as the judge sees it: where it came from and how good it is. */
export type Reading = {
  value: number;
  uncertainty: number;
  source: ReadingSource;
  /** Set when the instrument went silent, its last value is old, or it has not moved at all for a minute. */
  trouble?: 'stale' | 'lost' | 'stuck';
};
export type Readings = Partial<Record<Quantity, Reading>>;
