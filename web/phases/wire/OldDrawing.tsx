import { Paper } from '@/web/bench/sheet/Paper';
import { t } from '@/web/words/tell';
import { oldLayout, type TracedWire } from './old-layout';

const DASH = { traced: undefined, inferred: '8 5', unknown: '2 6' } as const;

/** An old unit as far as it is known: what was traced is drawn through, what is inferred dashed, what nobody knows dotted. */
export function OldDrawing({ wires }: { wires: readonly TracedWire[] }) {
  const { height } = oldLayout(wires, 600);
  return (
    <>
      <Paper id="old-unit" label={t('web.wires-of-the-old-unit')} height={height}>
        {(width) => {
          const layout = oldLayout(wires, width);
          return (
            <g>
              {layout.wires.map(({ wire, points }) => (
                <g key={`${wire.number} ${wire.from} ${wire.to}`}>
                  <path
                    d={`M${points.map((p) => `${p.x} ${p.y}`).join('L')}`}
                    fill="none"
                    stroke={wire.how === 'unknown' ? 'var(--ochre)' : 'var(--ink)'}
                    strokeWidth="2"
                    strokeDasharray={DASH[wire.how]}
                  />
                  <text x={points[0]!.x + 13} y={points[0]!.y - 5} fontSize="12.5" fill="var(--ink2)">
                    {wire.number}
                    {wire.coil ? ` · ${wire.coil}` : ''}
                  </text>
                </g>
              ))}
              {layout.terminals.map(({ name, x, y }) => (
                <g key={name}>
                  <rect
                    x={x - 9}
                    y={y - 9}
                    width={18}
                    height={18}
                    fill="var(--sheet)"
                    stroke="var(--ink)"
                    strokeWidth="1.8"
                  />
                  <text x={x - 16} y={y + 5} textAnchor="end" fontSize="14" fontWeight="640" fill="var(--ink)">
                    {name}
                  </text>
                </g>
              ))}
            </g>
          );
        }}
      </Paper>
      <p className="text-[13px] text-ink2">{t('web.traced-inferred-unknown')}</p>
    </>
  );
}
