import { advise, type Finding } from '@/core/finding/finding';
import { either, figure, is, maybe, pick, sinceLater } from '@/core/form/field';
import { tell } from '@/core/furnace/words';
import { q } from '@/core/words/said';

const natural = is('vent', 'natural draft');

/** How the flue gas leaves, and whether it does. */
export const VENT_FIELDS = {
  vent: sinceLater(
    maybe(
      pick(
        tell('furnace.flue-gas-leaves-by'),
        {
          'natural draft': tell('furnace.natural-draft'),
          'fan to a chimney': tell('furnace.fan-to-a-chimney'),
          sealed: tell('furnace.sealed-pipes'),
        },
        { stacked: true },
      ),
    ),
  ),
  draftInWc: sinceLater(maybe(figure(tell('furnace.draft'), -0.3, 0.1, 'in. w.c.', { when: natural }))),
  spills: sinceLater(
    maybe(
      either(
        tell('furnace.spills-after-5-min'),
        [
          [true, tell('furnace.it-spills')],
          [false, tell('furnace.it-does-not-spill')],
        ],
        { when: natural },
      ),
    ),
  ),
} as const;

type Vented = {
  vent?: 'natural draft' | 'fan to a chimney' | 'sealed' | null | undefined;
  draftInWc?: number | null | undefined;
  spills?: boolean | null | undefined;
};

/** Draft over a natural vent while it is warm (common practice; the maker's instructions win), in. w.c. */
const DRAFT = { low: -0.03, high: -0.01 } as const;

/** A natural vent draws, and nothing spills into the room after five minutes; what a fan pushes is proven by its own switch. */
export function ventChecks({ vent, draftInWc, spills }: Vented): Finding[] {
  if (vent !== 'natural draft') return [];
  const source = tell('furnace.common-practice-plate-and-maker-win');
  const draws = draftInWc != null && draftInWc >= DRAFT.low && draftInWc <= DRAFT.high;
  return [
    {
      id: 'spills',
      verdict: spills == null ? 'not-proven' : spills ? 'stop' : 'good',
      claim:
        spills == null
          ? tell('furnace.spillage-is-not-tried')
          : spills
            ? tell('furnace.flue-gas-spills')
            : tell('furnace.nothing-spills'),
      because: tell('furnace.what-spills-is-breathed'),
      source,
      miss: spills ? 5 : 0,
      ...(spills === false
        ? {}
        : {
            next: advise(
              spills ? tell('furnace.shut-it-down-mend-the-vent') : tell('furnace.try-spillage-after-5-min'),
            ),
          }),
    },
    {
      id: 'draft',
      verdict: draftInWc == null ? 'not-proven' : draws ? 'good' : 'look-again',
      claim:
        draftInWc == null
          ? tell('furnace.draft-is-not-read')
          : tell('furnace.draft-reads', { draft: q(draftInWc, 'inWc', 2) }),
      because: tell('furnace.draft-between', { low: String(DRAFT.high), high: String(DRAFT.low) }),
      source,
      miss: draws ? 0 : 1,
      ...(draws ? {} : { next: advise(tell('furnace.look-at-the-chimney-and-house-pressure')) }),
    },
  ];
}
