import { useEffect, useState } from 'react';
import useSWR from 'swr';
import type { KnownSite } from '@/contract/customers';
import { get } from '@/web/api/http';
import { t } from '@/web/words/tell';

const PAUSE_MS = 180;
const LEAST_LETTERS = 2;

/** Houses the company knows by what is typed so far: one tap takes customer, site and elevation over. */
export function KnownHouses({ text, onPick }: { text: string; onPick: (site: KnownSite) => void }) {
  const [search, setSearch] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => setSearch(text.trim()), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [text]);
  const { data } = useSWR<{ sites: KnownSite[] }>(
    search.length >= LEAST_LETTERS ? `/customers?search=${encodeURIComponent(search)}` : null,
    get,
    { keepPreviousData: true },
  );
  if (search.length < LEAST_LETTERS || !data?.sites.length) return null;
  return (
    <ul aria-label={t('web.known-houses')} className="mb-2 border-[1.5px] border-rule bg-sheet">
      {data.sites.map((s) => (
        <li key={s.siteId} className="border-b border-rule2 last:border-b-0">
          <button
            type="button"
            onClick={() => onPick(s)}
            className="touch w-full cursor-pointer px-2.5 py-1 text-left leading-tight hover:bg-paper"
          >
            <b className="font-[640]">{s.customerName}</b>
            <span className="block text-[13px] text-ink2">
              {s.address}, {s.town}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
