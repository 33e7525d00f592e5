import { entriesOf, latestOf } from '@/core/circuit/log/circuit-log';
import type { EntryBody, EntryKind } from '@/core/circuit/log/entry-bodies';
import { isEarlyLook, minutesAt } from '@/core/circuit/pressure/early-look';
import { testLimit } from '@/core/circuit/pressure/pressure-test';
import { type Cylinder, cylinderChecks, refusesCylinder } from '@/core/circuit/recovery/cylinder';
import { refusesRecovered, refusesStartWeight } from '@/core/circuit/recovery/ledger-rules';
import type { Refusal } from '@/core/finding/outcome';
import { tell } from '@/core/job/circuit/words';
import { certificationCovers, passes, withOverrides } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { REFRIGERANT_FACTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
import { q } from '@/core/words/said';
import { standingGate } from './circuit-gates';
import { pressureView, recoveryView } from './circuit-views';

/**
 * Why an entry must not be written, or undefined: the rules that nobody overrides (plate limit, fill limit, mixing,
 * certification), and what makes no sense.
 */
/** A device's clock may run this far ahead of the server's (design default), ms. */
const CLOCK_AHEAD_MS = 5 * 60_000;

/** A reading that was taken in the future, or before the test it belongs to, is a mistyped time. */
function readTime(sheet: JobSheet, body: EntryBody<EntryKind>, nowMs: number): Refusal | undefined {
  const at = 'readAt' in body && typeof body.readAt === 'string' ? Date.parse(body.readAt) : undefined;
  if (at === undefined) return undefined;
  if (at > nowMs + CLOCK_AHEAD_MS)
    return { field: 'readAt', message: tell('work.that-time-has-not-come-yet'), allowed: tell('work.time-up-to-now') };
  const start =
    'startId' in body ? entriesOf(sheet.circuitLog, 'hold-start').find((e) => e.id === body.startId) : undefined;
  return start && at < Date.parse(start.body.readAt ?? start.at)
    ? { field: 'readAt', message: tell('work.before-hold-was-started'), allowed: tell('work.time-after-its-start') }
    : undefined;
}

export function circuitMoveGuard(
  sheet: JobSheet,
  kind: EntryKind,
  body: EntryBody<EntryKind>,
  with_: { cylinder: Cylinder | undefined; today: string; nowMs: number; at: string; typed: boolean },
): Refusal | undefined {
  const early = readTime(sheet, body, with_.nowMs);
  if (early) return early;
  switch (kind) {
    case 'recovered':
      return recovered(sheet, body as EntryBody<'recovered'>, with_);
    case 'cylinder-used':
      return cylinderUsed(sheet, body as EntryBody<'cylinder-used'>, with_);
    case 'test-plan':
      return testPlan(body as EntryBody<'test-plan'>);
    case 'hold-start':
      return latestOf(sheet.circuitLog, 'test-plan')
        ? overLimit(sheet, (body as EntryBody<'hold-start'>).psig)
        : {
            field: 'psig',
            message: tell('work.plan-test-first-sections-limit-is'),
            allowed: tell('work.planned-test'),
          };
    case 'hold-end':
      return holdEnd(sheet, body as EntryBody<'hold-end'>, with_.at);
    case 'hold-look':
      return holdOf(sheet, (body as EntryBody<'hold-look'>).startId);
    case 'bubble': {
      const { jointId } = body as EntryBody<'bubble'>;
      return entriesOf(sheet.circuitLog, 'joint').some((j) => j.id === jointId)
        ? undefined
        : { field: 'jointId', message: tell('work.there-is-no-such-joint-on'), allowed: tell('work.logged-joint') };
    }
    case 'level': {
      const { reachedPsig, afterPsig } = body as EntryBody<'level'>;
      return afterPsig < reachedPsig - 1
        ? {
            field: 'afterPsig',
            message: tell('work.lower-after-machine-stopped-than-while'),
            allowed: tell('work.at-or-above-what-was-reached'),
          }
        : undefined;
    }
    case 'standing':
      return standing(sheet, body as EntryBody<'standing'>);
    case 'vacuum-broken': {
      const gate = withOverrides(sheet.overrides.filter((o) => o.phase === 'evacuate' || o.phase === 'charge'))(
        standingGate(sheet),
      );
      if (!passes(gate))
        return {
          field: 'by',
          message: tell('work.no-refrigerant-before-passed-standing-vacuum-2', { say: gate.say }),
          allowed: tell('work.passed-test-or-leads-override-with'),
        };
      return (body as EntryBody<'vacuum-broken'>).gaugeProtected
        ? undefined
        : {
            field: 'gaugeProtected',
            message: tell('work.close-vacuum-gauge-off-before-pressure'),
            allowed: tell('work.gauge-valved-off-or-rated-for'),
          };
    }
    default:
      return undefined;
  }
}

/** A test off a run begins where the pump was valved off, as the log has it; nobody picks a kinder window. */
function standing(sheet: JobSheet, body: EntryBody<'standing'>): Refusal | undefined {
  if (body.samples.length < 2)
    return {
      field: 'samples',
      message: tell('work.standing-test-needs-at-least-two'),
      allowed: tell('work.pairs-of-minutes-and-microns'),
    };
  if (body.runId === null) return undefined;
  const isolated = entriesOf(sheet.circuitLog, 'isolated')
    .filter((e) => e.body.runId === body.runId)
    .at(-1);
  if (!isolated)
    return { field: 'runId', message: tell('work.pump-was-not-valved-off-in'), allowed: tell('work.valve-off-first') };
  const startS = isolated.body.runSeconds ?? 0;
  return (body.fromS ?? 0) < startS
    ? {
        field: 'fromS',
        message: tell('work.pump-was-still-on-it'),
        allowed: tell('work.from-s-on', { startS: Math.round(startS) }),
      }
    : undefined;
}

function recovered(
  sheet: JobSheet,
  body: EntryBody<'recovered'>,
  { cylinder, today, typed }: { cylinder: Cylinder | undefined; today: string; typed: boolean },
): Refusal | undefined {
  const old = latestOf(sheet.circuitLog, 'old-charge');
  if (!old)
    return {
      field: 'cylinderId',
      message: tell('work.say-first-what-old-system-holds'),
      allowed: tell('work.old-charge-on-record'),
    };
  if (!certificationCovers(sheet.certification))
    return {
      field: 'cylinderId',
      message: tell('work.refrigerant-is-recovered-only-by-someone'),
      allowed: tell('work.certified-person'),
    };
  if (body.endGrossOz < body.startGrossOz)
    return {
      field: 'endGrossOz',
      message: tell('work.cylinder-weighs-less-after-than-before'),
      allowed: tell('work.at-least', { startGrossOz: q(body.startGrossOz, 'oz', 'as is') }),
    };
  if (!cylinder) return undefined;
  const wrongWeight = typed ? refusesStartWeight(cylinder, body.startGrossOz) : undefined;
  if (wrongWeight) return wrongWeight;
  return refusesRecovered(cylinder, old.body.refrigerant, body.endGrossOz - body.startGrossOz, today);
}

function cylinderUsed(
  sheet: JobSheet,
  body: EntryBody<'cylinder-used'>,
  { cylinder, today }: { cylinder: Cylinder | undefined; today: string },
): Refusal | undefined {
  const refrigerant: Refrigerant | undefined = sheet.circuit.plate?.refrigerant;
  if (!refrigerant || !cylinder) return undefined;
  if (cylinder.use === 'recovery')
    return {
      field: 'cylinderId',
      message: tell('work.cylinder-holds-recovered-refrigerant', { tag: cylinder.tag }),
      allowed: tell('work.supply-cylinder'),
    };
  if (cylinder.refrigerant === null)
    return {
      field: 'cylinderId',
      message: tell('work.cylinder-is-empty', { tag: cylinder.tag }),
      allowed: tell('work.cylinder-of', { refrigerant }),
    };
  const refused = refusesCylinder(cylinderChecks(cylinder, refrigerant, undefined, today));
  if (refused)
    return {
      field: 'cylinderId',
      message: tell('work.claim-because', { claim: refused.claim, because: refused.because }),
      allowed: refused.next?.say ?? tell('work.another-cylinder-2'),
    };
  if (REFRIGERANT_FACTS[refrigerant].blend && body.leavesAs === 'vapour')
    return {
      field: 'leavesAs',
      message: tell('work.is-blend-as-vapour-its-make', { refrigerant }),
      allowed: tell('work.liquid'),
    };
  return undefined;
}

function testPlan(body: EntryBody<'test-plan'>): Refusal | undefined {
  const limit = testLimit(body);
  if (body.targetPsig > limit.psig)
    return {
      field: 'targetPsig',
      message: tell('work.above-what-may-be-put-on', { by: limit.by }),
      allowed: tell('work.up-to', { psig: q(limit.psig, 'psig', 'as is') }),
    };
  return undefined;
}

/** A gauge may stand a little over while it settles. */
const OVER_LIMIT_PSI = 5;
function overLimit(sheet: JobSheet, psig: number): Refusal | undefined {
  const limit = testLimit(latestOf(sheet.circuitLog, 'test-plan')!.body);
  return psig > limit.psig + OVER_LIMIT_PSI
    ? {
        field: 'psig',
        message: tell('work.above-what-may-be-put-on-2', { by: limit.by }),
        allowed: tell('work.up-to', { psig: q(limit.psig, 'psig', 'as is') }),
      }
    : undefined;
}

function holdOf(sheet: JobSheet, startId: string): Refusal | undefined {
  return entriesOf(sheet.circuitLog, 'hold-start').some((e) => e.id === startId)
    ? undefined
    : { field: 'startId', message: tell('work.there-is-no-such-hold-on'), allowed: tell('work.hold-that-was-started') };
}

function holdEnd(sheet: JobSheet, body: EntryBody<'hold-end'>, at: string): Refusal | undefined {
  const start = entriesOf(sheet.circuitLog, 'hold-start').find((e) => e.id === body.startId);
  if (!start)
    return {
      field: 'startId',
      message: tell('work.there-is-no-such-hold-on'),
      allowed: tell('work.hold-that-was-started'),
    };
  const ended = entriesOf(sheet.circuitLog, 'hold-end').some((e) => e.body.startId === body.startId);
  if (ended)
    return { field: 'startId', message: tell('work.this-hold-is-already-ended'), allowed: tell('work.hold-that-runs') };
  const { holdMin } = pressureView(sheet);
  const held = minutesAt(sheet.circuitLog, body, at) ?? 0;
  // An early look ends nothing: a leak that it shows is there all the same, and a hold that goes on may still pass.
  return isEarlyLook(sheet.circuitLog, body, at, holdMin)
    ? {
        field: 'readAt',
        message: tell('work.held-of-look-before-end-does', {
          value: q(Math.max(0, held), 'number', 0),
          holdMin: q(holdMin, 'min', 'as is'),
        }),
        allowed: tell('work.from-on-before-write-it-as', { holdMin: q(holdMin, 'min', 'as is') }),
      }
    : undefined;
}

/** Where the recovery stands, for a cylinder that is chosen: how much is still expected. */
export function stillExpectedOz(sheet: JobSheet): number | undefined {
  const view = recoveryView(sheet);
  return view.expectedOz === undefined ? undefined : Math.max(0, view.expectedOz - view.recoveredOz);
}
