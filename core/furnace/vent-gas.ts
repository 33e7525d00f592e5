import type { Finding, Verdict } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { tell } from '@/core/furnace/words';
import { q, type Said } from '@/core/words/said';
import { gasPipe } from './gas-pipe';

export const VENT_CATEGORIES = ['I', 'II', 'III', 'IV', 'not known'] as const;
export const VENTS = [
  'B-vent or lined chimney',
  'unlined masonry',
  'sealed listed metal',
  'sealed plastic',
  'not known',
] as const;
export const PIPE_SIZES = ['1/2', '3/4', '1', '1-1/4', '1-1/2', '2', 'not known'] as const;
type Known = boolean | null;

/** What was looked at of the gas pipe and the vent of an appliance. Null where nobody looked. */
export type VentGas = {
  gas: 'natural' | 'propane';
  longestFt: number;
  dropInWc: number;
  allBtuh: number;
  futureBtuh: number;
  pipe: (typeof PIPE_SIZES)[number];
  category: (typeof VENT_CATEGORIES)[number];
  vent: (typeof VENTS)[number];
  shared: Known;
  orphaned: Known;
  slopesBack: Known;
  apart: Known;
  closed: Known;
  abandonedSealed: Known;
  returnInRoom: Known;
  roomFt3: number | null;
};

/** Heat of a cubic foot where the utility says nothing: low, so that the pipe comes out large (common practice), Btu. */
const BTU_PER_FT3 = { natural: 1000, propane: 2516 } as const;
/** Room air that burners may live on (IFGC 304, edition not checked), ft³ for each 1,000 Btu/h. */
const ROOM_FT3 = 50;
/** Two openings to the next rooms: so many in² for each 1,000 Btu/h, and never less than the second (IFGC 304, edition not checked). */
const OPENING_IN2 = { each: 1, least: 100 } as const;
const BTU = 1000;

/** Which vents a category may go into; a maker's own listing may allow more. */
const FITS: Readonly<Record<'I' | 'II' | 'III' | 'IV', readonly VentGas['vent'][]>> = {
  I: ['B-vent or lined chimney'],
  II: [],
  III: ['sealed listed metal'],
  IV: ['sealed plastic', 'sealed listed metal'],
};

/**
 * Gas pipe and vent, conservatively: the pipe by the longest run and everything that will ever hang on it, the vent by its category, what
 * was left on the old flue, and what lets flue gas into the house. It computes, flags and defers: licensed work, the maker's tables and
 * local code come first; lengths and sizes of a sealed vent are the maker's, never made here.
 *
 * @source NFPA 54 / IFGC, editions not checked
 */
export function judgeVentGas(v: VentGas): Finding[] {
  const checked = (
    id: string,
    seen: Known,
    good: boolean,
    bad: Verdict,
    claims: { good: Said; bad: Said; unknown: Said },
    because: Said,
    next: Said,
  ): Finding =>
    finding(
      id,
      seen === null ? 'not-proven' : seen === good ? 'good' : bad,
      seen === null ? claims.unknown : seen === good ? claims.good : claims.bad,
      because,
      next,
    );
  const sealed = v.category === 'III' || v.category === 'IV';
  return orderFindings([
    sizeOf(v),
    ventOf(v),
    checked(
      'orphaned',
      v.orphaned,
      false,
      'look-again',
      {
        good: tell('vent.nothing-is-left-on-the-old-flue'),
        bad: tell('vent.water-heater-is-left-alone'),
        unknown: tell('vent.nobody-looked-at-the-old-flue'),
      },
      tell('vent.a-flue-too-large-does-not-draw'),
      tell('vent.resize-or-line-it'),
    ),
    ...(v.category === 'IV' || v.category === 'II'
      ? [
          checked(
            'slope',
            v.slopesBack,
            true,
            'look-again',
            {
              good: tell('vent.slopes-back'),
              bad: tell('vent.does-not-slope-back'),
              unknown: tell('vent.slope-not-looked-at'),
            },
            tell('vent.water-stands-in-it'),
            tell('vent.hang-it-with-its-slope'),
          ),
        ]
      : []),
    ...(sealed
      ? [
          checked(
            'apart',
            v.apart,
            true,
            'look-again',
            {
              good: tell('vent.ends-are-apart'),
              bad: tell('vent.ends-are-too-near'),
              unknown: tell('vent.ends-not-looked-at'),
            },
            tell('vent.it-breathes-its-own-gas'),
            tell('vent.move-them-as-the-maker-draws'),
          ),
        ]
      : []),
    checked(
      'closed',
      v.closed,
      true,
      'look-again',
      {
        good: tell('vent.wall-is-closed'),
        bad: tell('vent.wall-is-open'),
        unknown: tell('vent.wall-not-looked-at'),
      },
      tell('vent.vermin-and-water-come-in'),
      tell('vent.foam-and-metal'),
    ),
    checked(
      'abandoned',
      v.abandonedSealed,
      true,
      'look-again',
      {
        good: tell('vent.old-openings-are-sealed'),
        bad: tell('vent.an-old-opening-is-open'),
        unknown: tell('vent.old-openings-not-looked-at'),
      },
      tell('vent.gas-of-others-comes-back'),
      tell('vent.cap-and-seal-it'),
    ),
    checked(
      'return',
      v.returnInRoom,
      false,
      sealed ? 'look-again' : 'stop',
      {
        good: tell('vent.no-return-in-the-room'),
        bad: tell('vent.return-draws-from-the-room'),
        unknown: tell('vent.return-not-looked-at'),
      },
      tell('vent.a-return-pulls-flue-gas'),
      tell('vent.close-it-before-it-burns'),
    ),
    ...(sealed ? [] : [roomOf(v)]),
  ]);
}

