import useSWR from 'swr';
import { serverNow } from '@/web/api/clock';
import { type ApiProblem, get } from '@/web/api/http';
import { Trouble } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { RowTable } from './RowTable';
import type { Row } from './rows';

/** Ages in which a company thinks of what stands at its customers (design default), years. */
const AGES = [
  [0, 5],
  [5, 10],
  [10, 15],
  [15, 200],
] as const;

/** What stands at the houses now, by refrigerant and age; the oldest first. */
export function Installed() {
  const { data, error } = useSWR<{ rows: Row[] }, ApiProblem>('/installed', get);
  const rows = data?.rows ?? [];
  const year = new Date(serverNow()).getFullYear();
  const refrigerants = [...new Set(rows.map((r) => r.refrigerant ?? '–'))].sort();
  const count = (refrigerant: string, [low, high]: readonly [number, number]): number =>
    rows.filter(
      (r) => (r.refrigerant ?? '–') === refrigerant && r.year !== null && year - r.year >= low && year - r.year < high,
    ).length;
  const unknown = (refrigerant: string): number =>
    rows.filter((r) => (r.refrigerant ?? '–') === refrigerant && r.year === null).length;
  return (
    <>
      <Trouble problem={error} />
      <p className="mt-3 max-w-[70ch] text-ink2">{t('web.what-stands-why')}</p>
      <table className="mt-3 text-[15px]" data-testid="installed-ages">
        <thead>
          <tr className="border-b-[1.5px] border-ink text-left text-[12.5px] text-ink2">
            <th className="py-1 pr-6 font-[550]">{t('web.refrigerant')}</th>
            {AGES.map(([low, high]) => (
              <th key={low} className="py-1 pr-6 font-[550]">
                {say(high > 100 ? tell('web.years-and-more', { low }) : tell('web.years-from-to', { low, high }))}
              </th>
            ))}
            <th className="py-1 font-[550]">{t('web.age-not-known')}</th>
          </tr>
        </thead>
        <tbody>
          {refrigerants.map((r) => (
            <tr key={r} className="border-b border-rule2">
              <td className="py-1.5 pr-6 font-[640]">{r}</td>
              {AGES.map((a) => (
                <td key={a[0]} className="py-1.5 pr-6">
                  {count(r, a) || '·'}
                </td>
              ))}
              <td className="py-1.5">{unknown(r) || '·'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <a
        href="/api/installed.csv"
        download
        className="touch mt-2 inline-flex items-center font-[600] text-copper underline"
      >
        {t('web.as-csv')}
      </a>
      <RowTable rows={rows} />
    </>
  );
}
