import { scaleLinear } from 'd3-scale';
import { lbOz } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  tag: string;
  refrigerant: string | null;
  contentsOz: number;
  /** 80 % of the volume at 77 °F, as weight. */
  limitOz: number;
  /** Share of the whole volume that liquid fills now, and on the hottest day. */
  liquidShare: number | undefined;
  hotShare: number | undefined;
  expectedOz: number | undefined;
  psig: number | undefined;
  temperatureF: number | undefined;
  width?: number;
  height?: number;
};

const SHOULDER = 26;

/** A recovery cylinder: how full it is, where it must stop, what is still to come, and how full it would be on a hot day. */
export function CylinderPicture({
  tag,
  refrigerant,
  contentsOz,
  limitOz,
  liquidShare,
  hotShare,
  expectedOz,
  psig,
  temperatureF,
  width = 280,
  height = 300,
}: Props) {
  const left = 14;
  const body = 96;
  const top = 30;
  const bottom = height - 26;
  const y = scaleLinear([0, limitOz * 1.18], [bottom, top + SHOULDER]).clamp(true);
  const over = contentsOz > limitOz;
  const tone = over ? 'var(--oxide)' : contentsOz > 0.9 * limitOz ? 'var(--ochre)' : 'var(--ink)';
  const outline = `M${left} ${bottom}V${top + SHOULDER}Q${left} ${top} ${left + body / 2 - 12} ${top}H${left + body / 2 + 12}Q${left + body} ${top} ${left + body} ${top + SHOULDER}V${bottom}Z`;
  const text = left + body + 14;
  // The amount stands beside its level, clear of the limit's own words.
  const amountY = Math.abs(y(contentsOz) + 12 - y(limitOz)) < 20 ? y(limitOz) + 24 : y(contentsOz) + 16;
  return (
    <svg
      width={width}
      height={height}
      role="img"
      aria-label={t('web.cylinder', { tag })}
      data-testid="cylinder-picture"
      className="block"
    >
      <defs>
        <clipPath id={`cyl-${tag.replace(/\W/g, '')}`}>
          <path d={outline} />
        </clipPath>
        <pattern id="cyl-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" stroke="var(--ink)" strokeWidth="1.4" opacity="0.45" />
        </pattern>
      </defs>
      <rect
        x={left + body / 2 - 10}
        y={top - 18}
        width={20}
        height={18}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <g clipPath={`url(#cyl-${tag.replace(/\W/g, '')})`}>
        <rect x={left} y={y(contentsOz)} width={body} height={bottom - y(contentsOz)} fill={tone} opacity={0.82} />
        {expectedOz ? (
          <rect
            x={left}
            y={y(contentsOz + expectedOz)}
            width={body}
            height={Math.max(0, y(contentsOz) - y(contentsOz + expectedOz))}
            fill="url(#cyl-hatch)"
          />
        ) : null}
      </g>
      <path d={outline} fill="none" stroke="var(--ink)" strokeWidth={2} />
      <path d={`M${left - 8} ${y(limitOz)}H${text + 4}`} stroke="var(--oxide)" strokeWidth={2} />
      <text x={text + 8} y={y(limitOz) + 4} fontSize={13} fontWeight={650} fill="var(--oxide)">
        {t('web.stop', { limitOz: lbOz(limitOz) })}
      </text>
      <text x={text} y={amountY} fontSize={17} fontWeight={680} fill="var(--ink)">
        {lbOz(contentsOz)}
      </text>
      {expectedOz && contentsOz + expectedOz < limitOz * 1.16 ? (
        <text x={text} y={Math.min(bottom - 46, amountY + 18)} fontSize={12.5} fill="var(--ink2)">
          {t('web.to-come', { expectedOz: lbOz(expectedOz) })}
        </text>
      ) : null}
      <text x={left} y={bottom + 18} fontSize={13} fontWeight={650} fill="var(--ink)">
        {tag} <tspan fontWeight={450}>{refrigerant ?? 'empty'}</tspan>
      </text>
      {psig !== undefined ? (
        <text x={text} y={bottom - 30} fontSize={13} fill="var(--ink2)">
          {t('web.psig', {
            psig: psig.toFixed(0),
            temperatureF: temperatureF !== undefined ? `, ${temperatureF.toFixed(0)} °F` : '',
          })}
        </text>
      ) : null}
      {hotShare !== undefined && liquidShare !== undefined ? (
        <text x={text} y={bottom - 12} fontSize={13} fill={hotShare > 0.95 ? 'var(--oxide)' : 'var(--ink2)'}>
          {t('web.full-at-130-f', { x: (100 * liquidShare).toFixed(0), x2: (100 * hotShare).toFixed(0) })}
        </text>
      ) : null}
    </svg>
  );
}
