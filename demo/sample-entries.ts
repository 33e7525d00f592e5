import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import type { EntryBody } from '@/core/phases/log/entries';

/** Invented bodies of an ordinary job, entry by entry: the tests and the demo write them, changed where they need to. */
export const OLD_CHARGE: EntryBody<'old-charge'> = {
  refrigerant: 'R-410A',
  factoryOz: 134,
  includedFt: 15,
  lineLengthFt: 42,
  ozPerFt: 0.6,
  extraOz: 0,
  applianceClass: 'comfort',
  outdoorFt3: 0.2,
  leaker: false,
};
export const REMOVAL_FACTS: EntryBody<'removal-facts'> = {
  compressorRuns: 'yes',
  valvesWork: 'yes',
  blowerRuns: 'yes',
  heldInCooling: 'yes',
  burnout: 'no',
  mixture: 'no',
  lowSideLeak: 'no',
  makerForbids: 'no',
  compressorKind: 'scroll',
};
export const DEAD_PROOF: EntryBody<'dead-proof'> = {
  liveBefore: true,
  lineToLineV: 0.1,
  lineToGroundV: 0,
  otherToGroundV: 0.1,
  liveAfter: true,
  lockedOut: true,
};
export const LINE_RUN: EntryBody<'line-run'> = {
  setType: 'field-charged',
  kept: false,
  flushed: false,
  liquidOdIn: 0.375,
  vaporOdIn: 0.875,
  pieces: [
    { ft: 6, way: 'along' },
    { ft: 12, way: 'up' },
    { ft: 30, way: 'along' },
  ],
  elbows: 4,
  vaporWallIn: 0.75,
  leastTons: null,
  troubles: [],
  serial: null,
};
export const JOINT: EntryBody<'joint'> = {
  place: 'coil, vapour',
  line: 'vapour',
  method: 'braze',
  odIn: 0.875,
  socketIn: null,
  metals: 'copper to copper',
  alloy: 'copper-phosphorus',
  nitrogenScfh: 4,
  heatShield: true,
  torqueFtLb: null,
  orificeStamp: null,
  newRing: null,
};
export const DRIER: EntryBody<'drier'> = {
  line: 'liquid',
  direction: 'both ways',
  arrowToMeter: true,
  ratedTons: 5,
  oldOneCut: 'cut out cold',
  factoryDrierToo: false,
};
export const TEST_PLAN: EntryBody<'test-plan'> = {
  section: 'lines and coil',
  lowSidePsig: 450,
  highSidePsig: null,
  gearPsig: 800,
  targetPsig: 450,
  reducedBecause: null,
  volumeFt3: 0.35,
  gaugePsi: 0.5,
  thermometerF: 0.5,
};
export const PUMP_SETUP: EntryBody<'pump-setup'> = {
  method: 'single-deep',
  pumpCfm: 6,
  hoseBoreIn: 0.31,
  hoseLengthIn: 36,
  hoseCount: 1,
  coresIn: false,
  gaugePlace: 'far from the pump',
  volumeFt3: 0.35,
  coldestPipeF: 70,
  compressorLocked: true,
};
/** An empty recovery cylinder, as it is entered. */
export const EMPTY_CYLINDER: Omit<Cylinder, 'id' | 'tag' | 'contentsOz'> = {
  use: 'recovery',
  refrigerant: null,
  waterCapacityLb: 47.7,
  tareOz: 452,
  ratingPsig: 400,
  retestOn: '2031-01-01',
  disposable: false,
  flammableMark: false,
  dipTube: true,
  state: 'in use',
};
/** Poured water as it should go. */
export const WATER_TEST: EntryBody<'water-test'> = {
  pouredOz: 64,
  outOz: 62,
  minutes: 6,
  elsewhere: 'nowhere else',
  trapHeld: true,
  float: 'before the lip',
  stopsS: null,
};
