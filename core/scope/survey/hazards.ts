import type { Verdict } from '@/core/finding/finding';
import type { Place } from './fact';
import { is, type KnownFacts, numberOf } from './facts';
import type { Clearance } from './survey';

/** A hazard met on the walk: shown at the place where it is met. */
export type Hazard = {
  id: string;
  place: Place;
  verdict: Extract<Verdict, 'stop' | 'look-again'>;
  say: string;
  act: string;
  source: string;
  /** The work may not go on while this stands; no one can override it. */
  stopsWork?: true;
};

/** Attic air above this is a heat hazard to people (common practice), °F. */
const HOT_ATTIC_F = 100;
/** Buildings and ducts older than this may carry asbestos wrap or tape (common practice). */
const ASBESTOS_YEAR = 1980;

export function hazardsOf(known: KnownFacts, clearance?: Clearance): Hazard[] {
  const out: Hazard[] = [];
  if (is(known, 'asbestos', 'suspect') && clearance) {
    out.push({
      id: 'asbestos-stays',
      place: 'ducts',
      verdict: 'look-again',
      say: `Suspected asbestos stays undisturbed: ${clearance.by}, no. ${clearance.number}.`,
      act: `Only this work goes on beside it: ${clearance.work}. Anything else there stops.`,
      source: 'clearance by an accredited person; federal and state asbestos rules: check the current ones',
    });
  } else if (is(known, 'asbestos', 'suspect')) {
    out.push({
      id: 'asbestos',
      place: 'ducts',
      verdict: 'stop',
      stopsWork: true,
      say: 'Suspected asbestos. Stop.',
      act: 'Leave it undisturbed, keep people out, have it tested and removed by accredited people. Work goes on when a lab says it is clear, or beside it when an accredited person’s clearance names that work.',
      source: 'federal and state asbestos rules: check the current ones',
    });
  } else if ((numberOf(known, 'oldYear') ?? 3000) < ASBESTOS_YEAR && !is(known, 'asbestos', 'tested clear', 'none')) {
    out.push({
      id: 'asbestos-age',
      place: 'ducts',
      verdict: 'look-again',
      say: `Older than ${ASBESTOS_YEAR}: look for white wrap or tape before touching a duct.`,
      act: 'If you see any, do not touch it and answer the question on this page.',
      source: 'common practice',
    });
  }
  if (is(known, 'statType', 'mercury'))
    out.push({
      id: 'mercury',
      place: 'thermostat',
      verdict: 'look-again',
      say: 'Mercury thermostat.',
      act: 'Take it off whole, into a sealed tub, on the universal-waste list. Never in the trash.',
      source: 'universal waste rules, from memory',
    });
  if (is(known, 'statType', 'line-voltage'))
    out.push({
      id: 'line-voltage',
      place: 'thermostat',
      verdict: 'stop',
      say: 'Line voltage at the thermostat.',
      act: 'Lock and test dead before it is opened. A 24 V thermostat must not go on these wires.',
      source: 'common practice',
    });
  if (is(known, 'twoFeeds', true))
    out.push({
      id: 'two-feeds',
      place: 'disconnect',
      verdict: 'stop',
      say: 'Two feeds.',
      act: 'Both off, both locked, both tested dead with a meter proven before and after.',
      source: 'common practice; lockout rules',
    });
  if (is(known, 'oilTank', 'in use', 'abandoned'))
    out.push({
      id: 'oil-tank',
      place: 'gas-vent',
      verdict: 'look-again',
      say: 'Oil tank.',
      act: 'Its own licensed scope: drained and removed, the fill pipe removed or capped so that nobody can fill a missing tank.',
      source: 'local fire and fuel code',
    });
  if ((numberOf(known, 'atticF') ?? 0) >= HOT_ATTIC_F)
    out.push({
      id: 'hot-attic',
      place: 'indoor',
      verdict: 'look-again',
      say: `Attic at ${numberOf(known, 'atticF')} °F.`,
      act: 'Work with a partner, water and timed breaks; take the early slot. Mind the joists.',
      source: 'common practice',
    });
  if (is(known, 'reversingValve', true) && is(known, 'systemType', 'split-ac')) {
    out.push({
      id: 'heat-pump',
      place: 'outdoor',
      verdict: 'look-again',
      say: 'It has a reversing valve: a heat pump, not cooling only.',
      act: 'Look at the kind of system again: its wiring, drier and aux heat differ.',
      source: 'common practice',
    });
  }
  if (is(known, 'indoorType', 'air-handler') && known.twoFeeds === undefined) {
    out.push({
      id: 'feeds-unasked',
      place: 'disconnect',
      verdict: 'look-again',
      say: 'An air handler often has electric heat on a feed of its own.',
      act: 'Find every feed before anything is opened; one left on kills.',
      source: 'common practice; lockout rules',
    });
  }
  if (is(known, 'coilRefrigerant', 'R-32', 'R-454B') || is(known, 'oldRefrigerant', 'R-32', 'R-454B'))
    out.push({
      id: 'a2l',
      place: 'outdoor',
      verdict: 'look-again',
      say: 'Mildly flammable refrigerant in the old system.',
      act: 'No flame near open refrigerant, air the space, keep to the maker’s area rules.',
      source: 'maker’s instructions; ASHRAE 15, from memory',
    });
  if (is(known, 'sharedFlue', true))
    out.push({
      id: 'flue',
      place: 'gas-vent',
      verdict: 'look-again',
      say: 'A water heater shares the flue.',
      act: 'Left alone on a large flue it can spill carbon monoxide. Licensed work: resize or line it.',
      source: 'fuel-gas code',
    });
  if (is(known, 'crane', true))
    out.push({
      id: 'roof',
      place: 'access',
      verdict: 'look-again',
      say: 'Roof and crane.',
      act: 'Fall protection at the edge, exclusion zone under the load, power lines, wind.',
      source: 'common practice; crane rules',
    });
  return out;
}

export const workStops = (known: KnownFacts, clearance?: Clearance): Hazard[] =>
  hazardsOf(known, clearance).filter((h) => h.stopsWork);
