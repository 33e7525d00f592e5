import type { ScopeDelta } from '@/core/scope/scope';
import { moneyChange } from '@/core/units/money';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

const signed = (x: number, digits: number): string => `${x < 0 ? '−' : '+'}${Math.abs(x).toFixed(digits)}`;

/** What comes in, goes out and alters, with hours and price. */
export function DeltaList({ delta }: { delta: ScopeDelta }) {
  return (
    <div data-testid="delta">
      <ul className="mt-1">
        {delta.added.map((i) => (
          <li key={`a-${i.id}`}>
            <b className="font-[700] text-pine">+</b> {say(i.say)} <span className="text-ink2">({i.level})</span>
          </li>
        ))}
        {delta.removed.map((i) => (
          <li key={`r-${i.id}`}>
            <b className="font-[700] text-oxide">−</b> <s>{say(i.say)}</s>
          </li>
        ))}
        {delta.changed.map((c) => (
          <li key={`c-${c.id}`}>
            <b className="font-[700] text-ochre">~</b> {say(c.say)}: {say(c.from)} → {say(c.to)}
          </li>
        ))}
      </ul>
      <p className="mt-0.5 font-[640]">
        {signed(delta.hours, 1)} <span className="text-[12.5px] font-[450] text-ink2">{t('web.h')}</span>,{' '}
        {moneyChange(delta.price)} <span className="text-[12.5px] font-[450] text-ink2">{t('web.in-price-lines')}</span>
      </p>
    </div>
  );
}
