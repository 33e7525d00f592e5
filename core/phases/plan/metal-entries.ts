import { choice, count, type Fields, figure, hidden, id, is, maybe, pick, text } from '@/core/form/field';
import { PART_KINDS } from '@/core/metal/flat/part';
import { GAUGES } from '@/core/metal/sheet-gauge';
import { entry } from '@/core/phases/log/entry';
import { typed, value } from '@/core/words/said';
import { tell } from './words';

const LONGEST_IN = 240;
const length = (label: Parameters<typeof figure>[0], kinds: readonly string[], low = 1) =>
  maybe(figure(label, low, LONGEST_IN, 'in', { when: is('part', ...kinds) }));

/** Parts of sheet metal that the shop makes, and what was said of their drawings. */
export const metalEntries = {
  'metal-part': entry(
    tell('metalpart.part'),
    {
      part: choice(tell('metalpart.what-it-is'), PART_KINDS, { stacked: true }),
      name: text(tell('metalpart.which-one'), 60, 2, { hint: tell('metalpart.such-as-supply-transition') }),
      lengthIn: length(tell('metalpart.length-below'), [
        'transition',
        'square to round',
        'pan',
        'cap',
        'side cap',
        'box',
      ]),
      widthIn: length(tell('metalpart.width-below'), [
        'transition',
        'square to round',
        'pan',
        'cap',
        'side cap',
        'box',
        'hood',
      ]),
      topLengthIn: length(tell('metalpart.length-above'), ['transition']),
      topWidthIn: length(tell('metalpart.width-above'), ['transition']),
      diameterIn: length(tell('metalpart.diameter'), ['square to round']),
      heightIn: length(tell('metalpart.height'), ['transition', 'square to round', 'box']),
      offsetXIn: maybe(
        figure(tell('metalpart.offset-along-length'), -120, 120, 'in', { when: is('part', 'transition') }),
      ),
      offsetYIn: maybe(
        figure(tell('metalpart.offset-along-width'), -120, 120, 'in', { when: is('part', 'transition') }),
      ),
      wallIn: maybe(
        figure(tell('metalpart.walls-or-flanges'), 0.5, 24, 'in', { when: is('part', 'pan', 'cap', 'side cap') }),
      ),
      hemIn: maybe(figure(tell('metalpart.hem'), 0, 2, 'in', { when: is('part', 'pan') })),
      runIn: length(tell('metalpart.away-from-the-wall'), ['hood']),
      backIn: length(tell('metalpart.high-at-the-wall'), ['hood']),
      fallInPerFt: maybe(
        figure(tell('metalpart.fall-a-foot'), 0.25, 6, 'in/ft', {
          when: is('part', 'hood'),
          hint: tell('metalpart.a-quarter-inch-or-more'),
        }),
      ),
      collars: maybe(count(tell('metalpart.collars-on-top'), 0, 12, { when: is('part', 'box') })),
      collarIn: maybe(figure(tell('metalpart.collar-diameter'), 3, 30, 'in', { when: is('part', 'box') })),
      gauge: pick(
        tell('metalpart.gauge'),
        Object.fromEntries(Object.keys(GAUGES).map((g) => [g, typed(`${g} ga`)])) as Record<
          `${keyof typeof GAUGES}`,
          ReturnType<typeof typed>
        >,
      ),
      count: count(tell('metalpart.how-many'), 1, 50),
    } satisfies Fields,
    (b) => tell('metalpart.line', { part: value(b.part), name: b.name, count: String(b.count), gauge: b.gauge }),
    { ofSystem: true, offered: false, caution: tell('metalpart.gloves-eyes-deburr') },
  ),
  'shop-drawing': entry(
    tell('metalpart.drawing'),
    {
      partId: hidden(id()),
      said: choice(
        tell('metalpart.what-was-said'),
        ['sent to the shop', 'approved', 'approved with changes', 'not approved'],
        { stacked: true },
      ),
      who: text(tell('metalpart.who-said-it'), 80, 2),
      note: text(tell('metalpart.note'), 200, 0, { hint: tell('dayplan.may-stay-empty') }),
    },
    (b) => tell('metalpart.drawing-line', { said: value(b.said), who: b.who, note: b.note || '–' }),
    { ofSystem: true, offered: false },
  ),
};
