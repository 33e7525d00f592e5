import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/fit/words';
import { q, value } from '@/core/words/said';
import type { Stack } from './stack';

/** Beyond the filter's own length, room to pull it (common practice), in. */
export const PULL_BEYOND_IN = 2;
/** A filter keeps this far from the coil where the maker says nothing (design default), in. */
export const FILTER_TO_COIL_IN = 6;
/** A way to equipment in an attic, and the floor before it (a mechanical code, edition not checked; the adopted code rules), in. */
const WALKWAY_IN = 24;
const PLATFORM_IN = 30;
/** Hangers are taken at this much of the load, since a running unit shakes (design default). */
const HUNG = 1.5;

/** What the stack stands on or hangs from, its filter, the boxes that stay, the way to it. */
export const stackMore = (s: Stack): Finding[] => [
  ...hungChecks(s),
  ...filterChecks(s),
  ...boxChecks(s),
  ...walkChecks(s),
];

function hungChecks({ hung, flow }: Stack): Finding[] {
  const out: Finding[] = [];
  if (flow === 'left' || flow === 'right')
    out.push({
      id: 'horizontal-kit',
      verdict: 'look-again',
      claim: tell('fit.lies-on-its-side'),
      because: tell('fit.pan-and-baffles-belong-to-the-way-it-lies'),
      source: tell('fit.makers-instructions'),
      next: { say: tell('fit.order-it-for-this-side-with-its-pan') },
      miss: 0.4,
    });
  if (!hung) return out;
  const each = (HUNG * hung.weightLb) / hung.hangers;
  const over = each > hung.hangerLb;
  out.push({
    id: 'hung',
    verdict: over ? 'stop' : 'good',
    claim: tell(over ? 'fit.hangers-do-not-bear-it' : 'fit.hangers-bear-it', {
      each: q(each, 'lb', 0),
      rated: q(hung.hangerLb, 'lb', 0),
      hangers: hung.hangers,
    }),
    because: tell('fit.weight-shared-out-with-shaking', { weight: q(hung.weightLb, 'lb', 0) }),
    source: tell('fit.statics-joists-are-an-engineers-matter'),
    ...(over ? { next: { say: tell('fit.more-hangers-or-heavier-rods') } } : {}),
    miss: each / hung.hangerLb,
  });
  if (!hung.isolated)
    out.push({
      id: 'hung-isolation',
      verdict: 'look-again',
      claim: tell('fit.hung-without-isolators'),
      because: tell('fit.house-hums-with-every-start'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.rubber-or-spring-at-each-hanger') },
      miss: 0.4,
    });
  return out;
}

function filterChecks({ filter }: Stack): Finding[] {
  if (!filter) return [];
  const short = filter.lengthIn + PULL_BEYOND_IN - filter.pullIn;
  const wanted = filter.makerIn ?? FILTER_TO_COIL_IN;
  const near = wanted - filter.toCoilIn;
  return [
    {
      id: 'filter-pull',
      verdict: short > 0 ? 'look-again' : 'good',
      claim: tell(short > 0 ? 'fit.filter-cannot-be-pulled' : 'fit.filter-can-be-pulled', {
        pull: q(filter.pullIn, 'in'),
        length: q(filter.lengthIn, 'in', 'as is'),
      }),
      because: tell('fit.its-length-and-two-inches-straight-out'),
      source: tell('fit.common-practice'),
      ...(short > 0 ? { next: { say: tell('fit.turn-rack-or-move-what-stands-before-it') } } : {}),
      miss: Math.max(0, short) / 10,
    },
    {
      id: 'filter-coil',
      verdict: near > 0 ? 'look-again' : 'good',
      claim: tell(near > 0 ? 'fit.filter-sits-too-close-to-coil' : 'fit.filter-keeps-its-distance', {
        toCoil: q(filter.toCoilIn, 'in'),
        wanted: q(wanted, 'in', 'as is'),
      }),
      because: tell('fit.air-must-spread-over-whole-filter'),
      source: filter.makerIn === null ? tell('fit.design-default-makers-drawing-wins') : tell('fit.makers-book'),
      ...(near > 0 ? { next: { say: tell('fit.move-rack-off-or-filter-grille') } } : {}),
      miss: Math.max(0, near) / 6,
    },
  ];
}

/** Boxes that stay: wet, moldy or bare is replaced; only dry sound facer is patched (common practice). */
function boxChecks({ box }: Stack): Finding[] {
  if (!box || box === 'none') return [];
  const bad = box === 'wet or moldy' || box === 'bare fiber';
  return [
    {
      id: 'box',
      verdict: bad ? 'stop' : box === 'patched' ? 'look-again' : 'good',
      claim: tell('fit.box-that-stays-is', { box: value(box) }),
      because: tell('fit.only-dry-sound-facer-is-patched'),
      source: tell('fit.common-practice'),
      ...(bad
        ? { next: { say: tell('fit.new-box') } }
        : box === 'patched'
          ? { next: { say: tell('fit.listed-tape-or-mastic-and-look-again') } }
          : {}),
      miss: bad ? 4 : 0.3,
    },
  ];
}

function walkChecks({ walk }: Stack): Finding[] {
  if (!walk) return [];
  const narrow = walk.widthIn < WALKWAY_IN;
  const small = walk.platformIn < PLATFORM_IN;
  const out: Finding[] = [
    {
      id: 'walkway',
      verdict: narrow || small ? 'look-again' : 'good',
      claim: narrow
        ? tell('fit.way-to-it-is-narrow', { width: q(walk.widthIn, 'in') })
        : small
          ? tell('fit.floor-before-it-is-small', { platform: q(walk.platformIn, 'in') })
          : tell('fit.way-and-floor-before-it-are-there'),
      because: tell('fit.way-and-platform-rule', {
        way: q(WALKWAY_IN, 'in', 'as is'),
        platform: q(PLATFORM_IN, 'in', 'as is'),
      }),
      source: tell('fit.imc-306-from-memory-adopted-code'),
      ...(narrow || small ? { next: { say: tell('fit.lay-boards-before-the-unit-goes-in') } } : {}),
      miss: narrow || small ? 0.8 : 0,
    },
  ];
  if (!walk.storageFree)
    out.push({
      id: 'storage',
      verdict: 'look-again',
      claim: tell('fit.storage-is-lost-or-in-the-way'),
      because: tell('fit.owner-loses-room-nobody-spoke-of'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.say-it-in-the-scope-or-lie-it-elsewhere') },
      miss: 0.4,
    });
  return out;
}
