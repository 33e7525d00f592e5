import type { WeighInState } from '@/core/circuit/weigh-in';
import type { BuildUp } from '@/core/phases/charge/charge-sheet';
import { shown } from '@/core/units/format';
import { useSize } from '@/web/bench/use-size';
import { lbOz, say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = { build: BuildUp; state: WeighInState; moving: boolean };

/** A row is as tall as the window leaves room for, between these; the rest of the page needs about 430 px. */
const LEAST_ROW = 72;
const MOST_ROW = 104;
const REST_PX = 430;
const TOP = 8;

/**
 * The charge build-up to scale: each part starts where the last one ended, and the weighed amount rises along the total.
 * Every part has its own row, so that a 6 oz coil is as readable as a 10 lb factory charge.
 */
export function BuildUpPicture({ build, state, moving }: Props) {
  const { ref, width } = useSize<HTMLDivElement>();
  const parts = build.parts.filter((p) => Math.abs(p.oz) > 0.04 || p.id === 'factory' || p.id === 'line-set');
  const full = Math.max(build.totalOz, state.inSystemOz) * 1.04;
  const narrow = width < 560;
  const left = narrow ? 0 : 158;
  const right = narrow ? 4 : 92;
  const x = (oz: number): number => left + (Math.max(0, oz) / full) * Math.max(1, width - left - right);
  const rows = parts.length;
  const row = narrow ? LEAST_ROW : Math.min(MOST_ROW, Math.max(LEAST_ROW, (window.innerHeight - REST_PX) / rows));
  const bar = Math.round(row * 0.38);
  const ruleY = TOP + rows * row + (narrow ? 26 : 6);
  const height = ruleY + 124;
  const step = full > 320 ? 64 : full > 120 ? 32 : 16;
  let start = 0;
  return (
    <div ref={ref} className="w-full">
      {width > 0 ? (
        <svg width={width} height={height} role="img" aria-label={t('web.charge-build-up')}>
          <defs>
            <pattern id="held" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <path d="M0 0V7" stroke="var(--ink)" strokeWidth="1.4" opacity="0.5" />
            </pattern>
          </defs>
          {parts.map((p, i) => {
            const from = start;
            start += p.oz;
            const y = TOP + i * row + (narrow ? 20 : 0);
            return (
              <g key={p.id}>
                <text x={0} y={narrow ? y - 5 : y + 16} fontSize={15} fontWeight={620} fill="var(--ink)">
                  {say(p.label)}
                </text>
                <text
                  x={narrow ? width - 2 : 0}
                  y={narrow ? y - 5 : y + 36}
                  textAnchor={narrow ? 'end' : 'start'}
                  fontSize={narrow ? 15 : 19}
                  fontWeight={680}
                  fill="var(--ink)"
                >
                  {shown(p.oz, 'oz')}
                  <tspan fontSize={12.5} fontWeight={450} fill="var(--ink2)">
                    {' oz'}
                  </tspan>
                </text>
                <rect
                  x={Math.min(x(from), x(start))}
                  y={y + 4}
                  width={Math.max(2, Math.abs(x(start) - x(from)))}
                  height={bar}
                  fill={p.id === 'factory' ? 'url(#held)' : p.id === 'held-back' ? 'none' : 'var(--ink)'}
                  strokeDasharray={p.id === 'held-back' ? '4 3' : undefined}
                  stroke="var(--ink)"
                  strokeWidth={1.4}
                />
                <path
                  d={`M${x(start)} ${y + 4}V${y + row + 4}`}
                  stroke="var(--ink2)"
                  strokeWidth={0.9}
                  strokeDasharray="1.5 3"
                />
                <text
                  x={
                    narrow ? 0 : x(from) > width * 0.55 ? x(from) - 8 : x(start) > width * 0.6 ? x(from) : x(start) + 8
                  }
                  y={narrow || x(start) > width * 0.6 ? y + bar + 19 : y + 4 + bar / 2 + 4}
                  textAnchor={!narrow && x(from) > width * 0.55 ? 'end' : 'start'}
                  fontSize={12.5}
                  fill="var(--ink2)"
                >
                  {say(p.how)}
                </text>
              </g>
            );
          })}
          <Total
            build={build}
            state={state}
            x={x}
            y={ruleY}
            left={left}
            narrow={narrow}
            width={width}
            moving={moving}
            step={step}
            full={full}
          />
        </svg>
      ) : null}
    </div>
  );
}

type TotalProps = Props & {
  x: (oz: number) => number;
  y: number;
  left: number;
  narrow: boolean;
  width: number;
  step: number;
  full: number;
};

function Total({ build, state, x, y, narrow, width, moving, step, full }: TotalProps) {
  const top = y + 22;
  const filled = state.inSystemOz;
  const over = state.remainingOz < -state.toleranceOz;
  const colour = over ? 'var(--ochre)' : state.done ? 'var(--pine)' : 'var(--copper)';
  const ticks = Array.from({ length: Math.floor(full / step) + 1 }, (_, i) => i * step);
  const markX = x(build.totalOz);
  return (
    <g>
      <text x={0} y={narrow ? top - 14 : top + 19} fontSize={15} fontWeight={700} fill="var(--ink)">
        {t('web.in-system')}
      </text>
      <text
        x={narrow ? width - 2 : 0}
        y={narrow ? top - 14 : top + 38}
        textAnchor={narrow ? 'end' : 'start'}
        fontSize={19}
        fontWeight={690}
        fill={colour}
      >
        {lbOz(filled)}
      </text>
      <rect
        x={x(0)}
        y={top}
        width={x(build.totalOz) - x(0)}
        height={34}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <rect
        x={x(0)}
        y={top + 1}
        width={Math.max(0, x(Math.min(build.alreadyInUnitOz, filled)) - x(0))}
        height={32}
        fill="url(#held)"
      />
      {filled > build.alreadyInUnitOz ? (
        <rect
          x={x(build.alreadyInUnitOz)}
          y={top + 1}
          width={x(filled) - x(build.alreadyInUnitOz)}
          height={32}
          fill={colour}
          data-moving={moving}
        />
      ) : null}
      <path
        d={`M${markX - 7} ${top - 7}H${markX}V${top + 41}H${markX - 7}`}
        fill="none"
        stroke={colour}
        strokeWidth={2.6}
      />
      <text x={markX} y={top - 12} textAnchor="end" fontSize={14} fontWeight={660} fill="var(--ink)">
        {narrow ? '' : `build-up ${lbOz(build.totalOz)}`}
      </text>
      {ticks.map((oz) => (
        <g key={oz}>
          <path d={`M${x(oz)} ${top + 44}V${top + 50}`} stroke="var(--ink2)" />
          <text x={x(oz)} y={top + 64} textAnchor={oz === 0 ? 'start' : 'middle'} fontSize={12.5} fill="var(--ink2)">
            {oz / 16}
          </text>
        </g>
      ))}
      <path d={`M${x(0)} ${top + 44}H${x(full)}`} stroke="var(--ink2)" />
      <text x={x(full)} y={top + 80} textAnchor="end" fontSize={12.5} fill="var(--ink2)">
        {t('web.lb')}
      </text>
      {build.alreadyInUnitOz > 0 ? (
        <text x={x(0)} y={top + 84} fontSize={12.5} fill="var(--ink2)">
          {t('web.hatched-already-in-unit')}
        </text>
      ) : null}
    </g>
  );
}
