import { type ReactNode, useRef } from 'react';
import type { VerdictOf } from '@/core/finding/order';
import { footprint, gateSweep } from '@/core/fit/outdoor/gaps';
import { clearancesOf } from '@/core/fit/outdoor/judge-placement';
import type { Placement } from '@/core/fit/outdoor/placement';
import { Dim, inText, Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { around, type Scale, toScale } from '@/web/bench/sheet/scale';
import { snap, useDrag } from '@/web/bench/sheet/use-drag';
import { VERDICT_HATCH, verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Props = {
  record: Placement;
  verdict: VerdictOf;
  onMove: (x: number, y: number) => void;
  onObstacle: (index: number, to: Pick<Obstacle, 'x0' | 'y0' | 'x1' | 'y1'>) => void;
};
type Obstacle = Placement['obstacles'][number];

/** Plan of the place: house below, unit where it will stand, what each side has and needs. Drag the unit. */
export function PlacementDrawing({ record: p, verdict, onMove, onObstacle }: Props) {
  return (
    <Paper
      id="placement"
      label={say(tell('web.plan-of-outdoor-place'))}
      height={(w) => Math.max(320, Math.min(430, w * 0.62))}
    >
      {(width, height) => (
        <Plan p={p} verdict={verdict} width={width} height={height} onMove={onMove} onObstacle={onObstacle} />
      )}
    </Paper>
  );
}

const upright = (o: Placement['obstacles'][number]): boolean => Math.abs(o.y1 - o.y0) > Math.abs(o.x1 - o.x0);

function Plan({
  p,
  verdict,
  width,
  height,
  onMove,
  onObstacle,
}: {
  p: Placement;
  verdict: VerdictOf;
  width: number;
  height: number;
  onMove: Props['onMove'];
  onObstacle: Props['onObstacle'];
}) {
  const u = footprint(p);
  const sides = clearancesOf(p);
  const reach = 26;
  const bounds = around([
    { x: u.x0 - reach, y: Math.min(u.y0, -6) },
    { x: u.x1 + reach, y: u.y1 + reach },
    ...p.obstacles.flatMap((o) => [
      { x: Math.max(o.x0, u.x0 - 70), y: o.y0 - 4 },
      { x: Math.min(o.x1, u.x1 + 70), y: o.y1 + 4 },
    ]),
    ...p.gates.flatMap(gateSweep),
    ...(p.oldPad
      ? [
          { x: p.oldPad.x0, y: p.oldPad.y0 },
          { x: p.oldPad.x1, y: p.oldPad.y1 },
        ]
      : []),
  ]);
  const s = toScale(bounds, width, height, { left: 16, right: 16, top: 22, bottom: 22 });
  return (
    <g>
      {p.oldPad ? (
        <rect
          x={s.x(p.oldPad.x0)}
          y={s.y(p.oldPad.y1)}
          width={(p.oldPad.x1 - p.oldPad.x0) * s.perInch}
          height={(p.oldPad.y1 - p.oldPad.y0) * s.perInch}
          fill="none"
          stroke="var(--ink2)"
          strokeDasharray="5 4"
        />
      ) : null}
      {p.obstacles.map((o, i) => (
        <Movable key={o.id} o={o} perInch={s.perInch} onMove={(to) => onObstacle(i, to)}>
          <line x1={s.x(o.x0)} y1={s.y(o.y0)} x2={s.x(o.x1)} y2={s.y(o.y1)} stroke="transparent" strokeWidth={28} />
          <line
            x1={s.x(o.x0)}
            y1={s.y(o.y0)}
            x2={s.x(o.x1)}
            y2={s.y(o.y1)}
            stroke="var(--ink)"
            strokeWidth={o.kind === 'wall' ? 9 : 4}
            strokeDasharray={o.kind === 'fence' ? '10 3' : o.kind === 'plant' ? '2 5' : undefined}
            strokeLinecap={o.kind === 'plant' ? 'round' : 'butt'}
          />
          <Label
            x={upright(o) ? s.x(o.x0) - 8 : s.x((Math.max(o.x0, bounds.x0) + Math.min(o.x1, bounds.x1)) / 2)}
            y={upright(o) ? s.y(o.y0 + (o.y1 - o.y0) * 0.72) : s.y((o.y0 + o.y1) / 2) + (o.kind === 'wall' ? 18 : -8)}
            anchor={upright(o) ? 'end' : 'middle'}
            size={12.5}
            tone="var(--ink2)"
          >
            {o.label}
          </Label>
        </Movable>
      ))}
      {p.gates.map((g) => (
        <g key={g.id}>
          <path
            d={`M${gateSweep(g)
              .map((q) => `${s.x(q.x)} ${s.y(q.y)}`)
              .join('L')}`}
            fill="url(#placement-ochre)"
            stroke="var(--ochre)"
            strokeWidth={1.5}
          />
          <Label x={s.x(g.hingeXIn)} y={s.y(g.hingeYIn) - 8} size={12.5} tone="var(--ochre)">
            {g.label}
          </Label>
        </g>
      ))}
      {sides.map((side) => {
        if (side.requiredIn === null) return null;
        const need = side.requiredIn;
        const box =
          side.compass === 'north'
            ? { x: u.x0, y: u.y1 + need, w: u.x1 - u.x0, h: need }
            : side.compass === 'south'
              ? { x: u.x0, y: u.y0, w: u.x1 - u.x0, h: need }
              : side.compass === 'east'
                ? { x: u.x1, y: u.y1, w: need, h: u.y1 - u.y0 }
                : { x: u.x0 - need, y: u.y1, w: need, h: u.y1 - u.y0 };
        const found = verdict(side.check.id);
        return (
          <rect
            key={side.compass}
            x={s.x(box.x)}
            y={s.y(box.y)}
            width={box.w * s.perInch}
            height={box.h * s.perInch}
            fill={`url(#placement-${VERDICT_HATCH[found]})`}
            stroke={verdictColour(found)}
            strokeWidth={1}
          />
        );
      })}
      <Unit p={p} s={s} onMove={onMove} />
      {sides.map((side) => {
        const mid = { x: (u.x0 + u.x1) / 2, y: (u.y0 + u.y1) / 2 };
        if (side.availableIn === undefined) return null;
        const along = side.compass === 'north' || side.compass === 'south';
        const face = { north: u.y1, south: u.y0, east: u.x1, west: u.x0 }[side.compass];
        const away =
          face + (side.compass === 'north' || side.compass === 'east' ? side.availableIn : -side.availableIn);
        const line = along
          ? { x1: s.x(mid.x), y1: s.y(face), x2: s.x(mid.x), y2: s.y(away) }
          : { x1: s.x(face), y1: s.y(mid.y), x2: s.x(away), y2: s.y(mid.y) };
        return <Dim key={side.compass} {...line} label={inText(side.availableIn)} verdict={verdict(side.check.id)} />;
      })}
      <Label x={width - 6} y={16} anchor="end" size={12.5} tone="var(--ink2)">
        {say(tell('web.plan-to-scale-drag-unit-or'))}
      </Label>
    </g>
  );
}

/** A wall, fence or plant that is dragged as a whole; the house stays where it is. */
function Movable({
  o,
  perInch,
  onMove,
  children,
}: {
  o: Obstacle;
  perInch: number;
  onMove: (to: Pick<Obstacle, 'x0' | 'y0' | 'x1' | 'y1'>) => void;
  children: ReactNode;
}) {
  const start = useRef(o);
  const drag = useDrag(perInch, true, (by) => {
    const from = start.current;
    const [dx, dy] = [snap(by.x), snap(by.y)];
    onMove({ x0: from.x0 + dx, x1: from.x1 + dx, y0: from.y0 + dy, y1: from.y1 + dy });
  });
  if (o.id === 'house') return <g>{children}</g>;
  return (
    <g
      {...drag}
      onPointerDown={(e) => {
        start.current = o;
        drag.onPointerDown(e);
      }}
      className="cursor-move touch-none"
      data-testid={`obstacle-${o.id}`}
    >
      {children}
    </g>
  );
}

function Unit({ p, s, onMove }: { p: Placement; s: Scale; onMove: Props['onMove'] }) {
  const start = useRef({ x: p.xIn, y: p.yIn });
  const drag = useDrag(s.perInch, true, (by) => onMove(snap(start.current.x + by.x), snap(start.current.y + by.y)));
  const u = footprint(p);
  const w = (u.x1 - u.x0) * s.perInch;
  const h = (u.y1 - u.y0) * s.perInch;
  const x = s.x(u.x0);
  const y = s.y(u.y1);
  const front = {
    north: [x, y, x + w, y],
    south: [x, y + h, x + w, y + h],
    east: [x + w, y, x + w, y + h],
    west: [x, y, x, y + h],
  }[p.front];
  return (
    <g
      {...drag}
      onPointerDown={(e) => {
        start.current = { x: p.xIn, y: p.yIn };
        drag.onPointerDown(e);
      }}
      className="cursor-move touch-none"
      data-testid="placement-unit"
    >
      <rect x={x} y={y} width={w} height={h} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2.5} />
      {p.unit.discharge === 'up' ? (
        <circle
          cx={x + w / 2}
          cy={y + h / 2}
          r={Math.min(w, h) * 0.36}
          fill="none"
          stroke="var(--ink2)"
          strokeWidth={1.5}
        />
      ) : null}
      <line x1={front[0]} y1={front[1]} x2={front[2]} y2={front[3]} stroke="var(--copper)" strokeWidth={6} />
      <Label x={x + w / 2} y={y + h / 2 + 5} bold>
        {`${inText(p.unit.widthIn)} × ${inText(p.unit.depthIn)}`}
      </Label>
    </g>
  );
}
