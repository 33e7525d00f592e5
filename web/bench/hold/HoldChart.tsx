import { scaleLinear } from 'd3-scale';
import type { Verdict } from '@/core/finding/finding';
import { q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { linePath } from '../strip/line-path';
import { Measured, Now, Word } from '../strip/parts';
import { type Field, Strip } from '../strip/Strip';
import type { StripPoint } from '../strip/span';
import { YGrid } from '../strip/YGrid';
import { verdictColour } from '../verdict-colour';
import { type HoldPoint, pressureRange } from './hold-layout';

type Props = {
  points: readonly HoldPoint[];
  target: number | undefined;
  /** Minute at which the hold must end, when one runs. */
  untilMin: number | undefined;
  verdict: Verdict;
  height: number;
};
const M = { left: 58, right: 16, top: 18, bottom: 66 };
const TEMPERATURE_PX = 34;
/** Room for the words beside the newest point, px. */
const WORDS_PX = 150;

/** A pressure hold: what is measured, what the temperature explains and its band; the pipe's temperature along the foot. */
export function HoldChart(props: Props) {
  const { points, untilMin, height } = props;
  const held = points.filter((p) => p.expectedPsig !== undefined);
  const shown = held.length > 1 ? held : points;
  const from = shown[0]?.minute ?? 0;
  const span = { fromMin: from, toMin: Math.max(shown.at(-1)?.minute ?? 0, untilMin ?? from + 10, from + 5) };
  return (
    <Strip
      testId="hold-chart"
      label={t('web.pressure-hold')}
      span={span}
      margins={M}
      height={height}
      unit={t('web.psig-2')}
      tick={(m) => t('web.min', { m })}
    >
      {(field) => (shown.length > 1 ? <Drawn {...props} shown={shown} held={held} field={field} /> : null)}
    </Strip>
  );
}

type DrawnProps = Props & { shown: readonly HoldPoint[]; held: readonly HoldPoint[]; field: Field };

function Drawn({ target, untilMin, verdict, shown, held, field }: DrawnProps) {
  const { x, left, right, top, foot } = field;
  const y = scaleLinear(pressureRange(shown, target), [foot, top]);
  const of = (points: readonly HoldPoint[], value: (p: HoldPoint) => number): StripPoint[] =>
    points.map((p) => [p.minute, value(p)]);
  const tone = verdictColour(verdict);
  const over = of(held, (p) => p.expectedPsig! + p.uncertaintyPsi!);
  const under = of(held, (p) => p.expectedPsig! - p.uncertaintyPsi!).reverse();
  const last = shown.at(-1)!;
  const expected = held.at(-1);
  return (
    <>
      <YGrid ticks={y.ticks(6).filter((v) => y(v) < foot - 8)} y={y} left={left} right={right} />
      {held.length > 1 ? (
        <>
          <path d={`${linePath([...over, ...under], x, y)}Z`} fill={tone} opacity={0.16} />
          <path
            d={linePath(
              of(held, (p) => p.expectedPsig!),
              x,
              y,
            )}
            fill="none"
            stroke={tone}
            strokeWidth={1.8}
            strokeDasharray="6 4"
          />
        </>
      ) : null}
      {untilMin !== undefined ? (
        <g>
          <path d={`M${x(untilMin)} ${top}V${foot}`} stroke="var(--copper)" strokeWidth={1.6} strokeDasharray="4 3" />
          <Word x={x(untilMin) - 5} y={foot - 8} anchor="end" tone="var(--copper)">
            {t('web.hold-until-here')}
          </Word>
        </g>
      ) : null}
      <Measured
        d={linePath(
          of(shown, (p) => p.psig),
          x,
          y,
        )}
      />
      <Now x={x} y={y} at={[last.minute, last.psig]} />
      {expected ? (
        <Word
          x={Math.min(x(expected.minute) + 10, right - WORDS_PX)}
          y={y(expected.expectedPsig!) + (expected.psig > expected.expectedPsig! ? 22 : -12)}
          size={13}
          weight={620}
          tone={tone}
        >
          {t('web.expected', {
            expectedPsig: expected.expectedPsig!.toFixed(1),
            uncertaintyPsi: expected.uncertaintyPsi!.toFixed(1),
          })}
        </Word>
      ) : null}
      <Temperature shown={shown} field={field} />
    </>
  );
}

/** The pipe's temperature along the foot: it explains most of what the pressure does. */
function Temperature({ shown, field: { x, left, foot } }: { shown: readonly HoldPoint[]; field: Field }) {
  const all = shown.map((p) => p.pipeF);
  const low = Math.min(...all);
  const y = scaleLinear([low, Math.max(...all, low + 2)], [foot + 8 + TEMPERATURE_PX, foot + 8]);
  const line: StripPoint[] = shown.map((p) => [p.minute, p.pipeF]);
  return (
    <>
      <path d={linePath(line, x, y)} fill="none" stroke="var(--copper)" strokeWidth={1.8} />
      <text x={left - 6} y={y(all[0]!) + 4} textAnchor="end" fontSize={12.5} fill="var(--copper)">
        {say(q(all[0], 'F', 0))}
      </text>
    </>
  );
}
