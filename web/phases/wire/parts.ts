import type { Finding } from '@/core/finding/finding';
import type { WireView } from '@/core/phases/wire/view';
import type { Said } from '@/core/words/said';
import { tell } from '@/web/words/tell';

/** The parts of the wiring page, in the order of the work. */
export const WIRE_PARTS = ['power', 'safe', 'controls', 'sheets', 'looks', 'old'] as const;
export type WirePart = (typeof WIRE_PARTS)[number];
export const PART_WORDS: Readonly<Record<WirePart, Said>> = {
  power: tell('web.part-power'),
  safe: tell('web.part-safe'),
  controls: tell('web.part-controls'),
  sheets: tell('web.part-sheets'),
  looks: tell('web.part-looks'),
  old: tell('web.part-old'),
};

/** What is judged on each part. */
export const findingsIn = (wire: WireView): Readonly<Record<WirePart, readonly Finding[]>> => ({
  power: wire.power,
  safe: wire.safe,
  controls: [...wire.controls, ...(wire.proven ? [wire.proven] : [])],
  sheets: [...wire.thermostat, ...wire.blower, ...wire.starter, ...wire.zones],
  looks: wire.rows.map((r) => r.finding),
  old: [],
});
