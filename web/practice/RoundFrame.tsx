import { ArrowLeft } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { LEVEL_WORDS } from '@/core/practice/labels';
import type { RoundView } from '@/core/practice/view';
import { q } from '@/core/words/said';
import { PageTitle } from '@/web/shell/PageTitle';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  view: Pick<RoundView, 'level' | 'nowMin'>;
  /** What is known of the system. */
  facts: string;
  children: ReactNode;
  side?: ReactNode;
  next: ReactNode;
};

/** The frame of a round: what stands there and how late it is, the bench, what can be done, the next move. */
export function RoundFrame({ view, facts, children, side, next }: Props) {
  return (
    <div className="flex min-h-dvh flex-col lg:grid lg:h-[calc(100dvh-var(--waits,0px)-var(--bar-px))] lg:min-h-0 lg:grid-cols-[minmax(0,1fr)_372px] lg:grid-rows-[60px_minmax(0,1fr)_auto] lg:overflow-hidden">
      <PageTitle of={[say(LEVEL_WORDS[view.level].name), t('web.practice')]} />
      <section
        aria-label={say(LEVEL_WORDS[view.level].name)}
        className="flex items-center gap-x-3 border-b-[1.5px] lg:gap-x-4 border-ink px-3 py-1.5 lg:col-span-2 lg:px-5"
      >
        <Link
          to="/practice"
          aria-label={t('web.all-levels')}
          className="touch grid w-10 shrink-0 place-items-center lg:w-8"
        >
          <ArrowLeft size={22} />
        </Link>
        <h1 className="narrow -ml-2 min-w-0 truncate text-[21px] font-[700] md:shrink-0">
          {say(LEVEL_WORDS[view.level].name)}
        </h1>
        <span className="hidden min-w-0 truncate text-ink2 md:block">{facts}</span>
        <span className="ml-auto shrink-0 font-[650]" data-testid="clock">
          {t('web.minute-of-the-visit', { minutes: q(view.nowMin, 'number', 0) })}
        </span>
        <span className="shrink-0 border-[1.5px] border-dashed border-copper px-2 py-0.5 text-[12.5px] font-[650] text-copper">
          {t('web.simulated')}
        </span>
      </section>
      <main className={`relative min-w-0 flex-1 lg:overflow-y-auto ${side ? '' : 'lg:col-span-2'}`}>
        <p className="px-4 pt-2 text-[14px] text-ink2 md:hidden">{facts}</p>
        {children}
      </main>
      {side ? (
        <aside className="relative border-t border-rule px-4 py-3 lg:overflow-y-auto lg:border-t-0 lg:border-l">
          {side}
        </aside>
      ) : null}
      <div className="sticky bottom-0 z-20 lg:static lg:col-span-2">{next}</div>
    </div>
  );
}
