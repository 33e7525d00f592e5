import { scaleLinear } from 'd3-scale';
import { balancePoint, capacityAt, lossAt } from '@/core/sizing/balance-point';
import type { Selection } from '@/core/sizing/selection';
import { Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import type { Point } from '@/web/bench/sheet/shapes';
import { t } from '@/web/words/tell';
import { heatPumpLines, selectionLines } from './selection-lines';

/** What the pump gives against what the house loses, over outdoor temperature: where they cross, and what is missing at design. */
export function SelectionDrawing({ record }: { record: Selection }) {
  const lines = heatPumpLines(record);
  if (!lines) {
    return (
      <p className="py-6 text-ink2">
        {record.load ? t('web.no-heat-pump-in-this-selection') : t('web.enter-load-calculation-and-its-source')}
      </p>
    );
  }
  const result = balancePoint(lines);
  if (!result.ok)
    return (
      <p className="py-6 font-[600] text-oxide">
        {t('web.allowed', { message: result.refused.message, allowed: result.refused.allowed })}
      </p>
    );
  const { balanceF, auxKw, auxLockoutF } = result.value;
  const { lowF, highF, mostBtuh, loss, pump, missing } = selectionLines(lines, result.value);
  return (
    <Paper id="selection" label={t('web.balance-point')} height={360}>
      {(width, height) => {
        const x = scaleLinear()
          .domain([lowF, highF])
          .range([54, width - 20]);
        const y = scaleLinear()
          .domain([0, mostBtuh])
          .range([height - 44, 20]);
        const path = (points: readonly Point[]): string =>
          `M${points.map(([t, btuh]) => `${x(t).toFixed(1)} ${y(btuh).toFixed(1)}`).join('L')}`;
        const design = lines.designF;
        return (
          <g>
            {x.ticks(8).map((t) => (
              <g key={t}>
                <line x1={x(t)} x2={x(t)} y1={20} y2={height - 44} stroke="var(--rule)" />
                <Label x={x(t)} y={height - 26} size={12.5} tone="var(--ink2)">
                  {`${t}`}
                </Label>
              </g>
            ))}
            {y.ticks(5).map((t) => (
              <g key={t}>
                <line x1={54} x2={width - 20} y1={y(t)} y2={y(t)} stroke="var(--rule2)" />
                <Label x={48} y={y(t) + 4} anchor="end" size={12.5} tone="var(--ink2)">
                  {`${t / 1000}`}
                </Label>
              </g>
            ))}
            <Label x={54} y={14} anchor="start" size={12.5} tone="var(--ink2)">
              {t('web.thousand-btu-h')}
            </Label>
            <Label x={width - 20} y={height - 8} anchor="end" size={12.5} tone="var(--ink2)">
              {t('web.outdoor-f')}
            </Label>
            {lowF < 17 ? (
              <rect x={x(lowF)} width={x(17) - x(lowF)} y={20} height={height - 64} fill="url(#selection-soft)" />
            ) : null}
            {missing.length > 0 ? <path d={`${path(missing)}Z`} fill="url(#selection-copper)" /> : null}
            <path d={path(loss)} fill="none" stroke="var(--ink)" strokeWidth={3} />
            <path d={path(pump)} fill="none" stroke="var(--copper)" strokeWidth={3} />
            <line
              x1={x(design)}
              x2={x(design)}
              y1={20}
              y2={height - 44}
              stroke="var(--ink2)"
              strokeWidth={1.5}
              strokeDasharray="6 4"
            />
            <Label x={x(design) + 6} y={34} anchor="start" size={12.5}>
              {t('web.design-f-kw-missing', { design, auxKw: auxKw.toFixed(1) })}
            </Label>
            <rect
              x={x(balanceF) - 6}
              y={y(capacityAt(lines, balanceF)) - 6}
              width={12}
              height={12}
              fill="var(--paper)"
              stroke="var(--pine)"
              strokeWidth={3}
            />
            <Label
              x={x(balanceF) - 4}
              y={y(capacityAt(lines, balanceF)) + 46}
              anchor="end"
              bold
              size={17}
              tone="var(--pine)"
            >
              {t('web.f-balance', { balanceF: balanceF.toFixed(0) })}
            </Label>
            <Label x={x(balanceF) - 4} y={y(capacityAt(lines, balanceF)) + 64} anchor="end" size={12.5}>
              {t('web.strips-off-above-f', { auxLockoutF })}
            </Label>
            <Label
              x={x(highF - 4)}
              y={y(capacityAt(lines, highF - 4)) - 10}
              anchor="end"
              size={13}
              tone="var(--copper)"
              bold
            >
              {t('web.pump-gives')}
            </Label>
            <Label x={x(highF - 12)} y={y(lossAt(lines, highF - 12)) + 22} anchor="end" size={13} bold>
              {t('web.house-loses')}
            </Label>
            {lowF < 15 ? (
              <Label x={x(lowF) + 6} y={height - 54} anchor="start" size={12} tone="var(--ink2)">
                {t('web.below-17-f-not-proven')}
              </Label>
            ) : null}
          </g>
        );
      }}
    </Paper>
  );
}
