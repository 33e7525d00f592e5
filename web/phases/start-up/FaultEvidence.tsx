import type { Evidence } from '@/core/diagnosis/evidence';
import type { Ranked } from '@/core/diagnosis/reason';
import { FAULT_WORDS, FEATURE_WORDS } from '@/core/diagnosis/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** What speaks for a fault and against it, each by how far it is from sound systems. */
export function FaultEvidence({ fault, evidence }: { fault: Ranked; evidence: readonly Evidence[] }) {
  if (evidence.length === 0) return null;
  return (
    <table className="w-full text-[15px]">
      <caption className="pb-1 text-left text-[15px] font-[680]">
        {t('web.what-speaks-for', { fault: FAULT_WORDS[fault.fault] })}
      </caption>
      <tbody>
        {evidence.map((e) => {
          const { label, unit } = FEATURE_WORDS[e.feature];
          return (
            <tr key={e.feature} className="border-t border-rule2">
              <th scope="row" className="py-1.5 text-left font-[560]">
                {say(label)}
              </th>
              <td className="py-1.5 text-right whitespace-nowrap tabular-nums">{`${e.beyond > 0 ? '+' : '−'}${Math.abs(e.beyond).toFixed(1)} ${unit}`}</td>
              <td className={`py-1.5 pl-4 whitespace-nowrap ${e.speaks === 'for' ? 'font-[620]' : 'text-ink2'}`}>
                {t(e.speaks === 'for' ? 'web.speaks-for' : 'web.speaks-against')}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
