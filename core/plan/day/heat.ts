import { waterSaturationPsia } from '@/core/air/moist-air';
import { bandOf, FULL_SUN_F, heatIndexF } from '@/core/plan/heat-index';
import type { HotPlace } from './activity';
import { DAY_H } from './calendar';

/** What was forecast for a day, and the roof it falls on. */
export type Forecast = { highF: number; lowF: number; humidityPct: number; roof: 'dark' | 'light' };

/** The hour of the highest temperature of a clear day (design default). */
const WARMEST_H = 15;
/** How far an attic lies above the outside in the sun at most (design default), °F. */
const ATTIC_RISE_F = { dark: 35, light: 25 } as const;
/** The sun heats an attic between these hours (design default: from 6 am, 16 h of half a sine). */
const SUN_FROM_H = 6;
const SUN_HALF_WAVE_H = 16;
/** Above this nobody enters an attic (design default), °F. */
export const NO_ENTRY_F = 140;
const MINUTES = 60;

/** Outside at an hour of the day: a sine between the forecast's low and high. */
export function outsideF({ highF, lowF }: Forecast, hour: number): number {
  const middle = (highF + lowF) / 2;
  return middle + ((highF - lowF) / 2) * Math.cos((2 * Math.PI * (hour - WARMEST_H)) / DAY_H);
}

/** An attic at an hour of the day: what the sun on its roof adds. A measured one takes its place. */
export const atticF = (f: Forecast, hour: number): number =>
  outsideF(f, hour) + ATTIC_RISE_F[f.roof] * Math.max(0, Math.sin((Math.PI * (hour - SUN_FROM_H)) / SUN_HALF_WAVE_H));

/** The same water in hotter air: humidity falls as its saturation pressure rises, %. */
export const humidityAt = (pct: number, fromF: number, toF: number): number =>
  Math.min(100, (pct * waterSaturationPsia(fromF)) / waterSaturationPsia(toF));

/**
 * How hot it feels at a place of work at an hour, and how much of that hour is worked.
 *
 * @param f the day's forecast; its humidity is that at the high · @param hour of the day by the sun, h
 * @returns airF, heatIndexF, workMin of an hour; enter: false above 140 °F
 * @source heat index of the National Weather Service; attic and minutes are design defaults
 */
export function heatAt(place: HotPlace, f: Forecast, hour: number) {
  const outF = outsideF(f, hour);
  const pct = humidityAt(f.humidityPct, f.highF, outF);
  const airF = place === 'attic' ? atticF(f, hour) : outF;
  const feelsF = heatIndexF(airF, humidityAt(pct, outF, airF)) + (place === 'roof' && sunUp(hour) ? FULL_SUN_F : 0);
  return { airF, heatIndexF: feelsF, workMin: bandOf(feelsF).workMin, enter: airF <= NO_ENTRY_F };
}

const sunUp = (hour: number): boolean => hour > SUN_FROM_H + 1 && hour < SUN_FROM_H + SUN_HALF_WAVE_H - 3;

/** How much longer an hour's work takes at a place from a moment of the plan's clock on, by a day's forecast. */
export const stretchBy =
  (f: Forecast) =>
  (place: HotPlace, at: number): number =>
    MINUTES / heatAt(place, f, at % DAY_H).workMin;
