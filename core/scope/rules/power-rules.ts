import { is, numberOf, systemTypeOf } from '@/core/scope/survey/facts';
import { tell } from '@/core/scope/words';
import { q, typed, value } from '@/core/words/said';
import { because, cost, inverter, newUnit, type Rule } from './rule';

const disconnect: Rule = (i) => {
  const mca = i.outdoor?.mcaA;
  const rating = numberOf(i.known, 'disconnectA');
  const small = mca !== undefined && mca !== null && rating !== undefined && rating < mca;
  if (small || is(i.known, 'disconnectState', 'damaged', 'none')) {
    return {
      id: 'disconnect',
      say: tell('scope.new-disconnect-within-sight-of-unit'),
      level: 'must',
      reason: small
        ? tell('scope.rated-units-mca-is', { rating: q(rating, 'A', 'as is'), mca: q(mca, 'A', 'as is') })
        : tell('scope.old-one-does-not-switch-safely'),
      source: tell('scope.nec-440-from-memory-licensed-electrical'),
      triggers: [...because(i, 'disconnectA', 'disconnectState'), newUnit(i)],
      ...cost(i, 'disconnect'),
    };
  }
  return !i.choice.keepDisconnect && i.outdoor
    ? {
        id: 'disconnect',
        say: tell('scope.new-disconnect'),
        level: 'should',
        reason: tell('scope.chosen-new'),
        source: tell('scope.common-practice'),
        triggers: [tell('scope.disconnect-not-kept')],
        ...cost(i, 'disconnect'),
      }
    : undefined;
};

const breaker: Rule = (i) => {
  const a = numberOf(i.known, 'breakerA');
  const { mcaA, mocpA } = i.outdoor ?? {};
  if (a === undefined || !mcaA || !mocpA || (a >= mcaA && a <= mocpA)) return undefined;
  return {
    id: 'breaker',
    say: tell('scope.breaker-between-and', { mcaA, mocpA: q(mocpA, 'A', 'as is') }),
    level: 'must',
    safety: true,
    reason:
      a > mocpA
        ? tell('scope.is-above-units-largest-wire-and', { a: q(a, 'A', 'as is') })
        : tell('scope.is-below-mca-it-trips', { a: q(a, 'A', 'as is') }),
    source: tell('scope.units-plate-nec-440-from-memory'),
    triggers: [...because(i, 'breakerA'), newUnit(i)],
    ...cost(i, 'breaker'),
  };
};

const whip: Rule = (i) =>
  i.outdoor && is(i.known, 'whip', 'damaged')
    ? {
        id: 'whip',
        say: tell('scope.new-whip'),
        level: 'must',
        reason: tell('scope.old-one-is-damaged'),
        source: tell('scope.common-practice'),
        triggers: because(i, 'whip'),
        ...cost(i, 'whip'),
      }
    : i.outdoor && systemTypeOf(i.known) !== 'rooftop'
      ? {
          id: 'whip',
          say: tell('scope.new-whip'),
          level: 'should',
          reason: tell('scope.old-whips-crack-when-they-are'),
          source: tell('scope.common-practice'),
          triggers: [newUnit(i)],
          ...cost(i, 'whip'),
        }
      : undefined;

const starters: Rule = (i) => {
  if (!i.outdoor) return undefined;
  if (inverter(i)) {
    return [
      {
        id: 'surge',
        say: tell('scope.surge-protector-2'),
        level: 'should',
        reason: tell('scope.drives-electronics-die-of-spikes'),
        source: tell('scope.common-practice'),
        triggers: [newUnit(i)],
        ...cost(i, 'surge'),
      },
      ...(i.choice.softStarter
        ? [
            {
              id: 'soft-start-forbidden',
              say: tell('scope.no-soft-starter-on-this-unit'),
              level: 'must' as const,
              safety: true as const,
              reason: tell('scope.soft-starter-before-inverter-drive-can'),
              source: tell('scope.makers-instructions'),
              triggers: [tell('scope.soft-starter-asked-for'), newUnit(i)],
              hours: 0,
              materials: 0,
            },
          ]
        : []),
    ];
  }
  // Single-phase compressors only: a three-phase one has its own way to start.
  if (i.outdoor?.phases === '3') return undefined;
  return {
    id: 'soft-start',
    say: tell('scope.soft-starter-hard-start-kit-comes'),
    level: 'could',
    reason: tell('scope.lights-dip-less-and-generator-copes'),
    source: tell('scope.common-practice'),
    triggers: [newUnit(i)],
    ...cost(i, 'soft-start'),
  };
};

