import { scaleLinear } from 'd3-scale';
import { PSI_PER_INHG } from '@/core/units/units';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { linePath } from '../strip/line-path';
import { Level, Measured, Now, Word } from '../strip/parts';
import { type Field, Strip } from '../strip/Strip';
import { YGrid } from '../strip/YGrid';
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
const DASH = '6 4';

/** A recovery over its minutes: the suction down to its level, the pounds that come over, and each valve moved. */
export function RecoveryStrip(props: Props) {
  return (
    <Strip
      testId="recovery-strip"
      label={t('web.recovery-over-time')}
      span={props.lanes.span}
      margins={M}
      height={props.height}
      unit={t('web.psig-2')}
      tick={(m) => t('web.min', { m })}
    >
      {(field) => (props.lanes.suction.length > 1 ? <Drawn {...props} field={field} /> : null)}
    </Strip>
  );
}

function Drawn({ lanes, levelPsig, closeFromPsig, expectedLb, field }: Props & { field: Field }) {
  const { x, left, right, top, foot } = field;
  const weighed = lanes.pounds.length > 1;
  const split = weighed ? foot - (foot - top) * WEIGHT_SHARE : foot;
  const y = scaleLinear(lanes.psig, [weighed ? split - LANE_GAP : split, top]);
  const level =
    levelPsig < 0 ? tell('web.level-inhg', { x: (-levelPsig / PSI_PER_INHG).toFixed(0) }) : tell('web.level-0-psig');
  return (
    <>
      <YGrid ticks={y.ticks(5)} y={y} left={left} right={right} />
      {closeFromPsig === undefined ? null : (
        <Level
          field={field}
          y={y(closeFromPsig)}
          tone="var(--copper)"
          word={t('web.vapour-valve-from-psig', { closeFromPsig })}
          dash={DASH}
        />
      )}
      <Level field={field} y={y(levelPsig)} tone="var(--pine)" word={say(level)} dash={DASH} />
      <Measured d={linePath(lanes.suction, x, y)} />
      <Now x={x} y={y} at={lanes.suction.at(-1)} />
      {weighed ? <Weight lanes={lanes} expectedLb={expectedLb} top={split} field={field} /> : null}
      {placeMarks(lanes.marks, x, right).map((m) => (
        <g key={`${m.minute}-${m.word}`}>
          <path
            d={`M${m.x} ${top - 4 - m.row * WORD_PX}V${foot}`}
            stroke="var(--copper)"
            strokeWidth={1}
            opacity={0.55}
          />
          <Word
            x={m.leftOf ? m.x - 4 : m.x + 4}
            y={top - 6 - m.row * WORD_PX}
            anchor={m.leftOf ? 'end' : 'start'}
            size={12}
            tone="var(--copper)"
          >
            {m.word}
          </Word>
        </g>
      ))}
    </>
  );
}

/** Pounds in the cylinder since the machine started, up to what is expected. */
function Weight({
  lanes,
  expectedLb,
  top,
  field,
}: Pick<Props, 'lanes' | 'expectedLb'> & { top: number; field: Field }) {
  const { x, left, right, foot } = field;
  const most = Math.max(0.5, expectedLb ?? 0, ...lanes.pounds.map(([, lb]) => lb)) * 1.15;
  const y = scaleLinear([0, most], [foot, top]);
  const line = linePath(lanes.pounds, x, y);
  const [from] = lanes.pounds[0]!;
  const [to] = lanes.pounds.at(-1)!;
  return (
    <g>
      <text x={4} y={top - 4} fontSize={12} fill="var(--ink2)">
        {t('web.lb')}
      </text>
      <YGrid ticks={y.ticks(3)} y={y} left={left} right={right} />
      {expectedLb === undefined ? null : (
        <Level
          field={field}
          y={y(expectedLb)}
          tone="var(--pine)"
          word={t('web.expected-lb', { expectedLb: expectedLb.toFixed(1) })}
          dash={DASH}
        />
      )}
      <path d={`${line}L${x(to)} ${foot}L${x(from)} ${foot}Z`} fill="var(--ink)" opacity={0.12} />
      <Measured d={line} />
      <Now x={x} y={y} at={lanes.pounds.at(-1)} />
    </g>
  );
}
