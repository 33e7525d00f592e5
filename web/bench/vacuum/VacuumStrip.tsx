import { scaleLog } from 'd3-scale';
import type { Verdict } from '@/core/finding/finding';
import { q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { linePath } from '../strip/line-path';
import { Level, Measured, Now, Word } from '../strip/parts';
import { type Field, Strip } from '../strip/Strip';
import { type StripPoint, splitAtGaps, thinStrip } from '../strip/span';
import { YGrid } from '../strip/YGrid';
import { verdictColour } from '../verdict-colour';
import { DECADES, STRIP_HIGH, STRIP_LOW, stripSpan } from './strip-layout';

export type StripMark = { minute: number; word: string };
export type StripTest = { fromMin: number; toMin: number; fit: StripPoint[]; verdict: Verdict; word: string };

type Props = {
  points: readonly StripPoint[];
  gapsMin: readonly number[];
  targetMicrons: number;
  limitMicrons: number;
  /** Boiling pressure of water in the coldest pipe. */
  waterMicrons: number | undefined;
  waterF: number | undefined;
  /** The predicted fall from now, as minutes and microns. */
  predicted: readonly StripPoint[];
  aheadMin: number | undefined;
  tests: readonly StripTest[];
  marks: readonly StripMark[];
  height: number;
};

const M = { left: 58, right: 16, top: 18, bottom: 34 };
/** Under this width the water's word is short, px. */
const NARROW_PX = 560;
const micronText = (v: number): string => say(q(v, 'number', 0));

/** The vacuum as it falls, stands and is judged: one strip, log axis, every threshold where it lies. */
export function VacuumStrip(props: Props) {
  const { points, aheadMin, height } = props;
  return (
    <Strip
      testId="vacuum-strip"
      label={t('web.vacuum-over-time')}
      span={stripSpan(points, aheadMin)}
      margins={M}
      height={height}
      unit={t('web.m')}
      tick={(m) => t('web.min', { m })}
    >
      {(field) => <Drawn {...props} field={field} />}
    </Strip>
  );
}

function Drawn({
  field,
  points,
  gapsMin,
  targetMicrons,
  limitMicrons,
  predicted,
  tests,
  marks,
  ...water
}: Props & { field: Field }) {
  const { x, left, right, top, foot } = field;
  const y = scaleLog([STRIP_LOW, STRIP_HIGH], [foot, top]).clamp(true);
  const path = (line: readonly StripPoint[]): string => linePath(line, x, (v) => y(Math.max(STRIP_LOW, v)));
  const last = points.at(-1);
  return (
    <>
      {/* Where a standing vacuum passes. */}
      <rect
        x={left}
        y={y(limitMicrons)}
        width={right - left}
        height={foot - y(limitMicrons)}
        fill="var(--pine)"
        opacity={0.1}
      />
      <YGrid ticks={DECADES} y={y} left={left} right={right} text={micronText} />
      <Water {...water} field={field} y={y} />
      {tests.map((t) => (
        <Test key={t.fromMin} test={t} field={field} />
      ))}
      {marks.map((m) => (
        <g key={`${m.minute}-${m.word}`}>
          <path d={`M${x(m.minute)} ${foot}v-16`} stroke="var(--copper)" strokeWidth={2} />
          <Word x={Math.max(x(m.minute), left + 20)} y={foot - 20} anchor="middle" size={12} tone="var(--copper)">
            {m.word}
          </Word>
        </g>
      ))}
      {splitAtGaps(thinStrip(points), gapsMin).map((line) => (
        <Measured key={line[0]![0]} d={path(line)} />
      ))}
      {predicted.length > 1 ? (
        <path d={path(predicted)} fill="none" stroke="var(--copper)" strokeWidth={2} strokeDasharray="6 5" />
      ) : null}
      {tests.map((t) => (
        <path
          key={`fit-${t.fromMin}`}
          d={path(t.fit)}
          fill="none"
          stroke={verdictColour(t.verdict)}
          strokeWidth={2}
          strokeDasharray="3 3"
        />
      ))}
      <Level
        field={field}
        y={y(limitMicrons)}
        tone="var(--pine)"
        word={t('web.stands-under', { limitMicrons: q(limitMicrons, 'microns') })}
        at="left-over"
      />
      <Level
        field={field}
        y={y(targetMicrons)}
        tone="var(--copper)"
        word={t('web.pull-to', { targetMicrons: q(targetMicrons, 'microns') })}
        at="left-under"
      />
      <Now x={x} y={(v) => y(Math.max(STRIP_LOW, v))} at={last} />
    </>
  );
}

/** Where water boils in the coldest pipe: above it there is liquid water for sure. */
function Water({
  waterMicrons,
  waterF,
  field,
  y,
}: Pick<Props, 'waterMicrons' | 'waterF'> & { field: Field; y: (v: number) => number }) {
  if (waterMicrons === undefined || waterMicrons >= STRIP_HIGH) return null;
  const at = { waterF: waterF?.toFixed(0) };
  const word =
    field.width < NARROW_PX
      ? tell('web.water-boils-f', at)
      : tell('web.water-boils-here-at-f-m', { ...at, waterMicrons: micronText(waterMicrons) });
  return (
    <g>
      <path
        d={`M${field.left} ${y(waterMicrons)}H${field.right}`}
        stroke="var(--ink2)"
        strokeWidth={1.2}
        strokeDasharray="1.5 4"
      />
      <text x={field.right - 2} y={y(waterMicrons) - 5} textAnchor="end" fontSize={12.5} fill="var(--ink2)">
        {say(word)}
      </text>
    </g>
  );
}

/** A standing test: from when to when, and what its shape says. */
function Test({ test, field: { x, top, foot } }: { test: StripTest; field: Field }) {
  const tone = verdictColour(test.verdict);
  const from = x(test.fromMin);
  return (
    <g>
      <rect x={from} y={top} width={Math.max(2, x(test.toMin) - from)} height={foot - top} fill={tone} opacity={0.07} />
      <path d={`M${from} ${top}V${foot}`} stroke={tone} strokeWidth={1.4} strokeDasharray="5 3" />
      <Word x={from + 5} y={top + 15} size={13.5} weight={650} tone={tone}>
        {test.word}
      </Word>
    </g>
  );
}
