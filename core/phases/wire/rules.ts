import { triedCalls } from '@/core/controls/control-network';
import { applyEdit } from '@/core/controls/edits';
import { nodesOf } from '@/core/controls/meter';
import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import { refusesAnswer } from '@/core/phases/checks/entry';
import { entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryRules } from '@/core/phases/phase';
import { pairsOf } from '@/core/power/isolation';
import { list } from '@/core/words/said';
import { WIRE_ASKS } from './asks';
import { wireList } from './list';
import { SOURCE_WORDS } from './names';
import { circuitPlates } from './power';
import { safeView, sourcesFor } from './safe';
import { wiringOf } from './wiring';
import { tell } from './words';

/** What may stand there, by name; where there is nothing that may, that is said. */
const named = (names: readonly string[]) => (names.length ? names.join(', ') : tell('wire.there-is-none'));

const same = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase();
/** A splice has a name, or nobody finds it again. */
const UNNAMED = /^\s*(?:splice|wire ?nut|empalme)\s*$/i;
function unnamedSplice<K extends string>(body: Readonly<Record<K, string>>, ...fields: K[]): Refusal | undefined {
  const field = fields.find((f) => UNNAMED.test(body[f]));
  return field && refusal(field, tell('wire.splice-has-no-name'), tell('wire.for-example-splice-2'));
}

/** What an entry of the wiring must agree with: the job's list, its circuits, the terminals that are there. */
export const WIRE_RULES: EntryRules = {
  'wire-check': (sheet, body) => {
    const asked = wireList(sheet, wiringOf(sheet));
    if (!asked.some((c) => c.id === body.check))
      return refusal('check', tell('wire.not-on-this-sheet'), named(asked.map((c) => c.id)));
    return refusesAnswer(WIRE_ASKS[body.check], body);
  },
  'wiring-plan': (_sheet, body) => {
    if (body.twoWires && (body.heatPump || body.stages === '2'))
      return refusal('twoWires', tell('wire.two-wires-carry-one-call'), tell('wire.single-stage-cooling'));
    if (body.heat === 'two-stage furnace' && body.heatPump)
      return refusal('heat', tell('wire.dual-fuel-has-one-heat-line'), 'strips, furnace, none');
    return undefined;
  },
  'power-circuit': (sheet, body) => {
    const plates = circuitPlates(sheet);
    const plate = plates.find((p) => p.which === body.which);
    if (!plate) return refusal('which', tell('wire.no-such-circuit-here'), named(plates.map((p) => p.which)));
    return undefined;
  },
  'as-wired': (sheet, body) => {
    let { plan } = wiringOf(sheet).healthy;
    for (const [i, edit] of body.edits.entries()) {
      const r = applyEdit(plan, edit);
      if (!r.ok) return refusal(`edits.${i}.${r.refused.field}`, r.refused.message, r.refused.allowed);
      plan = r.value;
    }
    return undefined;
  },
  'meter-reading': (sheet, body) => {
    const nodes = nodesOf(wiringOf(sheet).healthy.plan);
    const field = (['a', 'b'] as const).find((side) => !nodes.has(body[side]));
    return field && refusal(field, tell('wire.no-such-terminal'), named([...nodes].sort()));
  },
  'control-proof': (sheet, body) => {
    const calls = triedCalls(wiringOf(sheet).spec);
    return calls.includes(body.call)
      ? undefined
      : refusal('call', tell('wire.system-does-not-know-the-call'), named(calls));
  },
  'found-wire': (sheet, body) =>
    unnamedSplice(body, 'from', 'to') ??
    (entriesOf(sheet.systemLog, 'found-wire').some(
      (e) => same(e.body.color, body.color) && same(e.body.from, body.from),
    )
      ? refusal(
          'color',
          tell('wire.conductor-is-there-already', { from: body.from }),
          tell('wire.another-color-or-terminal'),
        )
      : undefined),
  'traced-wire': (sheet, body) =>
    unnamedSplice(body, 'from', 'to') ??
    (same(body.from, body.to)
      ? refusal('to', tell('wire.goes-to-itself'), tell('wire.another-terminal'))
      : entriesOf(sheet.systemLog, 'traced-wire').some((e) => same(e.body.number, body.number))
        ? refusal('number', tell('wire.number-is-taken'), tell('wire.number-of-its-own'))
        : undefined),
  // Nobody makes a source safe by leaving it off the list.
  sources: (sheet, body) => {
    const missing = sourcesFor(sheet).filter((s) => !body.list.includes(s));
    return missing.length
      ? refusal(
          'list',
          tell('wire.leaves-out', { list: list(missing.map((s) => SOURCE_WORDS[s])) }),
          tell('wire.all-that-hangs-here'),
        )
      : undefined;
  },
  'isolation-step': (sheet, body) => {
    const sources = safeView(sheet);
    const source = sources.find((s) => s.which === body.which);
    if (!source) return refusal('which', tell('wire.not-among-the-sources'), named(sources.map((s) => s.which)));
    const live = body.step === 'live before' || body.step === 'live after';
    if (live && body.volts === null)
      return refusal('volts', tell('wire.what-the-meter-showed'), tell('wire.volts-0-to-1000'));
    // Each step stands on the one before it.
    if (body.step === 'listed' || body.step === 'dead')
      return refusal('step', tell('wire.step-has-its-own-entry'), 'opened and locked, waited, live before, live after');
    if (source.step && source.step !== body.step && source.isolation.done[body.step] === undefined)
      return refusal('step', tell('wire.another-step-comes-first'), source.step);
    return undefined;
  },
  'dead-reading': (sheet, body) => {
    const source = safeView(sheet).find((s) => s.which === body.which);
    if (!source)
      return refusal('which', tell('wire.not-among-the-sources'), named(safeView(sheet).map((s) => s.which)));
    const pairs = pairsOf(source.isolation.phases);
    if (!pairs.includes(body.pair)) return refusal('pair', tell('wire.no-such-pair'), pairs.join(', '));
    if (source.isolation.done['live before'] === undefined)
      return refusal('step', tell('wire.another-step-comes-first'), 'live before');
    return undefined;
  },
};
