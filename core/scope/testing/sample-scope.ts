import type { LibraryFields } from '@/core/equipment/library-item';
import { EMPTY_CHOICE } from '../choice';
import { DEFAULT_SCOPE_SCHOOLS } from '../schools';
import type { ScopeInput } from '../scope-input';

/** An invented outdoor unit for tests. */
export const SAMPLE_OUTDOOR: LibraryFields = {
  kind: 'outdoor',
  maker: 'Ostrel',
  model: 'OHP-36T',
  tons: 3,
  refrigerant: 'R-454B',
  metering: 'txv',
  stages: 'single',
  heatPump: true,
  controls: '24v',
  conductors: 6,
  widthIn: 29,
  depthIn: 29,
  heightIn: 33,
  weightLb: 178,
  volts: '208/230',
  phases: '1',
  mcaA: 18.8,
  mocpA: 30,
  rlaA: 14.1,
  fanFlaA: 1.2,
  factoryChargeOz: 118,
  includedLineFt: 15,
  liquidOdIn: 0.375,
  vaporOdIn: 0.875,
  longestLineFt: 150,
  targetSubcoolingF: 10,
  driers: 'none',
  maxEspInWc: null,
  minCfm: null,
  supplyWidthIn: null,
  supplyDepthIn: null,
  returnWidthIn: null,
  returnDepthIn: null,
  outputBtuh: null,
  riseLowF: null,
  riseHighF: null,
  capacity47Btuh: 34000,
  capacity17Btuh: 21000,
  a2lListed: true,
};

export function sampleScope(change: Partial<ScopeInput> = {}, outdoor: Partial<LibraryFields> = {}): ScopeInput {
  return {
    known: { systemType: 'split-hp', coilRefrigerant: 'R-454B', a2lListed: true, metering: 'txv' },
    choice: { ...EMPTY_CHOICE, keepCoil: true },
    outdoor: { ...SAMPLE_OUTDOOR, ...outdoor },
    indoor: undefined,
    furnace: undefined,
    pairListed: undefined,
    signs: {},
    lines: [],
    schools: DEFAULT_SCOPE_SCHOOLS,
    decided: new Map(),
    ...change,
  };
}
