import { odText } from '@/core/circuit/acr-tube';
import { MILDLY_FLAMMABLE } from '@/core/equipment/library-item';
import type { ScopeItem } from '@/core/scope/item';
import { schoolWords } from '@/core/scope/schools';
import { is, numberOf, systemTypeOf } from '@/core/scope/survey/facts';
import { because, coilStays, newUnit, type Rule } from './rule';

/** The item that replaces the line set. */
export const NEW_LINE_SET = 'line-set-new';

const split = (type: string | undefined): boolean => type === 'split-hp' || type === 'split-ac';

const drier: Rule = (i) => {
  if (!split(systemTypeOf(i.known)) || !i.outdoor) return undefined;
  const ships = i.outdoor.driers;
  return {
    id: 'liquid-drier',
    say:
      ships === 'none'
        ? `New ${i.outdoor.heatPump ? 'bi-flow ' : ''}liquid drier, arrow with the flow`
        : `Fit the drier that comes with the unit (${ships}); no second one`,
    level: 'must',
    reason:
      'An opened circuit has taken in moisture. Exactly one liquid drier of the right size; the old one is cut out, never unbrazed.',
    source: 'common practice; the maker’s word on drier and size',
    triggers: [newUnit(i), `Drier: ${ships}`],
    hours: 0.5,
    materials: ships === 'none' ? 45 : 0,
  };
};

const burnout: Rule = (i) => {
  const burnt = is(i.known, 'acid', 'acid') || is(i.known, 'compressorState', 'grounded');
  const keeps = coilStays(i) || i.choice.keepLineSet;
  if (!burnt) {
    return i.schools.suctionDrier === 'kept-parts' && keeps && i.outdoor
      ? {
          id: 'suction-drier',
          say: 'Suction drier',
          level: 'should',
          reason: 'Line set or coil is kept.',
          source: schoolWords(i.schools, 'suctionDrier'),
          triggers: [i.choice.keepLineSet ? 'Line set kept' : 'Old coil kept'],
          hours: 0.5,
          materials: 85,
        }
      : undefined;
  }
  return [
    {
      id: 'suction-drier',
      say:
        i.schools.suctionDrierAfter === 'remove'
          ? 'Suction drier, taken out again when the oil is clean'
          : 'Suction drier, left in',
      level: 'must',
      reason: 'Acid and soot are in whatever stays.',
      source: `maker’s clean-up instructions; ${schoolWords(i.schools, 'suctionDrierAfter')}`,
      triggers: because(i, 'acid', 'compressorState'),
      hours: 1.5,
      materials: 85,
    },
    {
      id: 'acid-clean',
      say: 'Acid test; flush or replace the lines',
      level: 'must',
      reason: 'Acid that stays eats the new windings.',
      source: 'common practice',
      triggers: because(i, 'acid', 'compressorState'),
      hours: 1.5,
      materials: 90,
    },
    {
      id: 'indicator',
      say: 'Moisture indicator',
      level: 'should',
      reason: 'It shows when the clean-up is done.',
      source: 'common practice',
      triggers: because(i, 'acid'),
      hours: 0.5,
      materials: 40,
    },
  ];
};

/** Why a line set cannot stay; empty when it may, after flush and test. */
export function lineSetFaults(i: Parameters<Rule>[0]): string[] {
  const out: string[] = [];
  const liquid = Number(i.known.liquidOdIn ?? Number.NaN);
  const vapor = Number(i.known.vaporOdIn ?? Number.NaN);
  if (i.outdoor?.liquidOdIn && Number.isFinite(liquid) && liquid !== i.outdoor.liquidOdIn)
    out.push(`liquid line ${odText(liquid)}, ${odText(i.outdoor.liquidOdIn)} wanted`);
  if (i.outdoor?.vaporOdIn && Number.isFinite(vapor) && vapor !== i.outdoor.vaporOdIn)
    out.push(`vapor line ${odText(vapor)}, ${odText(i.outdoor.vaporOdIn)} wanted`);
  const length = numberOf(i.known, 'lineLengthFt');
  if (length !== undefined && i.outdoor?.longestLineFt && length > i.outdoor.longestLineFt)
    out.push(`${length} ft, ${i.outdoor.longestLineFt} ft at most`);
  if (is(i.known, 'lineState', 'kinked') && i.schools.kink === 'replace') out.push('kinked');
  if (is(i.known, 'lineState', 'leaking')) out.push('leaking');
  if (is(i.known, 'lineState', 'oil')) out.push('oil-trapped');
  if (is(i.known, 'lineState', 'buried')) out.push('buried, cannot be looked at');
  if (is(i.known, 'acid', 'acid')) out.push('burnout in the circuit');
  if (is(i.known, 'oldRefrigerant', 'mixed')) out.push('mixed refrigerants and oils in it');
  return out;
}

