import { is, pick, text } from '@/core/form/field';
import { typed } from '@/core/words/said';
import type { CircuitStanding } from './sheet';
import { tell } from './words';

/** Another system of the same house. */
export const NEW_SYSTEM = 'new';

/** One more circuit of a job: of a system it works on already, or of another one of the same house. */
export const circuitFields = (circuits: readonly CircuitStanding[]) => ({
  system: pick(
    tell('job.which-system'),
    {
      ...Object.fromEntries(circuits.map((c) => [c.systemId, typed(c.systemName)])),
      [NEW_SYSTEM]: tell('job.another-system-of-the-house'),
    },
    { stacked: true },
  ),
  systemName: text(tell('job.name-of-the-system'), 80, 1, {
    hint: tell('job.as-the-customer-calls-it'),
    when: is('system', NEW_SYSTEM),
    unasked: '-',
  }),
  name: text(tell('job.name-of-the-circuit'), 40, 1),
});
