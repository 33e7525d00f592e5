import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';

/** Copper equipment ground: up to this breaker, A (NEC 250.122, edition not checked). */
const GROUND: readonly (readonly [upToA: number, awg: number])[] = [
  [15, 14],
  [20, 12],
  [60, 10],
  [100, 8],
  [200, 6],
  [300, 4],
];
const MOST_A = 300;

/**
 * Size of the copper equipment ground of a circuit.
 *
 * @param ocpdA breaker or fuse, A
 * @returns awg
 * @example equipmentGround({ ocpdA: 35 }) // 10 AWG
 */
export const equipmentGround = calculation({
  id: 'equipment-ground',
  title: 'Equipment ground',
  what: 'The copper equipment ground that a breaker asks for.',
  formula: 'table by breaker: 15 → 14; 20 → 12; to 60 → 10; to 100 → 8; to 200 → 6; to 300 → 4 AWG',
  source: 'NEC 250.122, edition not checked',
  notCovered: 'Never larger than the phase conductors; grows with them where they grew for voltage drop; aluminum.',
  input: z.strictObject({ ocpdA: num(1, MOST_A, 'A') }),
  compute: ({ ocpdA }) => ok({ awg: GROUND.find(([upToA]) => ocpdA <= upToA)![1] }),
  example: { input: { ocpdA: 35 }, expected: { awg: 10 }, tolerance: 0 },
});
