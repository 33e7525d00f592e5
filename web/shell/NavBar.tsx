import { BookOpen, Building2, CalendarDays, ClipboardList, Cylinder, Sigma, Target } from 'lucide-react';
import { NavLink, useLocation } from 'react-router';
import { useMe } from '@/web/api/use-me';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { PageTitle } from './PageTitle';
import { isFramed, PLACES, roomOf } from './places';
import { PersonMenu } from './TopBar';

const ICONS = {
  '/jobs': ClipboardList,
  '/week': CalendarDays,
  '/cylinders': Cylinder,
  '/library': BookOpen,
  '/settings': Building2,
  '/practice': Target,
  '/formulas': Sigma,
};

/** The ways through the house: over every page on a desk; on a phone below the pages that are not a job's. */
export default function NavBar({ bottom }: { bottom: boolean }) {
  const { pathname } = useLocation();
  return (
    <>
      {isFramed(pathname) ? null : <PageTitle of={[say(roomOf(pathname))]} />}
      <TopNav />
      {bottom ? <BottomNav /> : null}
    </>
  );
}

function TopNav() {
  const { me } = useMe();
  return (
    <header className="hidden h-[52px] items-stretch bg-bar pr-5 pl-5 text-on-bar lg:flex">
      <span className="narrow mr-7 self-center text-[18px] font-[700]">{t('web.mill-bridge')}</span>
      <nav aria-label={t('web.nav')} className="flex">
        {PLACES.map(({ to, label }) => (
          <NavLink
            key={to}
            to={to}
            className="flex items-center px-[15px] font-[560] opacity-80 hover:opacity-100 aria-[current=page]:font-[680] aria-[current=page]:opacity-100 aria-[current=page]:shadow-[inset_0_-4px_0_var(--bar-mark)]"
          >
            {say(label)}
          </NavLink>
        ))}
      </nav>
      {me?.demo ? (
        <span className="ml-auto hidden max-w-[430px] self-center pr-5 text-right text-[12.5px] leading-tight opacity-80 xl:block">
          {t('web.demo-here')}
        </span>
      ) : null}
      <span className={`self-center ${me?.demo ? 'ml-auto xl:ml-0' : 'ml-auto'}`}>
        <PersonMenu onBar />
      </span>
    </header>
  );
}

/** In a job the next move has the bottom. */
function BottomNav() {
  return (
    <nav
      aria-label={t('web.nav')}
      className="fixed inset-x-0 bottom-0 z-30 grid grid-cols-7 bg-bar pb-[env(safe-area-inset-bottom)] text-on-bar lg:hidden"
    >
      {PLACES.map(({ to, label }) => {
        const Icon = ICONS[to];
        return (
          <NavLink
            key={to}
            to={to}
            className="flex min-h-[58px] flex-col items-center justify-center gap-0.5 text-[10.5px] min-[360px]:text-[11px] font-[560] opacity-80 aria-[current=page]:font-[700] aria-[current=page]:opacity-100 aria-[current=page]:shadow-[inset_0_4px_0_var(--bar-mark)]"
          >
            <Icon size={22} aria-hidden />
            {say(label)}
          </NavLink>
        );
      })}
    </nav>
  );
}
