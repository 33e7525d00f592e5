import { figure, text } from '@/core/form/field';
import { tell } from '@/core/phases/evacuate/words';
import { q } from '@/core/words/said';
import { STANDING_LEAST_MIN } from './evacuation';

/** Asked of a lead when nothing of the circuit is on record: the typed figure passes all of it by. */
const REASON = text(tell('evacuate.why-nothing-before-it-is-on'), 300, 10, {
  hint: tell('evacuate.typed-vacuum-passes-recovery-joints-and'),
});

/** The standing-vacuum test as it was read off the gauge, typed by itself. */
export const vacuumFields = (decayLimitMicrons: number, wantsReason: boolean) => ({
  endMicrons: figure(tell('evacuate.vacuum-at-end-pump-valved-off'), 1, 20_000, 'µm', {
    hint: tell('evacuate.passes-at-m-or-less', { decayLimit: q(decayLimitMicrons, 'microns', 'as is') }),
  }),
  heldMin: figure(tell('evacuate.held-for'), 0, 600, 'min', {
    hint: tell('evacuate.min-or-more-gauge-far-from', { leastMin: q(STANDING_LEAST_MIN, 'min', 'as is') }),
  }),
  ...(wantsReason ? { reason: REASON } : {}),
});
