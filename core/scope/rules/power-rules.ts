import { is, numberOf, systemTypeOf } from '@/core/scope/survey/facts';
import { because, inverter, newUnit, type Rule } from './rule';

const disconnect: Rule = (i) => {
  const mca = i.outdoor?.mcaA;
  const rating = numberOf(i.known, 'disconnectA');
  const small = mca !== undefined && mca !== null && rating !== undefined && rating < mca;
  if (small || is(i.known, 'disconnectState', 'damaged', 'none')) {
    return {
      id: 'disconnect',
      say: 'New disconnect within sight of the unit',
      level: 'must',
      reason: small ? `Rated ${rating} A, the unit’s MCA is ${mca} A.` : 'The old one does not switch safely.',
      source: 'NEC 440, from memory; licensed electrical work',
      triggers: [...because(i, 'disconnectA', 'disconnectState'), newUnit(i)],
      hours: 1,
      materials: 65,
    };
  }
  return !i.choice.keepDisconnect && i.outdoor
    ? {
        id: 'disconnect',
        say: 'New disconnect',
        level: 'should',
        reason: 'Chosen new.',
        source: 'common practice',
        triggers: ['Disconnect not kept'],
        hours: 1,
        materials: 65,
      }
    : undefined;
};

const breaker: Rule = (i) => {
  const a = numberOf(i.known, 'breakerA');
  const { mcaA, mocpA } = i.outdoor ?? {};
  if (a === undefined || !mcaA || !mocpA || (a >= mcaA && a <= mocpA)) return undefined;
  return {
    id: 'breaker',
    say: `Breaker between ${mcaA} and ${mocpA} A`,
    level: 'must',
    safety: true,
    reason:
      a > mocpA
        ? `${a} A is above the unit’s largest: the wire and compressor are not guarded.`
        : `${a} A is below the MCA: it trips.`,
    source: 'the unit’s plate; NEC 440, from memory; licensed electrical work',
    triggers: [...because(i, 'breakerA'), newUnit(i)],
    hours: 1,
    materials: 40,
  };
};

const whip: Rule = (i) =>
  i.outdoor && is(i.known, 'whip', 'damaged')
    ? {
        id: 'whip',
        say: 'New whip',
        level: 'must',
        reason: 'The old one is damaged.',
        source: 'common practice',
        triggers: because(i, 'whip'),
        hours: 0.5,
        materials: 35,
      }
    : i.outdoor && systemTypeOf(i.known) !== 'rooftop'
      ? {
          id: 'whip',
          say: 'New whip',
          level: 'should',
          reason: 'Old whips crack when they are moved.',
          source: 'common practice',
          triggers: [newUnit(i)],
          hours: 0.5,
          materials: 35,
        }
      : undefined;

const starters: Rule = (i) => {
  if (!i.outdoor) return undefined;
  if (inverter(i)) {
    return [
      {
        id: 'surge',
        say: 'Surge protector',
        level: 'should',
        reason: 'The drive’s electronics die of spikes.',
        source: 'common practice',
        triggers: [newUnit(i)],
        hours: 0.5,
        materials: 110,
      },
      ...(i.choice.softStarter
        ? [
            {
              id: 'soft-start-forbidden',
              say: 'No soft starter on this unit',
              level: 'must' as const,
              safety: true as const,
              reason:
                'A soft starter before an inverter drive can destroy it and start a fire. The drive starts soft by itself.',
              source: 'maker’s instructions',
              triggers: ['Soft starter asked for', newUnit(i)],
              hours: 0,
              materials: 0,
            },
          ]
        : []),
    ];
  }
  return {
    id: 'soft-start',
    say: 'Soft starter; the hard-start kit comes out',
    level: 'could',
    reason: 'Lights dip less and a generator copes. Only with the maker’s approval.',
    source: 'common practice',
    triggers: [newUnit(i)],
    hours: 1,
    materials: 260,
  };
};

const feeds: Rule = (i) =>
  is(i.known, 'twoFeeds', true)
    ? {
        id: 'two-feeds',
        say: 'Lock and prove both feeds dead',
        level: 'must',
        safety: true,
        reason: 'The air handler stays live from the second one.',
        source: 'lockout rules',
        triggers: because(i, 'twoFeeds'),
        hours: 0.25,
        materials: 0,
      }
    : undefined;

const phases: Rule = (i) => {
  const had = i.known.phases;
  if (!i.outdoor || typeof had !== 'string' || had === i.outdoor.phases) return undefined;
  return {
    id: 'phases',
    say: `Order the unit for ${had === '3' ? 'three-phase' : 'single-phase'} power`,
    level: 'must',
    safety: true,
    reason: `The building has ${had === '3' ? 'three' : 'one'} phase${had === '3' ? 's' : ''} there; the chosen unit wants ${i.outdoor.phases}.`,
    source: 'the unit’s plate',
    triggers: [...because(i, 'phases'), newUnit(i)],
    hours: 0,
    materials: 0,
  };
};

/** Conductors the new thermostat cable must have. */
const conductors: Rule = (i) => {
  const have = numberOf(i.known, 'conductors');
  // A cased coil has no wires of its own to the thermostat: what counts is whatever asks for most of them.
  const asks = [i.outdoor, i.indoor].flatMap((unit) => (unit && unit.kind !== 'coil' ? [unit.conductors] : []));
  const wanted = asks.length ? Math.max(...asks) : undefined;
  if (have === undefined || wanted === undefined || have >= wanted) return undefined;
  return {
    id: 'conductors',
    say: 'New thermostat cable, 18/8',
    level: 'must',
    reason: `${have} wires there, ${wanted} needed. An isolation relay only as a recorded fallback.`,
    source: 'maker’s wiring diagram',
    triggers: [...because(i, 'conductors'), newUnit(i)],
    hours: 2,
    materials: 60,
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
      say: 'Decide: communicating or 24 V, and write why',
      level: 'must',
      reason:
        speaks === 'communicating'
          ? 'This unit speaks its own language; the thermostat must be its maker’s.'
          : speaks === 'either'
            ? 'The board takes either; one mode for each unit, never mixed.'
            : 'The old thermostat speaks another language than the new 24 V unit.',
      source: 'maker’s instructions',
      triggers: [newUnit(i), ...because(i, 'statType')],
      hours: 0,
      materials: 0,
    };
  }
  const communicating = i.choice.controls === 'communicating';
  return {
    id: 'controls',
    say: communicating ? 'Communicating control and thermostat' : '24 V control',
    level: 'must',
    reason: i.choice.controlsReason.trim(),
    source: 'decided for this job; never connect R or C to data terminals',
    triggers: [newUnit(i), ...because(i, 'statType', 'conductors')],
    hours: 1,
    materials: communicating ? 320 : 120,
  };
};

const statWaste: Rule = (i) =>
  is(i.known, 'statType', 'mercury')
    ? {
        id: 'mercury',
        say: 'Take the mercury thermostat to universal waste',
        level: 'must',
        safety: true,
        reason: 'Whole, in a sealed tub, on the list. Never in the trash.',
        source: 'universal waste rules, from memory',
        triggers: because(i, 'statType'),
        hours: 0.25,
        materials: 15,
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
