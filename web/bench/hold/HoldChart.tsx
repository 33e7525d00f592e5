import { scaleLinear } from 'd3-scale';
import type { Verdict } from '@/core/finding/finding';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { useSize } from '../use-size';
import { minuteTicks } from '../vacuum/strip-layout';
import { verdictColour } from '../verdict-colour';
import { YGrid } from '../YGrid';
import { type HoldPoint, pressureRange } from './hold-layout';

type Props = {
  points: readonly HoldPoint[];
  target: number | undefined;
  /** Minute at which the hold must end, when one runs. */
  untilMin: number | undefined;
  verdict: Verdict;
  height: number;
};
const M = { left: 58, right: 16, top: 16, bottom: 66 };
const TEMPERATURE_PX = 34;

/** A pressure hold: what is measured, what the temperature explains and its band; the pipe's temperature along the foot. */
export function HoldChart(props: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  return (
    <div ref={ref} className="w-full" data-testid="hold-chart">
      {width > 0 && props.points.length > 1 ? <Chart {...props} width={width} /> : null}
    </div>
  );
}

function Chart({ points, target, untilMin, verdict, height, width }: Props & { width: number }) {
  const held = points.filter((p) => p.expectedPsig !== undefined);
  const shown = held.length > 1 ? held : points;
  const from = shown[0]!.minute;
  const span = { fromMin: from, toMin: Math.max(shown.at(-1)!.minute, untilMin ?? from + 10, from + 5) };
  const [low, high] = pressureRange(shown, target);
  const x = scaleLinear([span.fromMin, span.toMin], [M.left, width - M.right]);
  const y = scaleLinear([low, high], [height - M.bottom, M.top]);
  const line = (of: (p: HoldPoint) => number | undefined): string => {
    const inside = shown.filter((p) => of(p) !== undefined);
    return inside.map((p, i) => `${i ? 'L' : 'M'}${x(p.minute).toFixed(1)} ${y(of(p)!).toFixed(1)}`).join('');
  };
  const band =
    held.length > 1
      ? `${line((p) => p.expectedPsig! + p.uncertaintyPsi!)}${[...held]
          .reverse()
          .map((p) => `L${x(p.minute).toFixed(1)} ${y(p.expectedPsig! - p.uncertaintyPsi!).toFixed(1)}`)
          .join('')}Z`
      : '';
  const temperatures = shown.map((p) => p.pipeF);
  const tLow = Math.min(...temperatures);
  const tHigh = Math.max(...temperatures, tLow + 2);
  const t = scaleLinear([tLow, tHigh], [height - M.bottom + 8 + TEMPERATURE_PX, height - M.bottom + 8]);
  const last = shown.at(-1)!;
  const expected = held.at(-1);
  return (
    <svg width={width} height={height} role="img" aria-label={say(tell('web.pressure-hold'))} className="block">
      <YGrid
        ticks={y.ticks(6).filter((v) => y(v) < height - M.bottom - 8)}
        y={y}
        left={M.left}
        right={width - M.right}
      />
      <text x={4} y={M.top - 3} fontSize={12} fill="var(--ink2)">
        {say(tell('web.psig-2'))}
      </text>
      {band ? <path d={band} fill={verdictColour(verdict)} opacity={0.16} /> : null}
      {band ? (
        <path
          d={line((p) => p.expectedPsig)}
          fill="none"
          stroke={verdictColour(verdict)}
          strokeWidth={1.8}
          strokeDasharray="6 4"
        />
      ) : null}
      {untilMin !== undefined ? (
        <g>
          <path
            d={`M${x(untilMin)} ${M.top}V${height - M.bottom}`}
            stroke="var(--copper)"
            strokeWidth={1.6}
            strokeDasharray="4 3"
          />
          <text x={x(untilMin) - 5} y={height - M.bottom - 8} textAnchor="end" fontSize={12.5} fill="var(--copper)">
            {say(tell('web.hold-until-here'))}
          </text>
        </g>
      ) : null}
      <path d={line((p) => p.psig)} fill="none" stroke="var(--ink)" strokeWidth={2.4} strokeLinejoin="round" />
      <circle cx={x(last.minute)} cy={y(last.psig)} r={5} fill="var(--paper)" stroke="var(--ink)" strokeWidth={2.4} />
      {expected ? (
        <text
          x={Math.min(x(expected.minute) + 10, width - M.right - 150)}
          y={y(expected.expectedPsig!) + (expected.psig > expected.expectedPsig! ? 22 : -12)}
          fontSize={13}
          fontWeight={620}
          fill={verdictColour(verdict)}
          stroke="var(--paper)"
          strokeWidth={4}
          paintOrder="stroke"
        >
          {say(
            tell('web.expected', {
              expectedPsig: expected.expectedPsig!.toFixed(1),
              uncertaintyPsi: expected.uncertaintyPsi!.toFixed(1),
            }),
          )}
        </text>
      ) : null}
      <path
        d={`M${M.left} ${M.top}V${height - M.bottom}H${width - M.right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.4}
      />
      <path
        d={shown.map((p, i) => `${i ? 'L' : 'M'}${x(p.minute).toFixed(1)} ${t(p.pipeF).toFixed(1)}`).join('')}
        fill="none"
        stroke="var(--copper)"
        strokeWidth={1.8}
      />
      <text x={M.left - 6} y={t(shown[0]!.pipeF) + 4} textAnchor="end" fontSize={12.5} fill="var(--copper)">
        {say(tell('web.f', { pipeF: shown[0]!.pipeF.toFixed(0) }))}
      </text>
      {minuteTicks(span, width - M.left - M.right).map((m) => (
        <text key={m} x={x(m)} y={height - 4} textAnchor="middle" fontSize={13} fill="var(--ink2)">
          {say(tell('web.min', { m }))}
        </text>
      ))}
    </svg>
  );
}
