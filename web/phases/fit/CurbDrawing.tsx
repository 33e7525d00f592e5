import type { VerdictOf } from '@/core/finding/order';
import type { Curb } from '@/core/fit/curb/judge-curb';
import { value } from '@/core/words/said';
import { Label } from '@/web/bench/sheet/Dim';
import { Handle } from '@/web/bench/sheet/Handle';
import { Paper } from '@/web/bench/sheet/Paper';
import { Shapes } from '@/web/bench/sheet/Shapes';
import { toScale } from '@/web/bench/sheet/scale';
import { t } from '@/web/words/tell';
import { adapterShapes, curbShapes } from './curb-shapes';

type Props = { record: Curb; verdict: VerdictOf; onMove: (by: { x: number; y: number }, from: Curb) => void };

/** The new unit's openings laid over the curb's, seen from above, and the adapter's steepest side beside it. Drag the unit. */
export function CurbDrawing(props: Props) {
  return (
    <Paper
      id="curb"
      label={t('web.unit-openings-over-curb-openings')}
      height={(w) => (w < NARROW_PX ? 470 : Math.max(360, Math.min(430, w * 0.56)))}
    >
      {(width, height) => <Plan {...props} width={width} height={height} />}
    </Paper>
  );
}

/** Below this the adapter stands under the plan, not beside it, px. */
const NARROW_PX = 560;
const PAD = { left: 60, right: 14, top: 40, bottom: 20 };

function Plan({ record: c, verdict, onMove, width, height }: Props & { width: number; height: number }) {
  const narrow = width < NARROW_PX;
  const planW = narrow ? width : width - 190;
  const planH = narrow ? height - 150 : height;
  const { frame, curb, unit, figures } = curbShapes(c, verdict);
  const s = toScale(frame, planW, planH, PAD);
  return (
    <g>
      <Shapes of={curb} s={s} paper="curb" />
      <Handle name="curb-unit" from={c} perInch={s.perInch} onDrag={onMove}>
        <Shapes of={unit} s={s} paper="curb" />
      </Handle>
      <Shapes of={figures} s={s} paper="curb" />
      <Label x={14} y={16} anchor="start" size={12.5} tone="var(--copper)">
        {t('web.unit-copper-over-curb-ink-from')}
      </Label>
      <g transform={narrow ? `translate(14 ${planH + 10})` : `translate(${planW + 12} 60)`}>
        <Adapter c={c} verdict={verdict} width={narrow ? width - 28 : 168} height={narrow ? 124 : 230} />
      </g>
    </g>
  );
}

/** The steepest side of the adapter, in section. */
function Adapter({ c, verdict, width, height }: { c: Curb; verdict: VerdictOf; width: number; height: number }) {
  const adapter = adapterShapes(c, verdict);
  if (!adapter) return null;
  const s = toScale(adapter.frame, width, height, { left: 42, right: 20, top: 34, bottom: 32 });
  return (
    <g>
      <Label x={0} y={12} anchor="start" size={12.5} tone="var(--ink2)">
        {t('web.adapter', { name: value(adapter.name) })}
      </Label>
      <Shapes of={adapter.shapes} s={s} paper="curb" />
    </g>
  );
}
