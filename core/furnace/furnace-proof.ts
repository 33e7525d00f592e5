import type { z } from 'zod';
import { advise, type Finding } from '@/core/finding/finding';
import { choice, figure, is, type Look, maybe, schemaOf, standIn } from '@/core/form/field';
import { tell } from '@/core/furnace/words';
import { q, type Said } from '@/core/words/said';
import { LOW_STAGE_FIELDS, lowStageChecks } from './low-stage';
import { MANIFOLD_OFF } from './manifold';
import { METER_FIELDS, meterChecks } from './meter';
import { SAFETY_FIELDS, safetyChecks } from './safeties';
import { VENT_FIELDS, ventChecks } from './vent';

export const FURNACE_FUELS = ['natural gas', 'propane', 'oil'] as const;

/** Gas pressure is read where gas burns; oil has none. */
const gas = (label: Said, low: number, high: number, look?: Look) =>
  maybe(figure(label, low, high, 'in. w.c.', { ...look, when: is('fuel', 'natural gas', 'propane', undefined) }));

/** What is read on a furnace that was installed alone, typed: pressures, temperature rise, carbon monoxide. */
export const FURNACE_FIELDS = {
  fuel: choice(tell('furnace.fuel'), FURNACE_FUELS),
  inletInWc: gas(tell('furnace.inlet-gas-pressure'), 0, 30, { hint: tell('furnace.everything-on-line-burning') }),
  manifoldInWc: gas(tell('furnace.manifold-pressure'), 0, 20),
  plateManifoldInWc: gas(tell('furnace.manifold-pressure-on-plate'), 0.5, 20),
  riseF: figure(tell('furnace.temperature-rise'), 1, 200, '°F', { hint: tell('furnace.supply-out-of-sight-of-heat') }),
  plateRiseLowF: figure(tell('furnace.rise-on-plate-from'), 5, 150, '°F'),
  plateRiseHighF: figure(tell('furnace.rise-on-plate-to'), 10, 200, '°F'),
  coAirFreePpm: figure(tell('furnace.co-in-flue-air-free'), 0, 10_000, 'ppm'),
  roomCoPpm: figure(tell('furnace.co-in-the-room'), 0, 2000, 'ppm'),
  ranMin: figure(tell('furnace.burning-for'), 0, 600, 'min'),
  ...METER_FIELDS,
  ...LOW_STAGE_FIELDS,
  ...VENT_FIELDS,
  ...SAFETY_FIELDS,
  simulated: standIn(),
};
export const furnaceProofSchema = schemaOf(FURNACE_FIELDS);
export type FurnaceProof = z.infer<typeof furnaceProofSchema>;

/** Inlet pressure that valves want (common practice; the plate wins), in. w.c. */
export const INLET = { 'natural gas': { low: 5, high: 10.5 }, propane: { low: 11, high: 13 } } as const;
/** Carbon monoxide, air-free: below the first good, above the second shut down (common practice; ANSI Z21.47, edition not checked), ppm. */
export const CO = { good: 100, stop: 400 } as const;
/** Carbon monoxide in the room (common practice), ppm. */
export const ROOM_CO = { look: 9, stop: 35 } as const;
/** The rise settles in this long (common practice), min. */
export const LEAST_RUN_MIN = 10;

/** What the proof is held against besides itself: the site, and whether the furnace has a low stage. */
export type FurnaceFacts = { elevationFt: number; stages: number };

/**
 * Judges the typed proof of a furnace that was installed alone: pressures against the plate and the fuel, rise against its
 * window, carbon monoxide, the clocked input at this altitude, the low stage by itself, draft and spillage, safeties that were
 * tripped, the conversion to propane. Not covered: oil's smoke.
 *
 * @source common practice; the plate and the maker's instructions win; gas work is licensed work
 */
