import { t } from '@/web/words/tell';

/** The one field that finds: name, street, town, phone, number. */
export function Search({ text, onText }: { text: string; onText: (text: string) => void }) {
  return (
    <input
      type="search"
      value={text}
      onChange={(e) => onText(e.target.value)}
      placeholder={t('web.customer-street-or-phone')}
      aria-label={t('web.search-what-is-remembered')}
      className="touch w-full border-[1.5px] border-rule bg-sheet px-3 text-[16px] outline-none focus:border-ink sm:w-[320px]"
    />
  );
}
