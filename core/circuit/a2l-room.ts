import { z } from 'zod';
import { tell } from '@/core/circuit/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { refrigerantField } from '@/core/refrigerant/saturation-calculations';
import { LFL_KG_M3 } from './room-charge-limit';

/** Charge steps of the standard, multiples of the lower flammable limit, kg (UL/IEC 60335-2-40, from memory). */
const M = { m1: 6, m2: 52, m3: 260 } as const;
const HALF_LFL = 0.5;
/** Height of mixing counts up to here, m. */
const MOST_HEIGHT_M = 2.2;
const CIRCULATION_PER_KG_LFL = 30;
const LB_PER_KG = 2.2046226;
const FT2_PER_M2 = 10.76391;
const M_PER_FT = 0.3048;
const CFM_PER_M3H = 0.5885778;

/**
 * Smallest total area and circulation for a ducted mildly flammable charge with a leak detector.
 * @returns step: exempt, area, extra measures, outside; minimumAreaFt2, minimumCfm
 * @example a2lRoom({ refrigerant: 'R-454B', chargeLb: 8, heightFt: 7.22 }) // 120 ft², 216 CFM
 */
export const a2lRoom = calculation({
  id: 'a2l-room',
  title: 'A2L with a leak detector',
  what: 'The least area served and the least circulation when a detector starts the blower.',
  formula: 'm1 = 6 LFL, m2 = 52 LFL, m3 = 260 LFL; area = m/(0.5 LFL H), H ≤ 2.2 m; circulation = 30 m/LFL',
  source: 'UL/IEC 60335-2-40, edition not checked; the maker’s table wins',
  notCovered: 'Altitude, leak class, several systems in one space. Check the current edition.',
  input: z.strictObject({
    refrigerant: refrigerantField,
    chargeLb: num(0.1, 500, 'lb'),
    heightFt: num(1, 15, 'ft').default(7.218),
  }),
  compute: ({ refrigerant, chargeLb, heightFt }) => {
    const lfl = LFL_KG_M3[refrigerant as keyof typeof LFL_KG_M3];
    if (lfl === undefined)
      return refuse(
        'refrigerant',
        tell('circuit.is-not-flammable-this-rule-does', { refrigerant }),
        Object.keys(LFL_KG_M3).join(', '),
      );
    const kg = chargeLb / LB_PER_KG;
    const step =
      kg <= M.m1 * lfl ? 'exempt' : kg <= M.m2 * lfl ? 'area' : kg <= M.m3 * lfl ? 'extra measures' : 'outside';
    return ok({
      step,
      exemptLb: M.m1 * lfl * LB_PER_KG,
      mostLb: M.m2 * lfl * LB_PER_KG,
      minimumAreaFt2: (kg / (HALF_LFL * lfl * Math.min(MOST_HEIGHT_M, heightFt * M_PER_FT))) * FT2_PER_M2,
      minimumCfm: ((CIRCULATION_PER_KG_LFL * kg) / lfl) * CFM_PER_M3H,
    });
  },
  example: {
    input: { refrigerant: 'R-454B', chargeLb: 8 },
    expected: { step: 'area', minimumAreaFt2: 120, minimumCfm: 216 },
    tolerance: 1,
  },
});