export function judgeFurnace(proof: FurnaceProof, facts: FurnaceFacts): Finding[] {
  const checks: Finding[] = [];
  const add = (id: string, verdict: Finding['verdict'], claim: Said, because: Said, next?: Said, miss = 1): void =>
    void checks.push({
      id,
      verdict,
      claim,
      because,
      source: tell('furnace.common-practice-plate-and-maker-win'),
      next: advise(next),
      miss,
    });
  const co = proof.coAirFreePpm;
  add(
    'co',
    co > CO.stop ? 'stop' : co > CO.good ? 'look-again' : 'good',
    tell('furnace.co-air-free', { co: q(co, 'ppm') }),
    co > CO.stop
      ? tell('furnace.it-makes-carbon-monoxide')
      : tell('furnace.up-to-is-good-above-it', { good: CO.good, stop: CO.stop }),
    co > CO.stop
      ? tell('furnace.shut-it-down-tag-it-out')
      : co > CO.good
        ? tell('furnace.finding-gas-pressure-primary-air-and')
        : undefined,
    co / CO.stop,
  );
  const room = proof.roomCoPpm;
  add(
    'room-co',
    room > ROOM_CO.stop ? 'stop' : room > ROOM_CO.look ? 'look-again' : 'good',
    tell('furnace.co-in-room', { room: q(room, 'ppm') }),
    tell('furnace.what-burns-well-and-vents-well'),
    room > ROOM_CO.stop
      ? tell('furnace.everybody-out-ventilate-call-fire-service')
      : room > ROOM_CO.look
        ? tell('furnace.find-where-it-comes-from-before')
        : undefined,
    room / ROOM_CO.stop,
  );
  const { riseF, plateRiseLowF: low, plateRiseHighF: high } = proof;
  const inside = riseF >= low && riseF <= high;
  add(
    'rise',
    inside ? 'good' : 'look-again',
    tell('furnace.temperature-rise-plate-gives-to', {
      riseF: q(riseF, 'F', 0),
      low: q(low, 'number', 0),
      high: q(high, 'number', 0),
    }),
    riseF > high
      ? tell('furnace.too-little-air-limit-trips-and')
      : riseF < low
        ? tell('furnace.too-much-air-or-too-little')
        : tell('furnace.air-and-gas-belong-together'),
    inside
      ? undefined
      : riseF > high
        ? tell('furnace.more-air-blower-tap-filter-registers')
        : tell('furnace.less-air-or-check-input'),
    inside ? 0 : Math.max(low - riseF, riseF - high) / 5,
  );
  if (proof.ranMin < LEAST_RUN_MIN)
    add(
      'run',
      'not-proven',
      tell('furnace.read-after-of-fire', { ranMin: q(proof.ranMin, 'min') }),
      tell('furnace.rise-and-combustion-settle-in', { leastRunMin: q(LEAST_RUN_MIN, 'min', 'as is') }),
      tell('furnace.let-it-burn-then-read-it', { leastRunMin: q(LEAST_RUN_MIN, 'min', 'as is') }),
    );
  if (proof.fuel !== 'oil') checks.push(...gasChecks(proof, proof.fuel));
  return [
    ...checks,
    ...meterChecks(proof, facts),
    ...lowStageChecks(proof, facts),
    ...ventChecks(proof),
    ...safetyChecks(proof),
  ];
}

function gasChecks(proof: FurnaceProof, fuel: 'natural gas' | 'propane'): Finding[] {
  const { inletInWc, manifoldInWc, plateManifoldInWc } = proof;
  const source = tell('furnace.common-practice-plate-wins');
  const band = INLET[fuel];
  const inletGood = inletInWc !== null && inletInWc >= band.low && inletInWc <= band.high;
  const off = manifoldInWc !== null && plateManifoldInWc !== null ? manifoldInWc - plateManifoldInWc : undefined;
  return [
    {
      id: 'inlet',
      verdict: inletInWc === null ? 'not-proven' : inletGood ? 'good' : 'look-again',
      claim:
        inletInWc === null
          ? tell('furnace.inlet-gas-pressure-not-read')
          : tell('furnace.inlet-to-for', { inletInWc: q(inletInWc, 'inWc', 1), low: band.low, high: band.high, fuel }),
      because: tell('furnace.read-with-everything-on-line-burning'),
      source,
      ...(inletGood
        ? {}
        : {
            next: {
              say:
                inletInWc === null
                  ? tell('furnace.read-inlet-pressure')
                  : tell('furnace.regulator-and-pipe-size-licensed-work'),
            },
          }),
    },
    {
      id: 'manifold',
      verdict: off === undefined ? 'not-proven' : Math.abs(off) <= MANIFOLD_OFF ? 'good' : 'look-again',
      claim:
        off === undefined
          ? tell('furnace.manifold-pressure-not-read-against-its')
          : tell('furnace.manifold-plate-gives', {
              manifoldInWc: q(manifoldInWc!, 'inWc', 1),
              plateManifoldInWc: q(plateManifoldInWc!, 'number', 1),
            }),
      because: tell('furnace.it-sets-how-much-gas-burns'),
      source,
      ...(off !== undefined && Math.abs(off) <= MANIFOLD_OFF
        ? {}
        : {
            next: {
              say:
                off === undefined ? tell('furnace.read-manifold-and-plate') : tell('furnace.set-it-to-plate-then-read'),
            },
          }),
    },
  ];
}
