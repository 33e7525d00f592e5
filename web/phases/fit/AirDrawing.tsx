import type { AirSheet } from '@/core/air/duct/air-sheet';
import { planAir } from '@/core/air/duct/plan-air';
import { type DuctShape, layoutAirLine } from '@/web/bench/air/air-line-layout';
import { Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { t } from '@/web/words/tell';

/** The duct system as one line that draws itself from its list: widths to scale, what is too small in oxide. */
export function AirDrawing({ record }: { record: AirSheet }) {
  const plan = planAir(record);
  return (
    <Paper
      id="air"
      label={t('web.one-line-duct-sketch')}
      height={(w) => layoutAirLine(plan, Math.max(1, w), record.trunkHeightIn).height}
    >
      {(width) => {
        const l = layoutAirLine(plan, width, record.trunkHeightIn);
        const tone = (d: DuctShape): string => (d.short ? 'var(--oxide)' : 'var(--ink)');
        return (
          <g>
            <rect
              {...{ x: l.plenum.x, y: l.plenum.y, width: l.plenum.w, height: l.plenum.h }}
              fill="url(#air-soft)"
              stroke="var(--ink)"
              strokeWidth={2.5}
            />
            <Label x={l.plenum.x + l.plenum.w / 2} y={l.plenum.y + l.plenum.h - 26} bold size={14}>
              {plan.systemCfm.toFixed(0)}
            </Label>
            <Label x={l.plenum.x + l.plenum.w / 2} y={l.plenum.y + l.plenum.h - 11} size={12}>
              {t('web.cfm')}
            </Label>
            {l.branches.map((d) => {
              const down = d.y1 > d.y0;
              return (
                <g key={d.id}>
                  <line
                    x1={d.x0}
                    y1={d.y0}
                    x2={d.x1}
                    y2={d.y1}
                    stroke={tone(d)}
                    strokeWidth={d.thick}
                    opacity={d.short ? 0.9 : 0.28}
                  />
                  <path
                    d={down ? `M${d.x1 - 6} ${d.y1 - 1}h12` : `M${d.x1} ${d.y1 - 6}v12`}
                    stroke={tone(d)}
                    strokeWidth={3}
                  />
                  <Label
                    x={down ? d.x1 - d.thick / 2 - 6 : d.x1 + 9}
                    y={down ? d.y1 - 8 : d.y1 - 2}
                    anchor={down ? 'end' : 'start'}
                    bold
                    size={13}
                    tone={tone(d)}
                  >
                    {d.label}
                  </Label>
                  <Label
                    x={down ? d.x1 - d.thick / 2 - 6 : d.x1 + 9}
                    y={down ? d.y1 + 7 : d.y1 + 13}
                    anchor={down ? 'end' : 'start'}
                    size={12}
                    tone={tone(d)}
                  >
                    {d.note}
                  </Label>
                </g>
              );
            })}
            {l.trunk.map((d) => (
              <g key={d.id}>
                <rect
                  x={d.x0}
                  y={d.y0 - d.thick / 2}
                  width={d.x1 - d.x0}
                  height={d.thick}
                  fill="var(--sheet)"
                  stroke={tone(d)}
                  strokeWidth={2.5}
                />
                <Label x={(d.x0 + d.x1) / 2} y={d.y0 + 5} bold size={14} tone={tone(d)}>
                  {d.label}
                </Label>
                <Label x={(d.x0 + d.x1) / 2} y={d.y0 - d.thick / 2 - 6} size={12} tone={tone(d)}>
                  {d.note}
                </Label>
              </g>
            ))}
          </g>
        );
      }}
    </Paper>
  );
}
