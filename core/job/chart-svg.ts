import type { Bound, Chart, Curve, Ladder, Lines } from '@/core/job/chart';
import type { Label } from '@/core/words/said';

type Speak = (said: Label) => string;
const WIDE = 360;
const HIGH = 236;
const LEFT = 46;
const RIGHT = 8;
const TOP = 14;
const FOOT = 22;
const INK = '#1b2928';
const SOFT = '#5d6763';
const RULE = '#e4dcc9';
const GREEN = '#1b6b51';
const COPPER = '#a84e2a';
const DASHED = `stroke="${SOFT}" stroke-width="1.5" stroke-dasharray="5 4"`;
/** About so many rules across a chart. */
const RULES = 6;
const LETTERS = 11;

const n = (v: number): string => String(Number(v.toFixed(1)));
const escaped = (s: string): string =>
  s.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);
const text = (x: number, y: number, said: string, look = ''): string =>
  `<text x="${n(x)}" y="${n(y)}" ${look}>${escaped(said)}</text>`;
const line = (x1: number, y1: number, x2: number, y2: number, look: string): string =>
  `<path d="M${n(x1)} ${n(y1)}L${n(x2)} ${n(y2)}" fill="none" ${look}/>`;
const framed = (parts: readonly string[]): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDE}" height="${HIGH}" viewBox="0 0 ${WIDE} ${HIGH}" font-family="Archivo, Roboto, sans-serif" font-size="${LETTERS}">${parts.join('')}</svg>`;

/** A chart of the report as SVG, in the words of its reader. */
export const chartSvg = (chart: Chart, speak: Speak): string =>
  chart.kind === 'curve'
    ? curveSvg(chart, speak)
    : chart.kind === 'lines'
      ? linesSvg(chart, speak)
      : ladderSvg(chart, speak);

/** A step of 1, 2 or 5 times a power of ten that cuts a span into about so many parts. */
function stepOf(span: number): number {
  const raw = Math.max(span, 1e-9) / RULES;
  const ten = 10 ** Math.floor(Math.log10(raw));
  return [1, 2, 5, 10].map((f) => f * ten).find((s) => s >= raw)!;
}

type Plane = { x: (min: number) => number; y: (v: number) => number; rules: string[] };

/** Minutes across from `from` to `to`, values up so that all of these have room; the rules and words of both. */
function planeOf(
  values: readonly number[],
  { from, to, top = TOP }: { from: number; to: number; top?: number },
  log: boolean,
): Plane {
  const up = (v: number): number => (log ? Math.log10(Math.max(v, 1)) : v);
  const all = values.map(up);
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const step = log ? 1 : stepOf(most - least || Math.abs(most) || 1);
  const low = log ? Math.floor(least) : Math.floor(least / step) * step - (least === most ? step : 0);
  const high = log ? Math.max(low + 1, Math.ceil(most)) : Math.ceil(most / step) * step + (least === most ? step : 0);
  const x = (min: number): number => LEFT + ((min - from) / (to - from)) * (WIDE - LEFT - RIGHT);
  const y = (v: number): number => HIGH - FOOT - ((up(v) - low) / (high - low)) * (HIGH - FOOT - top);
  const rules: number[] = [];
  for (let v = low; v <= high + step / 2; v += step) rules.push(log ? 10 ** v : v);
  const minutes = stepOf(to - from) || 1;
  const ticks: number[] = [];
  for (let t = Math.ceil(from / minutes) * minutes; t <= to + 1e-9; t += minutes) ticks.push(t);
  return {
    x,
    y,
    rules: [
      ...rules.map(
        (v) =>
          line(LEFT, y(v), WIDE - RIGHT, y(v), `stroke="${RULE}"`) +
          text(
            LEFT - 5,
            y(v) + 4,
            v.toLocaleString('en-US', { maximumFractionDigits: 1 }),
            `text-anchor="end" fill="${SOFT}"`,
          ),
      ),
      ...ticks.map((t) => text(x(t), HIGH - 6, `${Number(t.toFixed(1))} min`, `text-anchor="middle" fill="${SOFT}"`)),
    ],
  };
}

const boundLine = ({ y }: Plane, b: Bound, speak: Speak): string =>
  line(LEFT, y(b.at), WIDE - RIGHT, y(b.at), `stroke="${GREEN}" stroke-width="1.5"`) +
  text(WIDE - RIGHT, y(b.at) - 4, speak(b.say), `text-anchor="end" fill="${GREEN}"`);

const pathOf = ({ x, y }: Plane, points: readonly (readonly [number, number])[]): string =>
  `M${points.map(([m, v]) => `${n(x(m))} ${n(y(v))}`).join('L')}`;

function curveSvg({ scale, points, bounds, last }: Curve, speak: Speak): string {
  const to = Math.max(...points.map((p) => p[0]), 1);
  const plane = planeOf([...points.map((p) => p[1]), ...bounds.map((b) => b.at)], { from: 0, to }, scale === 'log');
  const [lx, ly] = points.at(-1)!;
  return framed([
    ...plane.rules,
    ...bounds.map((b) => boundLine(plane, b, speak)),
    `<path d="${pathOf(plane, points)}" fill="none" stroke="${INK}" stroke-width="2"/>`,
    text(plane.x(lx), plane.y(ly) + 15, speak(last), `text-anchor="end" font-weight="bold" fill="${INK}"`),
  ]);
}

