import { MILDLY_FLAMMABLE } from '@/core/equipment/library-item';
import type { ScopeItem } from '@/core/scope/item';
import { schoolWords } from '@/core/scope/schools';
import { is, numberOf } from '@/core/scope/survey/facts';
import { traitsOf } from '@/core/scope/survey/parts';
import { tell } from '@/core/scope/words';
import { list, q, type Said, value } from '@/core/words/said';
import { foundSizes } from './line-size';
import { because, coilStays, cost, newUnit, type Rule } from './rule';

/** The item that replaces the line set. */
export const NEW_LINE_SET = 'line-set-new';

const drier: Rule = (i) => {
  // Whatever opened the circuit, a coil alone too: the drier is new.
  const fresh = i.outdoor ?? i.indoor;
  if (!traitsOf(i.known).has('split') || !fresh || fresh.kind === 'furnace') return undefined;
  const ships = i.outdoor?.driers ?? 'none';
  const heatPump = i.outdoor?.heatPump ?? is(i.known, 'systemType', 'split-hp', 'dual-fuel');
  return {
    id: 'liquid-drier',
    say:
      ships === 'none'
        ? tell('scope.new-liquid-drier-arrow-with-flow', { heatPump: heatPump ? tell('scope.bi-flow') : '' })
        : tell('scope.fit-drier-that-comes-with-unit', { ships: value(ships) }),
    level: 'must',
    reason: tell('scope.opened-circuit-has-taken-in-moisture'),
    source: tell('scope.common-practice-makers-word-on-drier'),
    triggers: [newUnit(i), tell('scope.drier', { ships: value(ships) })],
    hours: cost(i, 'liquid-drier').hours,
    materials: ships === 'none' ? cost(i, 'liquid-drier').materials : 0,
  };
};

const burnout: Rule = (i) => {
  const burnt = is(i.known, 'acid', 'acid') || is(i.known, 'compressorState', 'grounded');
  const keeps = coilStays(i) || i.choice.keepLineSet;
  if (!burnt) {
    return i.schools.suctionDrier === 'kept-parts' && keeps && i.outdoor
      ? {
          id: 'suction-drier',
          say: tell('scope.suction-drier-2'),
          level: 'should',
          reason: tell('scope.line-set-or-coil-is-kept'),
          source: schoolWords(i.schools, 'suctionDrier'),
          triggers: [i.choice.keepLineSet ? tell('scope.line-set-kept') : tell('scope.old-coil-kept')],
          ...cost(i, 'suction-drier-leave'),
        }
      : undefined;
  }
  return [
    {
      id: 'suction-drier',
      say:
        i.schools.suctionDrierAfter === 'remove'
          ? tell('scope.suction-drier-taken-out-again-when')
          : tell('scope.suction-drier-left-in'),
      level: 'must',
      reason: tell('scope.acid-and-soot-are-in-whatever'),
      source: tell('scope.makers-clean-up-instructions', { schools: schoolWords(i.schools, 'suctionDrierAfter') }),
      triggers: because(i, 'acid', 'compressorState'),
      ...cost(i, 'suction-drier-return'),
    },
    {
      id: 'acid-clean',
      say: tell('scope.acid-test-flush-or-replace-lines'),
      level: 'must',
      reason: tell('scope.acid-that-stays-eats-new-windings'),
      source: tell('scope.common-practice'),
      triggers: because(i, 'acid', 'compressorState'),
      ...cost(i, 'acid-clean'),
    },
    {
      id: 'indicator',
      say: tell('scope.moisture-indicator-2'),
      level: 'should',
      reason: tell('scope.it-shows-when-clean-up-is'),
      source: tell('scope.common-practice'),
      triggers: because(i, 'acid'),
      ...cost(i, 'indicator'),
    },
  ];
};

/** Why a line set cannot stay; empty when it may, after flush and test. */
export function lineSetFaults(i: Parameters<Rule>[0]): Said[] {
  const out: Said[] = [...foundSizes(i).faults];
  const length = numberOf(i.known, 'lineLengthFt');
  if (length !== undefined && i.outdoor?.longestLineFt && length > i.outdoor.longestLineFt)
    out.push(
      tell('scope.at-most', {
        count: q(length, 'ft', 'as is'),
        longestLineFt: q(i.outdoor.longestLineFt, 'ft', 'as is'),
      }),
    );
  if (is(i.known, 'lineState', 'kinked') && i.schools.kink === 'replace') out.push(value('kinked'));
  if (is(i.known, 'lineState', 'leaking')) out.push(value('leaking'));
  if (is(i.known, 'lineState', 'oil')) out.push(value('oil-trapped'));
  if (is(i.known, 'lineState', 'buried')) out.push(tell('scope.buried-cannot-be-looked-at'));
  if (is(i.known, 'acid', 'acid')) out.push(tell('scope.burnout-in-circuit'));
  if (is(i.known, 'oldRefrigerant', 'mixed')) out.push(tell('scope.mixed-refrigerants-and-oils-in-it'));
  return out;
}

