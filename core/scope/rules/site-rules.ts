import { storyOf } from '@/core/scope/story';
import { applies, type FactKey, factOf, is, type KnownFacts, numberOf } from '@/core/scope/survey/facts';
import { burnsNew, traitsOf } from '@/core/scope/survey/parts';
import { plateTons, surveyTonnage } from '@/core/scope/tonnage/survey-evidence';
import { tell } from '@/core/scope/words';
import { list, lower, q } from '@/core/words/said';
import { because, coilStays, cost, newUnit, type Rule } from './rule';

/** Facts that decide what is ordered or kept, given what is chosen. */
function decidingFacts(i: Parameters<Rule>[0]): FactKey[] {
  const split = traitsOf(i.known).has('split');
  return [
    'asbestos',
    'breakerA',
    'phases',
    'conductors',
    ...(split && i.choice.keepLineSet ? (['liquidOdIn', 'vaporOdIn', 'lineLengthFt', 'lineState'] as const) : []),
    ...(coilStays(i) ? (['metering', 'coilAgeYr', 'endPlates'] as const) : []),
    ...(i.choice.keepDisconnect ? (['disconnectState', 'disconnectA'] as const) : []),
  ];
}

/** Unknown is never a pass: what the order hangs on is found out first. */
const unknownFacts: Rule = (i) => {
  if (!i.outdoor && !i.indoor) return undefined;
  const open = decidingFacts(i).flatMap((key) => {
    const fact = factOf(key);
    return fact && applies(fact, i.known) && (i.known[key] === undefined || i.known[key] === null) ? [fact] : [];
  });
  if (open.length === 0) return undefined;
  return {
    id: 'unknown-facts',
    say: tell('scope.find-out-before-ordering', { value: list(open.map((f) => lower(f.label))) }),
    level: 'must',
    reason: tell('scope.unknown-is-never-pass-what-is'),
    source: tell('scope.design-rule'),
    triggers: open.map((f) =>
      tell(i.known[f.key] === null ? 'scope.fact-not-seen' : 'scope.fact-not-asked', { label: f.label }),
    ),
    ...cost(i, 'unknown-facts'),
  };
};

/** A new size this far from the old one is a change of the house's load or a mistake, share of the old (design default). */
const TONS_CHANGED = 0.2;

const sizeChange: Rule = (i) => {
  const old = plateTons(i.known) ?? numberOf(i.known, 'oldTons') ?? surveyTonnage(i.known, i.patterns)?.tons;
  const tons = i.outdoor?.tons;
  if (!tons || old === undefined || Math.abs(tons - old) <= TONS_CHANGED * old) return undefined;
  return {
    id: 'size-change',
    say: tell('scope.confirm-size-in-place-of', { tons: q(tons, 'tons', 'as is'), old: q(old, 'number', 1) }),
    level: 'must',
    reason: tell('scope.by-load-ducts-breaker-and-line', {
      tons: tons > old ? tell('scope.larger') : tell('scope.smaller'),
      tons2: Math.round((100 * Math.abs(tons - old)) / old),
    }),
    source: tell('scope.load-calculation-common-practice'),
    triggers: [newUnit(i), tell('scope.old-size', { old: q(old, 'tons') })],
    ...cost(i, 'size-change'),
  };
};

/** Fuel left open when a gas unit is lifted off is the first thing to go wrong on a roof. */
/** What burns gas is lifted off: a packaged unit with a gas section, a rooftop unit unless it has none, a furnace that goes. */
function takesFuelAway(known: KnownFacts): boolean {
  if (is(known, 'fuel', 'none', 'oil')) return false;
  return burnsNew(known) || is(known, 'systemType', 'rooftop');
}

const capGas: Rule = (i) =>
  takesFuelAway(i.known)
    ? {
        id: 'gas-cap',
        say: tell('scope.shut-off-disconnect-and-cap-gas'),
        level: 'must',
        safety: true,
        reason: tell('scope.open-gas-line-fills-place-it'),
        source: tell('scope.fuel-gas-code-licensed-work-where'),
        triggers: because(i, 'systemType', 'fuel'),
        ...cost(i, 'gas-cap'),
      }
    : undefined;

