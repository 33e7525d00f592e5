import fc from 'fast-check';
import type { FactValue } from '../survey/fact';
import { FACTS, type Fact } from '../survey/facts';
import type { Observation } from '../survey/survey';

const minute = (n: number): string => new Date(Date.UTC(2026, 5, 1, 12, n)).toISOString();

const anyValue = (fact: Fact): fc.Arbitrary<FactValue> => {
  switch (fact.kind) {
    case 'choice':
      return fc.constantFrom(...fact.options.map(([v]) => v));
    case 'yes-no':
      return fc.boolean();
    case 'number':
      return fc.integer({ min: Math.ceil(fact.low), max: Math.floor(fact.high) });
    default:
      return fc.constantFrom('about as it was', 'behind the wall');
  }
};
/** Any answers to any of the questions, some of them not seen, some found on the day. */
export const anySurvey: fc.Arbitrary<Observation[]> = fc
  .subarray([...FACTS])
  .chain((facts) =>
    fc.tuple(...facts.map((fact) => fc.record({ fact: fc.constant(fact), value: fc.option(anyValue(fact)) }))),
  )
  .map((answers) =>
    answers.map(
      ({ fact, value }, i): Observation => ({
        id: `o${i}`,
        fact: fact.key,
        value,
        unit: '',
        method: 'seen',
        source: 'on site',
        confidence: 'high',
        note: null,
        photoId: null,
        foundOnTheDay: i % 5 === 0,
        by: 'Tess Orlan',
        at: minute(i),
      }),
    ),
  );
