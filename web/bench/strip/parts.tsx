import type { Field } from './Strip';
import type { StripPoint } from './span';

const ON_PAPER = { stroke: 'var(--paper)', strokeWidth: 4, paintOrder: 'stroke' } as const;

/** A word on the drawing that stays readable over its lines. */
export function Word({
  x,
  y,
  tone,
  anchor = 'start',
  size = 12.5,
  weight,
  children,
}: {
  x: number;
  y: number;
  tone: string;
  anchor?: 'start' | 'middle' | 'end';
  size?: number;
  weight?: number;
  children: string;
}) {
  return (
    <text x={x} y={y} textAnchor={anchor} fontSize={size} fontWeight={weight} fill={tone} {...ON_PAPER}>
      {children}
    </text>
  );
}

/** What is measured. */
export const Measured = ({ d }: { d: string }) => (
  <path d={d} fill="none" stroke="var(--ink)" strokeWidth={2.4} strokeLinejoin="round" />
);

/** Where it stands now. */
export const Now = ({ x, y, at }: { x: Field['x']; y: (value: number) => number; at: StripPoint | undefined }) =>
  at ? <circle cx={x(at[0])} cy={y(at[1])} r={5} fill="var(--paper)" stroke="var(--ink)" strokeWidth={2.4} /> : null;

type LevelProps = {
  field: Pick<Field, 'left' | 'right'>;
  y: number;
  tone: string;
  word: string;
  /** Its word at the left, over or under its line; else at the right, over it. */
  at?: 'left-over' | 'left-under';
  dash?: string;
};

/** A limit or target across the strip, with its word. */
export function Level({ field, y, tone, word, at, dash }: LevelProps) {
  return (
    <g>
      <path d={`M${field.left} ${y}H${field.right}`} stroke={tone} strokeWidth={1.7} strokeDasharray={dash} />
      <Word
        x={at ? field.left + 6 : field.right - 2}
        y={at === 'left-under' ? y + 15 : y - 6}
        anchor={at ? 'start' : 'end'}
        weight={620}
        tone={tone}
      >
        {word}
      </Word>
    </g>
  );
}
