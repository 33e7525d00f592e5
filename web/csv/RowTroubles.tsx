import type { RowTrouble } from '@/core/form/table-csv';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

const SHOWN = 12;

/** Cells that are not taken: where they stand, what is wrong, what is allowed. */
export function RowTroubles({ troubles }: { troubles: readonly RowTrouble[] }) {
  return (
    <>
      <table className="w-full max-w-[860px] text-[14px]">
        <thead>
          <tr className="border-b border-ink text-left text-[12.5px] text-ink2">
            <th className="pr-4 font-[550]">{t('web.row')}</th>
            <th className="pr-4 font-[550]">{t('web.column')}</th>
            <th className="pr-4 font-[550]">{t('web.what-is-wrong')}</th>
            <th className="font-[550]">{t('web.allowed-4')}</th>
          </tr>
        </thead>
        <tbody>
          {troubles.slice(0, SHOWN).map((t) => (
            <tr key={`${t.row}-${t.field}`} className="border-b border-rule2">
              <td className="py-1 pr-4 font-[650]">{t.row}</td>
              <td className="py-1 pr-4">{t.field}</td>
              <td className="py-1 pr-4 text-oxide">{say(t.message)}</td>
              <td className="py-1">{say(t.allowed)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {troubles.length > SHOWN ? (
        <p className="text-[13px] text-ink2">{t('web.more-errors', { count: troubles.length - SHOWN })}</p>
      ) : null}
    </>
  );
}
