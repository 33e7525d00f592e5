import type { Verdict } from '@/core/finding/finding';
import type { Stack } from '@/core/fit/stack/stack';
import { SET_ASKS, type SetCheckId } from '@/core/phases/set/asks';
import type { SetRow } from '@/core/phases/set/view';
import { Paper } from '@/web/bench/sheet/Paper';
import { Shapes } from '@/web/bench/sheet/Shapes';
import { toScale } from '@/web/bench/sheet/scale';
import { line } from '@/web/bench/sheet/shapes';
import { verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { frameLaid, layDown, lies } from '../fit/lay-down';
import { stackShapes } from '../fit/stack-shapes';
import { jointLines } from './joint-lines';

type Props = { stack: Stack; rows: readonly SetRow[]; onTap: (id: SetCheckId) => void };

const PAD = { left: 8, right: 8, top: 14, bottom: 14 };
/** Side of the square at the end of a joint, px: a gloved finger finds it. */
const TICK_PX = 26;

/** The new equipment between what stays: every joint is a line that is tapped once it is closed. */
export function JointDrawing({ stack, rows, onTap }: Props) {
  return (
    <Paper id="joints" label={t('web.joints-of-the-stack')} height={(w) => Math.max(260, Math.min(340, w * 0.5))}>
      {(width, height) => <Joints {...{ stack, rows, onTap, width, height }} />}
    </Paper>
  );
}

function Joints({ stack, rows, onTap, width, height }: Props & { width: number; height: number }) {
  const lying = lies(stack);
  const upright = stackShapes(stack, () => 'good');
  const s = toScale(lying ? frameLaid(stack.flow, upright.frame) : upright.frame, width, height, PAD);
  const turned = (shapes: Parameters<typeof layDown>[1]) => (lying ? layDown(stack.flow, shapes) : shapes);
  const verdictOf = (id: SetCheckId): Verdict | undefined => rows.find((r) => r.check.id === id)?.finding.verdict;
  return (
    <g>
      <Shapes of={turned([...upright.house, ...upright.unit])} s={s} paper="joints" />
      {jointLines(stack).map(({ id, from, to }) => {
        const verdict = verdictOf(id);
        if (!verdict) return null;
        const [drawn] = turned([line({ line: { of: verdict }, width: 4 }, from, to)]);
        const [x, y] = drawn!.is === 'line' ? drawn!.points[1]! : to;
        return (
          <a
            key={id}
            href={`#set-check-${id}`}
            aria-label={say(SET_ASKS[id].ask)}
            onClick={(e) => {
              e.preventDefault();
              onTap(id);
            }}
          >
            <Shapes of={[drawn!]} s={s} paper="joints" />
            <rect
              x={s.x(x) - TICK_PX / 2}
              y={s.y(y) - TICK_PX / 2}
              width={TICK_PX}
              height={TICK_PX}
              fill={verdict === 'good' ? verdictColour(verdict) : 'var(--sheet)'}
              stroke={verdictColour(verdict)}
              strokeWidth={2.5}
              strokeDasharray={verdict === 'not-proven' ? '5 4' : undefined}
            />
          </a>
        );
      })}
    </g>
  );
}
