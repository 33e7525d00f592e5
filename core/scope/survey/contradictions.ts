import { tell } from '@/core/scope/survey/words';
import { lower, q, type Said } from '@/core/words/said';
import type { Place } from './fact';
import { is, type KnownFacts, numberOf } from './facts';
import { REPLACED_WORDS, type Replaced } from './parts';

/** Two answers of one survey that cannot both be so: told where the second was given, for a person to look again. */
export type Contradiction = { id: string; place: Place; say: Said; act: Said };

/** A plate and a compressor that differ by more than this are not one unit's, share of the plate (design default). */
const TONS_APART = 0.25;

export function contradictionsOf(known: KnownFacts): Contradiction[] {
  const out: Contradiction[] = [];
  if (numberOf(known, 'coilLeaks') === 0 && is(known, 'whyReplaced', 'leak') && !is(known, 'lineState', 'leaking'))
    out.push({
      id: 'leak-where',
      place: 'indoor',
      say: tell('survey.it-is-replaced-for-leak-and'),
      act: tell('survey.ask-where-leak-was-found-outdoors'),
    });
  if (is(known, 'compressorState', 'runs') && is(known, 'acid', 'acid'))
    out.push({
      id: 'burnt-runs',
      place: 'outdoor',
      say: tell('survey.compressor-runs-and-its-oil-shows'),
      act: tell('survey.test-oil-again-compressor-that-burnt'),
    });
  if (
    is(known, 'systemType', 'split-hp', 'packaged-hp', 'dual-fuel', 'packaged-dual-fuel') &&
    known.reversingValve === false
  )
    out.push({
      id: 'no-reversing-valve',
      place: 'outdoor',
      say: tell('survey.heat-pump-without-reversing-valve'),
      act: tell('survey.look-again-at-kind-of-system'),
    });
  const plate = numberOf(known, 'oldTons');
  const compressor = numberOf(known, 'compressorTons');
  if (
    is(known, 'outdoorPlate', 'readable') &&
    plate !== undefined &&
    compressor !== undefined &&
    Math.abs(compressor - plate) > TONS_APART * plate
  )
    out.push({
      id: 'plate-compressor',
      place: 'outdoor',
      say: tell('survey.plate-says-compressor', { plate: q(plate, 'tons', 'as is'), compressor }),
      act: tell('survey.read-both-again-compressor-may-have'),
    });
  if (is(known, 'circuits', '2', '3') && is(known, 'systemType', 'split-hp', 'split-ac') && (plate ?? 99) < 5)
    out.push({
      id: 'circuits-small',
      place: 'outdoor',
      say: tell('survey.refrigerant-circuits-on-ton-split-system', { circuits: String(known.circuits), plate }),
      act: tell('survey.count-line-sets-again'),
    });
  const replaced = is(known, 'replaced', 'furnace', 'coil', 'all') ? (known.replaced as Replaced) : undefined;
  if (replaced && is(known, 'indoorType', 'air-handler'))
    out.push({
      id: 'replaced-not-there',
      place: 'indoor',
      say: tell('survey.replaced-is-not-there', {
        replaced: lower(REPLACED_WORDS[replaced]),
        there: lower(tell('survey.air-handler')),
      }),
      act: tell('survey.look-again-at-what-is-replaced'),
    });
  return out;
}
