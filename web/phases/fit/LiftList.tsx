import { type Curb, LIFT_CHECK_IDS, LIFT_CHECKS } from '@/core/fit/curb/judge-curb';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { FitEdit } from './use-fit';

/** What is looked at before the crane is called. */
export function LiftList({ record, edit, disabled }: { record: Curb; edit: FitEdit; disabled: boolean }) {
  return (
    <fieldset className="mt-3">
      <legend className="w-full border-b-[1.5px] border-ink pb-0.5 text-[15px] font-[680]">
        {t('web.before-lift')}
      </legend>
      <p className="mt-1 text-[13px] text-ink2">{t('web.rigging-crane-and-roof-edge-are')}</p>
      {LIFT_CHECK_IDS.map((id) => (
        <label key={id} className="touch flex cursor-pointer items-center gap-2.5 border-b border-rule2">
          <input
            type="checkbox"
            className="peer sr-only"
            disabled={disabled}
            checked={record.lift.includes(id)}
            onChange={(e) =>
              edit.put('lift', e.target.checked ? [...record.lift, id] : record.lift.filter((x) => x !== id))
            }
          />
          <span className="grid size-[26px] shrink-0 place-items-center border-[1.5px] border-ink bg-sheet peer-focus-visible:outline-3 peer-focus-visible:outline-copper">
            {record.lift.includes(id) ? <span className="size-[14px] bg-copper" /> : null}
          </span>
          {say(LIFT_CHECKS[id])}
        </label>
      ))}
    </fieldset>
  );
}
