import { Trouble } from '@/web/kit/Notice';
import { NumberCell } from '@/web/kit/NumberCell';
import { useAct } from '@/web/kit/use-act';
import type { JobView } from '@/web/phases/job-context';
import { useChoose } from '@/web/phases/scope/use-choose';
import { t } from '@/web/words/tell';

/** The stand is chosen once, in the scope; here it is changed where its effect is seen. */
export function StandHeight({ view, disabled }: { view: JobView; disabled: boolean }) {
  const { scope } = view.sheet;
  const { problem, act } = useAct();
  const choose = useChoose(view, act);
  return (
    <div className="mt-2 grid max-w-[420px] grid-cols-[150px_1fr] items-end gap-3">
      <NumberCell
        label={t('web.stand-height')}
        unit="in"
        value={scope.choice.standIn}
        disabled={disabled}
        onCommit={(v) => {
          if (v === null || v < 0 || v > 120) return t('web.outside-what-can-be-built-allowed');
          return choose({ standIn: v });
        }}
      />
      <p className="pb-3 text-[13px] text-ink2">{t('web.from-scope-it-lifts-openings-drain')}</p>
      <Trouble problem={problem} />
    </div>
  );
}
