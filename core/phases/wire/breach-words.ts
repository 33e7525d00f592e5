import type { Broken } from '@/core/controls/invariants';
import type { Said } from '@/core/words/said';
import { tell } from './words';

/** What no wiring may do, told as what it does. */
export const BREACH_WORDS: Readonly<Record<Broken, Said>> = {
  'runs-while-off': tell('wire.breach-runs-while-off'),
  'fan-starts-compressor': tell('wire.breach-fan-starts-compressor'),
  'compressor-without-blower': tell('wire.breach-compressor-without-blower'),
  'safety-does-not-stop': tell('wire.breach-safety-does-not-stop'),
  'valve-against-mode': tell('wire.breach-valve-against-mode'),
  'no-heat-when-asked': tell('wire.breach-no-heat-when-asked'),
  'furnace-with-compressor': tell('wire.breach-furnace-with-compressor'),
  short: tell('wire.breach-short'),
  'two-transformers-joined': tell('wire.breach-two-transformers-joined'),
  oscillates: tell('wire.breach-oscillates'),
};
