import type { FactKey, KnownFacts } from './survey/facts';
import { factSentence, is, numberOf } from './survey/facts';

/** A probable cause of the old unit's end: what speaks for it, and what keeps the new one from the same. */
export type Cause = {
  id: string;
  say: string;
  evidence: string[];
  strength: 'strong' | 'possible';
  guard: string;
};

/** Answers that say nothing is wrong are no evidence of a cause. */
const HARMLESS: readonly unknown[] = [false, 0, 'clean', 'sealed', 'sound', 'runs', 'none', 'not tested', 'not tried'];
const speaks = (value: unknown): boolean => !HARMLESS.includes(value);

/** The old unit's story, read from what was found; the strongest first. */
export function storyOf(known: KnownFacts): Cause[] {
  const out: Cause[] = [];
  const told = (...keys: FactKey[]): string[] =>
    keys
      .filter((k) => known[k] !== undefined && known[k] !== null && speaks(known[k]))
      .map((k) => factSentence(k, known[k]!));
  const add = (id: string, strong: boolean, say: string, guard: string, ...keys: FactKey[]): void =>
    void out.push({ id, say, guard, strength: strong ? 'strong' : 'possible', evidence: told(...keys) });
  const failed = is(known, 'whyReplaced', 'compressor');

  if (is(known, 'acid', 'acid') || is(known, 'compressorState', 'grounded'))
    add(
      'burnout',
      true,
      'The compressor burnt out.',
      'Acid test, suction drier, flush or replace the lines, look at the oil again after a week.',
      'acid',
      'compressorState',
    );
  if (is(known, 'coilFace', 'dirty', 'matted'))
    add(
      'dirty-coil',
      is(known, 'coilFace', 'matted'),
      'The indoor coil was starved of air by dirt.',
      'Seal the return and the filter rack; a filter that fits.',
      'coilFace',
      'filterRack',
    );
  if (is(known, 'filterRack', 'leaks', 'none') && !is(known, 'coilFace', 'dirty', 'matted'))
    add('filter', false, 'Air went round the filter.', 'Sealed media cabinet.', 'filterRack');
  if (is(known, 'smothered', true) || is(known, 'outdoorCoil', 'dirty', 'matted'))
    add(
      'smothered',
      is(known, 'smothered', true) || is(known, 'outdoorCoil', 'matted'),
      'The outdoor unit could not breathe: leaves, a tarp or a fence.',
      'Clearance on every side; a place leaves do not gather; tell the owner never to wrap it.',
      'smothered',
      'outdoorCoil',
    );
  if (is(known, 'floodback', true))
    add(
      'floodback',
      true,
      'Liquid came back to the compressor.',
      'Charge by weight, check metering and airflow, crankcase heat, accumulator by the maker.',
      'floodback',
      'metering',
    );
  if (is(known, 'drainState', 'blocked', 'sags'))
    add(
      'drain',
      is(known, 'drainState', 'blocked'),
      'The drain backed up and flooded the pan.',
      'Rehang the drain with fall, trap it, float tested with water.',
      'drainState',
      'floatState',
      'panState',
    );
  if (is(known, 'whyReplaced', 'leak') || (numberOf(known, 'coilLeaks') ?? 0) > 0 || is(known, 'endPlates', 'plated'))
    add(
      'leak',
      is(known, 'whyReplaced', 'leak') && (numberOf(known, 'coilLeaks') ?? 0) > 0,
      'A coil leaked its charge away.',
      'New coil, or the old one tested under pressure with its hidden side looked at.',
      'whyReplaced',
      'coilLeaks',
      'endPlates',
      'saltAir',
    );
  if (is(known, 'oldRefrigerant', 'mixed'))
    add(
      'mixed',
      true,
      'Refrigerants were mixed in it.',
      'Recover into a cylinder marked mixed; flush or replace what stays; one refrigerant from now on.',
      'oldRefrigerant',
    );
  if (is(known, 'lineState', 'oil', 'kinked'))
    add('lines', false, 'The line set held oil back or choked it.', 'New line set, or prove the old one.', 'lineState');
  if (failed && out.length === 0)
    add(
      'unknown',
      false,
      'The compressor failed and nothing seen says why.',
      'Look at contactor, voltage, airflow and charge before the new one is started.',
      'compressorState',
      'whyReplaced',
    );
  return out.sort((a, b) => (a.strength === b.strength ? 0 : a.strength === 'strong' ? -1 : 1));
}
