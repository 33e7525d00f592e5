import { MILDLY_FLAMMABLE } from '@/core/equipment/library-item';
import { schoolWords } from '@/core/scope/schools';
import type { ScopeInput } from '@/core/scope/scope-input';
import { coilOnOil, is, numberOf } from '@/core/scope/survey/facts';
import { opensCircuit, partsOf } from '@/core/scope/survey/parts';
import { tell } from '@/core/scope/words';
import { because, coilStays, cost, newUnit, type Rule } from './rule';

const coil = (i: ScopeInput) => ({ ...cost(i, 'coil'), replaces: 'coil' }) as const;

/** Old coil with another refrigerant or safety group, or not listed for a mildly flammable one; unknown is never a pass. */
const coilRefrigerant: Rule = (i) => {
  const made = i.known.coilRefrigerant;
  const wanted = i.outdoor?.refrigerant;
  if (!coilStays(i) || !wanted) return undefined;
  const unknown = typeof made !== 'string' || made === 'other';
  const differs = !unknown && made !== wanted;
  const unlisted = MILDLY_FLAMMABLE.includes(wanted) && !is(i.known, 'a2lListed', true);
  if (!unknown && !differs && !unlisted) return undefined;
  return {
    id: 'coil-refrigerant',
    say: unknown ? tell('scope.find-out-what-kept-coil-is') : tell('scope.replace-indoor-coil-too'),
    level: 'must',
    safety: true,
    reason: unknown
      ? tell('scope.nobody-knows-whether-coil-may-hold', { wanted })
      : differs
        ? tell('scope.coil-is-made-for-new-unit', { made: String(made), wanted })
        : tell('scope.coil-is-not-known-to-be', { wanted }),
    source: tell('scope.makers-listing-safety-group-ashrae-34'),
    triggers: [...because(i, 'coilRefrigerant', 'a2lListed'), newUnit(i)],
    ...coil(i),
  };
};

/** A capillary or a device that cannot be exchanged, with a unit that wants another. */
const coilMetering: Rule = (i) => {
  const wanted = i.outdoor?.metering;
  const has = i.known.metering;
  if (!coilStays(i) || typeof has !== 'string' || !wanted || has === wanted) return undefined;
  const fixed = has === 'capillary' || is(i.known, 'meteringConvertible', false);
  if (!fixed) return undefined;
  return {
    id: 'coil-metering',
    say: tell('scope.replace-indoor-coil-its-metering-device'),
    level: 'must',
    reason: tell('scope.new-unit-wants', {
      wanted: wanted === 'fixed-orifice' ? tell('scope.fixed-orifice') : wanted.toUpperCase(),
    }),
    source: tell('scope.makers-instructions'),
    triggers: [...because(i, 'metering', 'meteringConvertible'), newUnit(i)],
    ...coil(i),
  };
};

const pairListing: Rule = (i) => {
  if (i.pairListed !== false) return undefined;
  return {
    id: 'pair-listing',
    say: tell('scope.use-indoor-unit-that-is-listed'),
    level: i.choice.ratingClaimed ? 'must' : 'should',
    reason: i.choice.ratingClaimed
      ? tell('scope.rating-or-rebate-is-claimed-and')
      : tell('scope.without-listing-nobody-knows-what-pair'),
    source: tell('scope.performance-listing-of-matched-pairs'),
    triggers: [
      newUnit(i),
      i.indoor ? tell('scope.indoor', { maker: i.indoor.maker, model: i.indoor.model }) : tell('scope.old-coil-kept'),
    ],
    hours: 0,
    materials: 0,
  };
};

