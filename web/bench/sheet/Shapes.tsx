import { say } from '@/web/words/say';
import { VERDICT_HATCH, verdictColour } from '../verdict-colour';
import { Dim, inText, Label } from './Dim';
import type { Scale } from './scale';
import { type Ink, lengthOf, type Point, type Shape, type Word } from './shapes';

/** Shapes on their paper, drawn to its scale; `paper` is the id of the paper whose hatchings they share. */
export function Shapes({ of, s, paper }: { of: readonly Shape[]; s: Pick<Scale, 'x' | 'y'>; paper: string }) {
  // biome-ignore lint/suspicious/noArrayIndexKey: shapes have no identity of their own, and keep their order
  return of.map((shape, i) => <One key={i} shape={shape} s={s} paper={paper} />);
}

const tone = (t: Word['tone'] | Ink['line']): string | undefined =>
  t === undefined ? undefined : typeof t === 'string' ? `var(--${t})` : verdictColour(t.of);

function One({ shape, s, paper }: { shape: Shape; s: Pick<Scale, 'x' | 'y'>; paper: string }) {
  const at = ([x, y]: Point): string => `${s.x(x)} ${s.y(y)}`;
  const style = ({ line, width, dash, round, fill }: Ink) => ({
    stroke: tone(line) ?? 'none',
    strokeWidth: width,
    strokeDasharray: dash,
    strokeLinecap: round ? ('round' as const) : undefined,
    fill:
      fill === undefined
        ? 'none'
        : typeof fill === 'string'
          ? fill === 'clear'
            ? 'transparent'
            : `var(--${fill})`
          : `url(#${paper}-${'hatch' in fill ? fill.hatch : VERDICT_HATCH[fill.hatchOf]})`,
  });
  switch (shape.is) {
    case 'line':
      return <path d={`M${shape.points.map(at).join('L')}${shape.closed ? 'Z' : ''}`} {...style(shape.ink)} />;
    case 'circle': {
      const [x, y] = shape.at;
      return <circle cx={s.x(x)} cy={s.y(y)} r={Math.abs(s.x(x + shape.r) - s.x(x))} {...style(shape.ink)} />;
    }
    case 'dim': {
      const { from, to, aside: [dx, dy] = [0, 0], minus } = shape;
      return (
        <Dim
          x1={s.x(from[0]) + dx}
          y1={s.y(from[1]) + dy}
          x2={s.x(to[0]) + dx}
          y2={s.y(to[1]) + dy}
          label={`${minus ? '−' : ''}${inText(lengthOf(shape))}`}
          unit={shape.unit}
          verdict={shape.verdict}
          side={shape.side}
          size={shape.size}
        />
      );
    }
    default: {
      const [dx, dy] = shape.aside ?? [0, 0];
      return (
        <Label
          x={s.x(shape.at[0]) + dx}
          y={s.y(shape.at[1]) + dy}
          anchor={shape.anchor}
          size={shape.size}
          bold={shape.bold}
          tone={tone(shape.tone)}
        >
          {say(shape.text)}
        </Label>
      );
    }
  }
}
