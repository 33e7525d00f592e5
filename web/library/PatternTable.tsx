import type { ModelPattern } from '@/core/equipment/model-pattern';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

/** How makers write sizes into model numbers, each row with how sure the company is of it. */
export function PatternTable({ patterns }: { patterns: readonly ModelPattern[] }) {
  const heads = [
    tell('web.part'),
    tell('web.pattern'),
    tell('web.digits-per-ton'),
    tell('web.how-sure'),
    tell('web.source'),
  ];
  return (
    <>
      <p className="mt-2 max-w-[640px] text-[14px] text-ink2">{t('web.how-a-pattern-is-written')}</p>
      <table className="mt-2 w-full max-w-[860px] text-[14.5px]">
        <thead>
          <tr className="border-b-[1.5px] border-ink text-left text-[12.5px] text-ink2">
            {heads.map((h) => (
              <th key={h.id} className="py-1 pr-4 font-[550]">
                {say(h)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {patterns.map((p) => (
            <tr key={`${p.part}/${p.pattern}`} className="border-b border-rule">
              <td className="py-2 pr-4">{say(value(p.part))}</td>
              <td className="py-2 pr-4 font-[640]">{p.pattern}</td>
              <td className="py-2 pr-4">{p.perTon}</td>
              <td className="py-2 pr-4">{say(value(p.confidence))}</td>
              <td className="py-2 text-ink2">{p.source}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
