import { co2Equivalent } from '@/core/circuit/co2-equivalent';
import { entriesOf, latestOf } from '@/core/circuit/log/circuit-log';
import { cylinderChecks } from '@/core/circuit/recovery/cylinder';
import { ruleSource } from '@/core/circuit/transition-rules';
import { lbOz } from '@/core/circuit/weigh-in';
import type { Finding } from '@/core/finding/finding';
import { type BuildUp, lostOz, movementsOf, SCALE_UNCERTAINTY_OZ } from '@/core/job/charge-sheet';
import type { EquippedSheet } from '@/core/job/sheet';
import { REFRIGERANT_FACTS } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB } from '@/core/units/units';
import { keepsCircuitLog, sealedWhy } from './circuit-views';
import { roomView } from './room-view';

/** A scale at rest that moves by more than this in two minutes is not to be weighed on (common practice), oz. */
const DRIFT_OZ = 0.3;
const COMMON = 'common practice';

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
      claim: `${sealed}: nothing is weighed in.`,
      because: 'Its plate’s charge is already in it.',
      source: 'plate',
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
            claim: `From cylinder ${cylinder.tag}: ${cylinder.refrigerant}, ${lbOz(cylinder.contentsOz)} left, as ${used!.body.leavesAs}.`,
            because: facts.blend
              ? 'A blend leaves as liquid, or its make-up changes.'
              : 'A single fluid may leave either way.',
            source: 'the cylinder ledger',
          }
        : {
            id: 'cylinder',
            verdict: 'not-proven',
            claim: 'Nobody said which cylinder it comes from.',
            because: 'The ledger follows every ounce; the label is held against the plate.',
            source: '40 CFR 82 subpart F, from memory',
            next: { say: 'Choose the cylinder and read its label.' },
          },
    );
    if (cylinder && cylinder.contentsOz < build.toWeighInOz && movementsOf(sheet.measurements).length === 0)
      checks.push({
        id: 'cylinder-short',
        verdict: 'look-again',
        claim: `The cylinder holds ${lbOz(cylinder.contentsOz)}; ${lbOz(build.toWeighInOz)} are to go in.`,
        because: 'A change of cylinder half way is a second weighing.',
        source: 'the cylinder ledger',
        next: { say: 'Bring a second cylinder.' },
      });
    const drift = latestOf(sheet.circuitLog, 'scale-drift');
    if (drift)
      checks.push({
        id: 'scale',
        verdict: Math.abs(drift.body.driftOz) > DRIFT_OZ ? 'stop' : 'good',
        claim: `The scale moved ${drift.body.driftOz.toFixed(1)} oz by itself in ${drift.body.minutes.toFixed(0)} min.`,
        because: `Above ${DRIFT_OZ} oz the weighing is worth nothing: wind, a slope, a hose that pulls.`,
        source: COMMON,
        ...(Math.abs(drift.body.driftOz) > DRIFT_OZ
          ? { next: { say: 'Level it, out of the wind, hose slack; weigh nothing until it rests.' } }
          : {}),
        miss: Math.abs(drift.body.driftOz) / DRIFT_OZ,
      });
    const lost = lostOz(sheet);
    if (lost > 0)
      checks.push({
        id: 'hose',
        verdict: 'good',
        claim: `${lost.toFixed(1)} oz left the cylinder and did not reach the system.`,
        because: 'Liquid that stays in the hose, or was spilled, is not charge: it is taken off what was weighed.',
        source: 'hose volume × liquid density',
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
function gwpCheck(sheet: EquippedSheet): Finding | undefined {
  const { refrigerant } = sheet.circuit.plate;
  const { gwp } = REFRIGERANT_FACTS[refrigerant];
  const rule = sheet.transition.find((r) => r.cap !== undefined);
  if (rule?.cap === undefined || gwp <= rule.cap || (rule.from && sheet.job.scheduledFor < rule.from)) return undefined;
  return {
    id: 'gwp',
    verdict: 'look-again',
    claim: `${refrigerant} has a GWP of ${gwp}; new systems are capped at ${rule.cap}${rule.from ? ` from ${rule.from}` : ''}.`,
    because: 'Parts for an existing system are exempt in general terms; a new system may not be.',
    source: ruleSource(rule),
  };
}

/** An interrupted weighing: the scale is read again, and what is missing must be explained. */
function pauseCheck(sheet: EquippedSheet): Finding | undefined {
  const paused = latestOf(sheet.circuitLog, 'paused');
  if (!paused) return undefined;
  const resumed = entriesOf(sheet.circuitLog, 'resumed')
    .filter((r) => sheet.circuitLog.indexOf(r) > sheet.circuitLog.indexOf(paused))
    .at(-1);
  const base = { id: 'pause', source: `scale, ± ${SCALE_UNCERTAINTY_OZ} oz` };
  const safe = paused.body.valvesShut && paused.body.capsOn;
  if (!resumed)
    return {
      ...base,
      verdict: safe ? 'not-proven' : 'look-again',
      claim: safe ? 'The weighing is paused.' : 'Paused with a valve or a cap open.',
      because: 'The scale’s weight is kept, not what is left to go.',
      next: {
        say: safe
          ? 'Read the scale again before you go on.'
          : 'Shut cylinder and service valves, cap the hoses; a lost vacuum is pulled again.',
      },
    };
  const gap = paused.body.grossOz - resumed.body.grossOz;
  if (Math.abs(gap) <= 2 * SCALE_UNCERTAINTY_OZ)
    return {
      ...base,
      verdict: 'good',
      claim: 'The cylinder weighs what it weighed before the pause.',
      because: 'Nothing moved meanwhile.',
    };
  return {
    ...base,
    verdict: resumed.body.unaccounted ? 'look-again' : 'not-proven',
    claim: `${Math.abs(gap).toFixed(1)} oz ${gap > 0 ? 'went missing' : 'came back'} during the pause${resumed.body.unaccounted ? `: ${resumed.body.unaccounted}` : ''}.`,
    because: 'A leak, the hose, another job: the charge is not known until it is explained.',
    next: { say: 'Find out where it went, or recover and weigh in again.' },
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
export function chargeLabel(sheet: EquippedSheet, build: BuildUp): ChargeLabel {
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
