import { Tab } from '@/web/kit/Tab';
import { t } from '@/web/words/tell';

/** The plan has its day, and what is taken for it. */
export function PlanTabs({ take, onGo }: { take: boolean; onGo: (to: string) => void }) {
  return (
    <div role="tablist" aria-label={t('web.parts-of-the-plan')} className="mb-2 flex border-b border-rule">
      <Tab label={t('web.the-day')} on={!take} onPress={() => onGo('plan')} />
      <Tab label={t('web.what-to-take')} on={take} onPress={() => onGo('plan/take')} />
    </div>
  );
}
