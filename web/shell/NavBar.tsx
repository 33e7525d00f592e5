import { BookOpen, Building2, ClipboardList, Cylinder, Sigma } from 'lucide-react';
import { NavLink } from 'react-router';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { PersonMenu } from './TopBar';

/** The rooms of the house, in the order a day uses them. */
const PLACES = [
  { to: '/jobs', icon: ClipboardList, label: tell('web.nav-jobs') },
  { to: '/cylinders', icon: Cylinder, label: tell('web.nav-cylinders') },
  { to: '/library', icon: BookOpen, label: tell('web.nav-library') },
  { to: '/settings', icon: Building2, label: tell('web.nav-company') },
  { to: '/formulas', icon: Sigma, label: tell('web.nav-formulas') },
] as const;

/** On a desk: over every page. */
export function NavBar() {
  return (
    <header className="hidden h-[52px] items-stretch bg-bar pr-5 pl-5 text-on-bar lg:flex">
      <span className="narrow mr-7 self-center text-[18px] font-[700]">{say(tell('web.mill-bridge'))}</span>
      <nav aria-label={say(tell('web.nav'))} className="flex">
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
      <span className="ml-auto self-center">
        <PersonMenu onBar />
      </span>
    </header>
  );
}

/** On a phone: under the pages that are not a job's; there the next move has the bottom. */
export function BottomBar() {
  return (
    <nav
      aria-label={say(tell('web.nav'))}
      className="fixed inset-x-0 bottom-0 z-30 grid grid-cols-5 bg-bar pb-[env(safe-area-inset-bottom)] text-on-bar lg:hidden"
    >
      {PLACES.map(({ to, label, icon: Icon }) => (
        <NavLink
          key={to}
          to={to}
          className="flex min-h-[58px] flex-col items-center justify-center gap-0.5 text-[11.5px] font-[560] opacity-80 aria-[current=page]:font-[700] aria-[current=page]:opacity-100 aria-[current=page]:shadow-[inset_0_4px_0_var(--bar-mark)]"
        >
          <Icon size={22} aria-hidden />
          {say(label)}
        </NavLink>
      ))}
    </nav>
  );
}

/** Pages that the bottom bar stands under. */
export const isPlace = (pathname: string): boolean => PLACES.some((p) => p.to === pathname);
