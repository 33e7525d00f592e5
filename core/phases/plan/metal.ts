import type { Outcome } from '@/core/finding/outcome';
import type { JobSheet } from '@/core/job/sheet';
import { type Drawn, drawPart, type ShopFigures, shopFigures } from '@/core/metal/flat/part';
import { layOut, type Offcut } from '@/core/metal/layout';
import { nest } from '@/core/metal/nest';
import type { Gauge } from '@/core/metal/sheet-gauge';
import { type EntryOf, entriesOf } from '@/core/phases/log/circuit-log';

export type MetalPart = EntryOf<'metal-part'>;
export type DrawnPart = {
  part: MetalPart;
  gauge: Gauge;
  drawn: Drawn;
  shop: ShopFigures | undefined;
  /** The newest that was said of its drawing. */
  answer: EntryOf<'shop-drawing'> | undefined;
};

/** Parts of this system that the shop makes, drawn, oldest first. */
export function metalParts(sheet: Pick<JobSheet, 'systemLog'>): DrawnPart[] {
  const answers = entriesOf(sheet.systemLog, 'shop-drawing');
  return entriesOf(sheet.systemLog, 'metal-part').map((part) => {
    const gauge = Number(part.body.gauge) as Gauge;
    const drawn = drawPart(part.body.part, part.body, gauge);
    return {
      part,
      gauge,
      drawn,
      shop: drawn.ok ? shopFigures(drawn.pieces, gauge) : undefined,
      answer: answers.findLast((a) => a.body.partId === part.id),
    };
  });
}

/** Sheets that a shop buys, in. */
export const SHEETS_IN = [
  [48, 96],
  [48, 120],
] as const;
/** A piece where it lies, under the name of its part. */
export type Cut = { name: string; x: number; y: number; w: number; h: number };
export type Nested = {
  sheetIn: readonly [number, number];
  gauge: Gauge;
  outcome: Outcome<NestAnswer>;
  /** Where each piece is cut out of each sheet; none where they do not go on one, or are too many to draw. */
  sheets: { cuts: Cut[]; left: Offcut[] }[];
};
type NestAnswer = { sheets: number; utilisationPct: number; exact: boolean };
/** More pieces than these are counted, not drawn. */
const MOST_DRAWN = 80;
/** Lost beside a cut (common practice), in. */
const GAP_IN = 0.125;

/** All pieces of each gauge on each size of sheet: how many it takes, where they lie, how much of them is used. */
export function nested(parts: readonly DrawnPart[]): Nested[] {
  const gauges = [...new Set(parts.map((p) => p.gauge))];
  return gauges.flatMap((gauge) => {
    const pieces = parts
      .filter((p) => p.gauge === gauge)
      .flatMap((p) =>
        (p.shop?.rectangles ?? []).map((r) => ({ ...r, count: p.part.body.count, name: p.part.body.name })),
      );
    return pieces.length === 0 ? [] : SHEETS_IN.map((sheetIn) => onSheets(pieces, sheetIn, gauge));
  });
}

type Named = { w: number; h: number; count: number; name: string };
function onSheets(pieces: readonly Named[], sheetIn: readonly [number, number], gauge: Gauge): Nested {
  const outcome = nest({ pieces: pieces.map(({ w, h, count }) => ({ w, h, count })), sheetIn: [...sheetIn] });
  const each = pieces.flatMap((p) => Array.from({ length: p.count }, () => p));
  const [w, h] = sheetIn;
  const laid =
    outcome.ok && each.length <= MOST_DRAWN
      ? layOut(
          each.map((p) => ({ w: p.w, h: p.h })),
          { w, h },
          GAP_IN,
          outcome.value.sheets,
        )
      : [];
  const sheets = laid.map(({ placed, left }) => ({
    cuts: placed.map(({ of, ...at }) => ({ ...at, name: each[of]!.name })),
    left,
  }));
  return { sheetIn, gauge, outcome, sheets };
}
