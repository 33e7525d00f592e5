import { storyOf } from '@/core/scope/story';
import { applies, type FactKey, factOf, is, numberOf } from '@/core/scope/survey/facts';
import { plateTons, surveyTonnage } from '@/core/scope/tonnage/survey-evidence';
import { because, coilStays, newUnit, type Rule } from './rule';

/** Facts that decide what is ordered or kept, given what is chosen. */
function decidingFacts(i: Parameters<Rule>[0]): FactKey[] {
  const split = is(i.known, 'systemType', 'split-hp', 'split-ac');
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
    say: `Find out before ordering: ${open.map((f) => f.label.toLowerCase()).join(', ')}`,
    level: 'must',
    reason: 'Unknown is never a pass: what is chosen hangs on it.',
    source: 'design rule',
    triggers: open.map((f) => `${f.label}: ${i.known[f.key] === null ? 'not seen' : 'not asked'}`),
    hours: 0.5,
    materials: 0,
  };
};

/** A new size this far from the old one is a change of the house's load or a mistake, share of the old (design default). */
const TONS_CHANGED = 0.2;

const sizeChange: Rule = (i) => {
  const old = plateTons(i.known) ?? numberOf(i.known, 'oldTons') ?? surveyTonnage(i.known)?.tons;
  const tons = i.outdoor?.tons;
  if (!tons || old === undefined || Math.abs(tons - old) <= TONS_CHANGED * old) return undefined;
  return {
    id: 'size-change',
    say: `Confirm the size: ${tons} tons in place of ${old.toFixed(1)}`,
    level: 'must',
    reason: `${tons > old ? 'Larger' : 'Smaller'} by ${Math.round((100 * Math.abs(tons - old)) / old)} %: load, ducts, breaker and line set belong to the old size.`,
    source: 'load calculation; common practice',
    triggers: [newUnit(i), `Old size: ${old.toFixed(1)} tons`],
    hours: 0.5,
    materials: 0,
  };
};

/** Fuel left open when a gas unit is lifted off is the first thing to go wrong on a roof. */
const capGas: Rule = (i) =>
  is(i.known, 'systemType', 'gas-pack') ||
  (is(i.known, 'systemType', 'rooftop', 'furnace-gas') && !is(i.known, 'fuel', 'none', 'electric'))
    ? {
        id: 'gas-cap',
        say: 'Shut off, disconnect and cap the gas; test for leaks when it is back on',
        level: 'must',
        safety: true,
        reason: 'An open gas line fills the place it ends in.',
        source: 'fuel-gas code; licensed work where the law says so',
        triggers: because(i, 'systemType', 'fuel'),
        hours: 0.5,
        materials: 15,
      }
    : undefined;

const pad: Rule = (i) =>
  !i.outdoor || is(i.known, 'pad', 'roof')
    ? undefined
    : is(i.known, 'pad', 'bad', 'none') || i.choice.standIn > 0
      ? {
          id: 'pad',
          say:
            i.choice.standIn > 0 ? `Pad and ${i.choice.standIn} in stand, level, anchored` : 'New pad, level, anchored',
          level: 'must',
          reason:
            i.choice.standIn > 0
              ? 'Flood, snow or defrost water asks for the height.'
              : 'The unit never stands on loose fill or a tilted pad.',
          source: 'common practice',
          triggers: [...because(i, 'pad'), ...(i.choice.standIn > 0 ? [`Stand ${i.choice.standIn} in`] : [])],
          hours: 1.5,
          materials: 130,
        }
      : {
          id: 'pad',
          say: 'Feet or pad to suit the new base',
          level: 'should',
          reason: 'The new base is rarely the old one’s size.',
          source: 'common practice',
          triggers: [newUnit(i)],
          hours: 0.5,
          materials: 45,
        };

const moved: Rule = (i) =>
  is(i.known, 'moving', true)
    ? {
        id: 'moved',
        say: 'New place: pad, feed, whip, line-set length, old wall repaired',
        level: 'must',
        reason: 'Everything that ended at the old place is made new.',
        source: 'common practice; licensed electrical work',
        triggers: because(i, 'moving'),
        hours: 6,
        materials: 420,
      }
    : undefined;

const asbestos: Rule = (i) =>
  is(i.known, 'asbestos', 'suspect')
    ? {
        id: 'asbestos',
        say: 'Accredited asbestos test and abatement before anything is touched',
        level: 'must',
        safety: true,
        reason: 'Work is stopped until a lab says clear.',
        source: 'federal and state rules: check the current ones',
        triggers: because(i, 'asbestos'),
        hours: 0,
        materials: 0,
      }
    : undefined;

const tank: Rule = (i) =>
  is(i.known, 'oilTank', 'in use', 'abandoned')
    ? {
        id: 'oil-tank',
        say: 'Oil tank: licensed drain and removal, fill pipe capped',
        level: is(i.known, 'oilTank', 'abandoned') ? 'must' : 'should',
        reason: 'Somebody fills a pipe that no longer has a tank.',
        source: 'local fire and fuel code',
        triggers: because(i, 'oilTank'),
        hours: 0,
        materials: 1800,
      }
    : undefined;

const flue: Rule = (i) =>
  is(i.known, 'sharedFlue', true)
    ? {
        id: 'flue',
        say: 'Resize or line the flue for the water heater left on it',
        level: 'must',
        safety: true,
        reason: 'Alone on a large flue it can spill carbon monoxide.',
        source: 'fuel-gas code; licensed work',
        triggers: because(i, 'sharedFlue'),
        hours: 4,
        materials: 380,
      }
    : undefined;

const alarm: Rule = (i) =>
  is(i.known, 'coAlarm', false)
    ? {
        id: 'co-alarm',
        say: 'Carbon monoxide alarm',
        level: 'must',
        reason: 'The guard that speaks at night.',
        source: 'local code',
        triggers: because(i, 'coAlarm'),
        hours: 0.25,
        materials: 40,
      }
    : undefined;

/** Each probable cause of the old unit's end becomes a promise about the new one. */
const story: Rule = (i) =>
  storyOf(i.known).map((cause) => ({
    id: `cause-${cause.id}`,
    say: `The new one must not die of this: ${cause.guard}`,
    level: cause.strength === 'strong' ? ('must' as const) : ('should' as const),
    reason: cause.say,
    source: 'read from what was found',
    triggers: cause.evidence,
    hours: 0.5,
    materials: 0,
  }));

const extras: Rule = (i) =>
  i.outdoor
    ? [
        {
          id: 'freeze-stat',
          say: 'Freeze stat on the coil',
          level: 'could',
          reason: 'It stops the unit before the coil ices.',
          source: 'common practice',
          triggers: [newUnit(i)],
          hours: 0.5,
          materials: 45,
        },
        {
          id: 'hail-guard',
          say: 'Hail guard',
          level: 'could',
          reason: 'Where hail flattens fins.',
          source: 'common practice',
          triggers: [newUnit(i)],
          hours: 0.5,
          materials: 160,
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
