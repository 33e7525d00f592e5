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
