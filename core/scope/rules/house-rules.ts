import { acceptedVolts } from '@/core/equipment/plate-volts';
import { is, numberOf } from '@/core/scope/survey/facts';
import { tell } from '@/core/scope/words';
import { q } from '@/core/words/said';
import { because, cost, newUnit, type Rule } from './rule';

/** Law before work: without the permit the work may have to come out again. */
const permit: Rule = (i) =>
  is(i.known, 'permit', 'needed', 'ask')
    ? {
        id: 'permit',
        say: is(i.known, 'permit', 'ask')
          ? tell('scope.ask-whether-permit-is-needed')
          : tell('scope.permit-before-work-inspection-after'),
        level: 'must',
        safety: true,
        reason: tell('scope.what-is-closed-up-uninspected-is-opened'),
        source: tell('scope.local-code'),
        triggers: because(i, 'permit'),
        ...cost(i, 'permit'),
      }
    : undefined;

/** Heat or cooling for the outage: must where somebody is ill or on equipment. */
const temporary: Rule = (i) =>
  is(i.known, 'vulnerable', 'old or small', 'ill')
    ? {
        id: 'temporary',
        say: tell('scope.temporary-heat-or-cooling-for-outage'),
        level: is(i.known, 'vulnerable', 'ill') ? 'must' : 'should',
        reason: tell('scope.people-here-are-hurt-by-heat-or-cold'),
        source: tell('scope.common-practice'),
        triggers: because(i, 'vulnerable', 'outageH'),
        ...cost(i, 'temporary'),
      }
    : undefined;

/** The voltage there against what the new unit's plate takes. */
const supply: Rule = (i) => {
  const there = numberOf(i.known, 'supplyV');
  if (there === undefined || !i.outdoor) return undefined;
  const { low, high } = acceptedVolts(i.outdoor.volts);
  if (there >= low && there <= high) return undefined;
  return {
    id: 'supply-volts',
    say: tell('scope.have-supply-voltage-put-right-or'),
    level: 'must',
    safety: true,
    reason: tell('scope.voltage-there-plate-takes', {
      there: q(there, 'V', 'as is'),
      low: q(low, 'number', 0),
      high: q(high, 'V', 0),
    }),
    source: tell('scope.units-plate'),
    triggers: [...because(i, 'supplyV'), newUnit(i)],
    hours: 0,
    materials: 0,
  };
};

/** Electric heat in a new air handler needs breaker spaces of its own. */
const spaces: Rule = (i) => {
  const free = numberOf(i.known, 'freeSpaces');
  const had = numberOf(i.known, 'stripKw') ?? 0;
  if (i.indoor?.kind !== 'air-handler' || free === undefined || free >= POLES_OF_HEAT || had > 0) return undefined;
  return {
    id: 'breaker-spaces',
    say: tell('scope.panel-space-for-electric-heat'),
    level: 'should',
    reason: tell('scope.free-spaces-heat-needs', { free, needs: POLES_OF_HEAT }),
    source: tell('scope.nec-440-from-memory-licensed-electrical'),
    triggers: because(i, 'freeSpaces', 'stripKw'),
    ...cost(i, 'breaker-spaces'),
  };
};
/** A double-pole breaker of one heat circuit takes this many spaces (common practice). */
const POLES_OF_HEAT = 2;

const plenum: Rule = (i) =>
  is(i.known, 'plenumState', 'patched', 'rotten')
    ? {
        id: 'plenum-new',
        say: tell('scope.new-plenum-sealed-and-insulated'),
        level: is(i.known, 'plenumState', 'rotten') ? 'must' : 'should',
        reason: tell('scope.old-one-leaks-conditioned-air'),
        source: tell('scope.common-practice'),
        triggers: because(i, 'plenumState', 'ductKind'),
        ...cost(i, 'stack-new'),
      }
    : undefined;

/** What the old blower worked against, against what the new one is rated for. */
const staticPressure: Rule = (i) => {
  const measured = numberOf(i.known, 'staticInWc');
  const rated = (i.indoor ?? i.furnace)?.maxEspInWc ?? (i.outdoor?.kind === 'package' ? i.outdoor.maxEspInWc : null);
  if (measured === undefined || !rated || measured <= rated) return undefined;
  return {
    id: 'static',
    say: tell('scope.open-up-what-chokes-air'),
    level: 'should',
    strong: true,
    reason: tell('scope.old-system-worked-against', {
      measured: q(measured, 'inWc', 'as is'),
      rated: q(rated, 'inWc', 'as is'),
    }),
    source: tell('scope.makers-instructions'),
    triggers: [...because(i, 'staticInWc'), newUnit(i)],
    ...cost(i, 'return'),
  };
};

/** Where hail falls a guard is advised, elsewhere it is offered. */
const hail: Rule = (i) =>
  i.outdoor
    ? {
        id: 'hail-guard',
        say: tell('scope.hail-guard-2'),
        level: is(i.known, 'hail', true) ? 'should' : 'could',
        reason: tell('scope.where-hail-flattens-fins'),
        source: tell('scope.common-practice'),
        triggers: [...because(i, 'hail'), newUnit(i)],
        ...cost(i, 'hail-guard'),
      }
    : undefined;

export const HOUSE_RULES: readonly Rule[] = [permit, temporary, supply, spaces, plenum, staticPressure, hail];
