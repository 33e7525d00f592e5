import type { JobSheet } from '@/core/job/sheet';
import { scopeOf } from '@/core/phases/scope/view';
import { beganWithSurvey, hasCircuit, owesFurnaceProof } from '@/core/phases/survey/view';
import type { HotPlace } from '@/core/plan/day/activity';
import type { DaySystem } from '@/core/plan/day/make';
import type { Traits } from '@/core/plan/day/steps';
import { is, type KnownFacts } from '@/core/scope/survey/facts';
import { partsOf } from '@/core/scope/survey/parts';
import { knownFacts } from '@/core/scope/survey/survey';

/**
 * The systems of a job as its day needs them, from what was surveyed, scoped and entered.
 *
 * @param sheets one of each circuit of the job, the first circuit's first; a system whose sheet is not there yet is left out
 */
export function daySystemsOf(sheets: readonly JobSheet[]): DaySystem[] {
  const ids = [...new Set(sheets.map((s) => s.system.id))];
  return ids.map((id) => {
    const own = sheets.filter((s) => s.system.id === id);
    return systemOf(own);
  });
}

function systemOf(own: readonly JobSheet[]): DaySystem {
  const sheet = own[0]!;
  const known = knownFacts(sheet.survey.observations);
  return {
    id: sheet.system.id,
    name: sheet.system.name,
    traits: traitsOf(sheet, known),
    circuits: own.map((s) => ({ id: s.circuit.id, name: s.circuit.name })),
    items: beganWithSurvey(sheet)
      ? scopeOf(sheet)
          .items.filter((i) => i.standing === 'in')
          .map(({ id, hours }) => ({ id, hours }))
      : [],
    hotInside: hot(known, 'attic'),
    hotOutside: is(known, 'pad', 'roof') ? 'roof' : hot(known, 'roof'),
  };
}

const hot = (known: KnownFacts, place: HotPlace): HotPlace | undefined =>
  is(known, 'workPlace', place) ? place : undefined;

/** Which pieces are new: as surveyed; where nobody surveyed, by the plate of what was entered. */
function traitsOf(sheet: JobSheet, known: KnownFacts): Traits {
  const fresh = beganWithSurvey(sheet) ? partsOf(known)?.fresh : undefined;
  const packaged = fresh?.has('package') ?? sheet.circuit.plate?.packaged === true;
  const cooled = hasCircuit(sheet);
  return {
    outdoor: fresh ? fresh.has('outdoor') : cooled && !packaged,
    indoor: fresh ? (['air-handler', 'coil', 'furnace'] as const).some((p) => fresh.has(p)) : !packaged,
    package: packaged,
    cooled,
    sealed: packaged,
    burns: owesFurnaceProof(sheet),
    crane: is(known, 'crane', true),
  };
}
