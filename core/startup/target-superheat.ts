import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { tell } from '@/core/startup/words';
import { q } from '@/core/words/said';

/** Below this the method cannot be used: the table is blank there. */
const LEAST_SUPERHEAT_F = 5;

/**
 * Target superheat of a fixed-orifice system from the air on both coils.
 *
 * @param indoorWetBulbF return air wet bulb, 50 to 76 °F · @param outdoorDryBulbF air entering the condenser, 55 to 115 °F
 * @returns targetSuperheatF; refused below 5 °F (cold or dry house on a hot day: use the weighed charge)
 * @source widely published formula; agrees with California Title 24 RA3.2-2 within 2 °F on the rows recalled, from memory
 * @example targetSuperheat({ indoorWetBulbF: 67, outdoorDryBulbF: 95 }) // 13.0 °F
 */
export const targetSuperheat = calculation({
  id: 'target-superheat',
  title: 'Target superheat, fixed orifice',
  what: 'The suction superheat a piston or capillary system should have in this weather.',
  formula: '(3 × indoor wet bulb − 80 − outdoor dry bulb) / 2',
  source: 'Widely published charging formula; California Title 24 RA3.2-2, edition not checked',
  notCovered: 'Valves (TXV, EEV), heating mode, and conditions where the result is below 5 °F.',
  input: z.strictObject({ indoorWetBulbF: num(50, 76, '°F'), outdoorDryBulbF: num(55, 115, '°F') }),
  compute: ({ indoorWetBulbF, outdoorDryBulbF }) => {
    const targetSuperheatF = (3 * indoorWetBulbF - 80 - outdoorDryBulbF) / 2;
    if (targetSuperheatF < LEAST_SUPERHEAT_F) {
      const leastWetBulb = Math.ceil((2 * LEAST_SUPERHEAT_F + 80 + outdoorDryBulbF) / 3);
      return refuse(
        'indoorWetBulbF',
        tell('startup.cannot-charge-by-superheat-now-house'),
        leastWetBulb <= 76
          ? tell('startup.to-76-f-at-outdoor', { leastWetBulb, outdoorDryBulbF: q(outdoorDryBulbF, 'F', 'as is') })
          : tell('startup.not-applicable-at-outdoor', { outdoorDryBulbF: q(outdoorDryBulbF, 'F', 'as is') }),
      );
    }
    return ok({ targetSuperheatF });
  },
  example: { input: { indoorWetBulbF: 67, outdoorDryBulbF: 95 }, expected: { targetSuperheatF: 13 }, tolerance: 0.001 },
});
