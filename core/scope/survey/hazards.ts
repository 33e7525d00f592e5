import { DEFAULT_SCOPE_SCHOOLS } from '@/core/scope/schools';
import { tell } from '@/core/scope/survey/words';
import { is, type KnownFacts, numberOf } from './facts';
import type { Hazard } from './hazard';
import { crewHazards } from './hazards-crew';
import type { Clearance } from './survey';

/** Buildings and ducts older than this may carry asbestos wrap or tape (common practice). */
const ASBESTOS_YEAR = 1980;

export function hazardsOf(
  known: KnownFacts,
  clearance?: Clearance,
  hotAtticF: number = DEFAULT_SCOPE_SCHOOLS.hotAtticF,
): Hazard[] {
  const out: Hazard[] = [];
  if (is(known, 'asbestos', 'suspect') && clearance) {
    out.push({
      id: 'asbestos-stays',
      place: 'ducts',
      verdict: 'look-again',
      say: tell('survey.suspected-asbestos-stays-undisturbed-no', { by: clearance.by, number: clearance.number }),
      act: tell('survey.only-this-work-goes-on-beside', { work: clearance.work }),
      source: tell('survey.clearance-by-accredited-person-federal-and'),
    });
  } else if (is(known, 'asbestos', 'suspect')) {
    out.push({
      id: 'asbestos',
      place: 'ducts',
      verdict: 'stop',
      stopsWork: true,
      say: tell('survey.suspected-asbestos-stop'),
      act: tell('survey.leave-it-undisturbed-keep-people-out'),
      source: tell('survey.federal-and-state-asbestos-rules-check'),
    });
  } else if ((numberOf(known, 'oldYear') ?? 3000) < ASBESTOS_YEAR && !is(known, 'asbestos', 'tested clear', 'none')) {
    out.push({
      id: 'asbestos-age',
      place: 'ducts',
      verdict: 'look-again',
      say: tell('survey.older-than-look-for-white-wrap', { asbestosYear: ASBESTOS_YEAR }),
      act: tell('survey.if-you-see-any-do-not'),
      source: tell('survey.common-practice'),
    });
  }
  if (is(known, 'statType', 'mercury'))
    out.push({
      id: 'mercury',
      place: 'thermostat',
      verdict: 'look-again',
      say: tell('survey.mercury-thermostat'),
      act: tell('survey.take-it-off-whole-into-sealed'),
      source: tell('survey.universal-waste-rules-from-memory'),
    });
  if (is(known, 'statType', 'line-voltage'))
    out.push({
      id: 'line-voltage',
      place: 'thermostat',
      verdict: 'stop',
      say: tell('survey.line-voltage-at-thermostat'),
      act: tell('survey.lock-and-test-dead-before-it'),
      source: tell('survey.common-practice'),
    });
  if (is(known, 'twoFeeds', true))
    out.push({
      id: 'two-feeds',
      place: 'disconnect',
      verdict: 'stop',
      say: tell('survey.two-feeds'),
      act: tell('survey.both-off-both-locked-both-tested'),
      source: tell('survey.common-practice-lockout-rules'),
    });
  if (is(known, 'oilTank', 'in use', 'abandoned'))
    out.push({
      id: 'oil-tank',
      place: 'gas-vent',
      verdict: 'look-again',
      say: tell('survey.oil-tank-2'),
      act: tell('survey.its-own-licensed-scope-drained-and'),
      source: tell('survey.local-fire-and-fuel-code'),
    });
  if (is(known, 'animals', 'loose'))
    out.push({
      id: 'animals',
      place: 'access',
      verdict: 'look-again',
      say: tell('survey.animals-loose'),
      act: tell('survey.have-them-shut-away-before'),
      source: tell('survey.common-practice'),
    });
  if (is(known, 'vulnerable', 'old or small', 'ill'))
    out.push({
      id: 'people-at-risk',
      place: 'start',
      verdict: 'look-again',
      say: tell('survey.people-at-risk-without'),
      act: tell('survey.agree-outage-and-bring'),
      source: tell('survey.common-practice'),
    });
  if ((numberOf(known, 'atticF') ?? 0) >= hotAtticF)
    out.push({
      id: 'hot-attic',
      place: 'indoor',
      verdict: 'look-again',
      say: tell('survey.attic-at-f', { known: numberOf(known, 'atticF') }),
      act: tell('survey.work-with-partner-water-and-timed'),
      source: tell('survey.common-practice'),
    });
  if (is(known, 'reversingValve', true) && is(known, 'systemType', 'split-ac')) {
    out.push({
      id: 'heat-pump',
      place: 'outdoor',
      verdict: 'look-again',
      say: tell('survey.it-has-reversing-valve-heat-pump'),
      act: tell('survey.look-at-kind-of-system-again'),
      source: tell('survey.common-practice'),
    });
  }
  if (is(known, 'indoorType', 'air-handler') && known.twoFeeds === undefined) {
    out.push({
      id: 'feeds-unasked',
      place: 'disconnect',
      verdict: 'look-again',
      say: tell('survey.air-handler-often-has-electric-heat'),
      act: tell('survey.find-every-feed-before-anything-is'),
      source: tell('survey.common-practice-lockout-rules'),
    });
  }
  if (is(known, 'coilRefrigerant', 'R-32', 'R-454B') || is(known, 'oldRefrigerant', 'R-32', 'R-454B'))
    out.push({
      id: 'a2l',
      place: 'outdoor',
      verdict: 'look-again',
      say: tell('survey.mildly-flammable-refrigerant-in-old-system'),
      act: tell('survey.no-flame-near-open-refrigerant-air'),
      source: tell('survey.makers-instructions-ashrae-15-from-memory'),
    });
  if (is(known, 'sharedFlue', true))
    out.push({
      id: 'flue',
      place: 'gas-vent',
      verdict: 'look-again',
      say: tell('survey.water-heater-shares-flue-2'),
      act: tell('survey.left-alone-on-large-flue-it'),
      source: tell('survey.fuel-gas-code'),
    });
  if (is(known, 'crane', true))
    out.push({
      id: 'roof',
      place: 'access',
      verdict: 'look-again',
      say: tell('survey.roof-and-crane'),
      act: tell('survey.fall-protection-at-edge-exclusion-zone'),
      source: tell('survey.common-practice-crane-rules'),
    });
  return [...out, ...crewHazards(known)];
}

export const workStops = (known: KnownFacts, clearance?: Clearance): Hazard[] =>
  hazardsOf(known, clearance).filter((h) => h.stopsWork);
