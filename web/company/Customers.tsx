import { post } from '@/web/api/http';
import { ImportPanel } from '@/web/csv/ImportPanel';
import { Papers } from '@/web/csv/Papers';
import { type Sender, type Sent, useImport } from '@/web/csv/use-import';
import { t } from '@/web/words/tell';

const KINDS = ['customers'] as const;
const send: Sender = (_, rows) => post<Sent>('/customers', { houses: rows.map((r) => r.value) });

/** Customers, their houses and systems as a list: a new job finds them as one types. */
export function Customers({ mayEdit }: { mayEdit: boolean }) {
  const work = useImport(KINDS, send, () => undefined);
  return (
    <section aria-label={t('web.customers-and-houses')}>
      <h2 className="mt-5 flex flex-wrap items-center gap-x-4 border-b-[1.5px] border-ink pb-1 text-[16px]">
        {t('web.customers-and-houses')}
        <Papers path="/customers" mayEdit={mayEdit} onFile={work.read} />
      </h2>
      <p className="mt-1 max-w-[70ch] text-[13.5px] text-ink2">{t('web.customers-one-row-per-system')}</p>
      <ImportPanel work={work} />
    </section>
  );
}
