import { choice, figure } from '@/core/form/field';
import { tell } from '@/core/phases/hand-over/words';
import { entry } from '@/core/phases/log/entry';
import { q, value } from '@/core/words/said';
/** What driers and moisture indicator show after the run. */
export const handOverEntries = {
  'suction-drier-visit': entry(
    tell('log.suction-drier'),
    {
      dropPsi: figure(tell('after.pressure-across-it'), 0, 20, 'psi'),
      acid: choice(tell('after.acid-test-of-oil'), ['clean', 'acid', 'not tested']),
      outcome: choice(tell('after.drier-was'), ['left in', 'replaced', 'taken out']),
    },
    (b) => tell('log.across-it-acid', { dropPsi: q(b.dropPsi, 'psi'), acid: value(b.acid), outcome: value(b.outcome) }),
  ),
  'moisture-indicator': entry(
    tell('log.moisture-indicator'),
    { colour: choice(tell('after.after-steady-run-it-shows'), ['dry', 'between', 'wet']) },
    (b) => value(b.colour),
  ),
  'liquid-drier-drop': entry(
    tell('log.liquid-drier'),
    {
      inF: figure(tell('after.pipe-before-drier'), -20, 180, '°F'),
      outF: figure(tell('after.pipe-after-it'), -20, 180, '°F'),
    },
    (b) => tell('log.in-out', { inF: q(b.inF, 'F'), outF: q(b.outF, 'F') }),
  ),
};
