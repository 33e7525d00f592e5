import { useMe } from '@/web/api/use-me';
import { t } from '@/web/words/tell';
import { PersonMenu } from './TopBar';

/** The head of a page that is not a job's, on a phone; a desk has the bar over it. */
export function PlaceHead() {
  const { me } = useMe();
  return (
    <header className="flex items-center gap-4 border-b-[1.5px] border-ink py-2 lg:hidden">
      <span className="narrow text-[21px] font-[700]">{t('web.mill-bridge')}</span>
      <span className="hidden text-ink2 sm:block">{me?.companyName}</span>
      <span className="ml-auto" />
      <PersonMenu />
    </header>
  );
}
