import { cycleBeforeTrim } from '@/core/phases/start-up/reasoned';
import { cyclePoints } from '@/core/startup/cycle-points';
import { q } from '@/core/words/said';
import { PhSheet } from '@/web/bench/ph/PhSheet';
import type { EquippedView } from '@/web/phases/job-context';
import { t } from '@/web/words/tell';
import type { useStartUp } from './use-start-up';
import type { Typed } from './use-typed';

/** The running cycle by its four corners, and by those before the charge was last changed. */
export function CyclePanel({
  view,
  start,
}: {
  view: EquippedView;
  start: ReturnType<typeof useStartUp>;
  typed: Typed;
}) {
  const { sheet } = view;
  const { refrigerant } = sheet.circuit.plate;
  const { barometerPsia } = sheet.site;
  const now = sheet.job.mode === 'cooling' ? cyclePoints(refrigerant, start.readings, barometerPsia) : undefined;
  if (!now) return <p className="max-w-[60ch] p-4 text-[16px] text-ink2 lg:px-5">{t('web.cycle-needs-readings')}</p>;
  const before = cycleBeforeTrim(sheet);
  return (
    <div className="p-4 lg:px-5" data-testid="cycle">
      <PhSheet refrigerant={refrigerant} barometerPsia={barometerPsia} now={now} before={before} />
      <ol className="mt-3 grid gap-x-6 gap-y-1 text-[15px] sm:grid-cols-2">
        <Corner n={1} name={t('web.cycle-suction')} />
        <Corner n={2} name={t(now.dischargeEstimated ? 'web.cycle-discharge-estimated' : 'web.cycle-discharge')} />
        <Corner n={3} name={t('web.cycle-liquid')} />
        <Corner n={4} name={t('web.cycle-after-meter')} />
      </ol>
      <p className="mt-3 text-[16px]">
        {t('web.cycle-takes-up', {
          effect: q(now.effectBtuLb, 'number', 0),
          work: q(now.workBtuLb, 'number', 0),
        })}
        {before ? ` ${t('web.cycle-before', { effect: q(before.effectBtuLb, 'number', 0) })}` : ''}
      </p>
      <p className="mt-1 text-[13px] text-ink2">{t('web.cycle-from-equations')}</p>
    </div>
  );
}

function Corner({ n, name }: { n: number; name: string }) {
  return (
    <li className="flex items-center gap-2">
      <b className="grid size-[22px] shrink-0 place-items-center rounded-full bg-copper text-[13px] text-paper">{n}</b>
      {name}
    </li>
  );
}
