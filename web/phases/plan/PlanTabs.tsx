import { Tab } from '@/web/kit/Tab';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** The plan has its day, and what is taken for it. */
export function PlanTabs({ take, onGo }: { take: boolean; onGo: (to: string) => void }) {
  return (
    <div role="tablist" aria-label={say(tell('web.parts-of-the-plan'))} className="mb-2 flex border-b border-rule">
      <Tab label={say(tell('web.the-day'))} on={!take} onPress={() => onGo('plan')} />
      <Tab label={say(tell('web.what-to-take'))} on={take} onPress={() => onGo('plan/take')} />
    </div>
  );
}
