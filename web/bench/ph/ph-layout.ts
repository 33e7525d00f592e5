import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { CYCLE_CORNERS, type CyclePoints, isotherm, type PhPoint, saturationDome } from '@/core/startup/cycle-points';

/** The drawn sheet: paths in pixels, ticks in the units a crew reads. */
export type PhSheetLayout = {
  width: number;
  height: number;
  plot: { x0: number; y0: number; x1: number; y1: number };
  /** Liquid line and vapor line; they meet above the sheet. */
  dome: [string, string];
  /** A label stands where there is room for it. */
  isotherms: { f: number; path: string; labelX: number | undefined }[];
  pressures: { psig: number; y: number }[];
  enthalpies: { btuLb: number; x: number }[];
  now: Cycle;
  before: Cycle | undefined;
};
export type Cycle = { path: string; corners: { name: (typeof CYCLE_CORNERS)[number]; x: number; y: number }[] };

const MARGIN = { left: 52, right: 14, top: 14, bottom: 34 };
const ISOTHERMS_F = [0, 40, 80, 120, 160, 200];
const PSIG_TICKS = [0, 25, 50, 75, 100, 150, 200, 300, 400, 500, 600];
/** Room above the high side and below the low side, as a factor of absolute pressure; beside the cycle, Btu/lb. */
const ABOVE = 1.45;
const BELOW = 0.62;
const BESIDE = 12;
const LEAST_TICK_PX = 26;
const LABEL_PX = 30;

export function layoutPh(
  r: Refrigerant,
  size: { width: number; height: number },
  now: CyclePoints,
  before: CyclePoints | undefined,
  barometerPsia: number,
): PhSheetLayout {
  const cycles = before ? [now, before] : [now];
  const corners = cycles.flatMap((c) => CYCLE_CORNERS.map((k) => c[k]));
  const high = Math.max(...corners.map((p) => p.psia)) * ABOVE;
  const low = Math.min(...corners.map((p) => p.psia)) * BELOW;
  const { liquid, vapour } = saturationDome(r, 2.5);
  const within = (p: PhPoint): boolean => p.psia >= low && p.psia <= high;
  const seen = [...corners, ...liquid.filter(within), ...vapour.filter(within)].map((p) => p.btuLb);
  const left = Math.min(...seen) - BESIDE;
  const right = Math.max(...seen) + BESIDE;
  const plot = { x0: MARGIN.left, y0: MARGIN.top, x1: size.width - MARGIN.right, y1: size.height - MARGIN.bottom };
  const x = (btuLb: number): number => plot.x0 + ((btuLb - left) / (right - left)) * (plot.x1 - plot.x0);
  const y = (psia: number): number => plot.y1 - (Math.log(psia / low) / Math.log(high / low)) * (plot.y1 - plot.y0);
  const path = (points: readonly PhPoint[], close = false): string =>
    points.map((p, i) => `${i ? 'L' : 'M'}${x(p.btuLb).toFixed(1)} ${y(p.psia).toFixed(1)}`).join('') +
    (close ? 'Z' : '');
  const drawn = (c: CyclePoints): Cycle => ({
    path: path(
      CYCLE_CORNERS.map((k) => c[k]),
      true,
    ),
    corners: CYCLE_CORNERS.map((name) => ({ name, x: x(c[name].btuLb), y: y(c[name].psia) })),
  });
  const isotherms: PhSheetLayout['isotherms'] = [];
  for (const f of ISOTHERMS_F) {
    const points = isotherm(r, f, low, high).filter(within);
    const end = points.at(-1);
    if (points.length < 2 || !end || end.btuLb < left) continue;
    const at = x(end.btuLb) + 3;
    const last = isotherms.findLast((i) => i.labelX !== undefined)?.labelX ?? Number.NEGATIVE_INFINITY;
    const fits = at + LABEL_PX <= plot.x1 && at - last >= LABEL_PX;
    isotherms.push({ f, path: path(points), labelX: fits ? at : undefined });
  }
  const pressures: PhSheetLayout['pressures'] = [];
  for (const psig of PSIG_TICKS) {
    const psia = psig + barometerPsia;
    if (psia < low || psia > high) continue;
    const last = pressures.at(-1);
    if (!last || last.y - y(psia) >= LEAST_TICK_PX) pressures.push({ psig, y: y(psia) });
  }
  const step = right - left > 120 ? 40 : 20;
  const enthalpies = [];
  for (let h = Math.ceil(left / step) * step; h <= right; h += step) enthalpies.push({ btuLb: h, x: x(h) });
  return {
    ...size,
    plot,
    dome: [path(liquid.filter(within)), path(vapour.filter(within))],
    isotherms,
    pressures,
    enthalpies,
    now: drawn(now),
    before: before && drawn(before),
  };
}
