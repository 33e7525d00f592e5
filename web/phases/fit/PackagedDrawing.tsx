import type { VerdictOf } from '@/core/finding/order';
import { CROSSOVER_LIMIT_FPM, crossoverBox } from '@/core/fit/packaged/crossover-box';
import { boxNeeded, crossing, type Packaged, seenFromYard } from '@/core/fit/packaged/duct-sides';
import { Dim, inText, Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { toScale } from '@/web/bench/sheet/scale';
import { VERDICT_HATCH, verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** Above: the house wall and the unit's back, both seen from the yard. Below: the levels in section, the stand counted in. */
export function PackagedDrawing({ record, verdict }: { record: Packaged; verdict: VerdictOf }) {
  return (
    <Paper
      id="packaged"
      label={say(tell('web.duct-sides-and-levels-of-packaged'))}
      height={boxNeeded(record) ? 600 : 430}
    >
      {(width, height) => (
        <g>
          <Sides p={record} verdict={verdict} width={width} height={190} />
          <g transform="translate(0 200)">
            <Levels p={record} verdict={verdict} width={width} height={230} />
          </g>
          {boxNeeded(record) ? (
            <g transform="translate(0 436)">
              <CrossBox p={record} verdict={verdict} width={width} height={height - 440} />
            </g>
          ) : null}
        </g>
      )}
    </Paper>
  );
}

/** The crossover box in section: the supply duct crosses inside, return air passes beside it. */
function CrossBox({ p, verdict, width, height }: { p: Packaged; verdict: VerdictOf; width: number; height: number }) {
  const result = crossoverBox({ boxAIn: p.box.aIn, boxBIn: p.box.bIn, supplyOdIn: p.supplyOdIn, cfm: p.cfm });
  const s = toScale({ x0: 0, x1: p.box.bIn, y0: 0, y1: p.box.aIn }, Math.min(width * 0.5, 300), height, {
    left: 60,
    right: 10,
    top: 10,
    bottom: 30,
  });
  const found = verdict('crossing');
  const textX = Math.min(width * 0.5, 300) + 16;
  return (
    <g>
      <rect
        x={s.x(0)}
        y={s.y(p.box.aIn)}
        width={p.box.bIn * s.perInch}
        height={p.box.aIn * s.perInch}
        fill={`url(#packaged-${VERDICT_HATCH[found]})`}
        stroke="var(--ink)"
        strokeWidth={2.5}
      />
      <rect
        x={s.x(0) - 8}
        y={s.y(p.box.aIn / 2 + p.supplyOdIn / 2)}
        width={p.box.bIn * s.perInch + 16}
        height={p.supplyOdIn * s.perInch}
        fill="var(--sheet)"
        stroke="var(--copper)"
        strokeWidth={2.5}
      />
      <Label x={s.x(p.box.bIn / 2)} y={s.y(p.box.aIn / 2) + 5} size={13} bold>
        {`supply ${inText(p.supplyOdIn)}`}
      </Label>
      <Dim
        x1={s.x(0) - 18}
        y1={s.y(0)}
        x2={s.x(0) - 18}
        y2={s.y(p.box.aIn)}
        label={inText(p.box.aIn)}
        side={-1}
        size={12.5}
      />
      <Dim
        x1={s.x(0)}
        y1={s.y(0) + 12}
        x2={s.x(p.box.bIn)}
        y2={s.y(0) + 12}
        label={inText(p.box.bIn)}
        side={-1}
        size={12.5}
      />
      <Label x={textX} y={34} anchor="start" size={13.5}>
        {say(tell('web.crossover-box'))}
      </Label>
      <Label x={textX} y={60} anchor="start" size={19} bold tone={verdictColour(found)}>
        {result.ok
          ? say(tell('web.in-open-fpm', { openIn2: result.value.openIn2.toFixed(0), fpm: result.value.fpm.toFixed(0) }))
          : say(tell('web.duct-fills-it'))}
      </Label>
      <Label x={textX} y={80} anchor="start" size={12.5} tone="var(--ink2)">
        {say(tell('web.return-air-fpm-at-most', { crossoverLimitFpm: CROSSOVER_LIMIT_FPM }))}
      </Label>
    </g>
  );
}

type Spot = { x: number; y: number };

function Sides({ p, verdict, width, height }: { p: Packaged; verdict: VerdictOf; width: number; height: number }) {
  const kind = crossing(p);
  const found = verdict('duct-sides');
  const boxW = Math.min(230, width * 0.38);
  const spots = (supply: string): { supply: Spot; return: Spot } => {
    const at: Record<string, Spot> = {
      left: { x: 0.27, y: 0.5 },
      right: { x: 0.73, y: 0.5 },
      upper: { x: 0.5, y: 0.27 },
      lower: { x: 0.5, y: 0.73 },
    };
    const other: Record<string, string> = { left: 'right', right: 'left', upper: 'lower', lower: 'upper' };
    return { supply: at[supply]!, return: at[other[supply]!]! };
  };
  const top = 30;
  const h = height - 44;
  const draw = (x: number, title: string, supply: string) => {
    const s = spots(supply);
    return (
      <g>
        <rect x={x} y={top} width={boxW} height={h} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2.5} />
        <Label x={x + boxW / 2} y={18} size={13.5} bold>
          {title}
        </Label>
        {(['supply', 'return'] as const).map((k) => (
          <g key={k}>
            <rect
              x={x + s[k].x * boxW - 34}
              y={top + s[k].y * h - 19}
              width={68}
              height={38}
              fill={k === 'supply' ? 'url(#packaged-copper)' : 'url(#packaged-soft)'}
              stroke="var(--ink)"
              strokeWidth={1.5}
            />
            <Label x={x + s[k].x * boxW} y={top + s[k].y * h + 5} size={12.5} bold>
              {k === 'supply' ? say(tell('web.supply')) : say(tell('web.return'))}
            </Label>
          </g>
        ))}
      </g>
    );
  };
  const rightX = width - boxW - 8;
  const from = spots(seenFromYard(p.unit)).supply;
  const to = spots(seenFromYard(p.house)).supply;
  return (
    <g>
      {draw(8, say(tell('web.unit-seen-from-yard')), seenFromYard(p.unit))}
      {draw(rightX, say(tell('web.house-wall-seen-from-yard')), seenFromYard(p.house))}
      <path
        d={`M${8 + from.x * boxW} ${top + from.y * h + 20}C${8 + from.x * boxW} ${top + from.y * h + 74} ${rightX + to.x * boxW} ${top + to.y * h + 74} ${rightX + to.x * boxW} ${top + to.y * h + 20}`}
        fill="none"
        stroke={verdictColour(found)}
        strokeWidth={3}
        strokeDasharray={kind === 'straight' ? undefined : '8 5'}
      />
      <Label x={width / 2} y={height - 4} size={15} bold tone={verdictColour(found)}>
        {kind === 'straight' ? 'straight' : kind === 'crossed' ? 'crossed' : 'turned'}
      </Label>
    </g>
  );
}

function Levels({ p, verdict, width, height }: { p: Packaged; verdict: VerdictOf; width: number; height: number }) {
  const unitW = 46;
  const unitH = Math.max(36, p.unitOpeningIn + 14);
  const open = p.standIn + p.unitOpeningIn;
  const drain = p.standIn + p.unitDrainIn;
  const top = Math.max(p.standIn + unitH, p.houseOpeningIn + 16) + 8;
  const s = toScale({ x0: -p.gapToWallIn - unitW - 14, x1: 16, y0: -4, y1: top }, width, height, {
    left: 50,
    right: 60,
    top: 8,
    bottom: 18,
  });
  const ux = -p.gapToWallIn - unitW;
  return (
    <g>
      <line x1={0} x2={width} y1={s.y(0)} y2={s.y(0)} stroke="var(--ink)" strokeWidth={2} />
      <rect
        x={s.x(0)}
        y={s.y(top)}
        width={10 * s.perInch}
        height={(top + 2) * s.perInch}
        fill="url(#packaged-wall)"
        stroke="var(--ink)"
      />
      {p.standIn > 0 ? (
        <path
          d={`M${s.x(ux + 4)} ${s.y(0)}V${s.y(p.standIn)}M${s.x(ux + unitW - 4)} ${s.y(0)}V${s.y(p.standIn)}`}
          stroke="var(--ink)"
          strokeWidth={4}
        />
      ) : null}
      <rect
        x={s.x(ux)}
        y={s.y(p.standIn + unitH)}
        width={unitW * s.perInch}
        height={unitH * s.perInch}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={2.5}
      />
      <path
        d={`M${s.x(-p.gapToWallIn)} ${s.y(open)}L${s.x(0)} ${s.y(p.houseOpeningIn)}`}
        stroke="var(--copper)"
        strokeWidth={8 * Math.max(0.6, s.perInch / 2)}
        opacity={0.75}
      />
      <path
        d={`M${s.x(ux)} ${s.y(drain)}L${s.x(ux - 9)} ${s.y(p.drainInletIn)}V${s.y(0)}`}
        stroke={verdictColour(verdict('unit-drain'))}
        strokeWidth={2.5}
        fill="none"
      />
      <Dim x1={s.x(ux) - 26} y1={s.y(0)} x2={s.x(ux) - 26} y2={s.y(open)} label={inText(open)} side={-1} size={12.5} />
      <Dim
        x1={s.x(0) + 10 * s.perInch + 10}
        y1={s.y(0)}
        x2={s.x(0) + 10 * s.perInch + 10}
        y2={s.y(p.houseOpeningIn)}
        label={inText(p.houseOpeningIn)}
        size={12.5}
      />
      {p.hoodRunIn > 0 ? (
        <path
          d={`M${s.x(0)} ${s.y(top - 3)}L${s.x(-p.hoodRunIn)} ${s.y(top - 3 - (p.hoodRunIn / 12) * 0.5)}v5`}
          stroke="var(--ink)"
          strokeWidth={2.5}
          fill="none"
        />
      ) : null}
    </g>
  );
}
