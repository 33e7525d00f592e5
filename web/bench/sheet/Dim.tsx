import type { Verdict } from '@/core/finding/finding';
import { tape } from '@/core/words/render';
import { verdictColour } from '../verdict-colour';

/** Inches as a tape says them, without their unit. */
export const inText = (v: number): string => tape(v).replace(/ in$/, '');

type Props = {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  label: string;
  unit?: string;
  verdict?: Verdict;
  /** Where the text stands along the line, 0 to 1. */
  at?: number;
  side?: 1 | -1;
  size?: number;
};

/** A dimension line: two ticks, a thin line, the figure on paper. */
export function Dim({ x1, y1, x2, y2, label, unit = 'in', verdict, at = 0.5, side = 1, size = 14 }: Props) {
  const length = Math.hypot(x2 - x1, y2 - y1);
  const nx = length > 0 ? -(y2 - y1) / length : 0;
  const ny = length > 0 ? (x2 - x1) / length : 1;
  const tone = verdict && verdict !== 'good' ? verdictColour(verdict) : 'var(--ink)';
  const upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
  const tx = x1 + (x2 - x1) * at + (upright ? 7 * side : 0);
  const ty = y1 + (y2 - y1) * at + (upright ? 5 : side > 0 ? -6 : 17);
  return (
    <g>
      <path
        d={`M${x1} ${y1}L${x2} ${y2}M${x1 - nx * 5} ${y1 - ny * 5}L${x1 + nx * 5} ${y1 + ny * 5}M${x2 - nx * 5} ${y2 - ny * 5}L${x2 + nx * 5} ${y2 + ny * 5}`}
        stroke={tone}
        strokeWidth={1.5}
        fill="none"
      />
      <text
        x={tx}
        y={ty}
        textAnchor={upright ? (side > 0 ? 'start' : 'end') : 'middle'}
        fontSize={size}
        fontWeight={680}
        fill={tone}
        stroke="var(--paper)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {label}
        {unit ? (
          <tspan fontSize={size - 3} fontWeight={450} dx={2}>
            {unit}
          </tspan>
        ) : null}
      </text>
    </g>
  );
}

/** A word on the drawing, readable on hatching. */
export function Label({
  x,
  y,
  children,
  anchor = 'middle',
  size = 13,
  tone = 'var(--ink)',
  bold = false,
}: {
  x: number;
  y: number;
  children: string;
  anchor?: 'start' | 'middle' | 'end';
  size?: number;
  tone?: string;
  bold?: boolean;
}) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={size}
      fontWeight={bold ? 680 : 520}
      fill={tone}
      stroke="var(--paper)"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}
