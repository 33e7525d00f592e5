import { z } from 'zod';
import { chars, num, oneOf } from '@/core/finding/quantity-field';
import { choice, count, either, figure, hidden, maybe, own, pick } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { AWG, CABLES, INSULATION_C } from '@/core/power/conductors';
import { ISOLATION_STEPS, SIDES } from '@/core/power/isolation';
import { list, q, value } from '@/core/words/said';
import { SOURCE_WORDS, WIRE_SOURCES } from './names';
import { tell } from './words';

const YES_OR_NO = [
  [true, tell('wire.yes')],
  [false, tell('wire.no')],
] as const;
const ofSystem = { ofSystem: true } as const;
const tapped = { ofSystem: true, byTap: true } as const;
const GROUNDS = ['14', '12', '10', '8', '6', '4'] as const;

/** What is written of the circuits and of making them safe. */
export const powerEntries = {
  'power-circuit': entry(
    tell('wire.circuit'),
    {
      which: hidden(oneOf(WIRE_SOURCES)),
      mcaA: maybe(figure(tell('wire.plate-minimum-ampacity'), 1, 600, 'A', { hint: tell('wire.off-the-new-plate') })),
      mocpA: maybe(figure(tell('wire.plate-largest-breaker'), 5, 800, 'A')),
      ocpd: pick(tell('wire.protected-by'), { breaker: tell('wire.breaker'), fuses: tell('wire.fuses') }),
      ocpdA: maybe(figure(tell('wire.its-rating'), 5, 600, 'A')),
      fusesOnly: either(tell('wire.plate-says-fuses-only'), YES_OR_NO),
      awg: maybe(
        own(oneOf(AWG.map(String) as [string, ...string[]]), tell('wire.copper-size'), {
          kind: 'choice',
          options: AWG.map((a) => [String(a), `${a} AWG`]),
          stacked: false,
        }),
      ),
      insulationC: pick(tell('wire.insulation'), celsius(INSULATION_C)),
      terminationC: pick(tell('wire.both-ends-marked'), celsius([60, 75]), { start: '60' }),
      cable: choice(tell('wire.runs-in'), CABLES),
      ambientF: figure(tell('wire.hottest-place-it-runs'), 30, 140, '°F'),
      currentCarrying: count(tell('wire.conductors-that-carry-together'), 1, 40, { start: 2 }),
      lengthFt: maybe(figure(tell('wire.one-way'), 1, 2000, 'ft')),
      groundAwg: maybe(
        own(oneOf(GROUNDS), tell('wire.equipment-ground'), {
          kind: 'choice',
          options: GROUNDS.map((a) => [a, `${a} AWG`]),
          stacked: false,
        }),
      ),
      disconnectA: maybe(figure(tell('wire.disconnect'), 10, 600, 'A')),
      supplyV: maybe(figure(tell('wire.supply-measured'), 50, 700, 'V', { hint: tell('wire.line-to-line') })),
      supply2V: maybe(figure(tell('wire.second-pair-three-phase'), 50, 700, 'V', { more: true })),
      supply3V: maybe(figure(tell('wire.third-pair-three-phase'), 50, 700, 'V', { more: true })),
    },
    (b) =>
      tell('wire.circuit-line', {
        which: SOURCE_WORDS[b.which],
        ocpdA: q(b.ocpdA, 'A', 'as is'),
        awg: b.awg ?? '–',
      }),
    { ...tapped, caution: tell('wire.line-voltage-belongs-to-the-licensed') },
  ),
  sources: entry(
    tell('wire.sources-of-voltage'),
    {
      list: own(
        z.array(oneOf(WIRE_SOURCES)).min(1).max(WIRE_SOURCES.length),
        tell('wire.everything-that-can-make-it-live'),
        { kind: 'several', options: WIRE_SOURCES.map((s) => [s, SOURCE_WORDS[s]]) },
      ),
    },
    (b) => tell('wire.sources-line', { list: list(b.list.map((s) => SOURCE_WORDS[s])) }),
    { ...ofSystem, edited: true },
  ),
  'isolation-step': entry(
    tell('wire.making-safe'),
    {
      which: hidden(oneOf(WIRE_SOURCES)),
      step: hidden(oneOf(ISOLATION_STEPS)),
      volts: hidden(num(0, 1000, 'V').nullable(), { start: null }),
      microfarads: hidden(num(0.1, 500, 'µF').nullable(), { start: null }),
      meter: hidden(chars(0, 60).nullable(), { start: null }),
    },
    (b) =>
      tell('wire.isolation-line', {
        which: SOURCE_WORDS[b.which],
        step: value(b.step),
        volts: q(b.volts, 'V', 'as is'),
      }),
    tapped,
  ),
  'dead-reading': entry(
    tell('wire.reading-for-dead'),
    {
      which: hidden(oneOf(WIRE_SOURCES)),
      pair: hidden(oneOf(['L1-L2', 'L2-L3', 'L1-L3', 'L1-G', 'L2-G', 'L3-G'])),
      side: hidden(oneOf(SIDES)),
      volts: hidden(num(0, 1000, 'V')),
    },
    (b) =>
      tell('wire.dead-line', {
        which: SOURCE_WORDS[b.which],
        pair: b.pair,
        side: value(b.side),
        volts: q(b.volts, 'V', 'as is'),
      }),
    tapped,
  ),
};
function celsius<const N extends readonly number[]>(of: N) {
  return Object.fromEntries(of.map((c) => [String(c), tell('wire.degrees-c', { c })])) as Record<
    `${N[number]}`,
    ReturnType<typeof tell>
  >;
}
