import { useEffect } from 'react';
import { t } from '@/web/words/tell';

/** What a tab, a bookmark and a screen reader call this page: what is narrowest first. */
export function PageTitle({ of }: { of: readonly string[] }) {
  const title = [...of, t('web.mill-bridge')].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
  return null;
}