/** Age, plated end plates, past leaks, salt air: one is a should, two or more a strong one. */
const coilAge: Rule = (i) => {
  if (!coilStays(i)) return undefined;
  const limit = Number(i.schools.coilAgeLimitYr);
  const old = (numberOf(i.known, 'coilAgeYr') ?? 0) >= limit;
  const counts = [
    old,
    is(i.known, 'endPlates', 'plated'),
    (numberOf(i.known, 'coilLeaks') ?? 0) >= 1,
    is(i.known, 'saltAir', true),
    is(i.known, 'coilBack', 'oily', 'rusted'),
  ].filter(Boolean).length;
  if (counts === 0) return undefined;
  const byAge = i.schools.bothCoils === 'by-age' && old;
  return {
    id: 'coil-age',
    say: tell('scope.replace-both-coils'),
    level: byAge ? 'must' : 'should',
    ...(counts >= 2 ? { strong: true as const } : {}),
    reason: tell('scope.that-this-coil-leaks-next-fixing', {
      counts: counts >= 2 ? tell('scope.several-signs') : tell('scope.sign'),
    }),
    source: tell('scope.common-practice-from-years', { limit, schools: schoolWords(i.schools, 'bothCoils') }),
    triggers: because(i, 'coilAgeYr', 'endPlates', 'coilLeaks', 'saltAir', 'coilBack'),
    ...coil(i),
  };
};

const coilKept: Rule = (i) =>
  coilStays(i)
    ? {
        id: 'coil-kept',
        say: tell('scope.pressure-test-kept-coil-and-look'),
        level: 'must',
        reason: tell('scope.kept-coil-is-proven-or-it'),
        source: tell('scope.common-practice'),
        triggers: [tell('scope.old-coil-kept'), ...because(i, 'coilAgeYr', 'coilFace')],
        ...cost(i, 'coil-kept'),
        keeps: 'coil',
      }
    : undefined;

const orifice: Rule = (i) => {
  if (!coilStays(i) || !is(i.known, 'metering', 'fixed-orifice')) return undefined;
  const must = i.outdoor?.metering === 'txv' || i.outdoor?.metering === 'eev';
  return {
    id: 'expansion-valve',
    say: tell('scope.fit-expansion-valve-in-place-of'),
    level: must ? 'must' : 'should',
    reason: must ? tell('scope.new-units-maker-asks-for-one') : tell('scope.valve-follows-load-and-airflow-orifice'),
    source: must ? tell('scope.makers-instructions') : tell('scope.common-practice'),
    triggers: [...because(i, 'metering'), newUnit(i)],
    ...cost(i, 'expansion-valve'),
    keeps: 'coil',
  };
};

const oilCoil: Rule = (i) =>
  coilOnOil(i.known) && i.indoor?.panHot !== true
    ? {
        id: 'oil-coil',
        say: tell('scope.coil-over-oil-high-temperature-pan'),
        level: 'must',
        reason: tell('scope.ordinary-pan-softens-over-oil-furnace'),
        source: tell('scope.makers-instructions'),
        triggers: because(i, 'indoorType', 'fuel'),
        ...cost(i, 'oil-coil'),
      }
    : undefined;

/** A furnace is changed under a coil that stays on its lines: what is bent there leaks next. */
const coilHeld: Rule = (i) => {
  const parts = partsOf(i.known);
  return parts?.there.has('coil') && !opensCircuit(i.known)
    ? {
        id: 'coil-held',
        say: tell('scope.hold-coil-and-its-lines-while'),
        level: 'must',
        reason: tell('scope.line-bent-at-coil-leaks-next'),
        source: tell('scope.common-practice'),
        triggers: because(i, 'systemType', 'replaced'),
        ...cost(i, 'coil-held'),
      }
    : undefined;
};

/** A hot-water coil in an air handler is a heat source with water of its own. */
const hydronic: Rule = (i) =>
  is(i.known, 'hydronicCoil', true)
    ? {
        id: 'hydronic',
        say: tell('scope.isolate-drain-and-freeze-protect-hot'),
        level: 'must',
        reason: tell('scope.it-is-heat-source-valve-it'),
        source: tell('scope.common-practice-licensed-where-local-code'),
        triggers: because(i, 'hydronicCoil'),
        ...cost(i, 'hydronic'),
      }
    : undefined;

export const COIL_RULES: readonly Rule[] = [
  coilRefrigerant,
  coilMetering,
  pairListing,
  coilAge,
  coilKept,
  coilHeld,
  orifice,
  oilCoil,
  hydronic,
];
