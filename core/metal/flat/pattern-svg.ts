import { cutOutline, type Panel, type Point } from './panel';

/** What is written on a pattern besides its lines, in the reader's language. */
export type PatternText = { title: string; warning: string; panel: (id: string) => string };

/** Room between panels and around them, in. */
const GAP_IN = 2;
/** The bar that shows whether a print is to scale, in. */
const CHECK_BAR_IN = 10;
const TEXT_IN = 1.3;
/** Room for the title above and for bar and warning below, in. */
const HEAD_IN = 3;
const FOOT_IN = 4;
const COLUMNS = 2;
const DIGITS = 3;

const n = (v: number): string => String(Number(v.toFixed(DIGITS)));
const path = (outline: readonly Point[], x: number, y: number): string =>
  `M${outline.map(([px, py]) => `${n(x + px)} ${n(y - py)}`).join('L')}Z`;
const escaped = (s: string): string =>
  s.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);

/** Length in inches and sixteenths, as a tape is read. */
function tapeOf(inches: number): string {
  const all = Math.round(inches * 16);
  const whole = Math.floor(all / 16);
  let top = all % 16;
  let bottom = 16;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return top ? `${whole || ''}${whole ? ' ' : ''}${top}/${bottom}` : String(whole);
}

/**
 * Flat panels side by side as SVG, one inch of the drawing an inch of the sheet: cut lines on `CUT`, bends (the neat edges) on
 * `BEND_UP`, lengths on `TEXT`, a bar of ten inches on `MARK`.
 *
 * @param panels with their allowances · @param text the words on it
 * @returns an SVG document; its user unit is one inch
 */
export function patternSvg(panels: readonly Panel[], text: PatternText): string {
  const cuts = panels.map((p) => cutOutline(p));
  const boxes = cuts.map((c) => ({
    left: Math.min(...c.map(([x]) => x)),
    right: Math.max(...c.map(([x]) => x)),
    low: Math.min(...c.map(([, y]) => y)),
    top: Math.max(...c.map(([, y]) => y)),
  }));
  const wide = Math.max(...boxes.map((k) => k.right - k.left));
  const high = Math.max(...boxes.map((k) => k.top - k.low));
  const rows = Math.ceil(panels.length / COLUMNS);
  const width = COLUMNS * (wide + GAP_IN) + GAP_IN;
  const height = HEAD_IN + rows * (high + GAP_IN) + FOOT_IN;
  // Where a panel's own origin lies on the drawing.
  const starts = boxes.map(
    (k, i): Point => [
      GAP_IN + (i % COLUMNS) * (wide + GAP_IN) - k.left,
      HEAD_IN + Math.floor(i / COLUMNS) * (high + GAP_IN) + k.top,
    ],
  );
  const words = panels.flatMap((p, i) => {
    const [x, base] = starts[i]!;
    const [a, b, c, d] = p.neat as readonly [Point, Point, Point, Point];
    const line = (px: number, py: number, said: string): string =>
      `<text x="${n(x + px)}" y="${n(base - py)}">${escaped(said)}</text>`;
    return [
      line((a[0] + b[0]) / 2, 0.25, tapeOf(b[0] - a[0])),
      line((c[0] + d[0]) / 2, c[1] - TEXT_IN, tapeOf(c[0] - d[0])),
      line((a[0] + b[0] + c[0] + d[0]) / 4, c[1] / 2 - TEXT_IN / 3, `${text.panel(p.id)}, ${tapeOf(c[1])}`),
    ];
  });
  const barY = height - FOOT_IN + 1;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}in" height="${n(height)}in" viewBox="0 0 ${n(width)} ${n(height)}" font-family="Archivo, sans-serif" font-size="${TEXT_IN}" text-anchor="middle">`,
    `<g id="CUT" fill="none" stroke="#000" stroke-width="0.1">${cuts.map((c, i) => `<path d="${path(c, ...starts[i]!)}"/>`).join('')}</g>`,
    `<g id="BEND_UP" fill="none" stroke="#a64f28" stroke-width="0.1" stroke-dasharray="0.6 0.4">${panels.map((p, i) => `<path d="${path(p.neat, ...starts[i]!)}"/>`).join('')}</g>`,
    `<g id="TEXT" fill="#000">${words.join('')}<text x="${n(width / 2)}" y="${n(TEXT_IN * 1.3)}" font-weight="700">${escaped(text.title)}</text><text x="${n(width / 2)}" y="${n(height - 0.6)}">${escaped(text.warning)}</text></g>`,
    `<g id="MARK" fill="none" stroke="#000" stroke-width="0.1"><path d="M${GAP_IN} ${n(barY)}h${CHECK_BAR_IN}m0 -0.3v0.6M${GAP_IN} ${n(barY - 0.3)}v0.6"/></g>`,
    '</svg>',
  ].join('\n');
}
