import type { FaultName, Metering } from '@/core/plant/unit/faults';

/** What somebody can do to a system besides moving charge: how long it takes (common practice) and what it puts right. */
export type Act = {
  minutes: number;
  cures: readonly FaultName[];
  /** The circuit is recovered, opened, evacuated and weighed in again, with a new drier: what hid in its charge is gone too. */
  opens?: true;
  only?: Metering;
};
/** What every opening of the circuit ends, whatever it was opened for. */
export const CURED_BY_OPENING: readonly FaultName[] = [
  'undercharge',
  'overcharge',
  'non-condensables',
  'liquid-restriction',
];

export const ACTS = {
  'open-airways': { minutes: 12, cures: ['low-indoor-airflow'] },
  'wash-coil': { minutes: 30, cures: ['outdoor-coil-blocked'] },
  'clean-charge': { minutes: 120, cures: CURED_BY_OPENING, opens: true },
  'change-drier': { minutes: 140, cures: ['liquid-restriction'], opens: true },
  'change-valve': { minutes: 180, cures: ['valve-starving', 'valve-flooding'], opens: true, only: 'txv' },
  'change-orifice': {
    minutes: 140,
    cures: ['orifice-too-large', 'orifice-too-small'],
    opens: true,
    only: 'fixed-orifice',
  },
  'change-reversing-valve': { minutes: 300, cures: ['reversing-valve-leak'], opens: true },
  'change-compressor': { minutes: 300, cures: ['weak-compressor'], opens: true },
} as const satisfies Record<string, Act>;
export type ActId = keyof typeof ACTS;
export const ACT_IDS = Object.keys(ACTS) as [ActId, ...ActId[]];
export const actOf = (id: ActId): Act => ACTS[id];
export const actsFor = (metering: Metering): ActId[] =>
  ACT_IDS.filter((id) => (actOf(id).only ?? metering) === metering);

/** Charge moved at the least and at the most in one go, oz. */
export const CHARGE_OZ = { least: 1, most: 80 } as const;
/** Hoses on, purged and off again around a charge move, min (common practice). */
export const HOSES_MIN = 3;
/** What a running system is left alone for after something was done, min (California Title 24 RA3.2, from memory). */
export const SETTLE_MIN = 15;
/** The quickest act that puts a fault right. */
export const quickestFor = (fault: FaultName): ActId | undefined =>
  ACT_IDS.filter((id) => actOf(id).cures.includes(fault)).sort((a, b) => ACTS[a].minutes - ACTS[b].minutes)[0];
