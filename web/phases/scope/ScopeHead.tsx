import type { ScopeTotal } from '@/core/scope/scope';
import { money } from '@/core/units/money';
import { t } from '@/web/words/tell';

/** Hours and price of what is in. */
export function ScopeHead({ total }: { total: ScopeTotal }) {
  return (
    <div className="flex flex-wrap items-baseline gap-x-4">
      <h1 className="text-[23px]">{t('web.scope')}</h1>
      <p className="ml-auto text-[15px]">
        <b className="text-[21px] font-[700]" data-testid="scope-hours">
          {total.hours.toFixed(1)}
        </b>{' '}
        <span className="text-ink2">{t('web.h')}</span>{' '}
        <b className="ml-3 text-[21px] font-[700]" data-testid="scope-price">
          {money(total.price)}
        </b>{' '}
        <span className="text-ink2">{t('web.without-equipment')}</span>
      </p>
    </div>
  );
}
