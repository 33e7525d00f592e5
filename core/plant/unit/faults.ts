/** What can be wrong with a running system in cooling, as its readings can tell it. */
export const FAULTS = [
  'healthy',
  'undercharge',
  'overcharge',
  'low-indoor-airflow',
  'outdoor-coil-blocked',
  'liquid-restriction',
  'valve-starving',
  'valve-flooding',
  'non-condensables',
  'weak-compressor',
  'reversing-valve-leak',
  'orifice-too-large',
  'orifice-too-small',
  'probe-doubt',
] as const;
export type FaultName = (typeof FAULTS)[number];
export type Metering = 'txv' | 'fixed-orifice';

const ONLY: Partial<Record<FaultName, Metering>> = {
  'valve-starving': 'txv',
  'valve-flooding': 'txv',
  'orifice-too-large': 'fixed-orifice',
  'orifice-too-small': 'fixed-orifice',
};

/** Faults that a system with this meter can have. */
export const faultsOf = (metering: Metering): FaultName[] => FAULTS.filter((f) => (ONLY[f] ?? metering) === metering);

/** One cause to the readings: which of them it is, a look or a follow-up tells. */
export const SAME_TO_READINGS: readonly (readonly FaultName[])[] = [
  ['liquid-restriction', 'valve-starving', 'orifice-too-small'],
  ['weak-compressor', 'reversing-valve-leak'],
];

/** The name under which a fault stands with those that the readings cannot tell it from. */
export const groupOf = (fault: FaultName): FaultName => SAME_TO_READINGS.find((g) => g.includes(fault))?.[0] ?? fault;
