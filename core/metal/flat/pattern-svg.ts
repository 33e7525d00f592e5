import { boxOf, type Piece, type Point } from './piece';
import { tapeOf } from './tape';

/** What is written on a pattern besides its lines, in the reader's language. */
export type PatternText = { title: string; warning: string; piece: (id: string) => string };

/** Room between pieces and around them, in. */
const GAP_IN = 2;
/** The bar that shows whether a print is to scale, in. */
export const CHECK_BAR_IN = 10;
/** So many letters go across a drawing; one is about so wide by its size. */
const LETTERS_ACROSS = 46;
const LETTER_WIDE = 0.56;
/** Room for the title above and for bar and warning below, in. */
const HEAD_IN = 3;
const FOOT_IN = 4;
const DIGITS = 3;

const n = (v: number): string => String(Number(v.toFixed(DIGITS)));
const escaped = (s: string): string =>
  s.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

/** About so much wider than high is the drawing of several pieces: a page lying on its side. */
const WIDER = 1.6;

/** Where each piece's own origin lies when they are set out in rows, y upward; the room they take. */
export function setOut(
  pieces: readonly Piece[],
  gapIn = GAP_IN,
): { starts: Point[]; widthIn: number; heightIn: number } {
  const boxes = pieces.map((p) => boxOf(p.cut));
  const area = boxes.reduce((sum, b) => sum + (b.widthIn + gapIn) * (b.heightIn + gapIn), 0);
  const most = Math.max(...boxes.map((b) => b.widthIn), WIDER * Math.sqrt(area / WIDER));
  const rows: { ids: number[]; widthIn: number; heightIn: number }[] = [];
  for (const [i, b] of boxes.entries()) {
    const row = rows.at(-1);
    if (row && row.widthIn + gapIn + b.widthIn <= most) {
      row.ids.push(i);
      row.widthIn += gapIn + b.widthIn;
      row.heightIn = Math.max(row.heightIn, b.heightIn);
    } else rows.push({ ids: [i], widthIn: b.widthIn, heightIn: b.heightIn });
  }
  const heightIn = rows.reduce((sum, r) => sum + r.heightIn + gapIn, gapIn);
  const starts: Point[] = [];
  let y = heightIn;
  for (const row of rows) {
    y -= gapIn + row.heightIn;
    let x = gapIn;
    for (const i of row.ids) {
      starts[i] = [x - boxes[i]!.left, y - boxes[i]!.low];
      x += boxes[i]!.widthIn + gapIn;
    }
  }
  return { starts, widthIn: Math.max(...rows.map((r) => r.widthIn)) + 2 * gapIn, heightIn };
}

/**
 * Flat pieces side by side as SVG, one inch of the drawing an inch of the sheet: cut lines on `CUT`, bends on `BEND_UP` and
 * `BEND_DOWN`, lengths on `TEXT`, what is only marked and a bar of ten inches on `MARK`.
 *
 * @param pieces with their allowances · @param text the words on it
 * @returns an SVG document; its user unit is one inch
 */
export function patternSvg(pieces: readonly Piece[], text: PatternText): string {
  // Read on a page or a screen, not on the sheet: letters grow with the drawing, and their room with them.
  const small = Math.max(setOut(pieces).widthIn, CHECK_BAR_IN) / LETTERS_ACROSS;
  const { starts, widthIn, heightIn } = setOut(pieces, Math.max(GAP_IN, small * 1.7));
  const width = Math.max(widthIn, CHECK_BAR_IN + 2 * GAP_IN);
  const head = Math.max(HEAD_IN, small * 2.2);
  const height = head + heightIn + Math.max(FOOT_IN, small * 2.5);
  const on = (i: number, [x, y]: Point): Point => [starts[i]![0] + x, head + heightIn - starts[i]![1] - y];
  const xy = (p: Point): string => `${n(p[0])} ${n(p[1])}`;
  const each = (of: (p: Piece, i: number) => string): string => pieces.map(of).join('');
  const line = (i: number, a: Point, b: Point): string => `<path d="M${xy(on(i, a))}L${xy(on(i, b))}"/>`;
  const bends = (up: boolean) =>
    each((p, i) =>
      p.bends
        .filter((b) => b.up === up)
        .map((b) => line(i, b.a, b.b))
        .join(''),
    );
  const words = (at: Point, said: string): string => `<text x="${n(at[0])}" y="${n(at[1])}">${escaped(said)}</text>`;
  const fitted = (said: string, size: number): string =>
    ` font-size="${n(Math.min(size, (width - GAP_IN) / (said.length * LETTER_WIDE)))}"`;
  const barY = head + heightIn + 1;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}in" height="${n(height)}in" viewBox="0 0 ${n(width)} ${n(height)}" font-family="Archivo, Roboto, sans-serif" font-size="${n(small)}" text-anchor="middle">`,
    `<g id="CUT" fill="none" stroke="#000" stroke-width="0.1">${each((p, i) => `<path d="M${p.cut.map((c) => xy(on(i, c))).join('L')}Z"/>`)}</g>`,
    `<g id="BEND_UP" fill="none" stroke="#a64f28" stroke-width="0.1" stroke-dasharray="0.6 0.4">${bends(true)}</g>`,
    `<g id="BEND_DOWN" fill="none" stroke="#1b6b51" stroke-width="0.1" stroke-dasharray="0.6 0.4 0.1 0.4">${bends(false)}</g>`,
    `<g id="TEXT" fill="#000">${each((p, i) => p.lengths.map((l) => words(on(i, l.at), tapeOf(l.in))).join(''))}${each(
      (p, i) => {
        const b = boxOf(p.cut);
        return words(on(i, [(b.left + b.right) / 2, b.top + small * 0.3]), text.piece(p.id));
      },
    )}<text x="${n(width / 2)}" y="${n(head * 0.62)}" font-weight="700"${fitted(text.title, small * 1.2)}>${escaped(text.title)}</text><text x="${n(width / 2)}" y="${n(height - 0.6)}"${fitted(text.warning, small)}>${escaped(text.warning)}</text></g>`,
    `<g id="MARK" fill="none" stroke="#000" stroke-width="0.1">${each((p, i) => p.lines.map(([a, b]) => line(i, a, b)).join(''))}${each(
      (p, i) =>
        p.rings
          .map((r) => {
            const [x, y] = on(i, r.at);
            return `<circle cx="${n(x)}" cy="${n(y)}" r="${n(r.diameterIn / 2)}"/>`;
          })
          .join(''),
    )}<path d="M${GAP_IN} ${n(barY)}h${CHECK_BAR_IN}m0 -0.3v0.6M${GAP_IN} ${n(barY - 0.3)}v0.6"/></g>`,
    '</svg>',
  ].join('\n');
}
