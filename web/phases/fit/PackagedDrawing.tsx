import type { VerdictOf } from '@/core/finding/order';
import { CROSSOVER_LIMIT_FPM, crossoverBox } from '@/core/fit/packaged/crossover-box';
import { boxNeeded, type Crossing, crossing, type Packaged, seenFromYard } from '@/core/fit/packaged/duct-sides';
import type { Said } from '@/core/words/said';
import { Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { Shapes } from '@/web/bench/sheet/Shapes';
import { toScale } from '@/web/bench/sheet/scale';
import { verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { crossBoxShapes, levelShapes, openingSpots } from './packaged-shapes';

/** Above: the house wall and the unit's back, both seen from the yard. Below: the levels in section, the stand counted in. */
export function PackagedDrawing({ record, verdict }: { record: Packaged; verdict: VerdictOf }) {
  return (
    <Paper id="packaged" label={t('web.duct-sides-and-levels-of-packaged')} height={boxNeeded(record) ? 600 : 430}>
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
  const { frame, shapes } = crossBoxShapes(p, verdict);
  const wide = Math.min(width * 0.5, 300);
  const s = toScale(frame, wide, height, { left: 60, right: 10, top: 10, bottom: 30 });
  const found = verdict('crossing');
  const textX = wide + 16;
  return (
    <g>
      <Shapes of={shapes} s={s} paper="packaged" />
      <Label x={textX} y={34} anchor="start" size={13.5}>
        {t('web.crossover-box')}
      </Label>
      <Label x={textX} y={60} anchor="start" size={19} bold tone={verdictColour(found)}>
        {result.ok
          ? t('web.in-open-fpm', { openIn2: result.value.openIn2.toFixed(0), fpm: result.value.fpm.toFixed(0) })
          : t('web.duct-fills-it')}
      </Label>
      <Label x={textX} y={80} anchor="start" size={12.5} tone="var(--ink2)">
        {t('web.return-air-fpm-at-most', { crossoverLimitFpm: CROSSOVER_LIMIT_FPM })}
      </Label>
    </g>
  );
}

const CROSSING_WORDS: Record<Crossing, Said> = {
  straight: tell('web.ducts-straight'),
  crossed: tell('web.ducts-crossed'),
  turned: tell('web.ducts-turned'),
};

function Sides({ p, verdict, width, height }: { p: Packaged; verdict: VerdictOf; width: number; height: number }) {
  const kind = crossing(p);
  const found = verdict('duct-sides');
  const boxW = Math.min(230, width * 0.38);
  const top = 30;
  const h = height - 44;
  const draw = (x: number, title: string, supply: Packaged['unit']['supply']) => {
    const s = openingSpots(supply);
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
              {k === 'supply' ? t('web.supply') : t('web.return')}
            </Label>
          </g>
        ))}
      </g>
    );
  };
  const rightX = width - boxW - 8;
  const from = openingSpots(seenFromYard(p.unit)).supply;
  const to = openingSpots(seenFromYard(p.house)).supply;
  return (
    <g>
      {draw(8, t('web.unit-seen-from-yard'), seenFromYard(p.unit))}
      {draw(rightX, t('web.house-wall-seen-from-yard'), seenFromYard(p.house))}
      <path
        d={`M${8 + from.x * boxW} ${top + from.y * h + 20}C${8 + from.x * boxW} ${top + from.y * h + 74} ${rightX + to.x * boxW} ${top + to.y * h + 74} ${rightX + to.x * boxW} ${top + to.y * h + 20}`}
        fill="none"
        stroke={verdictColour(found)}
        strokeWidth={3}
        strokeDasharray={kind === 'straight' ? undefined : '8 5'}
      />
      <Label x={width / 2} y={height - 4} size={15} bold tone={verdictColour(found)}>
        {say(CROSSING_WORDS[kind])}
      </Label>
    </g>
  );
}

function Levels({ p, verdict, width, height }: { p: Packaged; verdict: VerdictOf; width: number; height: number }) {
  const { frame, shapes } = levelShapes(p, verdict);
  const s = toScale(frame, width, height, { left: 50, right: 60, top: 8, bottom: 18 });
  return <Shapes of={shapes} s={s} paper="packaged" />;
}
