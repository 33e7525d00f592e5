import type { VerdictOf } from '@/core/finding/order';
import type { Placement } from '@/core/fit/outdoor/placement';
import { Label } from '@/web/bench/sheet/Dim';
import { Handle } from '@/web/bench/sheet/Handle';
import { Paper } from '@/web/bench/sheet/Paper';
import { Shapes } from '@/web/bench/sheet/Shapes';
import { toScale } from '@/web/bench/sheet/scale';
import { t } from '@/web/words/tell';
import { placementShapes } from './placement-shapes';

type Obstacle = Placement['obstacles'][number];
type Props = {
  record: Placement;
  verdict: VerdictOf;
  onMove: (x: number, y: number) => void;
  onObstacle: (index: number, to: Pick<Obstacle, 'x0' | 'y0' | 'x1' | 'y1'>) => void;
};

/** Plan of the place: house below, unit where it will stand, what each side has and needs. Drag the unit. */
export function PlacementDrawing(props: Props) {
  return (
    <Paper id="placement" label={t('web.plan-of-outdoor-place')} height={(w) => Math.max(320, Math.min(430, w * 0.62))}>
      {(width, height) => <Plan {...props} width={width} height={height} />}
    </Paper>
  );
}

const PAD = { left: 16, right: 16, top: 22, bottom: 22 };
/** As wide as a finger, px. */
const GRIP_PX = 28;

function Plan({ record: p, verdict, onMove, onObstacle, width, height }: Props & { width: number; height: number }) {
  const { frame, behind, obstacles, gates, needed, unit, gaps } = placementShapes(p, verdict);
  const s = toScale(frame, width, height, PAD);
  return (
    <g>
      <Shapes of={behind} s={s} paper="placement" />
      {p.obstacles.map((o, i) => {
        const drawn = <Shapes of={obstacles[i]!} s={s} paper="placement" />;
        // The house stays where it is.
        if (o.id === 'house') return <g key={o.id}>{drawn}</g>;
        return (
          <Handle
            key={o.id}
            name={`obstacle-${o.id}`}
            from={o}
            perInch={s.perInch}
            onDrag={(by, from) =>
              onObstacle(i, { x0: from.x0 + by.x, x1: from.x1 + by.x, y0: from.y0 + by.y, y1: from.y1 + by.y })
            }
          >
            <path
              d={`M${s.x(o.x0)} ${s.y(o.y0)}L${s.x(o.x1)} ${s.y(o.y1)}`}
              stroke="transparent"
              strokeWidth={GRIP_PX}
            />
            {drawn}
          </Handle>
        );
      })}
      <Shapes of={[...gates, ...needed]} s={s} paper="placement" />
      <Handle
        name="placement-unit"
        from={{ x: p.xIn, y: p.yIn }}
        perInch={s.perInch}
        onDrag={(by, from) => onMove(from.x + by.x, from.y + by.y)}
      >
        <Shapes of={unit} s={s} paper="placement" />
      </Handle>
      <Shapes of={gaps} s={s} paper="placement" />
      <Label x={width - 6} y={16} anchor="end" size={12.5} tone="var(--ink2)">
        {t('web.plan-to-scale-drag-unit-or')}
      </Label>
    </g>
  );
}
