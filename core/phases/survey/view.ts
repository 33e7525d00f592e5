import type { Plate } from '@/core/equipment/plate';
import { type SheetWith, siblings } from '@/core/job/sheet';
import { tell } from '@/core/phases/survey/words';
import { storyOf } from '@/core/scope/story';
import { beforeList } from '@/core/scope/survey/before-dismantling';
import { contradictionsOf } from '@/core/scope/survey/contradictions';
import { isOfHouse, systemTypeOf } from '@/core/scope/survey/facts';
import { hazardsOf, workStops } from '@/core/scope/survey/hazards';
import {
  burnsNew,
  opensCircuit,
  partsOf,
  REPLACED_WORDS,
  type Replaced,
  SYSTEM_TYPE_WORDS,
  traitsOf,
} from '@/core/scope/survey/parts';
import { plateSeen } from '@/core/scope/survey/plate-seen';
import { clearanceOf, knownFacts, neverAsked, placeStates, unknowns } from '@/core/scope/survey/survey';
import { surveyTonnage } from '@/core/scope/tonnage/survey-evidence';
import { lower, type Said, value } from '@/core/words/said';
/** What is read to tell whether a system was surveyed. */
export type Begun = 'circuit' | 'circuits' | 'survey' | 'system';

/** Whether the work on this system began with a survey; one whose equipment was entered directly claims nothing about it. */
export const beganWithSurvey = (sheet: SheetWith<Begun>): boolean =>
  sheet.survey.observations.some((o) => !isOfHouse(o.fact)) ||
  (sheet.circuit.plate === null && siblings(sheet).every((c) => !c.equipped));

/** The system in words: by its plate's kind, else by what the survey found. */
export function systemWords(sheet: SheetWith<'circuit' | 'survey' | 'system'>): Said {
  if (sheet.circuit.plate) return value(sheet.system.kind);
  const known = knownFacts(sheet.survey.observations);
  const type = systemTypeOf(known);
  if (!type) return tell('job.not-surveyed-yet');
  const replaced = traitsOf(known).has('of-pieces') ? (known.replaced as Replaced | null | undefined) : undefined;
  // A whole system needs no more words than its kind.
  const part = replaced && replaced !== 'both-units' && replaced !== 'all' ? replaced : undefined;
  return part
    ? tell('job.of-type-replaced', { type: lower(SYSTEM_TYPE_WORDS[type]), part: lower(REPLACED_WORDS[part]) })
    : tell('job.of-type', { type: lower(SYSTEM_TYPE_WORDS[type]) });
}

/** Whether there is a refrigerant circuit to charge and start: not with a furnace alone. */
export function hasCircuit(sheet: SheetWith<'circuit' | 'survey'>): boolean {
  return sheet.circuit.plate !== null || opensCircuit(knownFacts(sheet.survey.observations));
}

/** Whether something newly burns fuel: its typed proof is owed before the hand-over. */
export const owesFurnaceProof = (sheet: SheetWith<'survey'>): boolean =>
  burnsNew(knownFacts(sheet.survey.observations));

/** The outdoor unit stays: its plate is read where it stands, no new one brings it. */
export const keepsOutdoor = (sheet: SheetWith<'survey'>): boolean => {
  const parts = partsOf(knownFacts(sheet.survey.observations));
  return parts?.there.has('outdoor') === true && !parts.fresh.has('outdoor');
};

/** What the survey read off an outdoor unit that stays, for its plate; nothing where a new one comes. */
export const plateOfKept = (sheet: SheetWith<'survey'>): Partial<Plate> | undefined =>
  keepsOutdoor(sheet) ? plateSeen(knownFacts(sheet.survey.observations)) : undefined;

/** Everything the survey says, computed from its observations. */
export function surveyOf(sheet: SheetWith<'scopeSchools' | 'survey'>) {
  const known = knownFacts(sheet.survey.observations);
  const before = beforeList(known, sheet.survey.photos, sheet.survey.waivers);
  const clearance = clearanceOf(sheet.survey.observations);
  return {
    known,
    systemType: systemTypeOf(known),
    places: placeStates(known),
    unknowns: unknowns(known),
    neverAsked: neverAsked(known),
    clearance,
    hazards: hazardsOf(known, clearance, sheet.scopeSchools.hotAtticF),
    stops: workStops(known, clearance),
    contradictions: contradictionsOf(known),
    tonnage: surveyTonnage(known, sheet.survey.patterns),
    story: storyOf(known),
    before,
    beforeMissing: before.filter((b) => b.state === 'missing'),
  };
}

export type SurveyView = ReturnType<typeof surveyOf>;
