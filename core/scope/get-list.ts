import { odText } from '@/core/circuit/acr-tube';
import type { LibraryFields } from '@/core/equipment/library-item';
import { openingFits } from '@/core/fit/curb/judge-curb';
import type { FitSheets } from '@/core/fit/sheets';
import { type StackEnd, stackEnds } from '@/core/fit/stack/stack';
import type { DecidedItem } from './scope';
import { type KnownFacts, numberOf } from './survey/facts';

/** One thing to have on the truck: bought or made, with the size it needs, and the item that asks for it. */
export type GetLine = { id: string; how: 'buy' | 'make'; what: string };

type Input = {
  items: readonly DecidedItem[];
  outdoor: LibraryFields | undefined;
  indoor: LibraryFields | undefined;
  fits: FitSheets;
  known: KnownFacts;
};

/** Beyond plan and rise for bends and service, when a new line set is ordered from the old one's length (common practice). */
const LINE_SET_SPARE = 1.1;

const size = (w: number, d: number): string => `${w} × ${d}`;

/** What must be bought or made for the items that are in; figures come from the library and the fit sheets. */
export function getList(i: Input): GetLine[] {
  const out: GetLine[] = [];
  for (const [id, unit] of [
    ['new-outdoor', i.outdoor],
    ['new-indoor', i.indoor],
  ] as const) {
    if (unit) out.push({ id, how: 'buy', what: `${unit.maker} ${unit.model}` });
  }
  for (const item of i.items) {
    if (item.standing !== 'in') continue;
    const line = lineOf(item.id, i);
    // Parts that come with the unit cost nothing and are not bought again.
    if (line && !(item.id === 'liquid-drier' && item.materials === 0)) out.push({ id: item.id, ...line });
  }
  return out;
}

function lineOf(id: string, i: Input): Omit<GetLine, 'id'> | undefined {
  const plain = BUY[id];
  if (plain) return { how: 'buy', what: plain };
  switch (id) {
    case 'line-set-new': {
      const o = i.outdoor;
      const length = numberOf(i.known, 'lineLengthFt');
      const ods =
        o?.liquidOdIn && o.vaporOdIn
          ? `${odText(o.liquidOdIn)} × ${odText(o.vaporOdIn)}`
          : 'sizes by the maker’s table';
      return {
        how: 'buy',
        what: `line set, ${ods}, ${length === undefined ? 'length not measured' : `${Math.ceil(length * LINE_SET_SPARE)} ft`}`,
      };
    }
    case 'breaker':
      return i.outdoor?.mocpA ? { how: 'buy', what: `breaker, ${i.outdoor.mcaA} to ${i.outdoor.mocpA} A` } : undefined;
    case 'pad':
      return {
        how: 'buy',
        what: i.outdoor
          ? `pad or stand for a ${size(i.outdoor.widthIn, i.outdoor.depthIn)} in base, feet, anchors`
          : 'pad or stand',
      };
    case 'stack-plenum':
    case 'stack-return':
      return { how: 'make', what: stackPart(id === 'stack-plenum' ? 'plenum' : 'return', i) };
    case 'crossover': {
      const box = i.fits.packaged?.record;
      return {
        how: 'make',
        what: box
          ? `crossover box ${size(box.box.aIn, box.box.bIn)} in, supply ${box.supplyOdIn} in through it`
          : 'crossover box',
      };
    }
    case 'curb': {
      const curb = i.fits.curb?.record;
      const worst = curb && Math.max(...openingFits(curb).map((f) => f.heightFor20In));
      return {
        how: 'make',
        what: curb
          ? `adapter curb, ${curb.adapterHeightIn} in tall${worst && worst > curb.adapterHeightIn ? ` (${worst.toFixed(0)} in for 20°)` : ''}`
          : 'adapter curb',
      };
    }
    default:
      return undefined;
  }
}

function stackPart(end: StackEnd['end'], i: Input): string {
  const s = i.fits.stack?.record;
  if (!s) return `part at the ${end}`;
  const found = stackEnds(s).find((e) => e.end === end)!;
  const unit = (end === 'plenum') === (s.flow === 'up') ? s.new.supply : s.new.return;
  const house = end === 'plenum' ? s.plenum : s.returnOpening;
  const from = size(unit.widthIn, unit.depthIn);
  const to = size(house.widthIn, house.depthIn);
  const name =
    found.closing === 'cap'
      ? 'cap with opening'
      : found.closing === 'transition'
        ? 'transition'
        : end === 'plenum'
          ? 'plenum start'
          : 'return box';
  return `${name} at the ${end}, ${from} to ${to} in, ${Math.max(0, found.gapIn).toFixed(1)} in high`;
}

/** Items whose part is bought as it is. */
const BUY: Readonly<Record<string, string>> = {
  'liquid-drier': 'liquid drier of the maker’s size',
  'suction-drier': 'suction drier',
  indicator: 'moisture indicator',
  'acid-clean': 'acid test kit, flush',
  'line-insulation': 'vapor line insulation, 1/2 in or more',
  'expansion-valve': 'expansion valve for this coil and refrigerant',
  'oil-coil': 'high-temperature pan',
  hydronic: 'valves and freeze protection for the hot-water coil',
  disconnect: 'disconnect',
  whip: 'whip',
  surge: 'surge protector',
  'soft-start': 'soft starter',
  conductors: 'thermostat cable, 18/8',
  flex: 'insulated flex',
  'filter-cabinet': 'media filter cabinet',
  return: 'return grille',
  'pan-float': 'pan and float',
  'primary-float': 'float for the primary port',
  secondary: 'pipe for the secondary drain',
  drain: 'drain pipe, trap, cleanouts, straps',
  mercury: 'sealed tub for the thermostat',
  'mixed-recovery': 'recovery cylinder marked mixed',
  'co-alarm': 'carbon monoxide alarm',
  'freeze-stat': 'freeze stat',
  'hail-guard': 'hail guard',
};
