import { useRef } from 'react';
import type { VerdictOf } from '@/core/finding/order';
import { closingWords } from '@/core/fit/stack/judge-stack';
import { newStackIn, type Stack, stackEnds } from '@/core/fit/stack/stack';
import { Dim, inText, Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { toScale } from '@/web/bench/sheet/scale';
import { snap, useDrag } from '@/web/bench/sheet/use-drag';
import { VERDICT_HATCH, verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** Elevation: the old equipment beside the new one, between the plenum and the return that stay. */
export function StackDrawing({
  record,
  verdict,
  onRaise,
}: {
  record: Stack;
  verdict: VerdictOf;
  onRaise: (raiseIn: number) => void;
}) {
  return (
    <Paper
      id="stack"
      label={say(tell('web.old-and-new-equipment-between-plenum'))}
      height={(w) => Math.max(400, Math.min(470, w * 0.64))}
    >
      {(width, height) => <Elevation s={record} verdict={verdict} width={width} height={height} onRaise={onRaise} />}
    </Paper>
  );
}

const PLENUM_SHOWN = 14;

function Elevation({
  s: stack,
  verdict,
  width,
  height,
  onRaise,
}: {
  s: Stack;
  verdict: VerdictOf;
  width: number;
  height: number;
  onRaise: (raiseIn: number) => void;
}) {
  const half = (width - 8) / 2;
  const top = Math.max(
    stack.plenumIn + PLENUM_SHOWN,
    stack.returnTopIn + stack.raiseIn + newStackIn(stack) + 6,
    stack.returnTopIn + stack.old.heightIn + 6,
  );
  const wide =
    Math.max(
      stack.old.widthIn,
      stack.new.widthIn,
      stack.plenum.widthIn,
      stack.returnOpening.widthIn,
      stack.closetWidthIn ?? 0,
    ) + 30;
  const s = toScale({ x0: -wide / 2, x1: wide / 2, y0: 0, y1: top }, half, height, {
    left: 4,
    right: 4,
    top: 26,
    bottom: 38,
  });
  const [upper, lower] = stackEnds(stack);
  const start = useRef(stack.raiseIn);
  const drag = useDrag(s.perInch, true, (by) => onRaise(Math.max(0, snap(start.current + by.y))));
  const box = (cx: number, w: number, y0: number, y1: number) => ({
    x: s.x(-w / 2) + cx,
    y: s.y(y1),
    width: w * s.perInch,
    height: Math.max(0, (y1 - y0) * s.perInch),
  });
  const house = (cx: number) => (
    <g>
      <line
        x1={s.x(-wide / 2) + cx}
        x2={s.x(wide / 2) + cx}
        y1={s.y(0)}
        y2={s.y(0)}
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <rect
        {...box(cx, stack.returnOpening.widthIn + 4, 0, stack.returnTopIn)}
        fill="url(#stack-wall)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
      <rect
        {...box(cx, stack.plenum.widthIn, stack.plenumIn, stack.plenumIn + PLENUM_SHOWN)}
        fill="url(#stack-wall)"
        stroke="var(--ink)"
        strokeWidth={1.5}
      />
    </g>
  );
  const base = stack.returnTopIn;
  const foot = base + stack.raiseIn;
  const coil = stack.coilHeightIn ?? 0;
  const newTop = foot + newStackIn(stack);
  const [above, below] = [verdict(`stack-${upper.end}`), verdict(`stack-${lower.end}`)];
  const right = half + 8;
  const supply = stack.flow === 'up' ? stack.new.supply : stack.new.return;
  return (
    <g>
      <Label x={half / 2} y={16} bold>
        {say(tell('web.old'))}
      </Label>
      <Label x={right + half / 2} y={16} bold>
        {say(tell('web.new'))}
      </Label>
      {house(0)}
      {house(right)}
      <rect
        {...box(0, stack.old.widthIn, base, base + stack.old.heightIn)}
        fill="var(--rule2)"
        stroke="var(--ink2)"
        strokeWidth={2}
        strokeDasharray="6 4"
      />
      <Label x={half / 2} y={s.y(base + stack.old.heightIn / 2)} size={13}>
        {`${inText(stack.old.widthIn)} × ${inText(stack.old.depthIn)}`}
      </Label>
      <Dim
        x1={s.x(-stack.old.widthIn / 2) - 12}
        y1={s.y(base)}
        x2={s.x(-stack.old.widthIn / 2) - 12}
        y2={s.y(base + stack.old.heightIn)}
        label={inText(stack.old.heightIn)}
        side={-1}
      />
      <g
        {...drag}
        onPointerDown={(e) => {
          start.current = stack.raiseIn;
          drag.onPointerDown(e);
        }}
        className="cursor-ns-resize touch-none"
        data-testid="stack-new"
      >
        <rect
          {...box(right, stack.new.widthIn, foot, foot + stack.new.heightIn)}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth={2.5}
        />
        {coil > 0 ? (
          <rect
            {...box(right, stack.new.widthIn, newTop - coil, newTop)}
            fill="var(--sheet)"
            stroke="var(--ink)"
            strokeWidth={2.5}
          />
        ) : null}
        <Label x={right + half / 2} y={s.y(foot + stack.new.heightIn / 2)} size={13}>
          {`${inText(stack.new.widthIn)} × ${inText(stack.new.depthIn)}`}
        </Label>
      </g>
      {stack.raiseIn > 0 ? (
        <path
          d={`M${s.x(-stack.new.widthIn / 2) + right} ${s.y(foot)}L${s.x(-stack.returnOpening.widthIn / 2) + right} ${s.y(base)}H${s.x(stack.returnOpening.widthIn / 2) + right}L${s.x(stack.new.widthIn / 2) + right} ${s.y(foot)}Z`}
          fill={`url(#stack-${VERDICT_HATCH[below]})`}
          stroke={verdictColour(below)}
          strokeWidth={2}
        />
      ) : null}
      {upper.gapIn !== 0 ? (
        <path
          d={`M${s.x(-supply.widthIn / 2) + right} ${s.y(newTop)}L${s.x(-stack.plenum.widthIn / 2) + right} ${s.y(stack.plenumIn)}L${s.x(stack.plenum.widthIn / 2) + right} ${s.y(stack.plenumIn)}L${s.x(supply.widthIn / 2) + right} ${s.y(newTop)}Z`}
          fill={`url(#stack-${VERDICT_HATCH[above]})`}
          stroke={verdictColour(above)}
          strokeWidth={2}
        />
      ) : null}
      <Dim
        x1={s.x(-stack.new.widthIn / 2) + right - 12}
        y1={s.y(foot)}
        x2={s.x(-stack.new.widthIn / 2) + right - 12}
        y2={s.y(newTop)}
        label={inText(newStackIn(stack))}
        side={-1}
      />
      <Dim
        x1={s.x(stack.plenum.widthIn / 2) + right + 14}
        y1={s.y(Math.min(newTop, stack.plenumIn))}
        x2={s.x(stack.plenum.widthIn / 2) + right + 14}
        y2={s.y(Math.max(newTop, stack.plenumIn))}
        label={`${upper.gapIn < 0 ? '−' : ''}${inText(Math.abs(upper.gapIn))}`}
        verdict={above}
        size={16}
      />
      {[upper, lower].map((end, i) => (
        <Label
          key={end.end}
          x={right + half / 2}
          y={height - 18 + i * 15}
          size={12.5}
          tone={
            i === 0 && above === 'look-again'
              ? 'var(--ochre)'
              : i === 1 && below === 'look-again'
                ? 'var(--ochre)'
                : 'var(--ink2)'
          }
        >
          {`${i === 0 ? 'above' : 'below'}: ${say(closingWords(end))}`}
        </Label>
      ))}
      <Dim
        x1={s.x(-wide / 2) + right + 8}
        y1={s.y(base)}
        x2={s.x(-wide / 2) + right + 8}
        y2={s.y(stack.plenumIn)}
        label={inText(stack.plenumIn - base)}
        size={12.5}
        side={-1}
      />
    </g>
  );
}
