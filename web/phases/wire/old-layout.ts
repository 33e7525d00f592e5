/** A wire of an old unit as it was traced: its number, from where to where, how that is known, the coil it feeds. */
export type TracedWire = {
  number: string;
  from: string;
  to: string;
  how: 'traced' | 'inferred' | 'unknown';
  coil: string | null;
};
export type OldLayout = {
  height: number;
  terminals: { name: string; x: number; y: number }[];
  wires: { wire: TracedWire; points: { x: number; y: number }[] }[];
};

const ROW_PX = 40;
const TOP_PX = 26;
/** Room between two wires that bend on the same side, px. */
const LANE_PX = 14;

/**
 * A drawing out of a list of wires: terminals one under the other, those of one device together, each wire bent to the right in a lane
 * of its own so that none lies on another.
 */
export function oldLayout(wires: readonly TracedWire[], width: number): OldLayout {
  const names = [...new Set(wires.flatMap((w) => [w.from.trim(), w.to.trim()]))].sort((a, b) =>
    a.localeCompare(b, 'en', { numeric: true }),
  );
  const x = Math.min(170, width * 0.42);
  const y = (name: string): number => TOP_PX + names.indexOf(name.trim()) * ROW_PX;
  const lanes: number[][] = [];
  const drawn = [...wires]
    .sort((a, b) => Math.abs(y(a.from) - y(a.to)) - Math.abs(y(b.from) - y(b.to)))
    .map((wire) => {
      const [top, bottom] = [Math.min(y(wire.from), y(wire.to)), Math.max(y(wire.from), y(wire.to))];
      const free = lanes.findIndex((taken) => taken.every((t, i) => i % 2 === 1 || bottom < t || top > taken[i + 1]!));
      const lane = free === -1 ? lanes.push([]) - 1 : free;
      lanes[lane]!.push(top, bottom);
      const bend = x + 40 + lane * LANE_PX;
      return {
        wire,
        points: [
          { x, y: y(wire.from) },
          { x: bend, y: y(wire.from) },
          { x: bend, y: y(wire.to) },
          { x, y: y(wire.to) },
        ],
      };
    });
  return {
    height: TOP_PX + names.length * ROW_PX,
    terminals: names.map((name) => ({ name, x, y: y(name) })),
    wires: drawn,
  };
}
