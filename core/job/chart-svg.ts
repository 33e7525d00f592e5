import type { Chart, Curve, Ladder } from '@/core/job/chart';
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
  chart.kind === 'curve' ? curveSvg(chart, speak) : ladderSvg(chart, speak);

/** A step of 1, 2 or 5 times a power of ten that cuts a span into about so many parts. */
function stepOf(span: number): number {
  const raw = Math.max(span, 1e-9) / RULES;
  const ten = 10 ** Math.floor(Math.log10(raw));
  return [1, 2, 5, 10].map((f) => f * ten).find((s) => s >= raw)!;
}

function curveSvg({ scale, points, bounds, last }: Curve, speak: Speak): string {
  const log = scale === 'log';
  const up = (v: number): number => (log ? Math.log10(Math.max(v, 1)) : v);
  const values = [...points.map((p) => p[1]), ...bounds.map((b) => b.at)].map(up);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const step = log ? 1 : stepOf(most - least || Math.abs(most) || 1);
  const low = log ? Math.floor(least) : Math.floor(least / step) * step - (least === most ? step : 0);
  const high = log ? Math.max(low + 1, Math.ceil(most)) : Math.ceil(most / step) * step + (least === most ? step : 0);
  const end = Math.max(...points.map((p) => p[0]), 1);
  const x = (min: number): number => LEFT + (min / end) * (WIDE - LEFT - RIGHT);
  const y = (v: number): number => HIGH - FOOT - ((up(v) - low) / (high - low)) * (HIGH - FOOT - TOP);
  const rules: number[] = [];
  for (let v = low; v <= high + step / 2; v += step) rules.push(log ? 10 ** v : v);
  const minutes = stepOf(end) || 1;
  const ticks = Array.from({ length: Math.floor(end / minutes) + 1 }, (_, i) => i * minutes);
  const [lx, ly] = points.at(-1)!;
  return framed([
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
    ...bounds.map(
      (b) =>
        line(LEFT, y(b.at), WIDE - RIGHT, y(b.at), `stroke="${GREEN}" stroke-width="1.5"`) +
        text(WIDE - RIGHT, y(b.at) - 4, speak(b.say), `text-anchor="end" fill="${GREEN}"`),
    ),
    `<path d="M${points.map(([m, v]) => `${n(x(m))} ${n(y(v))}`).join('L')}" fill="none" stroke="${INK}" stroke-width="2"/>`,
    text(x(lx), y(ly) + 15, speak(last), `text-anchor="end" font-weight="bold" fill="${INK}"`),
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
