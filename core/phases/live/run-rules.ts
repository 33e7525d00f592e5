import { type Cylinder, cylinderChecks, cylinderFillOf, refusesCylinder } from '@/core/circuit/recovery/cylinder';
import { mayTake, recoveryCylinder } from '@/core/circuit/recovery/cylinder-choice';
import { type Outcome, ok, type Refusal, refusal, refuse } from '@/core/finding/outcome';
import { type Gate, passes } from '@/core/job/gates';
import type { Phase } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { keepsCircuitLog } from '@/core/phases/circuit-kept';
import { phaseById } from '@/core/phases/registry';
import { sheetGates } from '@/core/phases/standing';
import { tell } from '@/core/phases/words';
import { BENCH_ORDERS, type BenchKind, type BenchOrder } from '@/core/plant/bench/bench';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';

/** What holds the instruments of a phase back: the phase before it, until it is done or a lead let it pass. */
export function heldBefore(sheet: JobSheet, phase: Phase): Gate | undefined {
  const first = sheetGates(sheet, phase).find((g) => g.id === phaseById(phase)?.runsAfter);
  return first && !passes(first) ? first : undefined;
}

/** An order that this bench does not know. */
export const refusesOrder = (bench: BenchKind, kind: string): Refusal | undefined =>
  BENCH_ORDERS[bench].includes(kind)
    ? undefined
    : refusal('kind', tell('live.this-bench-does-not-know-that'), BENCH_ORDERS[bench].join(', '));

/** The cylinder that is put on the scale, with what the ledger says of it; one that may not be filled is refused. */
export function cylinderOnto(
  cylinder: Cylinder | undefined,
  refrigerant: Refrigerant | undefined,
  today: string,
): Outcome<BenchOrder> {
  if (!cylinder || !refrigerant)
    return refuse(
      'cylinderId',
      cylinder ? tell('live.say-first-what-old-system-holds-2') : tell('live.there-is-no-such-cylinder'),
      tell('live.recovery-cylinder-of-your-company'),
    );
  const fill = cylinderFillOf(cylinder, refrigerant);
  if (!fill || !mayTake(cylinder, refrigerant, today)) {
    const refused = refusesCylinder(cylinderChecks(cylinder, refrigerant, undefined, today));
    return refuse(
      'cylinderId',
      refused
        ? tell('live.claim-because', { claim: refused.claim, because: refused.because })
        : tell('live.cylinder-has-no-room-left', { tag: cylinder.tag }),
      refused?.next?.say ?? tell('live.cylinder-with-room'),
    );
  }
  const { id, tareOz, waterCapacityLb, contentsOz } = cylinder;
  return ok({ kind: 'cylinder', cylinder: { id, tareOz, waterCapacityLb, contentsOz, limitOz: fill.limitOz } });
}

/** Nothing is pumped into a cylinder that may not take it: never overridden. */
export const refusesMachine = (
  cylinder: Cylinder | undefined,
  refrigerant: Refrigerant | undefined,
  today: string,
): Refusal | undefined =>
  cylinder && refrigerant && !mayTake(cylinder, refrigerant, today)
    ? refusal(
        'cylinderId',
        tell('live.cylinder-may-take-nothing-more-put', { tag: cylinder.tag }),
        tell('live.cylinder-with-room'),
      )
    : undefined;

/** What holds a weighing back: no refrigerant before a passed standing-vacuum test, or a lead who let it pass. */
export const heldWeighing = (sheet: JobSheet): Gate | undefined =>
  sheetGates(sheet, 'charge').find((g) => g.id === 'standing-vacuum' && !passes(g));

/** What holds the first start back: no system runs before its charge is weighed in and signed, or a lead let it pass. */
export const heldStart = (sheet: JobSheet): Gate | undefined =>
  sheetGates(sheet, 'start-up').find((g) => g.id === 'charge-signed' && !passes(g));

/** What is taken out of the new system goes into a cylinder that may take it, and the ledger says which. */
export const refusesTakingOut = (
  sheet: JobSheet,
  cylinders: readonly Cylinder[],
  oz: number,
  today: string,
): Refusal | undefined => {
  const { refrigerant } = sheet.circuit.plate ?? {};
  if (!keepsCircuitLog(sheet) || sheet.circuitLog.length === 0) return undefined;
  return recoveryCylinder(cylinders, refrigerant, today, undefined, oz)
    ? undefined
    : refusal(
        'cylinderId',
        tell('live.no-recovery-cylinder-for', { refrigerant }),
        tell('live.recovery-cylinder-with-room-under-cylinders'),
      );
};

/** One weighing after the other: the scale is at rest in between. */
export const SCALE_BUSY: Refusal = refusal(
  'kind',
  tell('live.scale-is-still-busy-with-last'),
  tell('live.once-the-scale-is-at-rest'),
);
/** Refrigerant is handled by somebody certified, or under one. */
export const NOBODY_CERTIFIED: Refusal = refusal(
  'certifiedId',
  tell('live.name-who-is-certified'),
  tell('live.certified-person-of-your-company'),
);
