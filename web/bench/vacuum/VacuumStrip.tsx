import { scaleLinear, scaleLog } from 'd3-scale';
import type { Verdict } from '@/core/finding/finding';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { useSize } from '../use-size';
import { verdictColour } from '../verdict-colour';
import { YGrid } from '../YGrid';
import {
  DECADES,
  minuteTicks,
  STRIP_HIGH,
  STRIP_LOW,
  type StripPoint,
  splitAtGaps,
  stripSpan,
  thinStrip,
} from './strip-layout';

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

const M = { left: 58, right: 16, top: 14, bottom: 34 };
const micronText = (v: number): string => v.toLocaleString('en-US');

/** The vacuum as it falls, stands and is judged: one strip, log axis, every threshold where it lies. */
export function VacuumStrip(props: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  return (
    <div ref={ref} className="w-full" data-testid="vacuum-strip">
      {width > 0 ? <Strip {...props} width={width} /> : null}
    </div>
  );
}

function Strip({
  width,
  height,
  points,
  gapsMin,
  targetMicrons,
  limitMicrons,
  waterMicrons,
  waterF,
  predicted,
  aheadMin,
  tests,
  marks,
}: Props & { width: number }) {
  const span = stripSpan(points, aheadMin);
  const x = scaleLinear([span.fromMin, span.toMin], [M.left, width - M.right]);
  const y = scaleLog([STRIP_LOW, STRIP_HIGH], [height - M.bottom, M.top]).clamp(true);
  const path = (line: readonly StripPoint[]): string =>
    line.map(([t, v], i) => `${i ? 'L' : 'M'}${x(t).toFixed(1)} ${y(Math.max(STRIP_LOW, v)).toFixed(1)}`).join('');
  const last = points.at(-1);
  const narrow = width < 560;
  return (
    <svg width={width} height={height} role="img" aria-label={say(tell('web.vacuum-over-time'))} className="block">
      {/* Where a standing vacuum passes. */}
      <rect
        x={M.left}
        y={y(limitMicrons)}
        width={width - M.left - M.right}
        height={y(STRIP_LOW) - y(limitMicrons)}
        fill="var(--pine)"
        opacity={0.1}
      />
      <YGrid ticks={DECADES} y={y} left={M.left} right={width - M.right} text={micronText} />
      <text x={4} y={M.top + 4} fontSize={12} fill="var(--ink2)">
        {say(tell('web.m'))}
      </text>
      {minuteTicks(span, width - M.left - M.right).map((m) => (
        <g key={m}>
          <path d={`M${x(m)} ${height - M.bottom}v6`} stroke="var(--ink)" strokeWidth={1.2} />
          <text x={x(m)} y={height - M.bottom + 20} textAnchor="middle" fontSize={13} fill="var(--ink2)">
            {m}
          </text>
        </g>
      ))}
      <text x={width - M.right} y={height - 2} textAnchor="end" fontSize={12} fill="var(--ink2)">
        {say(tell('web.minutes'))}
      </text>
      <path
        d={`M${M.left} ${M.top}V${height - M.bottom}H${width - M.right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
      {waterMicrons !== undefined && waterMicrons < STRIP_HIGH ? (
        <g>
          <path
            d={`M${M.left} ${y(waterMicrons)}H${width - M.right}`}
            stroke="var(--ink2)"
            strokeWidth={1.2}
            strokeDasharray="1.5 4"
          />
          <text x={width - M.right - 2} y={y(waterMicrons) - 5} textAnchor="end" fontSize={12.5} fill="var(--ink2)">
            {narrow
              ? say(tell('web.water-boils-f', { waterF: waterF?.toFixed(0) }))
              : say(
                  tell('web.water-boils-here-at-f-m', {
                    waterF: waterF?.toFixed(0),
                    waterMicrons: micronText(Math.round(waterMicrons)),
                  }),
                )}
          </text>
        </g>
      ) : null}
      {tests.map((t) => (
        <g key={t.fromMin}>
          <rect
            x={x(t.fromMin)}
            y={M.top}
            width={Math.max(2, x(t.toMin) - x(t.fromMin))}
            height={height - M.bottom - M.top}
            fill={verdictColour(t.verdict)}
            opacity={0.07}
          />
          <path
            d={`M${x(t.fromMin)} ${M.top}V${height - M.bottom}`}
            stroke={verdictColour(t.verdict)}
            strokeWidth={1.4}
            strokeDasharray="5 3"
          />
          <text
            x={x(t.fromMin) + 5}
            y={M.top + 15}
            fontSize={13.5}
            fontWeight={650}
            fill={verdictColour(t.verdict)}
            stroke="var(--paper)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {t.word}
          </text>
        </g>
      ))}
      {marks.map((m) => (
        <g key={`${m.minute}-${m.word}`}>
          <path d={`M${x(m.minute)} ${height - M.bottom}v-16`} stroke="var(--copper)" strokeWidth={2} />
          <text
            x={x(m.minute)}
            y={height - M.bottom - 20}
            textAnchor="middle"
            fontSize={12}
            fill="var(--copper)"
            stroke="var(--paper)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {m.word}
          </text>
        </g>
      ))}
      {splitAtGaps(thinStrip(points), gapsMin).map((line) => (
        <path
          key={line[0]![0]}
          d={path(line)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={2.4}
          strokeLinejoin="round"
        />
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
      <Threshold
        y={y(limitMicrons)}
        width={width}
        word={say(tell('web.stands-under', { limitMicrons: micronText(limitMicrons) }))}
        above
      />
      <Threshold
        y={y(targetMicrons)}
        width={width}
        word={say(tell('web.pull-to', { targetMicrons: micronText(targetMicrons) }))}
        copper
      />
      {last ? (
        <circle
          cx={x(last[0])}
          cy={y(Math.max(STRIP_LOW, last[1]))}
          r={5}
          fill="var(--paper)"
          stroke="var(--ink)"
          strokeWidth={2.4}
        />
      ) : null}
    </svg>
  );
}

function Threshold({
  y,
  width,
  word,
  copper = false,
  above = false,
}: {
  y: number;
  width: number;
  word: string;
  copper?: boolean;
  above?: boolean;
}) {
  const tone = copper ? 'var(--copper)' : 'var(--pine)';
  return (
    <g>
      <path d={`M${M.left} ${y}H${width - M.right}`} stroke={tone} strokeWidth={1.6} />
      <text
        x={M.left + 6}
        y={above ? y - 5 : y + 15}
        fontSize={12.5}
        fontWeight={600}
        fill={tone}
        stroke="var(--paper)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {say(tell('web.m-2', { word }))}
      </text>
    </g>
  );
}
