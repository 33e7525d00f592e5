import { useSearchParams } from 'react-router';
import { Tab } from '@/web/kit/Tab';
import { PlaceHead } from '@/web/shell/PlaceHead';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { History } from './History';
import { Houses } from './Houses';
import { Installed } from './Installed';

const VIEWS = ['houses', 'installed', 'history'] as const;
const NAMES = {
  houses: tell('web.houses'),
  installed: tell('web.what-stands'),
  history: tell('web.job-history'),
} as const;

/** What the company remembers: houses with every system ever there, what stands now, and every job that was done. */
export default function MemoryPage() {
  const [query, setQuery] = useSearchParams();
  const view = VIEWS.find((v) => v === query.get('view')) ?? 'houses';
  return (
    <div className="mx-auto max-w-[1240px] px-4 pb-10 lg:px-7">
      <PlaceHead />
      <div className="mt-4 flex flex-wrap items-end gap-x-6 gap-y-2">
        <h1 className="text-[26px]">{t('web.houses-and-history')}</h1>
        <div role="tablist" aria-label={t('web.which-look')} className="flex">
          {VIEWS.map((v) => (
            <Tab
              key={v}
              label={say(NAMES[v])}
              on={v === view}
              onPress={() => setQuery({ view: v }, { replace: true })}
            />
          ))}
        </div>
      </div>
      {view === 'houses' ? <Houses /> : view === 'installed' ? <Installed /> : <History />}
    </div>
  );
}