const feeds: Rule = (i) =>
  is(i.known, 'twoFeeds', true)
    ? {
        id: 'two-feeds',
        say: tell('scope.lock-and-prove-both-feeds-dead'),
        level: 'must',
        safety: true,
        reason: tell('scope.air-handler-stays-live-from-second'),
        source: tell('scope.lockout-rules'),
        triggers: because(i, 'twoFeeds'),
        ...cost(i, 'two-feeds'),
      }
    : undefined;

const phases: Rule = (i) => {
  const had = i.known.phases;
  if (!i.outdoor || typeof had !== 'string' || had === i.outdoor.phases) return undefined;
  return {
    id: 'phases',
    say: tell('scope.order-unit-for-power', { had: value(had === '3' ? 'three-phase' : 'single-phase') }),
    level: 'must',
    safety: true,
    reason: tell('scope.building-has-phase-there-chosen-unit', {
      had: value(had === '3' ? 'three-phase' : 'single-phase'),
      phases: i.outdoor.phases,
    }),
    source: tell('scope.units-plate'),
    triggers: [...because(i, 'phases'), newUnit(i)],
    hours: 0,
    materials: 0,
  };
};

/** Conductors the new thermostat cable must have. */
const conductors: Rule = (i) => {
  const have = numberOf(i.known, 'conductors');
  // A cased coil has no wires of its own to the thermostat: what counts is whatever asks for most of them.
  const asks = [i.outdoor, i.indoor, i.furnace].flatMap((unit) =>
    unit && unit.kind !== 'coil' ? [unit.conductors] : [],
  );
  const wanted = asks.length ? Math.max(...asks) : undefined;
  if (have === undefined || wanted === undefined || have >= wanted) return undefined;
  return {
    id: 'conductors',
    say: tell('scope.new-thermostat-cable-18-8'),
    level: 'must',
    reason: tell('scope.wires-there-needed-isolation-relay-only', { have, wanted }),
    source: tell('scope.makers-wiring-diagram'),
    triggers: [...because(i, 'conductors'), newUnit(i)],
    ...cost(i, 'conductors'),
  };
};

/** One language per unit, decided with a reason. */
const controls: Rule = (i) => {
  if (!i.outdoor) return undefined;
  const { controls: speaks } = i.outdoor;
  if (speaks === '24v' && !is(i.known, 'statType', 'communicating')) return undefined;
  if (i.choice.controls === 'undecided' || i.choice.controlsReason.trim().length < 3) {
    return {
      id: 'controls',
      say: tell('scope.decide-communicating-or-24-v-and'),
      level: 'must',
      reason:
        speaks === 'communicating'
          ? tell('scope.this-unit-speaks-its-own-language')
          : speaks === 'either'
            ? tell('scope.board-takes-either-one-mode-for')
            : tell('scope.old-thermostat-speaks-another-language-than'),
      source: tell('scope.makers-instructions'),
      triggers: [newUnit(i), ...because(i, 'statType')],
      hours: 0,
      materials: 0,
    };
  }
  const communicating = i.choice.controls === 'communicating';
  return {
    id: 'controls',
    say: communicating ? tell('scope.communicating-control-and-thermostat') : tell('scope.24-v-control'),
    level: 'must',
    reason: typed(i.choice.controlsReason.trim()),
    source: tell('scope.decided-for-this-job-never-connect'),
    triggers: [newUnit(i), ...because(i, 'statType', 'conductors')],
    ...cost(i, communicating ? 'controls-own' : 'controls-wire'),
  };
};

const statWaste: Rule = (i) =>
  is(i.known, 'statType', 'mercury')
    ? {
        id: 'mercury',
        say: tell('scope.take-mercury-thermostat-to-universal-waste'),
        level: 'must',
        safety: true,
        reason: tell('scope.whole-in-sealed-tub-on-list'),
        source: tell('scope.universal-waste-rules-from-memory'),
        triggers: because(i, 'statType'),
        ...cost(i, 'mercury'),
      }
    : undefined;

export const POWER_RULES: readonly Rule[] = [
  disconnect,
  breaker,
  whip,
  starters,
  feeds,
  phases,
  conductors,
  controls,
  statWaste,
];
