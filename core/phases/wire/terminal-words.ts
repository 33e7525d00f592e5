import type { Said } from '@/core/words/said';
import { tell } from './words';

/** What a terminal does, by its name (usual meaning, common practice; the maker's diagram wins). */
export const TERMINAL_DOES: Readonly<Record<string, Said>> = {
  R: tell('wire.does-r'),
  Rh: tell('wire.does-rh'),
  C: tell('wire.does-c'),
  Y1: tell('wire.does-y1'),
  Y2: tell('wire.does-y2'),
  G: tell('wire.does-g'),
  OB: tell('wire.does-ob'),
  W: tell('wire.does-w'),
  W1: tell('wire.does-w1'),
  W2: tell('wire.does-w2'),
  H: tell('wire.does-h'),
  D1: tell('wire.does-data'),
  D2: tell('wire.does-data'),
  A: tell('wire.does-relay'),
  B: tell('wire.does-relay'),
};
