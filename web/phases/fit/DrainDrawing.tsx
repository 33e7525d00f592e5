import type { VerdictOf } from '@/core/finding/order';
import { CODE_SLOPE, drainTrap, PREFERRED_SLOPE } from '@/core/fit/drain/drain-line';
import { type DrainSheet, panAtTrip } from '@/core/fit/drain/drain-sheet';
import { Dim, inText, Label } from '@/web/bench/sheet/Dim';
import { Paper } from '@/web/bench/sheet/Paper';
import { verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** The drain in profile, heights ten times larger than lengths; the pan at its trip level; the trap as it must be made. */
export function DrainDrawing({ record: d, verdict }: { record: DrainSheet; verdict: VerdictOf }) {
  return (
    <Paper id="drain" label={say(tell('web.drain-in-profile'))} height={330}>
      {(width) => {
        const left = 118;
        const right = width - 84;
        const top = 64;
        const preferred = d.runFt * PREFERRED_SLOPE;
        const fall = d.fallIn;
        const most = Math.max(preferred, fall ?? 0, 4);
        const k = 92 / most;
        const slope = verdict('slope');
        const tone = verdictColour(slope);
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
              {say(tell('web.indoor-unit'))}
            </Label>
            <path
              d={`M${left} ${top}L${right} ${top + d.runFt * CODE_SLOPE * k}`}
              stroke="var(--ink2)"
              strokeWidth={1}
              strokeDasharray="3 4"
            />
            <Label x={right + 6} y={top + d.runFt * CODE_SLOPE * k + 4} anchor="start" size={12} tone="var(--ink2)">
              {say(tell('web.in-ft'))}
            </Label>
            <path
              d={`M${left} ${top}L${right} ${top + preferred * k}`}
              stroke="var(--pine)"
              strokeWidth={1}
              strokeDasharray="3 4"
            />
            <Label x={right + 6} y={top + preferred * k + 4} anchor="start" size={12} tone="var(--pine)">
              {say(tell('web.in-ft-2'))}
            </Label>
            <path
              d={
                d.sags
                  ? `M104 ${top}H${left}Q${(left + right) / 2} ${top + (fall ?? 2) * k + 46} ${right} ${top + (fall ?? 2) * k}`
                  : `M104 ${top}H${left}L${right} ${top + (fall ?? 0) * k}`
              }
              fill="none"
              stroke={tone}
              strokeWidth={5}
              strokeDasharray={fall === null ? '8 6' : undefined}
            />
            <Dim x1={left} y1={top - 26} x2={right} y2={top - 26} label={inText(d.runFt)} unit="ft" />
            {fall === null ? (
              <Label x={(left + right) / 2} y={top + 22} bold>
                {say(tell('web.fall-not-measured'))}
              </Label>
            ) : (
              <Dim
                x1={right}
                y1={top}
                x2={right}
                y2={top + fall * k}
                label={inText(fall)}
                verdict={slope}
                side={-1}
                size={16}
              />
            )}
            <g transform="translate(8 200)">
              <path d="M0 20V90H150V20" fill="none" stroke="var(--ink)" strokeWidth={2.5} />
              {d.pan && pan ? <rect x={2} y={90 - 50} width={146} height={49} fill="url(#drain-copper)" /> : null}
              <Label x={75} y={14} size={12.5} tone="var(--ink2)">
                {d.pan ? say(tell('web.pan-when-its-float-trips')) : say(tell('web.no-pan'))}
              </Label>
              {pan ? (
                <>
                  <Label x={75} y={62} bold size={15}>
                    {say(tell('web.gal-lb', { gal: pan.gal.toFixed(1), lb: pan.lb.toFixed(0) }))}
                  </Label>
                  <Label x={75} y={80} size={12.5}>
                    {say(tell('web.min-to-trip', { minutes: pan.minutes.toFixed(0) }))}
                  </Label>
                </>
              ) : null}
            </g>
            <g transform={`translate(${Math.max(210, width * 0.48)} 200)`}>
              <Label x={60} y={14} size={12.5} tone="var(--ink2)">
                {say(tell('web.trap-draw-through'))}
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
                    ? say(tell('web.inside-appliance'))
                    : trap
                      ? say(tell('web.by-makers-drawing'))
                      : say(tell('web.suction-not-measured'))}
                </Label>
              )}
            </g>
          </g>
        );
      }}
    </Paper>
  );
}