const pad: Rule = (i) =>
  !i.outdoor || is(i.known, 'pad', 'roof')
    ? undefined
    : is(i.known, 'pad', 'bad', 'none') || i.choice.standIn > 0
      ? {
          id: 'pad',
          say:
            i.choice.standIn > 0
              ? tell('scope.pad-and-stand-level-anchored', { standIn: q(i.choice.standIn, 'in', 'as is') })
              : tell('scope.new-pad-level-anchored'),
          level: 'must',
          reason:
            i.choice.standIn > 0
              ? tell('scope.flood-snow-or-defrost-water-asks')
              : tell('scope.unit-never-stands-on-loose-fill'),
          source: tell('scope.common-practice'),
          triggers: [
            ...because(i, 'pad'),
            ...(i.choice.standIn > 0 ? [tell('scope.stand', { standIn: q(i.choice.standIn, 'in', 'as is') })] : []),
          ],
          ...cost(i, 'pad-new'),
        }
      : {
          id: 'pad',
          say: tell('scope.feet-or-pad-to-suit-new'),
          level: 'should',
          reason: tell('scope.new-base-is-rarely-old-ones'),
          source: tell('scope.common-practice'),
          triggers: [newUnit(i)],
          ...cost(i, 'pad-level'),
        };

const moved: Rule = (i) =>
  is(i.known, 'moving', true)
    ? {
        id: 'moved',
        say: tell('scope.new-place-pad-feed-whip-line'),
        level: 'must',
        reason: tell('scope.everything-that-ended-at-old-place'),
        source: tell('scope.common-practice-licensed-electrical-work'),
        triggers: because(i, 'moving'),
        ...cost(i, 'moved'),
      }
    : undefined;

const asbestos: Rule = (i) =>
  is(i.known, 'asbestos', 'suspect')
    ? {
        id: 'asbestos',
        say: tell('scope.accredited-asbestos-test-and-abatement-before'),
        level: 'must',
        safety: true,
        reason: tell('scope.work-is-stopped-until-lab-says'),
        source: tell('scope.federal-and-state-rules-check-current'),
        triggers: because(i, 'asbestos'),
        hours: 0,
        materials: 0,
      }
    : undefined;

const tank: Rule = (i) =>
  is(i.known, 'oilTank', 'in use', 'abandoned')
    ? {
        id: 'oil-tank',
        say: tell('scope.oil-tank-licensed-drain-and-removal'),
        level: is(i.known, 'oilTank', 'abandoned') ? 'must' : 'should',
        reason: tell('scope.somebody-fills-pipe-that-no-longer'),
        source: tell('scope.local-fire-and-fuel-code'),
        triggers: because(i, 'oilTank'),
        ...cost(i, 'oil-tank'),
      }
    : undefined;

const flue: Rule = (i) =>
  is(i.known, 'sharedFlue', true)
    ? {
        id: 'flue',
        say: tell('scope.resize-or-line-flue-for-water'),
        level: 'must',
        safety: true,
        reason: tell('scope.alone-on-large-flue-it-can'),
        source: tell('scope.fuel-gas-code-licensed-work'),
        triggers: because(i, 'sharedFlue'),
        ...cost(i, 'flue'),
      }
    : undefined;

const alarm: Rule = (i) =>
  is(i.known, 'coAlarm', false)
    ? {
        id: 'co-alarm',
        say: tell('scope.carbon-monoxide-alarm-2'),
        level: 'must',
        reason: tell('scope.guard-that-speaks-at-night'),
        source: tell('scope.local-code'),
        triggers: because(i, 'coAlarm'),
        ...cost(i, 'co-alarm'),
      }
    : undefined;

/** Each probable cause of the old unit's end becomes a promise about the new one. */
const story: Rule = (i) =>
  storyOf(i.known).map((cause) => ({
    id: `cause-${cause.id}`,
    say: tell('scope.new-one-must-not-die-of', { guard: cause.guard }),
    level: cause.strength === 'strong' ? ('must' as const) : ('should' as const),
    reason: cause.say,
    source: tell('scope.read-from-what-was-found'),
    triggers: cause.evidence,
    ...cost(i, 'cause'),
  }));

const extras: Rule = (i) =>
  i.outdoor
    ? [
        {
          id: 'freeze-stat',
          say: tell('scope.freeze-stat-on-coil'),
          level: 'could',
          reason: tell('scope.it-stops-unit-before-coil-ices'),
          source: tell('scope.common-practice'),
          triggers: [newUnit(i)],
          ...cost(i, 'freeze-stat'),
        },
      ]
    : undefined;

export const SITE_RULES: readonly Rule[] = [
  asbestos,
  unknownFacts,
  story,
  pad,
  moved,
  tank,
  flue,
  alarm,
  extras,
  sizeChange,
  capGas,
];
