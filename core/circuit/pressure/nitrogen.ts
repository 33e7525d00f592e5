import { kelvinFromF, paFromPsia, psiaFromPa } from '@/core/units/units';

/** Molar gas constant, J/(mol·K), exact. */
const GAS_CONSTANT = 8.314462618;
/** Virial coefficients of nitrogen, fitted from its equation of state: °F, B cm³/mol, C cm⁶/mol². */
const VIRIAL = [
  [40, -9.25, 1469],
  [70, -5.68, 1424],
  [100, -2.55, 1388],
  [130, 0.21, 1359],
] as const;
const CM3_PER_M3 = 1e6;

/** B and C at a temperature, linear between the tabulated ones and beyond the last two. */
export function virial(temperatureF: number): { b: number; c: number } {
  let i = VIRIAL.findIndex(([f]) => f > temperatureF) - 1;
  if (i < -1) i = VIRIAL.length - 2;
  i = Math.min(Math.max(i, 0), VIRIAL.length - 2);
  const [f0, b0, c0] = VIRIAL[i]!;
  const [f1, b1, c1] = VIRIAL[i + 1]!;
  const x = (temperatureF - f0) / (f1 - f0);
  return { b: b0 + x * (b1 - b0), c: c0 + x * (c1 - c0) };
}

const pressurePa = (molCm3: number, temperatureF: number): number => {
  const { b, c } = virial(temperatureF);
  return molCm3 * CM3_PER_M3 * GAS_CONSTANT * kelvinFromF(temperatureF) * (1 + b * molCm3 + c * molCm3 * molCm3);
};

/** Density of nitrogen at a pressure, by Newton from the ideal gas; it settles in a few rounds at test pressures. */
function density(psia: number, temperatureF: number): number {
  const pa = paFromPsia(psia);
  const ideal = pa / (GAS_CONSTANT * kelvinFromF(temperatureF)) / CM3_PER_M3;
  let d = ideal;
  for (let k = 0; k < 30; k++) {
    const step = (pressurePa(d, temperatureF) - pa) / (pa / ideal);
    d -= step;
    if (Math.abs(step) < 1e-14) break;
  }
  return d;
}

/** Absolute pressure that a closed volume of nitrogen comes to at another temperature. */
export const heldPsia = (startPsia: number, startF: number, endF: number): number =>
  psiaFromPa(pressurePa(density(startPsia, startF), endF));
