import { z } from 'zod';
import { SHORT_WAYS } from '@/core/controls/cable-plan';
import { editSchema } from '@/core/controls/edits';
import { BREAKS, EXTRAS } from '@/core/controls/make-plan';
import { oneOf } from '@/core/finding/quantity-field';
import { choice, count, either, figure, hidden, is, maybe, own, pick, text } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { type Said, typed, value } from '@/core/words/said';
import { tell } from './words';

const YES_OR_NO = [
  [true, tell('wire.yes')],
  [false, tell('wire.no')],
] as const;
const ofSystem = { ofSystem: true } as const;
const tapped = { ofSystem: true, byTap: true } as const;

/** Letters that old terminals have; each stands for a role of the plan. */
const letters = (...names: string[]) => Object.fromEntries(names.map((n) => [n, typed(n)]));
const OLD_LETTERS = {
  ...letters('R', 'C', 'Y', 'Y2', 'G', 'O', 'B', 'W', 'W2', 'E', 'L'),
  other: tell('wire.with-another-letter'),
} as Readonly<Record<'R' | 'C' | 'Y' | 'Y2' | 'G' | 'O' | 'B' | 'W' | 'W2' | 'E' | 'L' | 'other', Said>>;

/** What is written of the plan of the controls: itself, the old wires, what the maker answered. */
export const planEntries = {
  'wiring-plan': entry(
    tell('wire.plan-of-the-controls'),
    {
      controls: pick(tell('wire.language-of-the-controls'), {
        '24v': tell('wire.24-v'),
        communicating: tell('wire.communicating'),
      }),
      heatPump: either(tell('wire.heat-pump'), YES_OR_NO),
      valve: maybe(
        pick(
          tell('wire.valve-energized-in'),
          { O: tell('wire.o-in-cooling'), B: tell('wire.b-in-heating') },
          { when: is('heatPump', true), hint: tell('wire.from-its-diagram-never-guess') },
        ),
      ),
      stages: pick(tell('wire.compressor-stages'), { '1': tell('wire.one'), '2': tell('wire.two') }),
      heat: choice(tell('wire.heat-besides'), ['strips', 'furnace', 'two-stage furnace', 'none'], { stacked: true }),
      floatBreak: pick(
        tell('wire.float-breaks'),
        {
          R_ALL: tell('wire.break-r-all'),
          R_ODU: tell('wire.break-r-odu'),
          Y: tell('wire.break-y'),
          BOARD_INPUT: tell('wire.break-board'),
        },
        { stacked: true, start: BREAKS[0], hint: tell('wire.all-of-r-is-noticed-at-once') },
      ),
      floatReason: maybe(
        text(tell('wire.why-not-all-of-r'), 300, 0, { when: is('floatBreak', 'R_ODU', 'Y', 'BOARD_INPUT') }),
      ),
      extras: own(
        z.array(oneOf(EXTRAS)).max(EXTRAS.length),
        tell('wire.what-else-hangs-on-24-v'),
        { kind: 'several', options: EXTRAS.map((e) => [e, value(e)]) },
        { start: [] },
      ),
      twoWires: either(tell('wire.only-two-wires-outdoors'), YES_OR_NO, { start: false }),
      zoned: either(tell('wire.zoned'), YES_OR_NO, { start: false }),
      statWires: maybe(count(tell('wire.whole-conductors-to-thermostat'), 0, 60)),
      outdoorWires: maybe(count(tell('wire.whole-conductors-outdoors'), 0, 60)),
      shortWay: maybe(choice(tell('wire.where-too-few'), SHORT_WAYS, { stacked: true })),
      transformerVa: figure(tell('wire.transformer'), 20, 200, 'VA', { start: 40 }),
      fuseA: figure(tell('wire.control-fuse'), 1, 10, 'A', { start: 3 }),
      lengthFt: maybe(figure(tell('wire.longest-control-run'), 1, 1000, 'ft')),
    },
    (b) =>
      tell('wire.plan-line', {
        controls: value(b.controls),
        valve: b.valve ?? '–',
        heat: value(b.heat),
        float: b.floatBreak,
      }),
    { ...ofSystem, edited: true, caution: tell('wire.color-proves-nothing') },
  ),
  'found-wire': entry(
    tell('wire.old-wire'),
    {
      color: text(tell('wire.color'), 30, 1),
      cable: pick(tell('wire.which-cable'), {
        stat: tell('wire.to-the-thermostat'),
        outdoor: tell('wire.to-the-outdoor-unit'),
      }),
      letter: pick(tell('wire.its-letter'), OLD_LETTERS),
      from: text(tell('wire.terminal-there'), 60, 1, { hint: tell('wire.for-example-thermostat-y') }),
      to: text(tell('wire.goes-to'), 60, 1),
      after: pick(tell('wire.afterwards'), {
        'carries over': tell('wire.carries-over'),
        changes: tell('wire.changes'),
        out: tell('wire.goes-out'),
      }),
    },
    (b) => tell('wire.old-wire-line', { color: b.color, from: b.from, to: b.to, after: value(b.after) }),
    ofSystem,
  ),
  'maker-answer': entry(
    tell('wire.makers-answer'),
    {
      question: text(tell('wire.question'), 300, 3),
      answer: text(tell('wire.answer'), 300, 1),
      who: text(tell('wire.by-whom'), 120, 2),
    },
    (b) => tell('wire.makers-answer-line', { question: b.question, answer: b.answer, who: b.who }),
    ofSystem,
  ),
  'traced-wire': entry(
    tell('wire.wire-of-the-old-unit'),
    {
      number: text(tell('wire.number-on-both-ends'), 20, 1),
      from: text(tell('wire.from-terminal'), 60, 1, { hint: tell('wire.for-example-c1-a1') }),
      to: text(tell('wire.to-terminal'), 60, 1),
      how: pick(tell('wire.known-how'), {
        traced: tell('wire.traced'),
        inferred: tell('wire.inferred'),
        unknown: tell('wire.unknown'),
      }),
      coil: maybe(text(tell('wire.coil-that-it-feeds'), 60, 0, { more: true })),
      coilV: maybe(figure(tell('wire.coil-volts'), 5, 600, 'V', { more: true })),
    },
    (b) => tell('wire.traced-line', { number: b.number, from: b.from, to: b.to, how: value(b.how) }),
    { ...ofSystem, likeLast: false },
  ),
  'as-wired': entry(
    tell('wire.board-as-wired'),
    { edits: hidden(z.array(editSchema).max(40)) },
    (b) => tell('wire.as-wired-line', { count: b.edits.length }),
    tapped,
  ),
};
