import type { EntryKind } from '@/core/phases/log/entry-bodies';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

/** The caution that belongs to a step, shown where the hazard is met. */
export const CAUTIONS: Partial<Record<EntryKind, string>> = {
  'removal-facts': say(tell('web.pump-down-is-run-by-thermostats')),
  'pump-down': say(tell('web.liquid-valve-first-vapour-valve-last')),
  'dead-proof': say(tell('web.only-qualified-people-test-discharge-capacitors')),
  recovered: say(tell('web.gloves-and-eye-protection-never-above')),
  level: say(tell('web.wait-with-machine-off-liquid-in')),
  joint: say(tell('web.no-flame-on-charged-circuit-nitrogen')),
  'fire-watch': say(tell('web.look-behind-walls-and-above-ceilings')),
  'test-plan': say(tell('web.dry-nitrogen-only-through-regulator-with')),
  'hold-start': say(tell('web.stand-aside-of-caps-and-valves')),
  released: say(tell('web.open-slowly-outdoors-nitrogen-displaces-air')),
  'pump-setup': say(tell('web.never-start-or-insulation-test-compressor')),
  'vacuum-broken': say(tell('web.only-with-refrigerant-of-this-system')),
  'cylinder-used': say(tell('web.read-cylinders-label-against-plate-blend')),
  room: say(tell('web.makers-table-wins-ventilate-no-flame')),
};
