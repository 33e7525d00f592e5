import { useMemo } from 'react';
import type { Verdict } from '@/core/finding/finding';
import type { FigureId, Figures } from '@/core/startup/figure';
import type { Readings } from '@/core/startup/quantities';
import { t } from '@/web/words/tell';
import { useSize } from '../use-size';
import { verdictColour } from '../verdict-colour';
import { type Gap, type Ladder, layoutLadder, type Slot, type Text } from './ladder-layout';

type Props = {
  readings: Readings;
  figures: Figures;
  verdicts: Partial<Record<string, Verdict>>;
  selected: FigureId;
  onSelect: (id: FigureId) => void;
  dim: boolean;
};

/** The main picture of a start-up: the whole state of the system at one glance. */
export function TemperatureLadder({ readings, figures, verdicts, selected, onSelect, dim }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const ladder = useMemo(
    () => (width > 0 && height > 0 ? layoutLadder({ width, height, readings, figures, verdicts }) : undefined),
    [width, height, readings, figures, verdicts],
  );
  return (
    <div ref={ref} className="relative h-full min-h-[420px] w-full overflow-hidden lg:min-h-0" data-testid="ladder">
      {ladder ? <Drawing ladder={ladder} selected={selected} onSelect={onSelect} dim={dim} /> : null}
    </div>
  );
}

function Drawing({
  ladder,
  selected,
  onSelect,
  dim,
}: {
  ladder: Ladder;
  selected: FigureId;
  onSelect: (id: FigureId) => void;
  dim: boolean;
}) {
  return (
    <svg
      width={ladder.width}
      height={ladder.height}
      className="absolute inset-0 select-none"
      role="group"
      aria-label={t('web.temperature-ladder')}
      opacity={dim ? 0.55 : 1}
    >
      <defs>
        {(['good', 'look-again', 'stop', 'not-proven'] as const).map((v) => (
          <pattern
            key={v}
            id={`hatch-${v}`}
            width="6"
            height="6"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d="M0 0V6" stroke={verdictColour(v)} strokeWidth="1.2" opacity="0.42" />
          </pattern>
        ))}
        <marker
          id="arrow"
          viewBox="0 0 8 8"
          refX="7"
          refY="4"
          markerWidth="7"
          markerHeight="7"
          orient="auto-start-reverse"
        >
          <path d="M0 1 7 4 0 7" fill="none" stroke="var(--ink)" strokeWidth="1.2" />
        </marker>
      </defs>
      <text x={ladder.axisX - 8} y={16} textAnchor="end" fontSize={13} fill="var(--ink2)">
        {t('web.f-2')}
      </text>
      {ladder.columns.map((c) => (
        <text key={c.name} x={c.x} y={16} textAnchor="middle" fontSize={14} fontWeight={650} fill="var(--ink)">
          {c.name}
        </text>
      ))}
      {ladder.rules.map((r) => (
        <g key={r.y}>
          <path
            d={`M${ladder.axisX - 2} ${r.y}H${ladder.width - 4}`}
            stroke={r.label ? 'var(--rule)' : 'var(--rule2)'}
          />
          {r.label ? (
            <text x={ladder.axisX - 8} y={r.y + 4.5} textAnchor="end" fontSize={13} fill="var(--ink2)">
              {r.label}
            </text>
          ) : null}
        </g>
      ))}
      {ladder.slots.map((s) => (
        <SlotShape key={s.id} slot={s} />
      ))}
      {ladder.gaps.map((g) => (
        <GapShape key={g.id} gap={g} />
      ))}
      {ladder.rungs.map((r) => (
        <path
          key={r.id}
          d={`M${r.x1} ${r.y}H${r.x2}`}
          stroke={r.trouble ? 'var(--oxide)' : 'var(--ink)'}
          strokeWidth={r.derived ? 2.8 : 7}
          strokeDasharray={r.derived ? '8 4' : r.trouble ? '2 3' : undefined}
        />
      ))}
      {ladder.rungs
        .filter((r) => r.offScale)
        .map((r) => (
          <text key={`off-${r.id}`} x={r.x2 + 4} y={r.y + 4} fontSize={12} fontWeight={650} fill="var(--oxide)">
            {t('web.off-scale')}
          </text>
        ))}
      {ladder.texts.map((t) => (
        <Label key={t.id} text={t} selected={t.figure === selected} onSelect={onSelect} />
      ))}
    </svg>
  );
}

function SlotShape({ slot }: { slot: Slot }) {
  const colour = verdictColour(slot.verdict);
  const bracket = (x: number, inward: number): string =>
    `M${x + inward} ${slot.yTop}H${x}V${slot.yBottom}H${x + inward}`;
  return (
    <g>
      <rect
        x={slot.x1}
        y={slot.yTop}
        width={slot.x2 - slot.x1}
        height={Math.max(0, slot.yBottom - slot.yTop)}
        fill={`url(#hatch-${slot.verdict})`}
      />
      <path d={`${bracket(slot.x1, 8)} ${bracket(slot.x2, -8)}`} fill="none" stroke={colour} strokeWidth={2.2} />
    </g>
  );
}

function GapShape({ gap }: { gap: Gap }) {
  const long = Math.abs(gap.y1 - gap.y2) > 10;
  return (
    <g>
      {gap.ticks.map((t) => (
        <path key={t.y} d={`M${t.x1} ${t.y}H${t.x2}`} stroke="var(--ink2)" strokeWidth={0.9} strokeDasharray="1.5 3" />
      ))}
      <path
        d={`M${gap.x} ${gap.y1}V${gap.y2}`}
        stroke="var(--ink)"
        strokeWidth={1.3}
        markerStart={long ? 'url(#arrow)' : undefined}
        markerEnd={long ? 'url(#arrow)' : undefined}
      />
    </g>
  );
}

const HALO = { paintOrder: 'stroke', stroke: 'var(--paper)', strokeWidth: 5, strokeLinejoin: 'round' } as const;

function Label({ text, selected, onSelect }: { text: Text; selected: boolean; onSelect: (id: FigureId) => void }) {
  const judged = text.figure !== undefined && text.verdict !== undefined;
  const colour =
    judged && text.verdict !== 'good' ? verdictColour(text.verdict) : text.trouble ? 'var(--oxide)' : 'var(--ink)';
  const common = { textAnchor: text.anchor, ...HALO } as const;
  const content = text.stacked ? (
    <>
      <text
        x={text.x}
        y={text.y + 16}
        fontSize={19}
        fontWeight={690}
        fill={colour}
        textDecoration={selected ? 'underline' : undefined}
        {...common}
      >
        {text.value}
      </text>
      <text x={text.x} y={text.y + 31} fontSize={12.5} fill="var(--ink2)" {...common}>
        {text.name}
      </text>
    </>
  ) : (
    <text x={text.x} y={text.y + 18} fill={colour} {...common}>
      <tspan fontSize={20} fontWeight={670}>
        {text.value}
      </tspan>
      <tspan dx={6} fontSize={13} fill={text.trouble ? 'var(--oxide)' : 'var(--ink2)'}>
        {text.name}
      </tspan>
    </text>
  );
  if (!text.figure) return <g>{content}</g>;
  const id = text.figure;
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={t('web.f-show-working', { name: text.name, value: text.value })}
      onClick={() => onSelect(id)}
      onKeyDown={(e) => e.key === 'Enter' && onSelect(id)}
      className="cursor-pointer"
    >
      {content}
    </g>
  );
}
