import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitsSheet, type Piece } from './guillotine';
import { layOut, type Offcut, type SheetLayout } from './layout';
import { nest } from './nest';

const SHEET = { w: 48, h: 96 };
const GAP_IN = 0.125;
const sheetsOf = (pieces: readonly Piece[]): number => {
  const counted = nest({ pieces: pieces.map((p) => ({ ...p, count: 1 })), sheetIn: [48, 96], gapIn: GAP_IN });
  return counted.ok ? counted.value.sheets : Number.NaN;
};
const apart = (a: Offcut, b: Offcut, gap: number): boolean =>
  a.x + a.w + gap <= b.x + 1e-6 ||
  b.x + b.w + gap <= a.x + 1e-6 ||
  a.y + a.h + gap <= b.y + 1e-6 ||
  b.y + b.h + gap <= a.y + 1e-6;
const inside = (r: Offcut): boolean =>
  r.x >= 0 && r.y >= 0 && r.x + r.w <= SHEET.w + 1e-6 && r.y + r.h <= SHEET.h + 1e-6;
const area = (rs: readonly Piece[]): number => rs.reduce((sum, r) => sum + r.w * r.h, 0);

function sound(laid: readonly SheetLayout[], pieces: readonly Piece[]): void {
  expect(laid.flatMap((s) => s.placed.map((p) => p.of)).sort((a, b) => a - b)).toEqual(pieces.map((_, i) => i));
  for (const { placed, left } of laid) {
    for (const p of placed) {
      const asked = pieces[p.of]!;
      expect([p.w, p.h].sort((a, b) => a - b)).toEqual([asked.w, asked.h].sort((a, b) => a - b));
      expect(inside(p)).toBe(true);
    }
    for (const l of left) expect(inside(l)).toBe(true);
    placed.forEach((a, i) => {
      for (const b of placed.slice(i + 1)) expect(apart(a, b, GAP_IN)).toBe(true);
      for (const l of left) expect(apart(a, l, 0)).toBe(true);
    });
    expect(area(placed) + area(left)).toBeLessThanOrEqual(SHEET.w * SHEET.h + 1e-6);
  }
}

describe('where pieces lie on their sheets', () => {
  it('each once, whole, inside, apart by the gap; what is left lies beside them (random pieces)', () => {
    const piece = fc.record({ w: fc.integer({ min: 1, max: 48 }), h: fc.integer({ min: 1, max: 96 }) });
    fc.assert(
      fc.property(fc.array(piece, { minLength: 1, maxLength: 14 }), (pieces) => {
        fc.pre(pieces.every((p) => fitsSheet(p, SHEET)));
        sound(layOut(pieces, SHEET, GAP_IN, 1), pieces);
      }),
    );
  });
  it.each([
    ['five of 22 by 40', Array.from({ length: 5 }, () => ({ w: 22, h: 40 }))],
    [
      'a whole sheet and a small piece',
      [
        { w: 96, h: 48 },
        { w: 4, h: 4 },
      ],
    ],
    [
      'four that fill a sheet without a gap between rows of two',
      Array.from({ length: 4 }, () => ({ w: 23.9375, h: 47.9375 })),
    ],
    [
      'turned to fit',
      [
        { w: 90, h: 20 },
        { w: 90, h: 27 },
      ],
    ],
  ])('%s: as few sheets as were proved', (_, pieces) => {
    const laid = layOut(pieces, SHEET, GAP_IN, sheetsOf(pieces));
    sound(laid, pieces);
    expect(laid).toHaveLength(sheetsOf(pieces));
  });
  it('the gap is lost between pieces, not along the edge', () => {
    const two = [
      { w: 48, h: 47.9375 },
      { w: 48, h: 47.9375 },
    ];
    expect(layOut(two, SHEET, 0.125, 1)).toHaveLength(1);
    expect(layOut(two, SHEET, 0.13, 1)).toHaveLength(2);
    expect(layOut(two, SHEET, 0.125, 1)[0]!.left).toEqual([]);
  });
  it('is the same each time', () => {
    const many = Array.from({ length: 20 }, (_, i) => ({ w: 5 + (i % 7) * 3, h: 9 + (i % 5) * 4 }));
    expect(layOut(many, SHEET, GAP_IN, 1)).toEqual(layOut(many, SHEET, GAP_IN, 1));
  });
});