const lineSet: Rule = (i) => {
  if (!traitsOf(i.known).has('split') || !i.outdoor) return undefined;
  const faults = lineSetFaults(i);
  const triggers = because(i, 'liquidOdIn', 'vaporOdIn', 'lineLengthFt', 'lineState', 'acid');
  const fresh: ScopeItem = {
    id: NEW_LINE_SET,
    say: tell('scope.new-line-set'),
    level: faults.length ? 'must' : 'should',
    reason: faults.length ? tell('scope.old-one', { faults: list(faults, '; ') }) : tell('scope.chosen-new'),
    source: tell('scope.makers-line-table-common-practice'),
    triggers: triggers.length ? triggers : [tell('scope.line-set-not-kept')],
    ...cost(i, 'line-set'),
    replaces: 'line-set',
  };
  if (!i.choice.keepLineSet) return fresh;
  const kept: ScopeItem[] = [
    {
      id: 'line-set-flush',
      say: tell('scope.flush-and-pressure-test-kept-line'),
      level: 'must',
      reason: tell('scope.old-oil-and-dirt-stay-in'),
      source: tell('scope.common-practice-makers-word-on-reuse'),
      triggers: [tell('scope.line-set-kept'), ...triggers],
      ...cost(i, 'line-set-flush'),
      keeps: 'line-set',
    },
  ];
  const { ask } = foundSizes(i);
  if (ask.length)
    kept.push({
      id: 'line-size',
      say: tell('scope.maker-asked-about-found-size', { ask: list(ask, '; ') }),
      level: 'must',
      reason: tell('scope.its-loss-is-small-both-ways-charge-changes'),
      source: tell('scope.makers-line-table-common-practice'),
      triggers: because(i, 'liquidOdIn', 'vaporOdIn', 'lineLengthFt'),
      hours: 0,
      materials: 0,
      keeps: 'line-set',
    });
  if (is(i.known, 'lineState', 'kinked')) {
    kept.push({
      id: 'kink',
      say: tell('scope.cut-kink-out-and-prove-line'),
      level: 'must',
      reason: tell('scope.kink-is-restriction-nobody-metered'),
      source: schoolWords(i.schools, 'kink'),
      triggers: because(i, 'lineState'),
      ...cost(i, 'kink'),
      keeps: 'line-set',
    });
  }
  return faults.length ? [fresh, ...kept] : kept;
};

const insulation: Rule = (i) =>
  i.choice.keepLineSet && is(i.known, 'lineInsulation', 'bad')
    ? {
        id: 'line-insulation',
        say: tell('scope.new-vapor-line-insulation-1-2'),
        level: 'must',
        reason: tell('scope.it-drips-and-takes-in-heat'),
        source: tell('scope.common-practice-energy-code'),
        triggers: because(i, 'lineInsulation'),
        ...cost(i, 'line-insulation'),
        keeps: 'line-set',
      }
    : undefined;

/** What is in the old system must be known before it is opened; a mix goes into a cylinder of its own. */
const mixed: Rule = (i) =>
  is(i.known, 'oldRefrigerant', 'mixed', 'other')
    ? {
        id: 'mixed-recovery',
        say: tell('scope.recover-into-cylinder-marked-for-mixed'),
        level: 'must',
        safety: true,
        reason: tell('scope.mix-ruins-clean-cylinder-and-nobody'),
        source: tell('scope.40-cfr-82-subpart-f-check'),
        triggers: because(i, 'oldRefrigerant'),
        ...cost(i, 'mixed-recovery'),
      }
    : undefined;

const circuits: Rule = (i) =>
  is(i.known, 'circuits', '2', '3')
    ? {
        id: 'circuits',
        say: tell('scope.recover-evacuate-and-charge-each-circuit'),
        level: 'must',
        reason: tell('scope.two-circuits-are-two-systems-with'),
        source: tell('scope.common-practice'),
        triggers: because(i, 'circuits'),
        ...cost(i, 'circuits'),
      }
    : undefined;

/** A mildly flammable charge brings rules of its own into the room. */
const mildlyFlammable: Rule = (i) =>
  i.outdoor?.refrigerant && MILDLY_FLAMMABLE.includes(i.outdoor.refrigerant)
    ? {
        id: 'a2l',
        say: tell('scope.leak-detection-and-airflow-by-maker', { refrigerant: i.outdoor.refrigerant }),
        level: 'must',
        safety: true,
        reason: tell('scope.it-is-mildly-flammable-charge-room'),
        source: tell('scope.makers-instructions-ashrae-15-2-from'),
        triggers: [newUnit(i)],
        ...cost(i, 'a2l'),
      }
    : undefined;

export const CIRCUIT_RULES: readonly Rule[] = [mildlyFlammable, drier, burnout, lineSet, insulation, mixed, circuits];