/** Told apart without color too. */
const STROKES = [`stroke="${INK}" stroke-width="2"`, `stroke="${COPPER}" stroke-width="2"`, DASHED];
/** A word of the legend begins so far right of its piece of line; a letter of it takes about so much, and a row so high. */
const SAMPLE = 18;
const LETTER = 5.4;
const ROW = 13;
/** The figure of the topmost rule stands half over it. */
const TICK_HIGH = 6;

/** Where each word of a legend stands: beside each other while there is room, else in the next row. */
function legendOf(words: readonly string[]): { x: number; row: number; word: string }[] {
  let x = RIGHT;
  let row = 0;
  return words.map((word) => {
    const wide = SAMPLE + word.length * LETTER;
    if (x > RIGHT && x + wide > WIDE) {
      x = RIGHT;
      row += 1;
    }
    const at = { x, row, word };
    x += wide + RIGHT;
    return at;
  });
}

function linesSvg({ lines, bounds, band }: Lines, speak: Speak): string {
  const points = lines.flatMap((l) => l.pieces.flat());
  const minutes = points.map((p) => p[0]);
  const from = Math.min(...minutes);
  const to = Math.max(from + 1, ...minutes);
  const wanted = [...bounds.map((b) => b.at), ...(band ? [band.low, band.high] : [])];
  const legend = legendOf(lines.map((l) => speak(l.say)));
  const rows = legend.at(-1)?.row ?? 0;
  const top = TOP + TICK_HIGH + rows * (ROW + 4);
  const plane = planeOf([...points.map((p) => p[1]), ...wanted], { from, to, top }, false);
  return framed([
    ...plane.rules,
    band
      ? `<rect x="${LEFT}" width="${WIDE - LEFT - RIGHT}" y="${n(plane.y(band.high))}" height="${n(Math.max(1, plane.y(band.low) - plane.y(band.high)))}" fill="${GREEN}" opacity="0.16"/>` +
        text(WIDE - RIGHT, plane.y(band.high) - 4, speak(band.say), `text-anchor="end" fill="${GREEN}"`)
      : '',
    ...bounds.map((b) => boundLine(plane, b, speak)),
    ...lines.map(
      (l, i) =>
        `<path d="${l.pieces.map((p) => pathOf(plane, p)).join('')}" fill="none" stroke-linejoin="round" ${STROKES[i % STROKES.length]}/>`,
    ),
    ...legend.map(({ x, row, word }, i) => {
      const foot = TOP - 5 + row * ROW;
      return (
        line(x, foot - 4, x + SAMPLE - 4, foot - 4, STROKES[i % STROKES.length]!) +
        text(x + SAMPLE, foot, word, `fill="${INK}" font-size="10"`)
      );
    }),
  ]);
}

function ladderSvg({ rungs }: Ladder, speak: Speak): string {
  const values = rungs.flatMap((r) => [r.at, r.low ?? r.at, r.high ?? r.at]);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const step = stepOf(most - least || 1);
  const low = Math.floor(least / step) * step - step / 2;
  const high = Math.ceil(most / step) * step + step / 2;
  const y = (v: number): number => HIGH - FOOT - ((v - low) / (high - low)) * (HIGH - FOOT - TOP);
  const rules: number[] = [];
  for (let v = Math.ceil(low / step) * step; v <= high; v += step) rules.push(v);
  const wide = (WIDE - LEFT - RIGHT) / rungs.length;
  return framed([
    ...rules.map(
      (v) =>
        line(LEFT, y(v), WIDE - RIGHT, y(v), `stroke="${RULE}"`) +
        text(LEFT - 5, y(v) + 4, String(Number(v.toFixed(1))), `text-anchor="end" fill="${SOFT}"`),
    ),
    ...rungs.map((r, i) => {
      const from = LEFT + i * wide + 4;
      const to = from + wide - 8;
      const bracket =
        r.low === undefined || r.high === undefined
          ? ''
          : `<path d="M${n(from + 4)} ${n(y(r.high))}H${n(from - 2)}V${n(y(r.low))}H${n(from + 4)}M${n(to - 4)} ${n(y(r.high))}H${n(to + 2)}V${n(y(r.low))}H${n(to - 4)}" fill="none" stroke="${GREEN}" stroke-width="1.5"/>`;
      return [
        bracket,
        line(
          from,
          y(r.at),
          to,
          y(r.at),
          `stroke="${INK}" stroke-width="${r.computed ? 2 : 5}"${r.computed ? ' stroke-dasharray="6 4"' : ''}`,
        ),
        text((from + to) / 2, y(r.at) - 6, r.at.toFixed(1), `text-anchor="middle" font-weight="bold" fill="${INK}"`),
        text((from + to) / 2, HIGH - 6, speak(r.say), `text-anchor="middle" fill="${SOFT}" font-size="10"`),
      ].join('');
    }),
  ]);
}
