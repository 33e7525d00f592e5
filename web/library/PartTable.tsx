import type { PartRow } from '@/core/plan/take-off/part-row';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

/** What the company pays for its parts, in what sizes they come, and how much the truck carries. */
export function PartTable({ parts }: { parts: readonly PartRow[] }) {
  const heads = [
    tell('web.part-code'),
    tell('web.part-name'),
    tell('web.pack-of'),
    tell('web.part-price'),
    tell('web.on-truck'),
  ];
  return (
    <>
      <p className="mt-2 max-w-[640px] text-[14px] text-ink2">{t('web.how-parts-are-listed')}</p>
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
          {parts.map((p) => (
            <tr key={p.code} className="border-b border-rule">
              <td className="py-2 pr-4 font-[640]">{p.code}</td>
              <td className="py-2 pr-4">{p.name}</td>
              <td className="py-2 pr-4">{`${p.pack} ${p.unit}`}</td>
              <td className="py-2 pr-4">{p.price}</td>
              <td className="py-2">{`${p.onTruck} ${p.unit}`}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
