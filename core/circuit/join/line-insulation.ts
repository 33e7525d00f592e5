import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Elastomeric foam, Btu·in/(h·ft²·°F), and the air film outside it, Btu/(h·ft²·°F) (handbook values, from memory). */
const CONDUCTIVITY = 0.27;
const FILM = 1.1;

/**
 * Insulation of a vapour line: its R-value on the curve, and whether it sweats.
 * @returns rValue, surfaceF, sweats
 * @example lineInsulation({ odIn: 0.875, wallIn: 0.5, airF: 95, pipeF: 45, dewPointF: 75 }) // R 2.65, surface 82.2 °F
 */
export const lineInsulation = calculation({
  id: 'line-insulation',
  title: 'Insulation of the vapour line',
  what: 'The R-value of pipe insulation, and whether water condenses on it.',
  formula: 'R = r2 ln(r2/r1)/k; surface = Ta − (Ta − Tp)(1/h)/(R + 1/h)',
  source: 'heat conduction through a cylinder; k 0.27 and h 1.1 handbook values, edition not checked',
  notCovered: 'Gaps, crushed foam, sun. A code may ask for R-3: compare.',
  input: z.strictObject({
    odIn: num(0.2, 3, 'in'),
    wallIn: num(0.1, 3, 'in'),
    airF: num(-20, 160, '°F'),
    pipeF: num(-20, 150, '°F'),
    dewPointF: num(-20, 95, '°F'),
  }),
  compute: ({ odIn, wallIn, airF, pipeF, dewPointF }) => {
    const r1 = odIn / 2;
    const r2 = r1 + wallIn;
    const rValue = (r2 * Math.log(r2 / r1)) / CONDUCTIVITY;
    const surfaceF = airF - ((airF - pipeF) * (1 / FILM)) / (rValue + 1 / FILM);
    return ok({ rValue, surfaceF, sweats: surfaceF < dewPointF });
  },
  example: {
    input: { odIn: 0.875, wallIn: 0.5, airF: 95, pipeF: 45, dewPointF: 75 },
    expected: { rValue: 2.65, surfaceF: 82.2, sweats: false },
    tolerance: 0.1,
  },
});
