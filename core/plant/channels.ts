/** What the simulated instruments publish, and how good each probe is. Lags and noise: trade practice, design defaults. */
export const CHANNELS = [
  'suctionPsig',
  'liquidPsig',
  'suctionLineF',
  'compressorSuctionF',
  'liquidLineF',
  'dischargeLineF',
  'outdoorDryBulbF',
  'returnDryBulbF',
  'returnWetBulbF',
  'supplyDryBulbF',
  'compressorA',
  'outdoorFanA',
  'lineVolts',
  'compressorSpeed',
  'airflowCfm',
  'scaleOz',
] as const;
export type Channel = (typeof CHANNELS)[number];

/** lagS: first-order lag of the probe; noise: two standard deviations, or a fraction of the value where relative. */
export type Probe = { lagS: number; noise: number; relative?: boolean; resolution: number };

const clamp: Probe = { lagS: 20, noise: 0.4, resolution: 0.1 };
const airProbe: Probe = { lagS: 30, noise: 0.2, resolution: 0.1 };
const gauge: Probe = { lagS: 1, noise: 0.5, resolution: 0.1 };
const clampMeter: Probe = { lagS: 1, noise: 0.01, relative: true, resolution: 0.01 };

export const PROBES: Record<Channel, Probe> = {
  suctionPsig: gauge,
  liquidPsig: gauge,
  suctionLineF: clamp,
  compressorSuctionF: clamp,
  liquidLineF: clamp,
  dischargeLineF: clamp,
  outdoorDryBulbF: airProbe,
  returnDryBulbF: airProbe,
  returnWetBulbF: airProbe,
  supplyDryBulbF: airProbe,
  compressorA: clampMeter,
  outdoorFanA: clampMeter,
  lineVolts: { lagS: 1, noise: 0.6, resolution: 0.1 },
  compressorSpeed: { lagS: 1, noise: 0, resolution: 1 },
  airflowCfm: { lagS: 5, noise: 0.03, relative: true, resolution: 1 },
  scaleOz: { lagS: 1, noise: 0.05, resolution: 0.1 },
};

export const PROBE_FAULTS = ['none', 'lost', 'stuck', 'sun', 'loose'] as const;
export type ProbeFault = (typeof PROBE_FAULTS)[number];
/** A probe warmed by the sun reads this much high. */
export const SUN_BIAS_F = 6;
/** A loose clamp reads this fraction of the way toward the air around it. */
export const LOOSE_FRACTION = 0.3;

/** A probe that is off by more than its kind: toward the outdoor air by a share, then by a share of its reading, then by a step. */
export type ProbeOff = { towardOutdoor?: number; share?: number; by?: number };
export const readOffBy = (real: number, outdoorF: number, { towardOutdoor = 0, share = 0, by = 0 }: ProbeOff): number =>
  (real + towardOutdoor * (outdoorF - real)) * (1 + share) + by;
