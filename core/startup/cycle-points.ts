import { idealWork } from '@/core/plant/unit/gas';
import { bubblePsia, dewF, dewPsia } from '@/core/refrigerant/lookup';
import { HIGH_F, LOW_F } from '@/core/refrigerant/ranges';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { saturatedStates, singlePhase } from '@/core/refrigerant/state';
import type { Quantity, Readings } from './quantities';

/** A state of the cycle on a pressure–enthalpy sheet. */
export type PhPoint = { btuLb: number; psia: number };
export const CYCLE_CORNERS = ['suction', 'discharge', 'liquid', 'evaporator'] as const;
export type CycleCorner = (typeof CYCLE_CORNERS)[number];

export type CyclePoints = Record<CycleCorner, PhPoint> & {
  /** The discharge was not read: it is where a middling compressor would bring the gas. */
  dischargeEstimated: boolean;
  /** Heat that a pound takes up in the coil, and that it takes from the compressor, Btu/lb. */
  effectBtuLb: number;
  workBtuLb: number;
};

/** Isentropic efficiency of a middling compressor, where nobody read its discharge. */
const EFFICIENCY = 0.69;

/**
 * The four corners of the running cycle from its readings, each state by the equation of state.
 *
 * @param barometerPsia station pressure that the gauges read against
 * @returns undefined while a pressure or line temperature is missing, silent, or where its phase does not exist
 * @source states: equations named in refrigerant/coefficients; the meter expands without giving heat (first law)
 */
export function cyclePoints(r: Refrigerant, readings: Readings, barometerPsia: number): CyclePoints | undefined {
  const at = (q: Quantity): number | undefined => {
    const x = readings[q];
    return x && !x.trouble ? x.value : undefined;
  };
  const [low, high] = [at('suctionPsig'), at('liquidPsig')];
  const [lineF, liquidF] = [at('suctionLineF'), at('liquidLineF')];
  if (low === undefined || high === undefined || lineF === undefined || liquidF === undefined) return undefined;
  const [pLow, pHigh] = [low + barometerPsia, high + barometerPsia];
  if (!(pLow > 2) || pHigh <= pLow || liquidF < LOW_F || liquidF > HIGH_F) return undefined;
  const dew = dewF(r, pLow);
  if (!Number.isFinite(dew)) return undefined;
  const suction = lineF > dew ? singlePhase(r, lineF, pLow, 'vapour') : saturatedStates(r, dew).vapour;
  // Liquid that is warmer than its bubble point is read as liquid on the line: a gauge or clamp is off by that much.
  const liquid =
    pHigh > bubblePsia(r, liquidF) ? singlePhase(r, liquidF, pHigh, 'liquid') : saturatedStates(r, liquidF).liquid;
  if (!suction || !liquid) return undefined;
  const dischargeF = at('dischargeLineF');
  const read = dischargeF === undefined ? undefined : singlePhase(r, dischargeF, pHigh, 'vapour');
  const real = read && dischargeF! > dewF(r, pHigh) ? read.btuLb : undefined;
  const hot = real ?? suction.btuLb + idealWork(r, pLow, suction.lbFt3, pHigh / pLow) / EFFICIENCY;
  return {
    suction: { btuLb: suction.btuLb, psia: pLow },
    discharge: { btuLb: hot, psia: pHigh },
    liquid: { btuLb: liquid.btuLb, psia: pHigh },
    evaporator: { btuLb: liquid.btuLb, psia: pLow },
    dischargeEstimated: real === undefined,
    effectBtuLb: suction.btuLb - liquid.btuLb,
    workBtuLb: hot - suction.btuLb,
  };
}

/** The saturation dome, from liquid over the top to vapor, °F by °F. */
export function saturationDome(r: Refrigerant, stepF = 5): { liquid: PhPoint[]; vapour: PhPoint[] } {
  const liquid: PhPoint[] = [];
  const vapour: PhPoint[] = [];
  for (let f = LOW_F; f <= HIGH_F; f += stepF) {
    const s = saturatedStates(r, f);
    liquid.push({ btuLb: s.liquid.btuLb, psia: bubblePsia(r, f) });
    vapour.push({ btuLb: s.vapour.btuLb, psia: dewPsia(r, f) });
  }
  return { liquid, vapour };
}

/** One temperature across the sheet, from high pressure to low: liquid, through the dome, vapor down to `lowPsia`. */
export function isotherm(r: Refrigerant, temperatureF: number, lowPsia: number, highPsia: number): PhPoint[] {
  const points: PhPoint[] = [];
  const inside = temperatureF >= LOW_F && temperatureF <= HIGH_F;
  if (inside) {
    const s = saturatedStates(r, temperatureF);
    const [bubble, dew] = [bubblePsia(r, temperatureF), dewPsia(r, temperatureF)];
    if (highPsia > bubble) points.push({ btuLb: s.liquid.btuLb, psia: highPsia });
    points.push({ btuLb: s.liquid.btuLb, psia: bubble }, { btuLb: s.vapour.btuLb, psia: dew });
  }
  const from = inside ? dewPsia(r, temperatureF) : Math.min(highPsia, dewPsia(r, HIGH_F));
  const STEPS = 12;
  for (let i = inside ? 1 : 0; i <= STEPS; i++) {
    const psia = from * (lowPsia / from) ** (i / STEPS);
    const state = psia < from || !inside ? singlePhase(r, temperatureF, psia, 'vapour') : undefined;
    if (state) points.push({ btuLb: state.btuLb, psia });
  }
  return points.filter((p) => p.psia >= lowPsia * 0.999);
}
