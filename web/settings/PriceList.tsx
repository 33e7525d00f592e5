import Papa from 'papaparse';
import { useRef, useState } from 'react';
import { PRICE_PARTS, PRICE_RANGE, type PriceKey, type Prices, WORK_WORDS, WORKS } from '@/core/policy/prices';
import { type PriceTrouble, readPrices } from '@/core/policy/prices-csv';
import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Notice } from '@/web/kit/Notice';
import { NumberCell } from '@/web/kit/NumberCell';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  prices: Prices;
  currency: string;
  may: boolean;
  onSave: (change: Record<string, number>) => Promise<boolean>;
};
type Read = { name: string; taken: number; troubles: readonly PriceTrouble[] };

/** Hours and materials of every kind of work, typed one by one or read from a CSV; a scope is priced by it. */
export function PriceList({ prices, currency, may, onSave }: Props) {
  const [read, setRead] = useState<Read>();
  const input = useRef<HTMLInputElement>(null);
  async function take(file: File): Promise<void> {
    const { data } = Papa.parse<Record<string, string>>(await file.text(), { header: true, skipEmptyLines: true });
    const { change, troubles } = readPrices(data, currency);
    setRead({ name: file.name, taken: Object.keys(change).length, troubles });
    if (Object.keys(change).length) onSave(change as Record<string, number>);
  }
  return (
    <section aria-label={t('web.price-list')}>
      <h2 className="mt-5 flex flex-wrap items-baseline gap-x-4 border-b-[1.5px] border-ink pb-1 text-[16px]">
        {t('web.price-list')}
        <a
          className="touch -my-3 ml-auto inline-flex items-center text-[14px] text-copper underline underline-offset-4"
          href="/api/settings/prices.csv"
        >
          {t('web.save-as-csv')}
        </a>
        {may ? (
          <Button tone="quiet" className="-my-2 text-[14px]" onClick={() => input.current?.click()}>
            {t('web.read-csv')}
          </Button>
        ) : null}
        <input
          ref={input}
          type="file"
          accept=".csv,text/csv"
          hidden
          data-testid="prices-csv"
          onChange={(e) => {
            const [file] = e.target.files ?? [];
            e.target.value = '';
            if (file) void take(file);
          }}
        />
      </h2>
      <p className="mt-1 max-w-[70ch] text-[13.5px] text-ink2">
        {t('web.placeholders-until-you-put-yours', { currency })}
      </p>
      {read ? (
        <Notice kind={read.troubles.length ? 'look-again' : 'good'}>
          <p>{t('web.figures-taken-from', { count: read.taken, name: read.name })}</p>
          <ul>
            {read.troubles.map((x) => (
              <li key={`${x.row}-${x.field}`}>
                {t('web.row-not-taken', { row: x.row, field: value(x.field), allowed: x.allowed })}
              </li>
            ))}
          </ul>
        </Notice>
      ) : null}
      <table className="mt-2 w-full text-[15px]">
        <thead>
          <tr className="text-left text-[13px] text-ink2">
            <th className="font-[600]">{t('web.work')}</th>
            <th className="w-[120px] font-[600]">{t('web.hours')}</th>
            <th className="w-[150px] font-[600]">{t('web.materials-in', { currency })}</th>
          </tr>
        </thead>
        <tbody>
          {WORKS.map((work) => (
            <tr key={work} className="border-b border-rule2">
              <td className="py-1 pr-3">{say(WORK_WORDS[work])}</td>
              {PRICE_PARTS.map((part) => {
                const key: PriceKey = `${part}-${work}`;
                const { low, high } = PRICE_RANGE[part];
                return (
                  <td key={part} className="py-1 pr-2">
                    <NumberCell
                      hideLabel
                      label={`${say(WORK_WORDS[work])}, ${say(value(part))}`}
                      value={prices[key]}
                      disabled={!may}
                      onCommit={(v) => {
                        if (v === null || v < low || v > high)
                          return t('web.outside-allowed-range-allowed-to', { low, high, unit: '' });
                        return onSave({ [key]: v });
                      }}
                    />
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
