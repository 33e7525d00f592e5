import { tell } from '@/core/scope/words';
import type { Said } from '@/core/words/said';
import type { FactKey, KnownFacts } from './survey/facts';
import { factSentence, is, numberOf } from './survey/facts';

/** A probable cause of the old unit's end: what speaks for it, and what keeps the new one from the same. */
export type Cause = {
  id: string;
  say: Said;
  evidence: Said[];
  strength: 'strong' | 'possible';
  guard: Said;
};

/** Answers that say nothing is wrong are no evidence of a cause. */
const HARMLESS: readonly unknown[] = [false, 0, 'clean', 'sealed', 'sound', 'runs', 'none', 'not tested', 'not tried'];
const speaks = (value: unknown): boolean => !HARMLESS.includes(value);

/** The old unit's story, read from what was found; the strongest first. */
export function storyOf(known: KnownFacts): Cause[] {
  const out: Cause[] = [];
  const told = (...keys: FactKey[]): Said[] =>
    keys
      .filter((k) => known[k] !== undefined && known[k] !== null && speaks(known[k]))
      .map((k) => factSentence(k, known[k]!));
  const add = (id: string, strong: boolean, say: Said, guard: Said, ...keys: FactKey[]): void =>
    void out.push({ id, say, guard, strength: strong ? 'strong' : 'possible', evidence: told(...keys) });
  const failed = is(known, 'whyReplaced', 'compressor');

  if (is(known, 'acid', 'acid') || is(known, 'compressorState', 'grounded'))
    add(
      'burnout',
      true,
      tell('scope.compressor-burnt-out'),
      tell('scope.acid-test-suction-drier-flush-or'),
      'acid',
      'compressorState',
    );
  if (is(known, 'coilFace', 'dirty', 'matted'))
    add(
      'dirty-coil',
      is(known, 'coilFace', 'matted'),
      tell('scope.indoor-coil-was-starved-of-air'),
      tell('scope.seal-return-and-filter-rack-filter'),
      'coilFace',
      'filterRack',
    );
  if (is(known, 'filterRack', 'leaks', 'none') && !is(known, 'coilFace', 'dirty', 'matted'))
    add('filter', false, tell('scope.air-went-round-filter'), tell('scope.sealed-media-cabinet'), 'filterRack');
  if (is(known, 'smothered', true) || is(known, 'outdoorCoil', 'dirty', 'matted'))
    add(
      'smothered',
      is(known, 'smothered', true) || is(known, 'outdoorCoil', 'matted'),
      tell('scope.outdoor-unit-could-not-breathe-leaves'),
      tell('scope.clearance-on-every-side-place-leaves'),
      'smothered',
      'outdoorCoil',
    );
  if (is(known, 'floodback', true))
    add(
      'floodback',
      true,
      tell('scope.liquid-came-back-to-compressor'),
      tell('scope.charge-by-weight-check-metering-and'),
      'floodback',
      'metering',
    );
  if (is(known, 'drainState', 'blocked', 'sags'))
    add(
      'drain',
      is(known, 'drainState', 'blocked'),
      tell('scope.drain-backed-up-and-flooded-pan'),
      tell('scope.rehang-drain-with-fall-trap-it'),
      'drainState',
      'floatState',
      'panState',
    );
  const added = (numberOf(known, 'gasAddedOz') ?? 0) > 0;
  if (
    is(known, 'whyReplaced', 'leak') ||
    added ||
    (numberOf(known, 'coilLeaks') ?? 0) > 0 ||
    is(known, 'endPlates', 'plated')
  )
    add(
      'leak',
      is(known, 'whyReplaced', 'leak') && (added || (numberOf(known, 'coilLeaks') ?? 0) > 0),
      tell('scope.coil-leaked-its-charge-away'),
      tell('scope.new-coil-or-old-one-tested'),
      'whyReplaced',
      'gasAddedOz',
      'coilLeaks',
      'endPlates',
      'saltAir',
    );
  if (is(known, 'oldRefrigerant', 'mixed'))
    add(
      'mixed',
      true,
      tell('scope.refrigerants-were-mixed-in-it'),
      tell('scope.recover-into-cylinder-marked-mixed-flush'),
      'oldRefrigerant',
    );
  if (is(known, 'lineState', 'oil', 'kinked'))
    add('lines', false, tell('scope.line-set-held-oil-back-or'), tell('scope.new-line-set-or-prove-old'), 'lineState');
  if (is(known, 'heatFails', 'does not heat'))
    add(
      'reversing-valve',
      is(known, 'reversingValve', true),
      tell('scope.reversing-valve-stuck'),
      tell('scope.change-drier-and-acid-test-new-valve'),
      'heatFails',
      'reversingValve',
    );
  if (is(known, 'drierState', 'colder out'))
    add(
      'drier',
      true,
      tell('scope.drier-was-restricted'),
      tell('scope.new-drier-and-nitrogen-while-brazing'),
      'drierState',
    );
  if (failed && out.length === 0)
    add(
      'unknown',
      false,
      tell('scope.compressor-failed-and-nothing-seen-says'),
      tell('scope.look-at-contactor-voltage-airflow-and'),
      'compressorState',
      'whyReplaced',
    );
  return out.sort((a, b) => (a.strength === b.strength ? 0 : a.strength === 'strong' ? -1 : 1));
}
