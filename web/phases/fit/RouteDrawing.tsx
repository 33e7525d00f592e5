import type { Verdict } from '@/core/finding/finding';
import type { VerdictOf } from '@/core/finding/order';
import { fitsOf, type Route, type StageFit } from '@/core/fit/access/route';
import { inText, Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { Shapes } from '@/web/bench/sheet/Shapes';
import { toScale } from '@/web/bench/sheet/scale';
import { closed, line } from '@/web/bench/sheet/shapes';
import { verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { stageShape } from './route-layout';

/** The way in as a line of narrow places, each in section and to one scale; the tightest stands out. */
export function RouteDrawing({ record, verdict }: { record: Route; verdict: VerdictOf }) {
  const fits = fitsOf(record);
  if (fits.length === 0) return <p className="py-6 text-ink2">{t('web.no-stage-measured-yet-add-first')}</p>;
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
              {f.spareIn < -100 ? t('web.no-way') : `${f.spareIn < 0 ? '−' : '+'}${inText(Math.abs(f.spareIn))}`}
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
            {f === tightest ? t('web.tightest') : ''}
          </p>
        </li>
      ))}
    </ol>
  );
}

const PAD = { left: 40, right: 12, top: 14, bottom: 36 };
const WALL_PX: Record<StageFit['stage']['kind'], number> = { opening: 5, corner: 5, hatch: 4 };

type StageProps = { fit: StageFit; verdict: Verdict; route: Route; width: number; height: number };

function Stage({ fit, verdict, route, width, height }: StageProps) {
  const shape = stageShape(fit, route);
  const s = toScale(shape.frame, width, height, PAD);
  const { kind, id } = fit.stage;
  const shapes = [
    ...shape.walls.map((w) => line({ line: 'ink', width: WALL_PX[kind] }, ...w)),
    ...(shape.roof ? [line({ line: 'ink', width: 5, dash: '14 3' }, ...shape.roof)] : []),
    closed({ line: { of: verdict }, width: 2, fill: { hatchOf: verdict } }, ...shape.piece),
    ...shape.measures,
  ];
  return (
    <g>
      <Shapes of={shapes} s={s} paper={`route-${id}`} />
      {fit.tiltDeg ? (
        <Label x={width - 6} y={height - 6} anchor="end" size={12.5} bold>
          {t('web.tilt-to', { from: fit.tiltDeg.from.toFixed(0), to: fit.tiltDeg.to.toFixed(0) })}
        </Label>
      ) : null}
    </g>
  );
}
