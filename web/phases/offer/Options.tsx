import type { Offer } from '@/core/phases/scope/offer/offer';
import { nameOf, type OfferRow, offerRows, totalOf } from '@/core/phases/scope/offer/rows';
import type { ScopeSchools } from '@/core/scope/schools';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { useDesk } from '@/web/kit/use-media';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  offers: readonly Offer[];
  schools: ScopeSchools;
  onTake?: (optionId: string) => void;
  busy: boolean;
};
type Column = Omit<Props, 'schools'> & { rows: readonly OfferRow[] };

/** Options side by side on one ruled sheet at a desk, one below the other on a phone. */
export function Options({ offers, schools, ...rest }: Props) {
  const rows = offerRows(offers, schools).filter((r) => r.id !== 'total');
  const wide = useDesk();
  return wide ? <Sheet offers={offers} rows={rows} {...rest} /> : <Tickets offers={offers} rows={rows} {...rest} />;
}

function Sheet({ offers, rows, ...rest }: Column) {
  return (
    <table className="mt-3 w-full table-fixed border-collapse text-left align-top" data-testid="options">
      <thead>
        <tr>
          <td className="w-[118px]" />
          {offers.map((o, i) => (
            <th
              key={o.id}
              scope="col"
              data-testid={`option-${i}`}
              className={`border-b-[1.5px] border-ink px-3 pt-3 pb-2 align-top font-[450] ${o.stands ? 'bg-sheet shadow-[inset_0_5px_0_var(--copper)]' : ''}`}
            >
              <Head offer={o} first={offers[0]!} {...rest} />
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((r) => (
          <tr key={r.id} data-testid={`row-${r.id}`} className="border-b border-rule2 align-top">
            <th scope="row" className="py-2 pr-2 text-[13px] leading-snug font-[450] text-ink2">
              {say(r.label)}
            </th>
            {offers.map((o, i) => (
              <td
                key={o.id}
                className={`px-3 py-2 text-[14px] leading-snug whitespace-pre-line ${o.stands ? 'bg-sheet' : ''}`}
              >
                {say(r.cells[i]!)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Tickets({ offers, rows, ...rest }: Column) {
  return (
    <div className="mt-3 grid gap-4" data-testid="options">
      {offers.map((o, i) => (
        <section
          key={o.id}
          aria-label={say(nameOf(o))}
          data-testid={`option-${i}`}
          className={`border-t-[1.5px] border-ink ${o.stands ? 'bg-sheet px-3 shadow-[inset_0_5px_0_var(--copper)]' : ''}`}
        >
          <div className="pt-3 pb-2">
            <Head offer={o} first={offers[0]!} {...rest} />
          </div>
          <dl>
            {rows
              .filter((r) => r.cells[i] !== '–')
              .map((r) => (
                <div key={r.id} className="border-t border-rule2 py-1.5" data-testid={`row-${r.id}`}>
                  <dt className="text-[13px] text-ink2">{say(r.label)}</dt>
                  <dd className="text-[14.5px] leading-snug whitespace-pre-line">{say(r.cells[i]!)}</dd>
                </div>
              ))}
          </dl>
        </section>
      ))}
    </div>
  );
}

type HeadProps = Pick<Props, 'onTake' | 'busy'> & { offer: Offer; first: Offer };

/** Name, total, what it is over the first one, and the button that takes it. */
function Head({ offer: o, first, onTake, busy }: HeadProps) {
  const over = o.price.total - first.price.total;
  const compared = o !== first && o.unpriced.length + first.unpriced.length === 0;
  return (
    <>
      <h2 className="text-[16px] leading-tight font-[680]">{say(nameOf(o))}</h2>
      {o.unpriced.length ? (
        <p className="mt-1 text-[14px] text-ochre">{say(totalOf(o))}</p>
      ) : (
        <p className="narrow text-[32px] leading-tight font-[680]" data-testid="option-total">
          {say(totalOf(o))}
        </p>
      )}
      <p className="min-h-5 text-[13px] text-ink2">
        {compared ? t('web.over-the-first', { over: q(over, 'moneyChange') }) : ''}
      </p>
      {onTake && o.name ? (
        o.stands ? (
          <p className="mt-1.5 flex min-h-12 items-center gap-1.5 text-[14px] font-[600]">
            <Mark kind="good" />
            {t('web.this-is-the-scope-now')}
          </p>
        ) : (
          <Button className="mt-1.5" disabled={busy} onClick={() => onTake(o.id)}>
            {t('web.take-this-option')}
          </Button>
        )
      ) : null}
    </>
  );
}
