import type { VerdictOf } from '@/core/finding/order';
import { closingWords } from '@/core/fit/stack/judge-stack';
import { type Stack, stackEnds } from '@/core/fit/stack/stack';
import { Label } from '@/web/bench/sheet/Dim';
import { Handle } from '@/web/bench/sheet/Handle';
import { Paper } from '@/web/bench/sheet/Paper';
import { Shapes } from '@/web/bench/sheet/Shapes';
import { toScale } from '@/web/bench/sheet/scale';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { stackShapes } from './stack-shapes';

type Props = { record: Stack; verdict: VerdictOf; onRaise: (raiseIn: number) => void };

/** Elevation: the old equipment beside the new one, between the plenum and the return that stay. Drag the new one up. */
export function StackDrawing({ record, verdict, onRaise }: Props) {
  return (
    <Paper
      id="stack"
      label={say(tell('web.old-and-new-equipment-between-plenum'))}
      height={(w) => Math.max(400, Math.min(470, w * 0.64))}
    >
      {(width, height) => <Elevation {...{ record, verdict, onRaise, width, height }} />}
    </Paper>
  );
}

const PAD = { left: 4, right: 4, top: 26, bottom: 38 };
const BETWEEN_PX = 8;

function Elevation({ record, verdict, onRaise, width, height }: Props & { width: number; height: number }) {
  const half = (width - BETWEEN_PX) / 2;
  const { frame, house, old, unit, closing } = stackShapes(record, verdict);
  const s = toScale(frame, half, height, PAD);
  const right = half + BETWEEN_PX;
  return (
    <g>
      <Label x={half / 2} y={16} bold>
        {say(tell('web.old'))}
      </Label>
      <Label x={right + half / 2} y={16} bold>
        {say(tell('web.new'))}
      </Label>
      <Shapes of={[...house, ...old]} s={s} paper="stack" />
      <g transform={`translate(${right} 0)`}>
        <Shapes of={house} s={s} paper="stack" />
        <Handle
          name="stack-new"
          from={record.raiseIn}
          perInch={s.perInch}
          upright
          onDrag={(by, from) => onRaise(Math.max(0, from + by.y))}
        >
          <Shapes of={unit} s={s} paper="stack" />
        </Handle>
        <Shapes of={closing} s={s} paper="stack" />
        {stackEnds(record).map((end, i) => (
          <Label
            key={end.end}
            x={half / 2}
            y={height - 18 + i * 15}
            size={12.5}
            tone={verdict(`stack-${end.end}`) === 'look-again' ? 'var(--ochre)' : 'var(--ink2)'}
          >
            {say(tell(i === 0 ? 'web.closed-above-by' : 'web.closed-below-by', { how: closingWords(end) }))}
          </Label>
        ))}
      </g>
    </g>
  );
}
