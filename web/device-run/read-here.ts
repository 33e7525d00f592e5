import type { Round } from '@/contract/requests';
import type { EquippedSheet } from '@/core/job/sheet';
import { heldInRun, steadinessOf } from '@/core/phases/start-up/held';
import { keptStood } from '@/core/phases/start-up/judged';
import { readingsFromRun, toRecord } from '@/core/startup/live';
import { nowIso } from '@/web/api/clock';
import type { DeviceRun } from './device-run';

/**
 * What a run of this device reads now, for a round: the piece up to this second is on its way before the round is, and the
 * figures go along, so that the sheet has them until the server has read the same in its pieces.
 */
export function readHere(run: DeviceRun, sheet: EquippedSheet, quantities: string[] | null): NonNullable<Round['run']> {
  const atS = run.sendNow();
  const { samples, events } = run.snapshot();
  const data = { samples, events };
  const read = toRecord(readingsFromRun(samples, 'simulated', 0), quantities);
  return {
    id: run.id,
    quantities,
    device: {
      atS,
      occurredAt: nowIso(),
      values: Object.fromEntries(read.map(({ quantity, value }) => [quantity, value])),
      stood: keptStood({ steady: steadinessOf(sheet, data), held: heldInRun(sheet, data) }),
    },
  };
}