const finding = (id: string, verdict: Verdict, claim: Said, because: Said, next?: Said): Finding => ({
  id: `vent-${id}`,
  verdict,
  claim,
  because,
  source: tell('vent.code-and-maker-come-first'),
  ...(verdict !== 'good' && next ? { next: { say: next } } : {}),
});

function sizeOf(v: VentGas): Finding {
  const cfh = (v.allBtuh + v.futureBtuh) / BTU_PER_FT3[v.gas];
  const r = gasPipe({ gas: v.gas, cfh, lengthFt: v.longestFt, dropInWc: v.dropInWc });
  const because = tell('vent.load-over-the-longest-run', {
    cfh: q(cfh, 'number', 0),
    ft: q(v.longestFt, 'ft'),
    drop: q(v.dropInWc, 'inWc', 'as is'),
  });
  if (!r.ok)
    return finding('size', 'look-again', tell('vent.more-than-two-inch'), because, tell('vent.have-it-designed'));
  const least = tell('vent.pipe-in', { size: r.value.tradeSize });
  if (v.pipe === 'not known')
    return finding(
      'size',
      'not-proven',
      tell('vent.pipe-not-known', { least }),
      because,
      tell('vent.measure-the-smallest-piece'),
    );
  const fits = PIPE_SIZES.indexOf(v.pipe) >= PIPE_SIZES.indexOf(r.value.tradeSize as VentGas['pipe']);
  return fits
    ? finding('size', 'good', tell('vent.pipe-carries-it', { size: v.pipe, least }), because)
    : finding(
        'size',
        'look-again',
        tell('vent.pipe-is-too-small', { size: v.pipe, least }),
        because,
        tell('vent.larger-pipe-by-the-table'),
      );
}

function ventOf(v: VentGas): Finding {
  const because = tell('vent.category-says-what-it-bears');
  if (v.category === 'not known' || v.vent === 'not known')
    return finding(
      'vent',
      'not-proven',
      tell('vent.category-or-vent-not-known'),
      because,
      tell('vent.read-the-plate-and-follow-the-vent'),
    );
  const pushes = v.category === 'III' || v.category === 'IV';
  if (pushes && v.shared === true)
    return finding(
      'vent',
      'stop',
      tell('vent.shared-under-pressure'),
      tell('vent.gas-comes-out-at-the-other'),
      tell('vent.a-vent-of-its-own'),
    );
  if (v.category === 'II')
    return finding(
      'vent',
      'not-proven',
      tell('vent.category-two-by-maker'),
      because,
      tell('vent.hold-it-to-the-makers-table'),
    );
  if (FITS[v.category].includes(v.vent))
    return v.shared === null
      ? finding('vent', 'not-proven', tell('vent.whether-shared-not-known'), because, tell('vent.follow-the-vent'))
      : finding('vent', 'good', tell('vent.vent-fits-its-category', { category: v.category }), because);
  return finding(
    'vent',
    v.category === 'I' && v.vent === 'unlined masonry' ? 'look-again' : 'stop',
    tell('vent.vent-does-not-fit', { category: v.category }),
    because,
    tell('vent.vent-as-its-category-asks'),
  );
}

function roomOf({ roomFt3, allBtuh }: VentGas): Finding {
  const needed = (allBtuh / BTU) * ROOM_FT3;
  const because = tell('vent.fifty-cubic-feet', { ft3: q(needed, 'number', 0) });
  if (roomFt3 === null)
    return finding('air', 'not-proven', tell('vent.room-not-measured'), because, tell('vent.measure-the-room'));
  if (roomFt3 >= needed)
    return finding('air', 'good', tell('vent.room-gives-its-air', { ft3: q(roomFt3, 'number', 0) }), because);
  const in2 = Math.max(OPENING_IN2.least, (allBtuh / BTU) * OPENING_IN2.each);
  return finding(
    'air',
    'look-again',
    tell('vent.room-is-too-small', { ft3: q(roomFt3, 'number', 0) }),
    because,
    tell('vent.two-openings', { in2: q(in2, 'number', 0) }),
  );
}
