import { either, figure, is, maybe, pick } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { q, value } from '@/core/words/said';
import { tell } from './words';

const piping = is('work', 'piping');
const read = (...[label, low, high, unit]: Parameters<typeof figure>) =>
  maybe(figure(label, low, high, unit, { when: piping }));

/** How the gas pipe was proven tight before anything burned; it belongs to the system. */
export const gasEntries = {
  'gas-test': entry(
    tell('gas.pipe-test'),
    {
      work: pick(
        tell('gas.what-was-done'),
        { piping: tell('gas.piping-new-or-changed'), connection: tell('gas.only-the-connection') },
        { stacked: true },
      ),
      isolated: maybe(
        either(
          tell('gas.valve-during-the-test'),
          [
            [true, tell('gas.disconnected-or-isolated')],
            [false, tell('gas.under-the-test')],
          ],
          { when: piping },
        ),
      ),
      workingInWc: read(tell('gas.working-pressure'), 1, 140, 'in. w.c.'),
      startPsig: read(tell('gas.pressure-at-start'), 0.05, 150, 'psig'),
      startF: read(tell('gas.pipe-at-start'), -20, 150, '°F'),
      heldMin: read(tell('gas.held-for'), 0, 2880, 'min'),
      endPsig: read(tell('gas.pressure-at-end'), 0, 150, 'psig'),
      endF: read(tell('gas.pipe-at-end'), -20, 150, '°F'),
      bubbles: either(tell('gas.every-joint-under-soap'), [
        [false, tell('gas.no-bubbles')],
        [true, tell('gas.bubbles')],
      ]),
      purge: pick(tell('gas.purged'), {
        outdoors: tell('gas.outdoors'),
        'ventilated room': tell('gas.ventilated-room'),
        'not purged': tell('gas.not-purged'),
      }),
      trap: pick(tell('gas.trap-leg'), {
        'fitted last': tell('gas.fitted-last'),
        'not fitted': tell('gas.not-fitted'),
      }),
    },
    (b) =>
      b.work === 'piping'
        ? tell('gas.line-piping', {
            start: q(b.startPsig, 'psig'),
            end: q(b.endPsig, 'psig'),
            held: q(b.heldMin, 'min'),
            purge: value(b.purge),
          })
        : tell('gas.line-connection', { purge: value(b.purge) }),
    { ofSystem: true, caution: tell('gas.air-or-nitrogen-only') },
  ),
};
