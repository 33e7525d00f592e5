import { num } from '@/core/finding/quantity-field';
import { choice, either, figure, maybe, pick, usual } from '@/core/form/field';
import { PIPE_SIZES, VENT_CATEGORIES, VENTS } from '@/core/furnace/vent-gas';
import { entry } from '@/core/phases/log/entry';
import { q, type Said, typed, value } from '@/core/words/said';
import { tell } from './words';

/** Looked at: yes, no, or left empty by who did not look. */
const looked = (label: Parameters<typeof figure>[0]) =>
  maybe(
    either(label, [
      [true, tell('ventgas.yes')],
      [false, tell('ventgas.no')],
    ]),
  );

/** Names that are the same in every language, and that nobody knows it. */
const named = <T extends string>(all: readonly T[], say: (name: T) => string) =>
  Object.fromEntries(
    all.map((name) => [name, name === 'not known' ? tell('ventgas.not-known') : typed(say(name))]),
  ) as Record<T, Said>;

/** The gas pipe by its load, and the vent by its category; it belongs to the system. */
export const ventEntries = {
  'vent-gas': entry(
    tell('ventgas.sheet'),
    {
      gas: pick(tell('ventgas.gas'), { natural: tell('ventgas.natural'), propane: tell('ventgas.propane') }),
      allBtuh: figure(tell('ventgas.all-appliances'), 1000, 5_000_000, 'Btu/h', {
        hint: tell('ventgas.this-one-and-every-other'),
      }),
      futureBtuh: figure(tell('ventgas.future-tees'), 0, 5_000_000, 'Btu/h'),
      longestFt: figure(tell('ventgas.longest-run'), 1, 1000, 'ft', { hint: tell('ventgas.with-its-fittings') }),
      dropInWc: usual(tell('ventgas.drop-allowed'), num(0.05, 6, 'in. w.c.'), [
        [0.3, '0.3'],
        [0.5, '0.5'],
      ]),
      pipe: pick(
        tell('ventgas.smallest-piece'),
        named(PIPE_SIZES, (size) => `${size} in`),
      ),
      category: pick(
        tell('ventgas.category'),
        named(VENT_CATEGORIES, (c) => c),
      ),
      vent: choice(tell('ventgas.vent-is'), VENTS, { stacked: true }),
      shared: looked(tell('ventgas.shared')),
      orphaned: looked(tell('ventgas.orphaned')),
      slopesBack: looked(tell('ventgas.slopes-back')),
      apart: looked(tell('ventgas.apart')),
      closed: looked(tell('ventgas.closed')),
      abandonedSealed: looked(tell('ventgas.abandoned')),
      returnInRoom: looked(tell('ventgas.return-in-room')),
      roomFt3: maybe(figure(tell('ventgas.room'), 1, 1_000_000, 'ft³')),
    },
    (b) =>
      tell('ventgas.line', {
        pipe: b.pipe,
        load: q(b.allBtuh + b.futureBtuh, 'btuh'),
        category: b.category,
        vent: value(b.vent),
      }),
    { ofSystem: true, edited: true, caution: tell('ventgas.licensed-work') },
  ),
};
