import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { phasesField, voltsField } from './fields';
import { sizeAtLeast } from './standard-sizes';
import { tell } from './words';

/** One circuit of electric heat carries at most this (NEC 424.22, edition not checked), A. */
const MOST_PER_CIRCUIT_A = 48;
/** Continuous load (NEC 424.4, edition not checked). */
const CONTINUOUS = 1.25;
/** 48 A to the last digit is still 48 A. */
const ROUNDING_A = 1e-6;

/**
 * Power of an electric heat kit at its supply, and its circuits: whole elements, the largest first, the blower on the first circuit.
 *
 * @param elementsKw each element at the rated volts, kW
 * @param blowerA full-load amps of the blower on circuit 1; 0 where it has a circuit of its own, A
 * @returns kw and heatA at the supply; circuitCount; minimumA and breakerA of each circuit
 * @example heatKit({ elementsKw: [5, 5, 5], ratedVolts: 240, volts: 240, phases: 1, blowerA: 3 }) // 62.5 A: 55.8 → 60 and 26.0 → 30 A
 */
export const heatKit = calculation({
  id: 'heat-kit',
  title: 'Electric heat kit',
  what: 'What a heat kit gives and draws at the supply there is, and the circuits it needs.',
  formula:
    'kW × (V/V rated)²; A = 1,000 kW/V (÷ √3); ≤ 48 A a circuit; minimum 1.25 × A; breaker: next standard size up',
  source: 'Joule’s law; NEC 424.4, 424.22, 240.6(A), edition not checked',
  notCovered: 'The kit table on the air handler, which rules; kits listed for a single larger circuit.',
  input: z.strictObject({
    elementsKw: z
      .array(num(0.1, 50, 'kW'))
      .min(1)
      .max(12)
      .describe('1 to 12 elements'),
    ratedVolts: voltsField,
    volts: voltsField,
    phases: phasesField,
    blowerA: num(0, MOST_PER_CIRCUIT_A, 'A'),
  }),
  compute: ({ elementsKw, ratedVolts, volts, phases, blowerA }) => {
    const share = (volts / ratedVolts) ** 2;
    const ampsOf = (kw: number): number => (kw * share * 1000) / volts / (phases === 3 ? Math.sqrt(3) : 1);
    const elements = elementsKw.map(ampsOf).sort((a, b) => b - a);
    if (elements[0]! > MOST_PER_CIRCUIT_A + ROUNDING_A)
      return refuse('elementsKw', tell('power.one-element-is-above-48-a'), tell('power.elements-up-to-48-a-each'));
    const circuits = [blowerA];
    for (const amps of elements) {
      const at = circuits.findIndex((load) => load + amps <= MOST_PER_CIRCUIT_A + ROUNDING_A);
      if (at < 0) circuits.push(amps);
      else circuits[at]! += amps;
    }
    const minimumA = circuits.map((load) => CONTINUOUS * load);
    return ok({
      kw: elementsKw.reduce((sum, kw) => sum + kw, 0) * share,
      heatA: elements.reduce((sum, a) => sum + a, 0),
      circuitCount: circuits.length,
      minimumA,
      // A circuit is at most 60 A: there is a size above every minimum.
      breakerA: minimumA.map((a) => sizeAtLeast(a)!),
    });
  },
  example: {
    input: { elementsKw: [5, 5, 5], ratedVolts: 240, volts: 240, phases: 1, blowerA: 3 },
    expected: { kw: 15, heatA: 62.5, circuitCount: 2, minimumA: [55.83, 26.04], breakerA: [60, 30] },
    tolerance: 0.01,
  },
});
