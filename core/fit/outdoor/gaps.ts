import type { Rectangle } from '@/core/fit/curb/curb-overlap';
import { tell } from '@/core/fit/words';
import type { Label } from '@/core/words/said';
import type { Placement } from './placement';

export type Compass = 'north' | 'east' | 'south' | 'west';
export type UnitSide = 'front' | 'right' | 'rear' | 'left';
type Point = { x: number; y: number };

const COMPASS: readonly Compass[] = ['north', 'east', 'south', 'west'];
const SIDES: readonly UnitSide[] = ['front', 'right', 'rear', 'left'];
/** The swing of a gate is drawn and checked in this many pieces. */
const ARC_PIECES = 24;

/** The unit on the plan. North is +y, away from the house. */
export function footprint(p: Placement): Rectangle {
  const sideways = p.front === 'east' || p.front === 'west';
  const w = sideways ? p.unit.depthIn : p.unit.widthIn;
  const d = sideways ? p.unit.widthIn : p.unit.depthIn;
  return { x0: p.xIn - w / 2, y0: p.yIn - d / 2, x1: p.xIn + w / 2, y1: p.yIn + d / 2 };
}

/** Which of the unit's own sides looks to a compass direction. */
export function sideTowards(p: Placement, compass: Compass): UnitSide {
  const turned = (COMPASS.indexOf(compass) - COMPASS.indexOf(p.front as Compass) + 4) % 4;
  return SIDES[turned]!;
}

export function gateSweep(g: Placement['gates'][number]): Point[] {
  const at = (deg: number): Point => ({
    x: g.hingeXIn + g.widthIn * Math.cos((deg * Math.PI) / 180),
    y: g.hingeYIn + g.widthIn * Math.sin((deg * Math.PI) / 180),
  });
  const arc = Array.from({ length: ARC_PIECES + 1 }, (_, k) => at(g.closedDeg + (g.swingDeg * k) / ARC_PIECES));
  const hinge = { x: g.hingeXIn, y: g.hingeYIn };
  return [hinge, ...arc, hinge];
}

export type Gap = {
  compass: Compass;
  side: UnitSide;
  availableIn: number | undefined;
  to: Label;
  at: Point | undefined;
};

/** Free distance from each side of the unit to the nearest thing straight before it; undefined: nothing there. */
export function gapsOf(p: Placement): Gap[] {
  const box = footprint(p);
  const things: { label: Label; line: Point[] }[] = [
    ...p.obstacles.map((o) => ({
      label: o.label,
      line: [
        { x: o.x0, y: o.y0 },
        { x: o.x1, y: o.y1 },
      ],
    })),
    ...p.gates.map((g) => ({ label: tell('fit.closed-or-swinging', { label: g.label }), line: gateSweep(g) })),
  ];
  return COMPASS.map((compass) => {
    let best: { d: number; to: Label; at: Point } | undefined;
    for (const { label, line } of things) {
      for (let k = 0; k + 1 < line.length; k++) {
        const found = nearest(box, compass, line[k]!, line[k + 1]!);
        if (found && (!best || found.d < best.d)) best = { d: found.d, to: label, at: found.at };
      }
    }
    return {
      compass,
      side: sideTowards(p, compass),
      availableIn: best?.d,
      to: best?.to ?? tell('fit.nothing-near'),
      at: best?.at,
    };
  });
}

/** Turns the plan so that the side in question looks along +y, clips the segment to the strip before it, measures. */
function nearest(box: Rectangle, compass: Compass, a: Point, b: Point): { d: number; at: Point } | undefined {
  const along = compass === 'north' || compass === 'south';
  const sign = compass === 'north' || compass === 'east' ? 1 : -1;
  const low = along ? box.x0 : box.y0;
  const high = along ? box.x1 : box.y1;
  const face = along ? (sign > 0 ? box.y1 : box.y0) : sign > 0 ? box.x1 : box.x0;
  const depth = along ? box.y1 - box.y0 : box.x1 - box.x0;
  const across = (p: Point): number => (along ? p.x : p.y);
  const out = (p: Point): number => sign * ((along ? p.y : p.x) - face);
  const clipped = clip(a, b, across, low, high);
  if (!clipped) return undefined;
  // Behind the middle of the unit it belongs to another side.
  const points = clipped.filter((p) => out(p) > -depth / 2);
  if (points.length === 0) return undefined;
  const at = points.reduce((best, p) => (out(p) < out(best) ? p : best));
  return { d: out(at), at };
}

function clip(a: Point, b: Point, across: (p: Point) => number, low: number, high: number): [Point, Point] | undefined {
  const ca = across(a);
  const cb = across(b);
  if (Math.max(ca, cb) < low || Math.min(ca, cb) > high) return undefined;
  const span = cb - ca;
  const point = (t: number): Point => ({ x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) });
  if (Math.abs(span) < 1e-9) return [a, b];
  const t0 = Math.max(0, Math.min(1, (low - ca) / span));
  const t1 = Math.max(0, Math.min(1, (high - ca) / span));
  return [point(t0), point(t1)];
}
