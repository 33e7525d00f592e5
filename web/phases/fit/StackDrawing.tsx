import type { VerdictOf } from '@/core/finding/order';
import { closingWords } from '@/core/fit/stack/judge-stack';
import { type Stack, stackEnds } from '@/core/fit/stack/stack';
import { Label } from '@/web/bench/sheet/Dim';
import { Handle } from '@/web/bench/sheet/Handle';
import { Paper } from '@/web/bench/sheet/Paper';
import { Shapes } from '@/web/bench/sheet/Shapes';
import { toScale } from '@/web/bench/sheet/scale';
import type { Shape } from '@/web/bench/sheet/shapes';
import { t } from '@/web/words/tell';
import { frameLaid, layDown, lies } from './lay-down';
import { stackShapes } from './stack-shapes';

type Props = { record: Stack; verdict: VerdictOf; onRaise: (raiseIn: number) => void };

/** Elevation: the old equipment beside the new one, between the plenum and the return that stay. Drag the new one up. */
export function StackDrawing({ record, verdict, onRaise }: Props) {
  return (
    <Paper
      id="stack"
      label={t('web.old-and-new-equipment-between-plenum')}
      height={(w) => Math.max(400, Math.min(470, w * 0.64))}
    >
      {(width, height) => <Elevation {...{ record, verdict, onRaise, width, height }} />}
    </Paper>
  );
}

const PAD = { left: 4, right: 4, top: 26, bottom: 38 };
/** Lying, the figures stand under it. */
const LYING_PAD = { left: 4, right: 4, top: 26, bottom: 58 };
const BETWEEN_PX = 8;

function Elevation({ record, verdict, onRaise, width, height }: Props & { width: number; height: number }) {
  const lying = lies(record);
  const upright = stackShapes(record, verdict);
  const turned = (shapes: readonly Shape[]): readonly Shape[] => (lying ? layDown(record.flow, shapes) : shapes);
  const [house, old, unit, closing] = [upright.house, upright.old, upright.unit, upright.closing].map(turned);
  // Standing they are drawn side by side, lying one above the other.
  const half = lying ? width : (width - BETWEEN_PX) / 2;
  const tall = lying ? (height - BETWEEN_PX) / 2 : height;
  const s = toScale(lying ? frameLaid(record.flow, upright.frame) : upright.frame, half, tall, lying ? LYING_PAD : PAD);
  const aside = lying ? `translate(0 ${tall + BETWEEN_PX})` : `translate(${half + BETWEEN_PX} 0)`;
  return (
    <g>
      {lying ? (
        <Label x={6} y={tall + BETWEEN_PX / 2} anchor="start" size={12} tone="var(--ink2)">
          {t('web.measured-along-the-duct')}
        </Label>
      ) : null}
      <Label x={half / 2} y={16} bold>
        {t('web.old')}
      </Label>
      <Shapes of={[...house!, ...old!]} s={s} paper="stack" />
      <g transform={aside}>
        <Label x={half / 2} y={16} bold>
          {t('web.new')}
        </Label>
        <Shapes of={house!} s={s} paper="stack" />
        <Handle
          name="stack-new"
          from={record.raiseIn}
          perInch={s.perInch}
          upright={!lying}
          onDrag={(by, from) => onRaise(Math.max(0, from + (lying ? (record.flow === 'left' ? -by.x : by.x) : by.y)))}
        >
          <Shapes of={unit!} s={s} paper="stack" />
        </Handle>
        <Shapes of={closing!} s={s} paper="stack" />
        {stackEnds(record).map((end, i) => (
          <Label
            key={end.end}
            x={half / 2}
            y={tall - 18 + i * 15}
            size={12.5}
            tone={verdict(`stack-${end.end}`) === 'look-again' ? 'var(--ochre)' : 'var(--ink2)'}
          >
            {t(
              lying
                ? i === 0
                  ? 'web.closed-at-supply-by'
                  : 'web.closed-at-return-by'
                : i === 0
                  ? 'web.closed-above-by'
                  : 'web.closed-below-by',
              { how: closingWords(end) },
            )}
          </Label>
        ))}
      </g>
    </g>
  );
}
