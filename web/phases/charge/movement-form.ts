import { type Answers, cylinder, formOf, is, maybe, onlyWhen, pick, weight } from '@/core/form/field';
import type { Said } from '@/core/words/said';
import { tell } from '@/web/words/tell';

/** The heaviest cylinder that stands on a field scale, oz. */
const MOST_OZ = 6000;
const out = is('way', 'out');

/** A weighed amount typed from a scale that does not stream; `keeps`: the ledger follows it, so its cylinder is named. */
export function movementForm(keeps: boolean) {
  const into = cylinder(tell('web.into-cylinder'), 'recovery');
  const fields = {
    way: pick(tell('web.which-way'), { in: tell('web.into-system'), out: tell('web.recovered') }, { start: 'in' }),
    cylinderId: keeps ? onlyWhen(out, into) : { ...maybe(into), when: out },
    startOz: weight(tell('web.cylinder-at-start'), 0, MOST_OZ),
    endOz: weight(tell('web.cylinder-at-end'), 0, MOST_OZ),
  };
  return formOf(fields);
}

/** What moved, oz: into the system positive; undefined while a weight is missing. */
export function movedOz({ startOz, endOz }: Answers): number | undefined {
  return typeof startOz === 'number' && typeof endOz === 'number' ? startOz - endOz : undefined;
}

/** Why the two weights cannot be right: charging makes the cylinder lighter, recovering heavier. */
export function wrongWay(said: Answers): Said | undefined {
  const moved = movedOz(said);
  if (moved === undefined || (said.way === 'in' ? moved : -moved) > 0) return undefined;
  return said.way === 'in'
    ? tell('web.charging-makes-cylinder-lighter-end-must')
    : tell('web.recovering-makes-cylinder-heavier-end-must');
}
