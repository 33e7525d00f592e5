import { tell } from '@/web/words/tell';

/** The rooms of the house, in the order a day uses them. */
export const PLACES = [
  { to: '/jobs', label: tell('web.nav-jobs') },
  { to: '/week', label: tell('web.nav-week') },
  { to: '/cylinders', label: tell('web.nav-cylinders') },
  { to: '/library', label: tell('web.nav-library') },
  { to: '/settings', label: tell('web.nav-company') },
  { to: '/practice', label: tell('web.nav-practice') },
  { to: '/formulas', label: tell('web.nav-formulas') },
] as const;

/** Pages of a job and of a practice round. */
export const isFramed = (pathname: string): boolean => /^\/(jobs\/(?!new$)|practice\/)./.test(pathname);

/** Pages that the bottom bar stands under. */
export const isPlace = (pathname: string): boolean =>
  pathname === '/houses' || PLACES.some((p) => p.to === pathname.replace(/\/(people|trail)$/, ''));

/** What a page outside the jobs is called: as the room it is in. */
export const roomOf = (pathname: string) =>
  pathname === '/houses'
    ? tell('web.houses-and-history')
    : (PLACES.find((p) => pathname === p.to || pathname.startsWith(`${p.to}/`)) ?? PLACES[0]).label;
