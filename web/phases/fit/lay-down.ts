import type { Stack } from '@/core/fit/stack/stack';
import type { Bounds } from '@/web/bench/sheet/scale';
import type { Aside, Point, Shape } from '@/web/bench/sheet/shapes';

export const lies = ({ flow }: Pick<Stack, 'flow'>): boolean => flow === 'left' || flow === 'right';

/** Turns an upright drawing onto its side: what was up goes to where the air leaves. */
export function layDown(flow: Stack['flow'], shapes: readonly Shape[]): Shape[] {
  const to = flow === 'left' ? -1 : 1;
  const turn = ([x, y]: Point): Point => [to * y, x];
  const turnAside = ([right, down]: Aside): Aside => [-to * down, -right];
  return shapes.map((s): Shape => {
    switch (s.is) {
      case 'line':
        return { ...s, points: s.points.map(turn) };
      case 'dim':
        return {
          ...s,
          from: turn(s.from),
          to: turn(s.to),
          ...(s.aside ? { aside: turnAside(s.aside) } : {}),
        };
      case 'word':
        return { ...s, at: turn(s.at), ...(s.aside ? { aside: turnAside(s.aside) } : {}) };
      default:
        return { ...s, at: turn(s.at) };
    }
  });
}

export function frameLaid(flow: Stack['flow'], { x0, x1, y0, y1 }: Bounds): Bounds {
  return flow === 'left' ? { x0: -y1, x1: -y0, y0: x0, y1: x1 } : { x0: y0, x1: y1, y0: x0, y1: x1 };
}
