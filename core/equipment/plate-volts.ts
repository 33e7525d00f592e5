/** Rated voltages that a plate or a library item may carry. */
export type PlateVolts = '120' | '208/230' | '208' | '240' | '460';

/** Voltage bands by plate (utilization range of dual-rated equipment; ±10 % otherwise, NEMA MG-1 from memory), V. */
const BANDS: Record<PlateVolts, { low: number; high: number }> = {
  '120': { low: 108, high: 132 },
  '208/230': { low: 197, high: 253 },
  '208': { low: 187, high: 229 },
  '240': { low: 216, high: 264 },
  '460': { low: 414, high: 506 },
};

/** The supply voltage that a plate takes, V. */
export const acceptedVolts = (plate: PlateVolts): { low: number; high: number } => BANDS[plate];
