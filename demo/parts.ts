import type { LibraryFields } from '@/core/equipment/library-item';
import type { PartRow } from '@/core/plan/take-off/part-row';

/** What the invented company pays, and what its truck carries. */
export const DEMO_PARTS: readonly PartRow[] = [
  { code: 'copper', name: 'Line set copper, by the foot', unit: 'ft', pack: 10, price: 96, onTruck: 20 },
  { code: 'line-insulation', name: 'Line insulation', unit: 'ft', pack: 6, price: 11, onTruck: 24 },
  { code: 'rod', name: 'Silver solder, 15 %', unit: 'rod', pack: 28, price: 118, onTruck: 12 },
  { code: 'nitrogen', name: 'Nitrogen, 40 ft³ bottle', unit: 'scf', pack: 40, price: 34, onTruck: 40 },
  { code: 'mastic', name: 'Mastic, gallon', unit: 'gal', pack: 1, price: 27, onTruck: 1 },
  { code: 'foil-tape', name: 'Foil tape', unit: 'ft', pack: 150, price: 19, onTruck: 100 },
  { code: 'control-cable', name: 'Thermostat cable 18/8', unit: 'ft', pack: 250, price: 110, onTruck: 60 },
  { code: 'drain-pipe', name: 'Drain pipe 3/4', unit: 'ft', pack: 10, price: 6, onTruck: 10 },
  { code: 'whip', name: 'Whip 3/4, 6 ft', unit: 'each', pack: 1, price: 22, onTruck: 2 },
];

/** Sold at so much a ton, and so much more where the compressor is of variable speed. */
const A_TON: Partial<Record<LibraryFields['kind'], number>> = {
  outdoor: 980,
  'air-handler': 610,
  coil: 390,
  package: 1650,
};
const A_PIECE: Partial<Record<LibraryFields['kind'], number>> = {
  furnace: 1890,
  'heater-kit': 240,
  thermostat: 210,
  economizer: 1480,
  'soft-starter': 220,
};
const VARIABLE = 1.45;

/** What the invented company sells a piece for, and what its heat pumps do with their power. */
export function soldAt({ kind, tons, stages, heatPump }: LibraryFields): Partial<LibraryFields> {
  const variable = stages === 'variable';
  const base = tons === null ? A_PIECE[kind] : (A_TON[kind] ?? 0) * tons;
  return {
    price: base ? Math.round((base * (variable ? VARIABLE : 1)) / 5) * 5 : null,
    ...(heatPump && kind !== 'air-handler' && kind !== 'coil'
      ? variable
        ? { cop47: 4.1, cop17: 2.7 }
        : { cop47: 3.6, cop17: 2.3 }
      : {}),
  };
}
