import { z } from 'zod';
import { advise, type Finding } from '@/core/finding/finding';
import { num, oneOf } from '@/core/finding/quantity-field';

export const FURNACE_FUELS = ['natural gas', 'propane', 'oil'] as const;

/** What is read on a furnace that was installed alone, typed: pressures, temperature rise, carbon monoxide. */
export const furnaceProofSchema = z.strictObject({
  fuel: oneOf(FURNACE_FUELS),
  /** Gas pressure before the valve, everything on the line burning; none on oil. */
  inletInWc: num(0, 30, 'in. w.c.').nullable(),
  manifoldInWc: num(0, 20, 'in. w.c.').nullable(),
  plateManifoldInWc: num(0.5, 20, 'in. w.c.').nullable(),
  riseF: num(1, 200, '°F'),
  plateRiseLowF: num(5, 150, '°F'),
  plateRiseHighF: num(10, 200, '°F'),
  coAirFreePpm: num(0, 10_000, 'ppm'),
  /** In the room, after the run. */
  roomCoPpm: num(0, 2000, 'ppm'),
  ranMin: num(0, 600, 'min'),
});
export type FurnaceProof = z.infer<typeof furnaceProofSchema>;

/** Inlet pressure that valves want (common practice; the plate wins), in. w.c. */
export const INLET = { 'natural gas': { low: 5, high: 10.5 }, propane: { low: 11, high: 13 } } as const;
/** How far a manifold may stand from its plate (common practice), in. w.c. */
const MANIFOLD_OFF = 0.3;
/** Carbon monoxide, air-free: below the first good, above the second shut down (common practice; ANSI Z21.47, edition not checked), ppm. */
const CO = { good: 100, stop: 400 } as const;
/** Carbon monoxide in the room (common practice), ppm. */
const ROOM_CO = { look: 9, stop: 35 } as const;
/** The rise settles in this long (common practice), min. */
const LEAST_RUN_MIN = 10;

/**
 * Judges the typed proof of a furnace that was installed alone: pressures against the plate and the fuel, rise against its
 * window, carbon monoxide. Not covered: clocked input, altitude, each stage by itself, draft, safeties, oil's smoke and draft.
 *
 * @source common practice; the plate and the maker's instructions win; gas work is licensed work
 */
export function judgeFurnace(proof: FurnaceProof): Finding[] {
  const checks: Finding[] = [];
  const add = (
    id: string,
    verdict: Finding['verdict'],
    claim: string,
    because: string,
    next?: string,
    miss = 1,
  ): void =>
    void checks.push({
      id,
      verdict,
      claim,
      because,
      source: 'common practice; the plate and the maker win',
      next: advise(next),
      miss,
    });
  const co = proof.coAirFreePpm;
  add(
    'co',
    co > CO.stop ? 'stop' : co > CO.good ? 'look-again' : 'good',
    `${co.toFixed(0)} ppm CO, air-free.`,
    co > CO.stop ? 'It makes carbon monoxide.' : `Up to ${CO.good} is good; above ${CO.stop} it is shut down.`,
    co > CO.stop
      ? 'Shut it down, tag it out, and call licensed help. Nobody runs it.'
      : co > CO.good
        ? 'Finding gas pressure, primary air and the heat exchanger, then read it again.'
        : undefined,
    co / CO.stop,
  );
  const room = proof.roomCoPpm;
  add(
    'room-co',
    room > ROOM_CO.stop ? 'stop' : room > ROOM_CO.look ? 'look-again' : 'good',
    `${room.toFixed(0)} ppm CO in the room.`,
    'What burns well and vents well leaves none.',
    room > ROOM_CO.stop
      ? 'Everybody out, ventilate, call the fire service or the gas company.'
      : room > ROOM_CO.look
        ? 'Find where it comes from before anyone leaves.'
        : undefined,
    room / ROOM_CO.stop,
  );
  const { riseF, plateRiseLowF: low, plateRiseHighF: high } = proof;
  const inside = riseF >= low && riseF <= high;
  add(
    'rise',
    inside ? 'good' : 'look-again',
    `Temperature rise ${riseF.toFixed(0)} °F; the plate gives ${low.toFixed(0)} to ${high.toFixed(0)}.`,
    riseF > high
      ? 'Too little air: the limit trips and the heat exchanger suffers.'
      : riseF < low
        ? 'Too much air, or too little gas: it condenses where it should not.'
        : 'Air and gas belong together.',
    inside ? undefined : riseF > high ? 'More air: blower tap, filter, registers.' : 'Less air, or check the input.',
    inside ? 0 : Math.max(low - riseF, riseF - high) / 5,
  );
  if (proof.ranMin < LEAST_RUN_MIN)
    add(
      'run',
      'not-proven',
      `Read after ${proof.ranMin.toFixed(0)} min of fire.`,
      `Rise and combustion settle in ${LEAST_RUN_MIN} min.`,
      `Let it burn ${LEAST_RUN_MIN} min, then read it all again.`,
    );
  if (proof.fuel !== 'oil') checks.push(...gasChecks(proof, proof.fuel));
  return checks;
}

function gasChecks(proof: FurnaceProof, fuel: 'natural gas' | 'propane'): Finding[] {
  const { inletInWc, manifoldInWc, plateManifoldInWc } = proof;
  const source = 'common practice; the plate wins';
  const band = INLET[fuel];
  const inletGood = inletInWc !== null && inletInWc >= band.low && inletInWc <= band.high;
  const off = manifoldInWc !== null && plateManifoldInWc !== null ? manifoldInWc - plateManifoldInWc : undefined;
  return [
    {
      id: 'inlet',
      verdict: inletInWc === null ? 'not-proven' : inletGood ? 'good' : 'look-again',
      claim:
        inletInWc === null
          ? 'Inlet gas pressure not read.'
          : `Inlet ${inletInWc.toFixed(1)} in. w.c.; ${band.low} to ${band.high} for ${fuel}.`,
      because: 'Read with everything on the line burning.',
      source,
      ...(inletGood
        ? {}
        : {
            next: { say: inletInWc === null ? 'Read the inlet pressure.' : 'Regulator and pipe size: licensed work.' },
          }),
    },
    {
      id: 'manifold',
      verdict: off === undefined ? 'not-proven' : Math.abs(off) <= MANIFOLD_OFF ? 'good' : 'look-again',
      claim:
        off === undefined
          ? 'Manifold pressure not read against its plate.'
          : `Manifold ${manifoldInWc!.toFixed(1)} in. w.c.; the plate gives ${plateManifoldInWc!.toFixed(1)}.`,
      because: 'It sets how much gas burns.',
      source,
      ...(off !== undefined && Math.abs(off) <= MANIFOLD_OFF
        ? {}
        : {
            next: {
              say:
                off === undefined
                  ? 'Read the manifold, and the plate.'
                  : 'Set it to the plate, then read rise and CO again.',
            },
          }),
    },
  ];
}
