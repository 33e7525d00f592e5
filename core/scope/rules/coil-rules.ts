import { MILDLY_FLAMMABLE } from '@/core/equipment/library-item';
import { schoolWords } from '@/core/scope/schools';
import { is, numberOf } from '@/core/scope/survey/facts';
import { because, coilStays, newUnit, type Rule } from './rule';

const COIL = { hours: 5, materials: 1450, replaces: 'coil' } as const;

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
    say: unknown ? 'Find out what the kept coil is made for, or replace it' : 'Replace the indoor coil too',
    level: 'must',
    safety: true,
    reason: unknown
      ? `Nobody knows whether the coil may hold ${wanted}.`
      : differs
        ? `The coil is made for ${String(made)}, the new unit holds ${wanted}.`
        : `The coil is not known to be listed for ${wanted}, which is mildly flammable.`,
    source: 'maker’s listing; safety group ASHRAE 34, from memory',
    triggers: [...because(i, 'coilRefrigerant', 'a2lListed'), newUnit(i)],
    ...COIL,
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
    say: 'Replace the indoor coil: its metering device cannot be exchanged',
    level: 'must',
    reason: `The new unit wants ${wanted === 'fixed-orifice' ? 'a fixed orifice' : wanted.toUpperCase()}.`,
    source: 'maker’s instructions',
    triggers: [...because(i, 'metering', 'meteringConvertible'), newUnit(i)],
    ...COIL,
  };
};

const pairListing: Rule = (i) => {
  if (i.pairListed !== false) return undefined;
  return {
    id: 'pair-listing',
    say: 'Use an indoor unit that is listed with this outdoor unit',
    level: i.choice.ratingClaimed ? 'must' : 'should',
    reason: i.choice.ratingClaimed
      ? 'A rating or rebate is claimed and this pair has no listing.'
      : 'Without a listing nobody knows what the pair delivers.',
    source: 'performance listing of matched pairs',
    triggers: [newUnit(i), i.indoor ? `Indoor: ${i.indoor.maker} ${i.indoor.model}` : 'Old coil kept'],
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
  ].filter(Boolean).length;
  if (counts === 0) return undefined;
  const byAge = i.schools.bothCoils === 'by-age' && old;
  return {
    id: 'coil-age',
    say: 'Replace both coils',
    level: byAge ? 'must' : 'should',
    ...(counts >= 2 ? { strong: true as const } : {}),
    reason: `${counts >= 2 ? 'Several signs' : 'A sign'} that this coil leaks next. Fixing one leak often precedes another.`,
    source: `common practice, from ${limit} years; ${schoolWords(i.schools, 'bothCoils')}`,
    triggers: because(i, 'coilAgeYr', 'endPlates', 'coilLeaks', 'saltAir'),
    ...COIL,
  };
};

const coilKept: Rule = (i) =>
  coilStays(i)
    ? {
        id: 'coil-kept',
        say: 'Pressure-test the kept coil and look at its hidden side after recovery',
        level: 'must',
        reason: 'A kept coil is proven or it is not kept. The customer signs its disclosure.',
        source: 'common practice',
        triggers: ['Old coil kept', ...because(i, 'coilAgeYr', 'coilFace')],
        hours: 1,
        materials: 20,
        keeps: 'coil',
      }
    : undefined;

const orifice: Rule = (i) => {
  if (!coilStays(i) || !is(i.known, 'metering', 'fixed-orifice')) return undefined;
  const must = i.outdoor?.metering === 'txv' || i.outdoor?.metering === 'eev';
  return {
    id: 'expansion-valve',
    say: 'Fit an expansion valve in place of the fixed orifice',
    level: must ? 'must' : 'should',
    reason: must ? 'The new unit’s maker asks for one.' : 'A valve follows load and airflow; an orifice cannot.',
    source: must ? 'maker’s instructions' : 'common practice',
    triggers: [...because(i, 'metering'), newUnit(i)],
    hours: 1,
    materials: 180,
    keeps: 'coil',
  };
};

const oilCoil: Rule = (i) =>
  is(i.known, 'indoorType', 'oil-furnace')
    ? {
        id: 'oil-coil',
        say: 'Coil over oil: high-temperature pan, 6 to 8 in of gap',
        level: 'must',
        reason: 'An ordinary pan softens over an oil furnace.',
        source: 'maker’s instructions',
        triggers: because(i, 'indoorType'),
        hours: 0.5,
        materials: 140,
      }
    : undefined;

/** A hot-water coil in an air handler is a heat source with water of its own. */
const hydronic: Rule = (i) =>
  is(i.known, 'hydronicCoil', true)
    ? {
        id: 'hydronic',
        say: 'Isolate, drain and freeze-protect the hot-water coil',
        level: 'must',
        reason:
          'It is a heat source: valve it off, drain it before the old unit moves, keep it from freezing in the new air stream.',
        source: 'common practice; licensed where local code says so',
        triggers: because(i, 'hydronicCoil'),
        hours: 2.5,
        materials: 220,
      }
    : undefined;

export const COIL_RULES: readonly Rule[] = [
  coilRefrigerant,
  coilMetering,
  pairListing,
  coilAge,
  coilKept,
  orifice,
  oilCoil,
  hydronic,
];
