import { POLICY } from '@/core/policy/figures';
import { tell } from '@/core/startup/words';
import type { Said } from '@/core/words/said';
/** The readings of a start-up: label, fixed unit, what may be typed, and how far a probe may be off. */
export type QuantitySpec = {
  label: Said;
  unit: string;
  low: number;
  high: number;
  /** Default probe uncertainty (±) in the same unit; trade practice. */
  uncertainty: number;
  location: Said;
  required: boolean;
};

export const QUANTITIES = {
  suctionPsig: q(tell('startup.suction-pressure'), 'psig', -10, 300, 1, tell('startup.suction-service-port'), true),
  liquidPsig: q(tell('startup.liquid-pressure'), 'psig', 0, 700, 2, tell('startup.liquid-service-port'), true),
  suctionLineF: q(tell('startup.suction-line'), '°F', -40, 150, 1, tell('startup.4-6-in-before-suction-service'), true),
  liquidLineF: q(tell('startup.liquid-line'), '°F', -20, 180, 1, tell('startup.at-liquid-service-valve'), true),
  outdoorDryBulbF: q(
    tell('startup.outdoor-air-entering'),
    '°F',
    -20,
    130,
    1,
    tell('startup.shaded-in-air-entering-condenser'),
    true,
  ),
  returnDryBulbF: q(
    tell('startup.return-dry-bulb'),
    '°F',
    40,
    110,
    0.5,
    tell('startup.return-stream-near-air-handler'),
    true,
  ),
  returnWetBulbF: q(
    tell('startup.return-wet-bulb'),
    '°F',
    30,
    90,
    0.7,
    tell('startup.return-stream-near-air-handler'),
    true,
  ),
  supplyDryBulbF: q(
    tell('startup.supply-dry-bulb'),
    '°F',
    30,
    140,
    0.5,
    tell('startup.plenum-out-of-sight-of-coil'),
    true,
  ),
  compressorA: q(tell('startup.compressor-amps'), 'A', 0, 200, 0.2, tell('startup.compressor-common-conductor'), true),
  outdoorFanA: q(
    tell('startup.outdoor-fan-amps'),
    'A',
    0,
    30,
    0.05,
    tell('startup.outdoor-fan-common-conductor'),
    true,
  ),
  lineVolts: q(tell('startup.line-voltage'), 'V', 90, 620, 1, tell('startup.contactor-load-side-running'), true),
  airflowCfm: q(tell('startup.airflow'), 'CFM', 100, 10000, 40, tell('startup.measured-with-its-method'), false),
  dischargeLineF: q(tell('startup.discharge-line'), '°F', -20, 300, 1, tell('startup.6-in-from-compressor'), false),
  compressorSuctionF: q(
    tell('startup.compressor-suction-line'),
    '°F',
    -40,
    150,
    1,
    tell('startup.at-compressor'),
    false,
  ),
  drierDropF: q(tell('startup.drop-over-drier'), '°F', 0, 80, 1, tell('startup.clamp-on-both-sides'), false),
  offPsig: q(tell('startup.pressure-at-rest'), 'psig', 0, 700, 2, tell('startup.liquid-port-after-30-min-off'), false),
  offOutdoorF: q(
    tell('startup.outdoor-air-at-rest'),
    '°F',
    -20,
    130,
    1,
    tell('startup.shaded-beside-the-condenser'),
    false,
  ),
  compressorSpeed: q(
    tell('startup.compressor-speed'),
    '',
    1,
    12000,
    1,
    tell('startup.as-its-board-or-tool-shows-it'),
    false,
  ),
  runMinutes: q(tell('startup.compressor-run-time'), 'min', 0, 600, 0.5, tell('startup.since-it-last-started'), false),
} as const satisfies Record<string, QuantitySpec>;

/** Read by themselves to tell one fault from another: never a round of their own. */
export const FOLLOW_UP_QUANTITIES = [
  'drierDropF',
  'offPsig',
  'offOutdoorF',
  'compressorSuctionF',
] as const satisfies (keyof typeof QUANTITIES)[];

/** A compressor that draws less than this is not running, A. */
export const RUNNING_A = POLICY.runningA.value;

/** In the first minutes of a run the plenum still holds the air of the house (common practice), min. */
const SUPPLY_SETTLES_MIN = 3;
/** Whether the supply says anything of the run yet; where nobody knows how long it ran, it is taken at its word. */
export const supplySettled = (ranMin: number | undefined): boolean =>
  ranMin === undefined || ranMin >= SUPPLY_SETTLES_MIN;

export type Quantity = keyof typeof QUANTITIES;
export const QUANTITY_NAMES = Object.keys(QUANTITIES) as Quantity[];
export const REQUIRED_QUANTITIES = QUANTITY_NAMES.filter((name) => QUANTITIES[name].required);

function q(
  label: Said,
  unit: string,
  low: number,
  high: number,
  uncertainty: number,
  location: Said,
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
  /** Air that was read at the nearest register instead of in the plenum; a line read with a clamp that was moved. */
  place?: 'register' | 'moved';
};
export type Readings = Partial<Record<Quantity, Reading>>;
