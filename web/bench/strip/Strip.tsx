import { scaleLinear } from 'd3-scale';
import type { ReactNode } from 'react';
import { useSize } from '../use-size';
import { minuteTicks, type Span } from './span';

export type Margins = { left: number; right: number; top: number; bottom: number };
/** What a strip draws in: minutes to pixels, and the edges of its field. */
export type Field = {
  x: (minute: number) => number;
  width: number;
  height: number;
  left: number;
  right: number;
  top: number;
  foot: number;
};

type Props = {
  testId: string;
  label: string;
  span: Span;
  margins: Margins;
  height: number;
  /** What stands left above the figures: their unit. */
  unit: string;
  tick: (minute: number) => string;
  children: (field: Field) => ReactNode;
};

/** A strip over time: as wide as its place, minutes along the foot, the rest is drawn by whoever uses it. */
export function Strip({ testId, label, span, margins: m, height, unit, tick, children }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const right = width - m.right;
  const foot = height - m.bottom;
  const x = scaleLinear([span.fromMin, span.toMin], [m.left, right]);
  return (
    <div ref={ref} className="w-full" data-testid={testId}>
      {width > 0 ? (
        <svg width={width} height={height} role="img" aria-label={label} className="block">
          <text x={4} y={12} fontSize={12} fill="var(--ink2)">
            {unit}
          </text>
          {minuteTicks(span, right - m.left).map((minute) => (
            <text key={minute} x={x(minute)} y={height - 6} textAnchor="middle" fontSize={13} fill="var(--ink2)">
              {tick(minute)}
            </text>
          ))}
          {children({ x, width, height, left: m.left, right, top: m.top, foot })}
          <path d={`M${m.left} ${m.top}V${foot}H${right}`} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
        </svg>
      ) : null}
    </div>
  );
}
