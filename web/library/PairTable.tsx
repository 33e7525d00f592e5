import type { MatchedPair } from '@/core/equipment/library-item';
import { q } from '@/core/words/said';
import { figureOf } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** Outdoor with indoor units as their makers list them. */
export function PairTable({ pairs }: { pairs: readonly MatchedPair[] }) {
  return (
    <table className="mt-2 w-full max-w-[760px] text-[14.5px]">
      <thead>
        <tr className="border-b-[1.5px] border-ink text-left text-[12.5px] text-ink2">
          {[t('web.outdoor'), t('web.indoor'), t('web.reference'), t('web.cooling-btu-h')].map((h) => (
            <th key={h} className="py-1 pr-4 font-[550]">
              {h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {pairs.map((p) => (
          <tr key={`${p.outdoorModel}/${p.indoorModel}`} className="border-b border-rule">
            <td className="py-2 pr-4 font-[640]">{p.outdoorModel}</td>
            <td className="py-2 pr-4">{p.indoorModel}</td>
            <td className="py-2 pr-4">{p.reference}</td>
            <td className="py-2">{figureOf(q(p.coolingBtuh, 'btuh')).value}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
