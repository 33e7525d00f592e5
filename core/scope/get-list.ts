import type { LibraryFields } from '@/core/equipment/library-item';
import { openingFits } from '@/core/fit/curb/judge-curb';
import type { FitSheets } from '@/core/fit/sheets';
import { type StackEnd, stackEnds } from '@/core/fit/stack/stack';
import { tell } from '@/core/scope/words';
import { type Label, q, type Said, value } from '@/core/words/said';
import type { DecidedItem } from './scope';
import { type KnownFacts, numberOf } from './survey/facts';

/** One thing to have on the truck: bought or made, with the size it needs, and the item that asks for it. */
export type GetLine = { id: string; how: 'buy' | 'make'; what: Label };

type Input = {
  items: readonly DecidedItem[];
  outdoor: LibraryFields | undefined;
  indoor: LibraryFields | undefined;
  furnace?: LibraryFields | undefined;
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
    ['new-furnace', i.furnace === i.indoor ? undefined : i.furnace],
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
          ? tell('scope.tube-sizes', { liquid: q(o.liquidOdIn, 'od'), vapor: q(o.vaporOdIn, 'od') })
          : tell('scope.sizes-by-makers-table');
      return {
        how: 'buy',
        what: tell('scope.line-set-2', {
          ods,
          count:
            length === undefined
              ? tell('scope.length-not-measured')
              : tell('scope.feet', { ft: q(Math.ceil(length * LINE_SET_SPARE), 'ft') }),
        }),
      };
    }
    case 'breaker':
      return i.outdoor?.mocpA
        ? {
            how: 'buy',
            what: tell('scope.breaker-to', { mcaA: i.outdoor.mcaA ?? '–', mocpA: q(i.outdoor.mocpA, 'A', 'as is') }),
          }
        : undefined;
    case 'pad':
      return {
        how: 'buy',
        what:
          i.outdoor && i.outdoor.widthIn !== null && i.outdoor.depthIn !== null
            ? tell('scope.pad-or-stand-for-in-base', { widthIn: size(i.outdoor.widthIn, i.outdoor.depthIn) })
            : tell('scope.pad-or-stand'),
      };
    case 'stack-plenum':
    case 'stack-return':
      return { how: 'make', what: stackPart(id === 'stack-plenum' ? 'plenum' : 'return', i) };
    case 'crossover': {
      const box = i.fits.packaged?.record;
      return {
        how: 'make',
        what: box
          ? tell('scope.crossover-box-in-supply-through-it', {
              aIn: size(box.box.aIn, box.box.bIn),
              supplyOdIn: q(box.supplyOdIn, 'in', 'as is'),
            })
          : tell('scope.crossover-box'),
      };
    }
    case 'curb': {
      const curb = i.fits.curb?.record;
      const worst = curb && Math.max(...openingFits(curb).map((f) => f.heightFor20In));
      return {
        how: 'make',
        what: curb
          ? tell('scope.adapter-curb-tall', {
              adapterHeightIn: q(curb.adapterHeightIn, 'in', 'as is'),
              worst: worst && worst > curb.adapterHeightIn ? tell('scope.for-20', { worst: q(worst, 'in', 0) }) : '',
            })
          : tell('scope.adapter-curb'),
      };
    }
    default:
      return undefined;
  }
}

function stackPart(end: StackEnd['end'], i: Input): Said {
  const s = i.fits.stack?.record;
  if (!s) return tell('scope.part-at', { end: value(end) });
  const found = stackEnds(s).find((e) => e.end === end)!;
  const unit = (end === 'plenum') === (s.flow === 'up') ? s.new.supply : s.new.return;
  const house = end === 'plenum' ? s.plenum : s.returnOpening;
  const from = size(unit.widthIn, unit.depthIn);
  const to = size(house.widthIn, house.depthIn);
  const name =
    found.closing === 'cap'
      ? tell('scope.cap-with-opening')
      : found.closing === 'transition'
        ? tell('scope.transition')
        : end === 'plenum'
          ? tell('scope.plenum-start')
          : tell('scope.return-box');
  return tell('scope.at-to-high', {
    name,
    end: value(end),
    from,
    to,
    value: q(Math.max(0, found.gapIn), 'in'),
  });
}

/** Items whose part is bought as it is. */
const BUY: Readonly<Record<string, Said>> = {
  'liquid-drier': tell('scope.liquid-drier-of-makers-size'),
  'suction-drier': tell('scope.suction-drier'),
  indicator: tell('scope.moisture-indicator'),
  'acid-clean': tell('scope.acid-test-kit-flush'),
  'line-insulation': tell('scope.vapor-line-insulation-1-2-in'),
  'expansion-valve': tell('scope.expansion-valve-for-this-coil-and'),
  'oil-coil': tell('scope.high-temperature-pan'),
  hydronic: tell('scope.valves-and-freeze-protection-for-hot'),
  disconnect: tell('scope.disconnect'),
  whip: tell('scope.whip'),
  surge: tell('scope.surge-protector'),
  'soft-start': tell('scope.soft-starter'),
  conductors: tell('scope.thermostat-cable-18-8'),
  flex: tell('scope.insulated-flex'),
  'filter-cabinet': tell('scope.media-filter-cabinet'),
  return: tell('scope.return-grille'),
  'pan-float': tell('scope.pan-and-float'),
  'primary-float': tell('scope.float-for-primary-port'),
  secondary: tell('scope.pipe-for-secondary-drain'),
  drain: tell('scope.drain-pipe-trap-cleanouts-straps'),
  mercury: tell('scope.sealed-tub-for-thermostat'),
  'mixed-recovery': tell('scope.recovery-cylinder-marked-mixed'),
  'co-alarm': tell('scope.carbon-monoxide-alarm'),
  'freeze-stat': tell('scope.freeze-stat'),
  'hail-guard': tell('scope.hail-guard'),
};
