import type { Verdict } from '@/core/finding/finding';
import type { VerdictOf } from '@/core/finding/order';
import { cornerLimit } from '@/core/fit/access/corridor-corner';
import { fitsOf, type Route, type StageFit } from '@/core/fit/access/route';
import { Dim, inText, Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { toScale } from '@/web/bench/sheet/scale';
import { VERDICT_HATCH, verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** The way in as a line of narrow places, each in section and to one scale; the tightest stands out. */
export function RouteDrawing({ record, verdict }: { record: Route; verdict: VerdictOf }) {
  const fits = fitsOf(record);
  if (fits.length === 0) return <p className="py-6 text-ink2">{say(tell('web.no-stage-measured-yet-add-first'))}</p>;
  const tightest = fits.reduce((a, b) => (b.spareIn < a.spareIn ? b : a));
  return (
    <ol className="grid gap-x-4 gap-y-2 sm:grid-cols-2 xl:grid-cols-3">
      {fits.map((f, i) => (
        <li
          key={f.stage.id}
          className="border-t-[3px] pt-1"
          style={{ borderColor: verdictColour(verdict(`stage-${f.stage.id}`)) }}
        >
          <p className="flex items-baseline gap-2">
            <b className="text-[15px] font-[680]">
              {i + 1} {f.stage.label}
            </b>
            <span className={`ml-auto text-[17px] font-[700] ${f.spareIn < 0 ? 'text-oxide' : ''}`}>
              {f.spareIn < -100
                ? say(tell('web.no-way'))
                : `${f.spareIn < 0 ? '−' : '+'}${inText(Math.abs(f.spareIn))}`}
              <span className="ml-0.5 text-[12px] font-[450] text-ink2">{f.spareIn < -100 ? '' : 'in'}</span>
            </span>
          </p>
          <Paper id={`route-${f.stage.id}`} label={`${f.stage.label}: ${say(f.how)}`} height={190}>
            {(width, height) => (
              <Stage fit={f} verdict={verdict(`stage-${f.stage.id}`)} route={record} width={width} height={height} />
            )}
          </Paper>
          <p className="text-[12.5px] leading-snug text-ink2">
            {say(f.how)}
            {f === tightest ? say(tell('web.tightest')) : ''}
          </p>
        </li>
      ))}
    </ol>
  );
}

function Stage({
  fit,
  verdict,
  route,
  width,
  height,
}: {
  fit: StageFit;
  verdict: Verdict;
  route: Route;
  width: number;
  height: number;
}) {
  const { stage } = fit;
  const fill = `url(#route-${stage.id}-${VERDICT_HATCH[verdict]})`;
  const stroke = verdictColour(verdict);
  const pad = { left: 40, right: 12, top: 14, bottom: 36 };
  if (stage.kind === 'opening') {
    const { w, h } = fit.held;
    const room = { w: stage.widthIn - 2 * route.handlingIn, h: stage.heightIn - 2 * route.handlingIn };
    const straight = w <= room.w && h <= room.h;
    const turned = !straight && h <= room.w && w <= room.h;
    const face = turned ? { w: h, h: w } : { w, h };
    const tilted = !straight && !turned && fit.spareIn >= 0;
    const most = Math.max(stage.widthIn, face.w) + 16;
    const s = toScale(
      { x0: -most / 2, x1: most / 2, y0: 0, y1: Math.max(stage.heightIn, face.h) + 2 },
      width,
      height,
      pad,
    );
    return (
      <g>
        <path
          d={`M${s.x(-most / 2) - 14} ${s.y(0)}H${s.x(-stage.widthIn / 2)}V${s.y(stage.heightIn)}H${s.x(stage.widthIn / 2)}V${s.y(0)}H${s.x(most / 2) + 14}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={5}
        />
        <rect
          x={s.x(-face.w / 2)}
          y={s.y(face.h)}
          width={face.w * s.perInch}
          height={face.h * s.perInch}
          fill={fill}
          stroke={stroke}
          strokeWidth={2}
          transform={tilted ? `rotate(18 ${s.x(0)} ${s.y(stage.heightIn / 2)})` : undefined}
        />
        <Dim
          x1={s.x(-stage.widthIn / 2)}
          y1={s.y(0) + 13}
          x2={s.x(stage.widthIn / 2)}
          y2={s.y(0) + 13}
          label={inText(stage.widthIn)}
          side={-1}
          size={12.5}
        />
        <Dim
          x1={s.x(-stage.widthIn / 2) - 12}
          y1={s.y(0)}
          x2={s.x(-stage.widthIn / 2) - 12}
          y2={s.y(stage.heightIn)}
          label={inText(stage.heightIn)}
          side={-1}
          size={12.5}
        />
      </g>
    );
  }
  if (stage.kind === 'corner') {
    const length = Math.max(fit.held.l, fit.held.w);
    const thick = Math.min(fit.held.l, fit.held.w);
    const { atDeg } = cornerLimit(stage.aIn, stage.bIn, length);
    const reach = Math.max(length * 0.8, stage.aIn, stage.bIn);
    const s = toScale({ x0: 0, x1: stage.bIn + reach, y0: 0, y1: stage.aIn + reach }, width, height, pad);
    // Outer corner at the origin; the long side slides along both outer walls at its tightest angle.
    // Drawn in the middle of the turn: at either end it lies flat along a wall.
    const t = (Math.min(60, Math.max(30, atDeg)) * Math.PI) / 180;
    const ax = length * Math.cos(t);
    const ay = length * Math.sin(t);
    const nx = Math.sin(t) * thick;
    const ny = Math.cos(t) * thick;
    const corners = [
      [ax, 0],
      [0, ay],
      [nx, ay + ny],
      [ax + nx, ny],
    ] as const;
    return (
      <g>
        <path
          d={`M${s.x(0)} ${s.y(stage.aIn + reach)}V${s.y(0)}H${s.x(stage.bIn + reach)}M${s.x(stage.bIn)} ${s.y(stage.aIn + reach)}V${s.y(stage.aIn)}H${s.x(stage.bIn + reach)}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={5}
        />
        <path
          d={`M${corners.map(([x, y]) => `${s.x(x)} ${s.y(y)}`).join('L')}Z`}
          fill={fill}
          stroke={stroke}
          strokeWidth={2}
        />
        <Dim
          x1={s.x(0)}
          y1={s.y(stage.aIn + reach) - 2}
          x2={s.x(stage.bIn)}
          y2={s.y(stage.aIn + reach) - 2}
          label={inText(stage.bIn)}
          size={12.5}
          side={-1}
        />
        <Dim
          x1={s.x(stage.bIn + reach) - 4}
          y1={s.y(0)}
          x2={s.x(stage.bIn + reach) - 4}
          y2={s.y(stage.aIn)}
          label={inText(stage.aIn)}
          side={-1}
          size={12.5}
        />
      </g>
    );
  }
  const long = fit.held.h;
  const short = fit.held.l;
  const deg = fit.tiltDeg ? (fit.tiltDeg.from + fit.tiltDeg.to) / 2 : 20;
  const below = long * 0.45;
  const wide = Math.max(stage.lengthIn + 36, long * 0.9);
  const s = toScale(
    { x0: -wide / 2, x1: wide / 2, y0: -stage.curbIn - below, y1: stage.headroomIn + 4 },
    width,
    height,
    pad,
  );
  const cx = s.x(0);
  const cy = s.y(-stage.curbIn / 2);
  return (
    <g>
      <path
        d={`M${s.x(-wide / 2)} ${s.y(-stage.curbIn)}H${s.x(-stage.lengthIn / 2)}V${s.y(0)}H${s.x(-wide / 2)}M${s.x(wide / 2)} ${s.y(-stage.curbIn)}H${s.x(stage.lengthIn / 2)}V${s.y(0)}H${s.x(wide / 2)}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={4}
      />
      <line
        x1={s.x(-wide / 2)}
        x2={s.x(wide / 2)}
        y1={s.y(stage.headroomIn)}
        y2={s.y(stage.headroomIn)}
        stroke="var(--ink)"
        strokeWidth={5}
        strokeDasharray="14 3"
      />
      <rect
        x={cx - (short * s.perInch) / 2}
        y={cy - (long * s.perInch) / 2}
        width={short * s.perInch}
        height={long * s.perInch}
        fill={fill}
        stroke={stroke}
        strokeWidth={2}
        transform={`rotate(${deg} ${cx} ${cy})`}
      />
      <Dim
        x1={s.x(-stage.lengthIn / 2)}
        y1={s.y(-stage.curbIn) + 12}
        x2={s.x(stage.lengthIn / 2)}
        y2={s.y(-stage.curbIn) + 12}
        label={inText(stage.lengthIn)}
        side={-1}
        size={12.5}
      />
      <Dim
        x1={s.x(-wide / 2) + 6}
        y1={s.y(0)}
        x2={s.x(-wide / 2) + 6}
        y2={s.y(stage.headroomIn)}
        label={inText(stage.headroomIn)}
        size={12.5}
      />
      {fit.tiltDeg ? (
        <Label x={width - 6} y={height - 6} anchor="end" size={12.5} bold>
          {say(tell('web.tilt-to', { from: fit.tiltDeg.from.toFixed(0), to: fit.tiltDeg.to.toFixed(0) }))}
        </Label>
      ) : null}
    </g>
  );
}
