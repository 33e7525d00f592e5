import { t } from '@/web/words/tell';

/** Opens the picture of the maker's page that a model's figures stand on. */
export const PageLink = ({ itemId }: { itemId: string }) => (
  <a
    href={`/api/library/items/${itemId}/page`}
    target="_blank"
    rel="noreferrer"
    className="inline-block text-[14px] text-copper underline underline-offset-2"
  >
    {t('web.page-of-makers-book')}
  </a>
);
