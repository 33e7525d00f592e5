/** Display rounding by unit: oz 0.1, lb 0.01, psi 0.1, °F 0.1, microns whole, amps 0.1 or 0.01. Never used inside a calculation. */
const DECIMALS: Record<string, number> = {
  '°F': 1,
  psig: 1,
  psia: 2,
  oz: 1,
  lb: 2,
  A: 1,
  V: 0,
  CFM: 0,
  'CFM/ton': 0,
  µm: 0,
  min: 0,
  ft: 0,
  tons: 1,
  'oz/ft': 3,
  ': 1': 2,
  // A speed as the unit shows it: %, Hz or rpm.
  '': 0,
};

/** Heat by the hour is read to hundreds: no probe knows it better. */
const HEAT = new Intl.NumberFormat('en-US', { maximumSignificantDigits: 3 });

/** A number as it is shown, without its unit; a dash where there is none. A true minus sign, so that it can be read. */
export function shown(value: number | null | undefined, unit: string): string {
  if (value === null || value === undefined || !Number.isFinite(value)) return '–';
  if (unit === 'Btu/h') return HEAT.format(value).replace('-', '−');
  const decimals = unit === 'A' && Math.abs(value) < 3 ? 2 : (DECIMALS[unit] ?? 2);
  const text = Math.abs(value).toFixed(decimals);
  return value < 0 && Number(text) !== 0 ? `−${text}` : text;
}

export const withUnit = (value: number | null | undefined, unit: string): string => `${shown(value, unit)} ${unit}`;

/** A number with so many decimals and a true minus sign. */
export function plain(value: number, decimals = 0): string {
  const text = Math.abs(value).toFixed(decimals);
  return value < 0 && Number(text) !== 0 ? `−${text}` : text;
}
