import { useMemo } from 'react';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import type { CyclePoints } from '@/core/startup/cycle-points';
import { t } from '@/web/words/tell';
import { useSize } from '../use-size';
import { type Cycle, layoutPh, type PhSheetLayout } from './ph-layout';

type Props = {
  refrigerant: Refrigerant;
  barometerPsia: number;
  now: CyclePoints;
  /** Of the round before the last change of charge. */
  before: CyclePoints | undefined;
};

/** The running cycle on a pressure–enthalpy sheet: the dome, lines of one temperature, and what a trim changed. */
export function PhSheet({ refrigerant, barometerPsia, now, before }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const layout = useMemo(
    () => (width > 0 && height > 0 ? layoutPh(refrigerant, { width, height }, now, before, barometerPsia) : undefined),
    [refrigerant, width, height, now, before, barometerPsia],
  );
  return (
    <div ref={ref} data-testid="ph-sheet" className="relative h-[min(56vh,460px)] min-h-[300px] w-full overflow-hidden">
      {layout ? <Drawing layout={layout} estimated={now.dischargeEstimated} /> : null}
    </div>
  );
}

function Drawing({ layout: l, estimated }: { layout: PhSheetLayout; estimated: boolean }) {
  const { x0, x1, y0, y1 } = l.plot;
  return (
    <svg
      width={l.width}
      height={l.height}
      role="img"
      aria-label={t('web.ph-sheet')}
      className="absolute inset-0 select-none text-[12px]"
    >
      <clipPath id="ph-plot">
        <rect x={x0} y={y0} width={x1 - x0} height={y1 - y0} />
      </clipPath>
      {l.pressures.map(({ psig, y }) => (
        <g key={psig}>
          <line x1={x0} x2={x1} y1={y} y2={y} stroke="var(--rule2)" />
          <text x={x0 - 6} y={y + 4} textAnchor="end" fill="var(--ink2)">
            {psig}
          </text>
        </g>
      ))}
      {l.enthalpies.map(({ btuLb, x }) => (
        <g key={btuLb}>
          <line x1={x} x2={x} y1={y1} y2={y1 + 4} stroke="var(--ink2)" />
          <text x={x} y={y1 + 17} textAnchor="middle" fill="var(--ink2)">
            {btuLb}
          </text>
        </g>
      ))}
      <text x={x1} y={y1 + 31} textAnchor="end" fill="var(--ink2)">
        {t('web.btu-a-pound-across')}
      </text>
      <text x={x0 - 6} y={y0 - 6} textAnchor="end" fill="var(--ink2)">
        psig
      </text>
      <g clipPath="url(#ph-plot)" fill="none">
        {l.isotherms.map(({ f, path }) => (
          <path key={f} d={path} stroke="var(--rule)" strokeWidth="1.2" strokeDasharray="1 4" strokeLinecap="round" />
        ))}
        {l.dome.map((line) => (
          <path key={line} d={line} stroke="var(--ink)" strokeWidth="1.6" />
        ))}
        {l.before ? <path d={l.before.path} stroke="var(--ink2)" strokeWidth="2" strokeDasharray="6 5" /> : null}
        <path
          d={l.now.path}
          stroke="var(--copper)"
          strokeWidth="3"
          strokeLinejoin="round"
          fill="var(--copper)"
          fillOpacity="0.08"
        />
      </g>
      {l.isotherms.map(({ f, labelX }) =>
        labelX === undefined ? null : (
          <text key={f} x={labelX} y={y1 - 6} fill="var(--ink2)">
            {f}°
          </text>
        ),
      )}
      <Corners cycle={l.now} estimated={estimated} />
    </svg>
  );
}

const ONE = { suction: 1, discharge: 2, liquid: 3, evaporator: 4 } as const;

/** Numbered as the work goes: suction, discharge, liquid, after the meter; an estimated one stands open. */
function Corners({ cycle, estimated }: { cycle: Cycle; estimated: boolean }) {
  return cycle.corners.map(({ name, x, y }) => {
    const open = name === 'discharge' && estimated;
    return (
      <g key={name}>
        <circle
          cx={x}
          cy={y}
          r="10"
          fill={open ? 'var(--paper)' : 'var(--copper)'}
          stroke="var(--copper)"
          strokeWidth="2"
        />
        <text x={x} y={y + 4.5} textAnchor="middle" fontWeight="700" fill={open ? 'var(--copper)' : 'var(--paper)'}>
          {ONE[name]}
        </text>
      </g>
    );
  });
}
