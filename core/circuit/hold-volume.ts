import { z } from 'zod';
import { ACR_SIZES, boreFt2 } from '@/core/circuit/acr-tube';
import { tell } from '@/core/circuit/words';
import { allows } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, yesNo } from '@/core/finding/quantity-field';

/** Inside volume of an indoor coil and of an outdoor unit, ft³ a ton (design defaults: makers seldom tell). */
const COIL_FT3_PER_TON = 0.04;
const OUTDOOR_FT3_PER_TON = 0.07;

/**
 * Inside volume of the section that is tested or evacuated.
 * @param withOutdoor true when the outdoor unit is open to the lines: empty, or its valves are open
 * @returns volumeFt3, linesFt3
 * @example sectionVolume({ liquidOdIn: 0.375, vaporOdIn: 0.875, lengthFt: 50, tons: 3, withOutdoor: false }) // 0.32 ft³
 */
export const sectionVolume = calculation({
  id: 'section-volume',
  title: 'Volume of the section',
  what: 'How much room the lines and the coil have inside: it sets nitrogen, leak rate and pull-down time.',
  formula: 'bore areas × length + 0.04 ft³ a ton for the coil + 0.07 ft³ a ton for an open outdoor unit',
  source: 'geometry; coil and unit volumes are design defaults',
  notCovered: 'Receivers and accumulators. A maker’s volume is better.',
  input: z.strictObject({
    liquidOdIn: z.number().meta(allows(ACR_SIZES)),
    vaporOdIn: z.number().meta(allows(ACR_SIZES)),
    lengthFt: num(0, 500, 'ft'),
    tons: num(0.5, 30, 'tons'),
    withOutdoor: yesNo.default(false),
  }),
  compute: ({ liquidOdIn, vaporOdIn, lengthFt, tons, withOutdoor }) => {
    const liquid = boreFt2(liquidOdIn);
    const vapour = boreFt2(vaporOdIn);
    if (liquid === undefined) return refuse('liquidOdIn', tell('circuit.not-acr-tube-size'), ACR_SIZES);
    if (vapour === undefined) return refuse('vaporOdIn', tell('circuit.not-acr-tube-size'), ACR_SIZES);
    const linesFt3 = (liquid + vapour) * lengthFt;
    return ok({
      linesFt3,
      volumeFt3: linesFt3 + tons * (COIL_FT3_PER_TON + (withOutdoor ? OUTDOOR_FT3_PER_TON : 0)),
    });
  },
  example: {
    input: { liquidOdIn: 0.375, vaporOdIn: 0.875, lengthFt: 50, tons: 3 },
    expected: { volumeFt3: 0.315, linesFt3: 0.195 },
    tolerance: 0.002,
  },
});
