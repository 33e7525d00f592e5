import { t } from '@/web/words/tell';
export function Waiting() {
  return <p className="p-8 text-ink2">{t('web.opening')}</p>;
}
