import { cylinderChecks, cylinderFillOf } from '@/core/circuit/recovery/cylinder';
import { worstOf } from '@/core/finding/order';
import { day, value } from '@/core/words/said';
import { todayAt } from '@/web/api/clock';
import { Mark } from '@/web/kit/Mark';
import { lbOz, readerNow, say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { CylinderRow } from './cylinder-row';

const today = (): string => todayAt(readerNow().timeZone);

/** One cylinder: its mark, its fill to scale, and the first thing that stands against filling it. */
export function CylinderLine({ cylinder: c }: { cylinder: CylinderRow }) {
  const checks = c.refrigerant ? cylinderChecks(c, c.refrigerant, undefined, today()) : [];
  const first = checks.find((k) => k.verdict !== 'good');
  const fill = c.refrigerant ? cylinderFillOf(c, c.refrigerant) : undefined;
  const share = fill && c.use === 'recovery' ? fill.share : fill ? c.contentsOz / (fill.limitOz || 1) : 0;
  const shown = Math.max(0, Math.min(1.15, share));
  return (
    <>
      <Mark kind={c.state !== 'in use' ? 'stop' : checks.length ? worstOf(checks) : 'to-come'} />
      <b className="font-[680]">{c.tag}</b>
      <span className="max-md:text-right">{c.refrigerant ?? <span className="text-ink2">{t('web.empty')}</span>}</span>
      <span className="max-md:col-span-2 max-md:col-start-2">
        <svg
          viewBox="0 0 200 16"
          className="h-4 w-full max-w-[260px]"
          role="img"
          aria-label={t('web.of-its-limit', { share: Math.round(share * 100) })}
        >
          <rect x={0.7} y={2} width={173} height={12} fill="none" stroke="var(--ink)" strokeWidth={1.4} />
          <rect
            x={0.7}
            y={2}
            width={173 * shown}
            height={12}
            fill={share > 1 ? 'var(--oxide)' : share > 0.9 && c.use === 'recovery' ? 'var(--ochre)' : 'var(--ink)'}
          />
        </svg>
      </span>
      <span className="text-right text-[18px] font-[660] max-md:col-start-3">{lbOz(c.contentsOz)}</span>
      <span className="text-[13.5px] text-ink2 max-md:col-span-2 max-md:col-start-2">
        {say(
          c.state !== 'in use'
            ? value(c.state)
            : first
              ? first.claim
              : c.retestOn
                ? tell('web.retest', { on: day(c.retestOn) })
                : '',
        )}
        {c.holder ? <span className="block">{t('web.with-holder', { by: c.holder.by })}</span> : null}
      </span>
    </>
  );
}
