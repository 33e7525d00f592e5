import type { ReactNode } from 'react';
import { priceOf } from '@/core/scope/item';
import type { DecidedItem } from '@/core/scope/scope';
import { money } from '@/core/units/money';
import { list } from '@/core/words/said';
import { Mark, type MarkKind } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

const MARKS: Record<DecidedItem['standing'], MarkKind> = { in: 'good', out: 'to-come', open: 'now' };

/** One thing to do: why, on which facts, from which source, what it costs, in or out. */
export function ItemRow({
  item,
  labour,
  lit,
  may,
  onIn,
  onOut,
  children,
}: {
  item: DecidedItem;
  labour: number;
  lit: boolean;
  may: boolean;
  onIn: () => void;
  onOut: () => void;
  /** Under its words. */
  children?: ReactNode;
}) {
  const declined = item.decision?.decision === 'out' && !item.safety;
  return (
    <li
      id={`item-${item.id}`}
      data-testid={`item-${item.id}`}
      className={`grid scroll-mt-3 grid-cols-[22px_minmax(0,1fr)] gap-x-2 border-b border-rule py-2.5 sm:grid-cols-[22px_minmax(0,1fr)_74px_auto] ${lit ? '-mx-3 bg-sheet px-3 shadow-[inset_5px_0_0_var(--copper)]' : ''}`}
    >
      <span className="pt-[3px]">
        <Mark kind={item.safety ? 'good' : MARKS[item.standing]} />
      </span>
      <div className="min-w-0">
        <p className={`text-[16px] leading-snug font-[640] ${item.standing === 'out' ? 'text-ink2' : ''}`}>
          {say(item.say)}
          {item.strong ? <span className="ml-2 text-[12.5px] font-[650] text-ochre">{t('web.strong')}</span> : null}
          {item.safety ? (
            <span className="ml-2 text-[12.5px] font-[650] text-oxide">{t('web.safety-or-law')}</span>
          ) : null}
        </p>
        <p className="text-[13.5px] leading-snug">{say(item.reason)}</p>
        <p className="text-[12.5px] leading-snug text-ink2">{say(list([...item.triggers, item.source], ' · '))}</p>
        {declined ? (
          <p className="text-[13px] font-[600] text-ochre">
            {t('web.declined', { reason: item.decision?.reason, by: item.decision?.by })}
          </p>
        ) : null}
        {children}
      </div>
      <div className="col-start-2 text-[13px] whitespace-nowrap text-ink2 sm:col-start-auto sm:text-right">
        <b className="text-[15px] font-[640] text-ink">{money(priceOf(item, labour))}</b>
        <span className="ml-2 sm:ml-0 sm:block">{item.hours ? `${item.hours} h` : '–'}</span>
      </div>
      <div className="col-start-2 sm:col-start-auto">
        {item.safety ? (
          <span className="inline-block w-[116px]" />
        ) : (
          <fieldset className="flex w-[116px]">
            <legend className="sr-only">{t('web.in-or-out', { say: item.say })}</legend>
            {(['in', 'out'] as const).map((d) => (
              <button
                key={d}
                type="button"
                disabled={!may}
                aria-pressed={item.standing === d}
                onClick={d === 'in' ? onIn : onOut}
                className="touch -ml-[1.5px] w-[58px] cursor-pointer border-[1.5px] border-rule font-[560] capitalize aria-pressed:z-10 aria-pressed:border-ink aria-pressed:bg-sheet aria-pressed:font-[700] aria-pressed:shadow-[inset_0_-4px_0_var(--copper)] disabled:cursor-default"
              >
                {t(d === 'in' ? 'web.item-in' : 'web.item-out')}
              </button>
            ))}
          </fieldset>
        )}
      </div>
    </li>
  );
}
