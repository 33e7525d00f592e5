/** Every quantity that a sentence or a screen may carry: the unit after it, and its usual decimals. */
export const QUANTITIES_SHOWN = {
  number: { unit: '', decimals: 1 },
  F: { unit: '°F', decimals: 1 },
  FPerMin: { unit: '°F/min', decimals: 2 },
  psig: { unit: 'psig', decimals: 1 },
  psia: { unit: 'psia', decimals: 2 },
  psi: { unit: 'psi', decimals: 1 },
  inHg: { unit: 'inHg', decimals: 0 },
  microns: { unit: 'µm', decimals: 0 },
  micronsPerMin: { unit: 'µm/min', decimals: 1 },
  inWc: { unit: 'in. w.c.', decimals: 2 },
  inWc100: { unit: 'in. w.c. per 100 ft', decimals: 2 },
  oz: { unit: 'oz', decimals: 1 },
  lb: { unit: 'lb', decimals: 2 },
  lbOz: { unit: '', decimals: 1 },
  ozPerFt: { unit: 'oz/ft', decimals: 2 },
  in: { unit: 'in', decimals: 1 },
  od: { unit: '', decimals: 3 },
  in2: { unit: 'in²', decimals: 0 },
  ft: { unit: 'ft', decimals: 0 },
  ft2: { unit: 'ft²', decimals: 0 },
  ft3: { unit: 'ft³', decimals: 2 },
  ft3PerH: { unit: 'ft³/h', decimals: 2 },
  psf: { unit: 'lb/ft²', decimals: 0 },
  gal: { unit: 'gal', decimals: 0 },
  min: { unit: 'min', decimals: 0 },
  s: { unit: 's', decimals: 0 },
  h: { unit: 'h', decimals: 1 },
  hChange: { unit: '', decimals: 1 },
  pct: { unit: '%', decimals: 0 },
  cfm: { unit: 'CFM', decimals: 0 },
  fpm: { unit: 'fpm', decimals: 0 },
  V: { unit: 'V', decimals: 0 },
  A: { unit: 'A', decimals: 1 },
  W: { unit: 'W', decimals: 0 },
  kW: { unit: 'kW', decimals: 1 },
  tons: { unit: 'tons', decimals: 1 },
  btuh: { unit: 'Btu/h', decimals: 0 },
  ppm: { unit: 'ppm', decimals: 0 },
  ratio: { unit: ': 1', decimals: 2 },
  cfmPerTon: { unit: 'CFM/ton', decimals: 0 },
  dB: { unit: 'dBA', decimals: 0 },
  deg: { unit: '°', decimals: 0 },
  money: { unit: '', decimals: 0 },
  /** Money to the cent. */
  cents: { unit: '', decimals: 2 },
  moneyChange: { unit: '', decimals: 0 },
} as const satisfies Record<string, { unit: string; decimals: number }>;

/** Units that are words of a language; the others are signs. */
export const UNIT_WORDS: Record<'es', Partial<Record<keyof typeof QUANTITIES_SHOWN, string>>> = {
  es: { tons: 'ton', inWc100: 'in. w.c. por 100 ft' },
};

export type Quantity = keyof typeof QUANTITIES_SHOWN;

const BY_UNIT = new Map<string, Quantity>(
  (Object.keys(QUANTITIES_SHOWN) as Quantity[]).reverse().map((name) => [QUANTITIES_SHOWN[name].unit, name]),
);

/** The quantity behind a unit's sign; a plain number where the sign is not known. */
export const quantityOfUnit = (unit: string): Quantity => BY_UNIT.get(unit) ?? 'number';
