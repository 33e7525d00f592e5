/** Lines across at each tick, with the figure left of the axis. */
export function YGrid({
  ticks,
  y,
  left,
  right,
  text = String,
}: {
  ticks: readonly number[];
  y: (value: number) => number;
  left: number;
  right: number;
  text?: (value: number) => string;
}) {
  return ticks.map((v) => (
    <g key={v}>
      <path d={`M${left} ${y(v)}H${right}`} stroke="var(--rule)" strokeWidth={1} />
      <text x={left - 6} y={y(v) + 4.5} textAnchor="end" fontSize={13} fill="var(--ink2)">
        {text(v)}
      </text>
    </g>
  ));
}
