import { choice, day, figure, is, maybe, text } from '@/core/form/field';
import { tell } from '@/core/phases/hand-over/words';
import { entry } from '@/core/phases/log/entry';
import { day as dayOf, q, value } from '@/core/words/said';
import { balanceEntries } from './balance-entries';
import { checkInEntries } from './check-in-entries';
import { filterEntries } from './filter-entries';
import { gasEntries } from './gas-entries';
import { inrushEntries } from './inrush-entries';
import { openEntries } from './open-entries';
import { serialEntries } from './serial-entries';
import { ventEntries } from './vent-entries';
import { visitEntries } from './visit-entries';
import { walkEntries } from './walk-entries';
import { warrantyEntries } from './warranty-entries';

/** What driers and moisture indicator show after the run, and what the authority says of the whole job. */
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
  permit: entry(
    tell('log.permit'),
    {
      number: text(tell('after.permit-number'), 40, 1),
      authority: text(tell('after.authority'), 80, 0, { hint: tell('after.may-stay-empty') }),
      pulledOn: day(tell('after.pulled-on')),
    },
    (b) => tell('log.permit-line', { number: b.number, authority: b.authority || '–', day: dayOf(b.pulledOn) }),
    { ofJob: true },
  ),
  inspection: entry(
    tell('log.inspection'),
    {
      on: day(tell('after.inspected-on')),
      result: choice(tell('after.result'), ['passed', 'corrections', 'failed']),
      corrections: maybe(text(tell('after.what-to-correct'), 300, 3, { when: is('result', 'corrections', 'failed') })),
      inspector: text(tell('after.inspector'), 80, 0, { hint: tell('after.may-stay-empty') }),
    },
    (b) =>
      tell('log.inspection-line', {
        day: dayOf(b.on),
        result: value(b.result),
        corrections: b.corrections ? tell('log.corrections', { corrections: b.corrections }) : '',
        inspector: b.inspector || '–',
      }),
    { ofJob: true },
  ),
  ...ventEntries,
  ...visitEntries,
  ...serialEntries,
  ...checkInEntries,
  ...balanceEntries,
  ...inrushEntries,
  ...filterEntries,
  ...gasEntries,
  ...walkEntries,
  ...warrantyEntries,
  ...openEntries,
};
