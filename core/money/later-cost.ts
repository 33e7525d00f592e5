import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

const money = num(0, 1_000_000, '');

/**
 * What a part costs that is left today and done later: its own visit, the circuit opened, evacuated and charged again.
 *
 * @param part and @param hours of that later visit at @param ratePerH · @param trip · @param lostLb of refrigerant at @param perLb
 * @param supplies drier and nitrogen · @param growthPct a year · @param years from now · @param nowCost of doing it today
 * @returns todayPrices: that visit at the prices of now; later: in so many years; times: later over now
 * @example laterCost({ part: 980, hours: 8, ratePerH: 135, trip: 95, lostLb: 0.94, perLb: 28, supplies: 80, growthPct: 3, years: 4, nowCost: 1182.5 }) // 2,545, 2.15 times
 */
export const laterCost = calculation({
  id: 'later-cost',
  title: 'Cost of doing it later',
  what: 'What leaving a part costs when it has to be done on a visit of its own in some years.',
  formula: '(part + hours × rate + trip + lost lb × price + supplies)(1 + growth)^years',
  source: 'business arithmetic; hours are the company’s',
  notCovered: 'Whether the part will fail: no odds are given, unless they are the company’s own.',
  input: z.strictObject({
    part: money,
    hours: num(0, 200, 'h'),
    ratePerH: num(0, 1000, ''),
    trip: money,
    lostLb: num(0, 1000, 'lb'),
    perLb: num(0, 1000, ''),
    supplies: money,
    growthPct: num(0, 30, '%'),
    years: num(0, 30, 'years'),
    nowCost: num(0.01, 1_000_000, '').optional(),
  }),
  compute: (i) => {
    const todayPrices = i.part + i.hours * i.ratePerH + i.trip + i.lostLb * i.perLb + i.supplies;
    const later = todayPrices * (1 + i.growthPct / 100) ** i.years;
    return ok({ todayPrices, later, ...(i.nowCost === undefined ? {} : { times: later / i.nowCost }) });
  },
  example: {
    input: {
      part: 980,
      hours: 8,
      ratePerH: 135,
      trip: 95,
      lostLb: 0.94,
      perLb: 28,
      supplies: 80,
      growthPct: 3,
      years: 4,
      nowCost: 1182.5,
    },
    expected: { todayPrices: 2261.32, later: 2545.14, times: 2.15 },
    tolerance: 0.01,
  },
});
