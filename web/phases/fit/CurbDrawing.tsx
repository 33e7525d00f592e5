import { useRef } from 'react';
import type { VerdictOf } from '@/core/finding/order';
import { areaIn2, type Rectangle } from '@/core/fit/curb/curb-overlap';
import { type Curb, openingFits } from '@/core/fit/curb/judge-curb';
import { upper, value } from '@/core/words/said';
import { Dim, inText, Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { around, toScale } from '@/web/bench/sheet/scale';
import { snap, useDrag } from '@/web/bench/sheet/use-drag';
import { VERDICT_HATCH, verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Props = { record: Curb; verdict: VerdictOf; onMove: (by: { x: number; y: number }, from: Curb) => void };

/** The new unit's openings laid over the curb's, seen from above, and the adapter's steepest side beside it. Drag the unit. */
export function CurbDrawing({ record, verdict, onMove }: Props) {
  return (
    <Paper
      id="curb"
      label={say(tell('web.unit-openings-over-curb-openings'))}
      height={(w) => (w < 560 ? 470 : Math.max(360, Math.min(430, w * 0.56)))}
    >
      {(width, height) => <Plan c={record} verdict={verdict} width={width} height={height} onMove={onMove} />}
    </Paper>
  );
}

function Plan({
  c,
  verdict,
  width,
  height,
  onMove,
}: {
  c: Curb;
  verdict: VerdictOf;
  width: number;
  height: number;
  onMove: Props['onMove'];
}) {
  const narrow = width < 560;
  const planW = narrow ? width : width - 190;
  const planH = narrow ? height - 150 : height;
  const corners = (r: Rectangle) => [
    { x: r.x0, y: r.y0 },
    { x: r.x1, y: r.y1 },
  ];
  const s = toScale(around([...corners(c.unitBase), ...corners(c.curbOutside)]), planW, planH, {
    left: 60,
    right: 14,
    top: 40,
    bottom: 20,
  });
  const rect = (r: Rectangle) => ({
    x: s.x(Math.min(r.x0, r.x1)),
    y: s.y(Math.max(r.y0, r.y1)),
    width: Math.abs(r.x1 - r.x0) * s.perInch,
    height: Math.abs(r.y1 - r.y0) * s.perInch,
  });
  const start = useRef(c);
  const drag = useDrag(s.perInch, true, (by) => onMove({ x: snap(by.x), y: snap(by.y) }, start.current));
  const fits = openingFits(c);
  return (
    <g>
      <rect {...rect(c.curbOutside)} fill="none" stroke="var(--ink)" strokeWidth={3} />
      <rect {...rect(c.curbSupply)} fill="url(#curb-soft)" stroke="var(--ink)" strokeWidth={1.5} />
      <rect {...rect(c.curbReturn)} fill="url(#curb-soft)" stroke="var(--ink)" strokeWidth={1.5} />
      {fits.map((f) =>
        areaIn2(f.both) > 0 ? (
          <rect key={f.name} {...rect(f.both)} fill={`url(#curb-${VERDICT_HATCH[verdict(`overlap-${f.name}`)]})`} />
        ) : null,
      )}
      <g
        {...drag}
        onPointerDown={(e) => {
          start.current = c;
          drag.onPointerDown(e);
        }}
        className="cursor-move touch-none"
        data-testid="curb-unit"
      >
        <rect {...rect(c.unitBase)} fill="transparent" stroke="var(--copper)" strokeWidth={2.5} />
        <rect {...rect(c.unitSupply)} fill="none" stroke="var(--copper)" strokeWidth={2} strokeDasharray="7 4" />
        <rect {...rect(c.unitReturn)} fill="none" stroke="var(--copper)" strokeWidth={2} strokeDasharray="7 4" />
      </g>
      {fits.map((f) => (
        <g key={f.name}>
          <Label x={s.x((f.unit.x0 + f.unit.x1) / 2)} y={s.y((f.unit.y0 + f.unit.y1) / 2)} bold size={16}>
            {`${say(upper(value(f.name)))} ${f.overlapPct.toFixed(0)} %`}
          </Label>
          <Label x={s.x((f.unit.x0 + f.unit.x1) / 2)} y={s.y((f.unit.y0 + f.unit.y1) / 2) + 17} size={12.5}>
            {Number.isFinite(f.fpm)
              ? say(tell('web.in-fpm', { overlapIn2: f.overlapIn2.toFixed(0), fpm: f.fpm.toFixed(0) }))
              : say(tell('web.no-air-passes'))}
          </Label>
        </g>
      ))}
      <Dim
        x1={s.x(c.unitBase.x0)}
        y1={s.y(c.unitBase.y1) - 12}
        x2={s.x(c.unitBase.x1)}
        y2={s.y(c.unitBase.y1) - 12}
        label={inText(c.unitBase.x1 - c.unitBase.x0)}
      />
      <Dim
        x1={s.x(c.unitBase.x0) - 12}
        y1={s.y(c.unitBase.y0)}
        x2={s.x(c.unitBase.x0) - 12}
        y2={s.y(c.unitBase.y1)}
        label={inText(c.unitBase.y1 - c.unitBase.y0)}
        side={-1}
        size={13}
      />
      <Label x={14} y={16} anchor="start" size={12.5} tone="var(--copper)">
        {say(tell('web.unit-copper-over-curb-ink-from'))}
      </Label>
      <Adapter
        c={c}
        verdict={verdict}
        x={narrow ? 14 : planW + 12}
        y={narrow ? planH + 10 : 60}
        width={narrow ? width - 28 : 168}
        height={narrow ? 124 : 230}
      />
    </g>
  );
}

/** The steepest side of the adapter, in section. */
function Adapter({
  c,
  verdict: verdictFor,
  x,
  y,
  width,
  height,
}: {
  c: Curb;
  verdict: VerdictOf;
  x: number;
  y: number;
  width: number;
  height: number;
}) {
  const worst = openingFits(c).reduce<ReturnType<typeof openingFits>[number] | undefined>(
    (a, b) => (!a || b.slopeDeg > a.slopeDeg ? b : a),
    undefined,
  );
  if (!worst) return null;
  const k = Math.min((width - 60) / Math.max(worst.offsetIn, 6), (height - 60) / c.adapterHeightIn);
  const h = c.adapterHeightIn * k;
  const off = worst.offsetIn * k;
  const top = y + 34;
  const left = x + 30;
  const verdict = verdictFor(`slope-${worst.name}`);
  return (
    <g>
      <Label x={x} y={y + 12} anchor="start" size={12.5} tone="var(--ink2)">
        {say(tell('web.adapter', { name: value(worst.name) }))}
      </Label>
      <path
        d={`M${left} ${top}H${left + off + 26}M${left + off} ${top + h}H${left + off + 26}`}
        stroke="var(--ink)"
        strokeWidth={3}
      />
      <path d={`M${left} ${top}L${left + off} ${top + h}`} stroke={verdictColour(verdict)} strokeWidth={3} />
      <Dim
        x1={left - 12}
        y1={top}
        x2={left - 12}
        y2={top + h}
        label={inText(c.adapterHeightIn)}
        side={-1}
        size={12.5}
      />
      <Dim
        x1={left}
        y1={top + h + 12}
        x2={left + off}
        y2={top + h + 12}
        label={inText(worst.offsetIn)}
        side={-1}
        size={12.5}
      />
      <Label
        x={left + off + 10}
        y={top + h / 2}
        anchor="start"
        bold
        size={17}
        tone={verdict === 'good' ? 'var(--ink)' : verdictColour(verdict)}
      >
        {`${worst.slopeDeg.toFixed(0)}°`}
      </Label>
    </g>
  );
}
