import type { ActId } from './acts';

/** What did harm, or would have: points off, as a house rule by what it costs the customer, the unit or a hand. */
export const HARM_POINTS = {
  'charged-in-the-dark': 5,
  'charged-too-soon': 3,
  overfilled: 20,
  starved: 15,
  flooded: 10,
  'restarted-on-high-pressure': 10,
  'part-for-nothing': 20,
  'compressor-for-nothing': 40,
  'opened-for-nothing': 10,
  'left-on-foreign-gas': 20,
  'wire-moved-for-nothing': 10,
  'tried-on-a-short': 5,
  'left-wet': 20,
  'left-leaking': 25,
  'signed-unproven': 10,
} as const;
export type HarmId = keyof typeof HARM_POINTS;
export type Harm = { id: HarmId; atMin: number; points: number; act?: ActId };

/** A harm counts once for each thing that did it, however long it went on. */
export function addHarm(to: Harm[], id: HarmId, atMin: number, act?: ActId): void {
  if (to.some((h) => h.id === id && h.act === act)) return;
  to.push({ id, atMin, points: HARM_POINTS[id], ...(act ? { act } : {}) });
}
