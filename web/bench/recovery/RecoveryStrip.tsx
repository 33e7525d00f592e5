import { scaleLinear } from 'd3-scale';
import { PSI_PER_INHG } from '@/core/units/units';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { useSize } from '../use-size';
import { minuteTicks, type StripPoint } from '../vacuum/strip-layout';
import { YGrid } from '../YGrid';
import { placeMarks, type RecoveryLanes } from './recovery-layout';

type Props = {
  lanes: RecoveryLanes;
  /** The level asked for, psig. */
  levelPsig: number;
  /** Where the vapour valve begins to close, while it is pumped down. */
  closeFromPsig: number | undefined;
  expectedLb: number | undefined;
  height: number;
};
const M = { left: 58, right: 16, top: 36, bottom: 30 };
const WEIGHT_SHARE = 0.38;
const LANE_GAP = 26;
const WORD_PX = 15;

/** A recovery over its minutes: the suction down to its level, the pounds that come over, and each valve moved. */
export function RecoveryStrip(props: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  return (
    <div ref={ref} className="w-full" data-testid="recovery-strip">
      {width > 0 && props.lanes.suction.length > 1 ? <Strip {...props} width={width} /> : null}
    </div>
  );
}

function Strip({ lanes, levelPsig, closeFromPsig, expectedLb, height, width }: Props & { width: number }) {
  const weighed = lanes.pounds.length > 1;
  const foot = height - M.bottom;
  const split = weighed ? foot - (foot - M.top) * WEIGHT_SHARE : foot;
  const x = scaleLinear([lanes.span.fromMin, lanes.span.toMin], [M.left, width - M.right]);
  const y = scaleLinear(lanes.psig, [weighed ? split - LANE_GAP : split, M.top]);
  const path = (points: readonly StripPoint[], at: (v: number) => number): string =>
    points.map(([t, v], i) => `${i ? 'L' : 'M'}${x(t).toFixed(1)} ${at(v).toFixed(1)}`).join('');
  const last = lanes.suction.at(-1)!;
  return (
    <svg width={width} height={height} role="img" aria-label={say(tell('web.recovery-over-time'))} className="block">
      <text x={4} y={12} fontSize={12} fill="var(--ink2)">
        {say(tell('web.psig-2'))}
      </text>
      <YGrid ticks={y.ticks(5)} y={y} left={M.left} right={width - M.right} />
      {closeFromPsig === undefined ? null : (
        <Level
          y={y(closeFromPsig)}
          width={width}
          colour="var(--copper)"
          word={say(tell('web.vapour-valve-from-psig', { closeFromPsig }))}
        />
      )}
      <Level
        y={y(levelPsig)}
        width={width}
        colour="var(--pine)"
        word={
          levelPsig < 0
            ? say(tell('web.level-inhg', { x: (-levelPsig / PSI_PER_INHG).toFixed(0) }))
            : say(tell('web.level-0-psig'))
        }
      />
      <path d={path(lanes.suction, y)} fill="none" stroke="var(--ink)" strokeWidth={2.4} strokeLinejoin="round" />
      <circle cx={x(last[0])} cy={y(last[1])} r={5} fill="var(--paper)" stroke="var(--ink)" strokeWidth={2.4} />
      {weighed ? <Weight lanes={lanes} expectedLb={expectedLb} x={x} top={split} foot={foot} width={width} /> : null}
      {placeMarks(lanes.marks, x, width - M.right).map((m) => (
        <g key={`${m.minute}-${m.word}`}>
          <path
            d={`M${m.x} ${M.top - 4 - m.row * WORD_PX}V${foot}`}
            stroke="var(--copper)"
            strokeWidth={1}
            opacity={0.55}
          />
          <text
            x={m.leftOf ? m.x - 4 : m.x + 4}
            y={M.top - 6 - m.row * WORD_PX}
            textAnchor={m.leftOf ? 'end' : 'start'}
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
      <path d={`M${M.left} ${M.top}V${foot}H${width - M.right}`} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
      {minuteTicks(lanes.span, width - M.left - M.right).map((m) => (
        <text key={m} x={x(m)} y={height - 8} textAnchor="middle" fontSize={13} fill="var(--ink2)">
          {say(tell('web.min', { m }))}
        </text>
      ))}
    </svg>
  );
}

function Level({ y, width, colour, word }: { y: number; width: number; colour: string; word: string }) {
  return (
    <g>
      <path d={`M${M.left} ${y}H${width - M.right}`} stroke={colour} strokeWidth={1.8} strokeDasharray="6 4" />
      <text
        x={width - M.right - 2}
        y={y - 6}
        textAnchor="end"
        fontSize={12.5}
        fontWeight={620}
        fill={colour}
        stroke="var(--paper)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {word}
      </text>
    </g>
  );
}

/** Pounds in the cylinder since the machine started, up to what is expected. */
function Weight({
  lanes,
  expectedLb,
  x,
  top,
  foot,
  width,
}: {
  lanes: RecoveryLanes;
  expectedLb: number | undefined;
  x: (minute: number) => number;
  top: number;
  foot: number;
  width: number;
}) {
  const most = Math.max(0.5, expectedLb ?? 0, ...lanes.pounds.map(([, lb]) => lb)) * 1.15;
  const y = scaleLinear([0, most], [foot, top]);
  const line = lanes.pounds.map(([t, v], i) => `${i ? 'L' : 'M'}${x(t).toFixed(1)} ${y(v).toFixed(1)}`).join('');
  const [from] = lanes.pounds[0]!;
  const [to, now] = lanes.pounds.at(-1)!;
  return (
    <g>
      <text x={4} y={top - 4} fontSize={12} fill="var(--ink2)">
        {say(tell('web.lb'))}
      </text>
      <YGrid ticks={y.ticks(3)} y={y} left={M.left} right={width - M.right} />
      {expectedLb === undefined ? null : (
        <Level
          y={y(expectedLb)}
          width={width}
          colour="var(--pine)"
          word={say(tell('web.expected-lb', { expectedLb: expectedLb.toFixed(1) }))}
        />
      )}
      <path d={`${line}L${x(to)} ${foot}L${x(from)} ${foot}Z`} fill="var(--ink)" opacity={0.12} />
      <path d={line} fill="none" stroke="var(--ink)" strokeWidth={2.4} strokeLinejoin="round" />
      <circle cx={x(to)} cy={y(now)} r={5} fill="var(--paper)" stroke="var(--ink)" strokeWidth={2.4} />
    </g>
  );
}
