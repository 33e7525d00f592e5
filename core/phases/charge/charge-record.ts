import { co2Equivalent } from '@/core/circuit/co2-equivalent';
import { cylinderChecks } from '@/core/circuit/recovery/cylinder';
import { ruleSource } from '@/core/circuit/transition-rules';
import type { Finding } from '@/core/finding/finding';
import { movementsOf } from '@/core/job/movements';
import type { EquippedSheet, EquippedWith } from '@/core/job/sheet';
import { type BuildUp, lostOz, SCALE_UNCERTAINTY_OZ } from '@/core/phases/charge/charge-sheet';
import { tell } from '@/core/phases/charge/words';
import { keepsCircuitLog, sealedWhy } from '@/core/phases/circuit-kept';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB } from '@/core/units/units';
import { day, q, value } from '@/core/words/said';
import { roomView } from './room-view';

/** A scale at rest that moves by more than this in two minutes is not to be weighed on (common practice), oz. */
const DRIFT_OZ = 0.3;
const COMMON = tell('work.common-practice');

/** What the record says of the weighing besides its amount: cylinder, scale, pauses, room, rules. */
export function chargeChecks(sheet: EquippedSheet, build: BuildUp, today: string): Finding[] {
  const { refrigerant } = sheet.circuit.plate;
  const facts = REFRIGERANT_FACTS[refrigerant];
  const checks: Finding[] = [];
  const kept = keepsCircuitLog(sheet) && sheet.circuitLog.length > 0;
  const sealed = sealedWhy(sheet);
  if (sealed && build.toWeighInOz <= 0)
    checks.push({
      id: 'sealed',
      verdict: 'good',
      claim: tell('work.nothing-is-weighed-in', { sealed }),
      because: tell('work.its-plates-charge-is-already-in'),
      source: tell('work.plate'),
    });
  if (kept && build.toWeighInOz > 0) {
    const used = latestOf(sheet.circuitLog, 'cylinder-used');
    const cylinder = used ? sheet.cylinders.find((c) => c.id === used.body.cylinderId) : undefined;
    checks.push(
      cylinder
        ? {
            id: 'cylinder',
            verdict: cylinderChecks(cylinder, refrigerant, undefined, today).some((c) => c.verdict === 'stop')
              ? 'stop'
              : 'good',
            claim: tell('work.from-cylinder-left-as', {
              tag: cylinder.tag,
              refrigerant: cylinder.refrigerant ?? '–',
              contentsOz: q(cylinder.contentsOz, 'lbOz'),
              leavesAs: value(used!.body.leavesAs),
            }),
            because: facts.blend
              ? tell('work.blend-leaves-as-liquid-or-its')
              : tell('work.single-fluid-may-leave-either-way'),
            source: tell('work.cylinder-ledger'),
          }
        : {
            id: 'cylinder',
            verdict: 'not-proven',
            claim: tell('work.nobody-said-which-cylinder-it-comes'),
            because: tell('work.ledger-follows-every-ounce-label-is'),
            source: tell('work.40-cfr-82-subpart-f-from'),
            next: { say: tell('work.choose-cylinder-and-read-its-label') },
          },
    );
    if (used?.body.hosePurged === false)
      checks.push({
        id: 'hose-purge',
        verdict: 'look-again',
        claim: tell('work.hose-was-not-purged'),
        because: tell('work.what-fills-the-hose-counts-as-charge'),
        source: COMMON,
        next: { say: tell('work.purge-to-liquid-tare-and-choose-cylinder-again') },
        miss: 0.5,
      });
    if (cylinder && cylinder.contentsOz < build.toWeighInOz && movementsOf(sheet.measurements).length === 0)
      checks.push({
        id: 'cylinder-short',
        verdict: 'look-again',
        claim: tell('work.cylinder-holds-are-to-go-in', {
          contentsOz: q(cylinder.contentsOz, 'lbOz'),
          toWeighInOz: q(build.toWeighInOz, 'lbOz'),
        }),
        because: tell('work.change-of-cylinder-half-way-is'),
        source: tell('work.cylinder-ledger'),
        next: { say: tell('work.bring-second-cylinder') },
      });
    const drift = latestOf(sheet.circuitLog, 'scale-drift');
    if (drift)
      checks.push({
        id: 'scale',
        verdict: Math.abs(drift.body.driftOz) > DRIFT_OZ ? 'stop' : 'good',
        claim: tell('work.scale-moved-by-itself-in', {
          driftOz: q(drift.body.driftOz, 'oz'),
          minutes: q(drift.body.minutes, 'min'),
        }),
        because: tell('work.above-weighing-is-worth-nothing-wind', { driftOz: q(DRIFT_OZ, 'oz', 'as is') }),
        source: COMMON,
        ...(Math.abs(drift.body.driftOz) > DRIFT_OZ ? { next: { say: tell('work.level-it-out-of-wind-hose') } } : {}),
        miss: Math.abs(drift.body.driftOz) / DRIFT_OZ,
      });
    const lost = lostOz(sheet);
    if (lost > 0)
      checks.push({
        id: 'hose',
        verdict: 'good',
        claim: tell('work.left-cylinder-and-did-not-reach', { lost: q(lost, 'oz') }),
        because: tell('work.liquid-that-stays-in-hose-or'),
        source: tell('work.hose-volume-liquid-density'),
      });
    const pause = pauseCheck(sheet);
    if (pause) checks.push(pause);
  }
  const room = kept ? roomView(sheet, build.totalOz) : undefined;
  if (room) checks.push(room);
  const capped = kept ? gwpCheck(sheet) : undefined;
  if (capped) checks.push(capped);
  return checks;
}