const lineSet: Rule = (i) => {
  if (!split(systemTypeOf(i.known)) || !i.outdoor) return undefined;
  const faults = lineSetFaults(i);
  const triggers = because(i, 'liquidOdIn', 'vaporOdIn', 'lineLengthFt', 'lineState', 'acid');
  const fresh: ScopeItem = {
    id: NEW_LINE_SET,
    say: 'New line set',
    level: faults.length ? 'must' : 'should',
    reason: faults.length ? `The old one: ${faults.join('; ')}.` : 'Chosen new.',
    source: 'maker’s line table; common practice',
    triggers: triggers.length ? triggers : ['Line set not kept'],
    hours: 4,
    materials: 380,
    replaces: 'line-set',
  };
  if (!i.choice.keepLineSet) return fresh;
  const kept: ScopeItem[] = [
    {
      id: 'line-set-flush',
      say: 'Flush and pressure-test the kept line set',
      level: 'must',
      reason: 'Old oil and dirt stay in it otherwise.',
      source: 'common practice; the maker’s word on reuse',
      triggers: ['Line set kept', ...triggers],
      hours: 1.5,
      materials: 60,
      keeps: 'line-set',
    },
  ];
  if (is(i.known, 'lineState', 'kinked')) {
    kept.push({
      id: 'kink',
      say: 'Cut the kink out and prove the line by test',
      level: 'must',
      reason: 'A kink is a restriction nobody metered.',
      source: schoolWords(i.schools, 'kink'),
      triggers: because(i, 'lineState'),
      hours: 1,
      materials: 30,
      keeps: 'line-set',
    });
  }
  return faults.length ? [fresh, ...kept] : kept;
};

const insulation: Rule = (i) =>
  i.choice.keepLineSet && is(i.known, 'lineInsulation', 'bad')
    ? {
        id: 'line-insulation',
        say: 'New vapor line insulation, 1/2 in or more',
        level: 'must',
        reason: 'It drips and takes in heat.',
        source: 'common practice; energy code',
        triggers: because(i, 'lineInsulation'),
        hours: 1,
        materials: 70,
        keeps: 'line-set',
      }
    : undefined;

/** What is in the old system must be known before it is opened; a mix goes into a cylinder of its own. */
const mixed: Rule = (i) =>
  is(i.known, 'oldRefrigerant', 'mixed', 'other')
    ? {
        id: 'mixed-recovery',
        say: 'Recover into a cylinder marked for mixed refrigerant',
        level: 'must',
        safety: true,
        reason: 'A mix ruins a clean cylinder and nobody may vent it.',
        source: '40 CFR 82 subpart F: check the current rule',
        triggers: because(i, 'oldRefrigerant'),
        hours: 1,
        materials: 150,
      }
    : undefined;

const circuits: Rule = (i) =>
  is(i.known, 'circuits', '2', '3')
    ? {
        id: 'circuits',
        say: 'Recover, evacuate and charge each circuit by itself',
        level: 'must',
        reason: 'Two circuits are two systems with one cabinet.',
        source: 'common practice',
        triggers: because(i, 'circuits'),
        hours: 3,
        materials: 60,
      }
    : undefined;

/** A mildly flammable charge brings rules of its own into the room. */
const mildlyFlammable: Rule = (i) =>
  i.outdoor?.refrigerant && MILDLY_FLAMMABLE.includes(i.outdoor.refrigerant)
    ? {
        id: 'a2l',
        say: `${i.outdoor.refrigerant}: leak detection and airflow by the maker, room area checked, ignition sources kept away`,
        level: 'must',
        safety: true,
        reason: 'It is mildly flammable: charge, room and mitigation belong together.',
        source: 'maker’s instructions; ASHRAE 15.2, from memory; local code',
        triggers: [newUnit(i)],
        hours: 0.5,
        materials: 0,
      }
    : undefined;

export const CIRCUIT_RULES: readonly Rule[] = [mildlyFlammable, drier, burnout, lineSet, insulation, mixed, circuits];
