import type { VerdictOf } from '@/core/finding/order';
import { drainTrap } from '@/core/fit/drain/drain-line';
import { type DrainSheet, panAtTrip } from '@/core/fit/drain/drain-sheet';
import { Dim, inText, Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { Shapes } from '@/web/bench/sheet/Shapes';
import { verdictColour } from '@/web/bench/verdict-colour';
import { t } from '@/web/words/tell';
import { drainShapes } from './drain-shapes';

/** How tall the fall is drawn, px. */
const PROFILE_PX = 92;

/** The drain in profile, heights ten times larger than lengths; the pan at its trip level; the trap as it must be made. */
export function DrainDrawing({ record: d, verdict }: { record: DrainSheet; verdict: VerdictOf }) {
  return (
    <Paper id="drain" label={t('web.drain-in-profile')} height={330}>
      {(width) => {
        const left = 118;
        const right = width - 84;
        const top = 64;
        const { frame, shapes } = drainShapes(d, verdict);
        const slope = {
          x: (ft: number) => left + ((right - left) * ft) / Math.max(1, frame.x1),
          y: (inches: number) => top - (PROFILE_PX * inches) / (frame.y1 - frame.y0),
        };
        const trap =
          d.negativeStaticInWc === null
            ? undefined
            : drainTrap({
                negativeStaticInWc: d.negativeStaticInWc,
                arrangement: d.arrangement,
                trapInside: d.trapInside,
              });
        const pan = panAtTrip(d);
        return (
          <g>
            <rect x={8} y={18} width={96} height={top - 18} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={2.5} />
            <Label x={56} y={44} size={13}>
              {t('web.indoor-unit')}
            </Label>
            <path d={`M104 ${top}H${left}`} stroke={verdictColour(verdict('slope'))} strokeWidth={5} />
            <Shapes of={shapes} s={slope} paper="drain" />
            <g transform="translate(8 200)">
              <path d="M0 20V90H150V20" fill="none" stroke="var(--ink)" strokeWidth={2.5} />
              {d.pan && pan ? <rect x={2} y={90 - 50} width={146} height={49} fill="url(#drain-copper)" /> : null}
              <Label x={75} y={14} size={12.5} tone="var(--ink2)">
                {d.pan ? t('web.pan-when-its-float-trips') : t('web.no-pan')}
              </Label>
              {pan ? (
                <>
                  <Label x={75} y={62} bold size={15}>
                    {t('web.gal-lb', { gal: pan.gal.toFixed(1), lb: pan.lb.toFixed(0) })}
                  </Label>
                  <Label x={75} y={80} size={12.5}>
                    {t('web.min-to-trip', { minutes: pan.minutes.toFixed(0) })}
                  </Label>
                </>
              ) : null}
            </g>
            <g transform={`translate(${Math.max(210, width * 0.48)} 200)`}>
              <Label x={60} y={14} size={12.5} tone="var(--ink2)">
                {t('web.trap-draw-through')}
              </Label>
              <path
                d="M0 34H30V74Q30 92 48 92T66 74V58H112"
                fill="none"
                stroke="var(--ink)"
                strokeWidth={9}
                opacity={0.3}
                strokeLinejoin="round"
              />
              {trap?.ok ? (
                <>
                  <Dim x1={128} y1={34} x2={128} y2={58} label={inText(trap.value.makeOutletDropIn)} size={15} />
                  <Dim x1={84} y1={66} x2={84} y2={92} label={inText(trap.value.makeSealIn)} size={15} />
                </>
              ) : (
                <Label x={60} y={112} size={12.5}>
                  {d.trapInside
                    ? t('web.inside-appliance')
                    : trap
                      ? t('web.by-makers-drawing')
                      : t('web.suction-not-measured')}
                </Label>
              )}
            </g>
          </g>
        );
      }}
    </Paper>
  );
}
