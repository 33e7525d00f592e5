import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, yesNo } from '@/core/finding/quantity-field';
import { tell } from '@/core/sizing/words';
import { q } from '@/core/words/said';
import { capacityAt } from './balance-point';

/** Heat of a pump at an outdoor temperature by its two rated points. @example heatingCapacityLine({ q47Btuh: 35000, q17Btuh: 21000, outdoorF: 35, frostDent: true }) // 26,460 Btu/h */
export const heatingCapacityLine = calculation({
  id: 'heating-capacity-line',
  title: 'Heat pump capacity outdoors',
  what: 'What a heat pump gives at an outdoor temperature, by its rated points at 17 and 47 °F.',
  formula:
    'straight through 17 and 47 °F; with frost, 90 % of it at 35 °F and straight from 17 °F through that to 45 °F',
  source: 'rating points and frost dent AHRI 210/240, edition not checked; the maker’s table wins',
  notCovered: 'Below 17 °F it extrapolates; inverters that hold their capacity; heat used by defrost beyond the dent.',
  input: z.strictObject({
    q47Btuh: num(3000, 500000, 'Btu/h'),
    q17Btuh: num(1000, 500000, 'Btu/h'),
    outdoorF: num(-40, 75, '°F'),
    frostDent: yesNo,
  }),
  compute: ({ q47Btuh, q17Btuh, outdoorF, frostDent }) =>
    q17Btuh >= q47Btuh
      ? refuse(
          'q17Btuh',
          tell('sizing.heat-pump-gives-less-at-17'),
          tell('sizing.1000-to-btu-h', { capacity47Btuh: q(q47Btuh - 1, 'number', 'as is') }),
        )
      : ok({ btuh: capacityAt({ capacity47Btuh: q47Btuh, capacity17Btuh: q17Btuh, frostDent }, outdoorF) }),
  example: {
    input: { q47Btuh: 35000, q17Btuh: 21000, outdoorF: 35, frostDent: true },
    expected: { btuh: 26460 },
    tolerance: 0.001,
  },
});