/** A new system over the cap on warming potential that holds on the day of the job. */
function gwpCheck(sheet: EquippedWith<'circuit' | 'job' | 'transition'>): Finding | undefined {
  const { refrigerant } = sheet.circuit.plate;
  const { gwp } = REFRIGERANT_FACTS[refrigerant];
  const rule = sheet.transition.find((r) => r.cap !== undefined);
  if (rule?.cap === undefined || gwp <= rule.cap || (rule.from && sheet.job.scheduledFor < rule.from)) return undefined;
  return {
    id: 'gwp',
    verdict: 'look-again',
    claim: tell('work.has-gwp-of-new-systems-are', {
      refrigerant,
      gwp,
      cap: rule.cap,
      from: rule.from ? tell('work.from-day', { from: day(rule.from) }) : '',
    }),
    because: tell('work.parts-for-existing-system-are-exempt'),
    source: ruleSource(rule),
  };
}

/** An interrupted weighing: the scale is read again, and what is missing must be explained. */
function pauseCheck(sheet: EquippedWith<'circuitLog'>): Finding | undefined {
  const paused = latestOf(sheet.circuitLog, 'paused');
  if (!paused) return undefined;
  const resumed = entriesOf(sheet.circuitLog, 'resumed')
    .filter((r) => sheet.circuitLog.indexOf(r) > sheet.circuitLog.indexOf(paused))
    .at(-1);
  const base = {
    id: 'pause',
    source: tell('work.scale', { scaleUncertaintyOz: q(SCALE_UNCERTAINTY_OZ, 'oz', 'as is') }),
  };
  const safe = paused.body.valvesShut && paused.body.capsOn;
  if (!resumed)
    return {
      ...base,
      verdict: safe ? 'not-proven' : 'look-again',
      claim: safe ? tell('work.weighing-is-paused') : tell('work.paused-with-valve-or-cap-open'),
      because: tell('work.scales-weight-is-kept-not-what'),
      next: {
        say: safe ? tell('work.read-scale-again-before-you-go') : tell('work.shut-cylinder-and-service-valves-cap'),
      },
    };
  const gap = paused.body.grossOz - resumed.body.grossOz;
  if (Math.abs(gap) <= 2 * SCALE_UNCERTAINTY_OZ)
    return {
      ...base,
      verdict: 'good',
      claim: tell('work.cylinder-weighs-what-it-weighed-before'),
      because: tell('work.nothing-moved-meanwhile'),
    };
  return {
    ...base,
    verdict: resumed.body.unaccounted ? 'look-again' : 'not-proven',
    claim: tell('work.during-pause', {
      gap: q(Math.abs(gap), 'oz'),
      gap2: gap > 0 ? tell('work.went-missing') : tell('work.came-back'),
      unaccounted: resumed.body.unaccounted ? tell('work.told-of-it', { why: resumed.body.unaccounted }) : '',
    }),
    because: tell('work.leak-hose-another-job-charge-is'),
    next: { say: tell('work.find-out-where-it-went-or') },
    miss: Math.abs(gap) / (2 * SCALE_UNCERTAINTY_OZ),
  };
}

export type ChargeLabel = {
  refrigerant: string;
  factoryOz: number;
  addedOz: number;
  totalOz: number;
  co2Tonnes: number | undefined;
};

/** What is written on the unit: refrigerant, factory and field-added charge, total, CO₂ equivalent. */
export function chargeLabel(
  sheet: EquippedWith<'circuit' | 'circuitLog' | 'measurements'>,
  build: BuildUp,
): ChargeLabel {
  const { plate } = sheet.circuit;
  const addedOz = movementsOf(sheet.measurements).reduce((s, m) => s + m.oz, 0) - lostOz(sheet);
  const totalOz = build.alreadyInUnitOz + addedOz;
  const co2 = co2Equivalent({ refrigerant: plate.refrigerant, chargeLb: Math.max(0.01, totalOz / OZ_PER_LB) });
  return {
    refrigerant: plate.refrigerant,
    factoryOz: build.alreadyInUnitOz,
    addedOz,
    totalOz,
    co2Tonnes: co2.ok ? co2.value.tonnes : undefined,
  };
}
