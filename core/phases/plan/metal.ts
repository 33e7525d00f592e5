import type { Outcome } from '@/core/finding/outcome';
import type { JobSheet } from '@/core/job/sheet';
import { type Drawn, drawPart, type ShopFigures, shopFigures } from '@/core/metal/flat/part';
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
export type Nested = { sheetIn: readonly [number, number]; gauge: Gauge; outcome: Outcome<NestAnswer> };
type NestAnswer = { sheets: number; utilisationPct: number; exact: boolean };

/** All pieces of each gauge on each size of sheet: how many it takes and how much of them is used. */
export function nested(parts: readonly DrawnPart[]): Nested[] {
  const gauges = [...new Set(parts.map((p) => p.gauge))];
  return gauges.flatMap((gauge) => {
    const pieces = parts
      .filter((p) => p.gauge === gauge)
      .flatMap((p) => (p.shop?.rectangles ?? []).map((r) => ({ ...r, count: p.part.body.count })));
    return pieces.length === 0
      ? []
      : SHEETS_IN.map((sheetIn) => ({ sheetIn, gauge, outcome: nest({ pieces, sheetIn: [...sheetIn] }) }));
  });
}
