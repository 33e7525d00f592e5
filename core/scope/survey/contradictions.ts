import type { Place } from './fact';
import { is, type KnownFacts, numberOf } from './facts';

/** Two answers of one survey that cannot both be so: told where the second was given, for a person to look again. */
export type Contradiction = { id: string; place: Place; say: string; act: string };

/** A plate and a compressor that differ by more than this are not one unit's, share of the plate (design default). */
const TONS_APART = 0.25;

export function contradictionsOf(known: KnownFacts): Contradiction[] {
  const out: Contradiction[] = [];
  if (numberOf(known, 'coilLeaks') === 0 && is(known, 'whyReplaced', 'leak') && !is(known, 'lineState', 'leaking'))
    out.push({
      id: 'leak-where',
      place: 'indoor',
      say: 'It is replaced for a leak, and neither coil nor lines have leaked.',
      act: 'Ask where the leak was found: outdoors, or was it never found?',
    });
  if (is(known, 'compressorState', 'runs') && is(known, 'acid', 'acid'))
    out.push({
      id: 'burnt-runs',
      place: 'outdoor',
      say: 'The compressor runs, and its oil shows acid or smells burnt.',
      act: 'Test the oil again: a compressor that burnt does not run.',
    });
  if (is(known, 'systemType', 'split-hp', 'packaged-hp') && known.reversingValve === false)
    out.push({
      id: 'no-reversing-valve',
      place: 'outdoor',
      say: 'A heat pump without a reversing valve.',
      act: 'Look again at the kind of system, or at the outdoor unit.',
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
      say: `The plate says ${plate} tons, the compressor ${compressor}.`,
      act: 'Read both again; the compressor may have been changed for another size.',
    });
  if (is(known, 'circuits', '2', '3') && is(known, 'systemType', 'split-hp', 'split-ac') && (plate ?? 99) < 5)
    out.push({
      id: 'circuits-small',
      place: 'outdoor',
      say: `${String(known.circuits)} refrigerant circuits on a ${plate}-ton split system.`,
      act: 'Count the line sets again.',
    });
  return out;
}
