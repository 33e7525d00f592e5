import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { pick, schemaOf } from '@/core/form/field';
import { REFRIGERANT_FACTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
import { checksBy } from './checks';
import { tell } from './words';

/** What stands behind the glass of the liquid line while it runs, typed. */
export const SIGHT_GLASS_FIELDS = {
  shows: pick(
    tell('startup.behind-the-glass'),
    {
      clear: tell('startup.clear-liquid'),
      bubbles: tell('startup.bubbles-or-foam'),
      empty: tell('startup.clear-but-empty'),
    },
    { stacked: true },
  ),
  moisture: pick(tell('startup.its-moisture-spot'), {
    dry: tell('startup.spot-dry'),
    between: tell('startup.spot-between'),
    wet: tell('startup.spot-wet'),
    none: tell('startup.has-none'),
  }),
};
export const sightGlassSchema = schemaOf(SIGHT_GLASS_FIELDS);
export type SightGlass = z.infer<typeof sightGlassSchema>;

/**
 * A sight glass is a hint, never a target: bubbles may be short charge, a restriction before it, or a blend that glides; the
 * subcooling decides. A wet spot is a finding of its own.
 *
 * @source common practice. Not covered: the colors of one maker's spot, which its label tells
 */
export function judgeSightGlass(
  { shows, moisture }: SightGlass,
  { refrigerant }: { refrigerant: Refrigerant },
): Finding[] {
  const { found, add } = checksBy(tell('startup.common-practice'));
  const { blend } = REFRIGERANT_FACTS[refrigerant];
  add(
    'glass',
    shows === 'clear' ? 'good' : 'not-proven',
    tell(
      shows === 'clear'
        ? 'startup.glass-is-clear'
        : shows === 'bubbles'
          ? 'startup.glass-shows-bubbles'
          : 'startup.glass-is-empty',
    ),
    tell(blend ? 'startup.a-blend-may-bubble-at-the-right-charge' : 'startup.bubbles-are-a-hint-not-a-target'),
    tell('startup.go-by-subcooling-then-feel-for-a-drop'),
    0.3,
  );
  if (moisture === 'wet' || moisture === 'between')
    add(
      'glass-moisture',
      moisture === 'wet' ? 'look-again' : 'not-proven',
      tell(moisture === 'wet' ? 'startup.spot-shows-wet' : 'startup.spot-is-between'),
      tell('startup.water-makes-acid-and-ice'),
      tell(
        moisture === 'wet' ? 'startup.change-the-drier-evacuate-weigh-in' : 'startup.run-it-some-hours-and-look-again',
      ),
      1,
    );
  return found;
}
