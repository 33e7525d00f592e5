export type Bounds = { x0: number; y0: number; x1: number; y1: number };
export type Scale = {
  x: (inches: number) => number;
  y: (inches: number) => number;
  perInch: number;
  toIn: (px: number, py: number) => { x: number; y: number };
};

export function around(points: readonly { x: number; y: number }[]): Bounds {
  return {
    x0: Math.min(...points.map((p) => p.x)),
    y0: Math.min(...points.map((p) => p.y)),
    x1: Math.max(...points.map((p) => p.x)),
    y1: Math.max(...points.map((p) => p.y)),
  };
}

/** One scale for both directions, the drawing centred; inches upward unless told otherwise. */
export function toScale(
  bounds: Bounds,
  width: number,
  height: number,
  pad: { left: number; right: number; top: number; bottom: number },
  up = true,
): Scale {
  const w = Math.max(1, bounds.x1 - bounds.x0);
  const h = Math.max(1, bounds.y1 - bounds.y0);
  const roomX = Math.max(1, width - pad.left - pad.right);
  const roomY = Math.max(1, height - pad.top - pad.bottom);
  const k = Math.min(roomX / w, roomY / h);
  const left = pad.left + (roomX - k * w) / 2;
  const top = pad.top + (roomY - k * h) / 2;
  return {
    perInch: k,
    x: (v) => left + (v - bounds.x0) * k,
    y: (v) => (up ? top + (bounds.y1 - v) * k : top + (v - bounds.y0) * k),
    toIn: (px, py) => ({
      x: bounds.x0 + (px - left) / k,
      y: up ? bounds.y1 - (py - top) / k : bounds.y0 + (py - top) / k,
    }),
  };
}
