import type { RunCommand } from '@/contract/requests';
import { type ListedCylinder, onThisDevice, refusesUnheld } from '@/core/circuit/recovery/checked-out';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import type { Outcome, Refusal } from '@/core/finding/outcome';
import { certificationCovers } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import {
  cylinderOnto,
  heldStart,
  heldWeighing,
  NOBODY_CERTIFIED,
  refusesMachine,
  refusesOrder,
  refusesTakingOut,
  SCALE_BUSY,
} from '@/core/phases/live/run-rules';
import { recoveryView } from '@/core/phases/recover/view';
import type { BenchOrder } from '@/core/plant/bench/bench';
import { isSystem, type SystemFeed } from '@/core/plant/feed/feed';
import type { RigCommand } from '@/core/plant/rig';
import { todayAt } from '@/web/api/clock';
import { deviceId } from '@/web/api/device-id';
import { ApiProblem, get } from '@/web/api/http';
import type { Me } from '@/web/api/use-me';
import { say } from '@/web/words/say';
import type { DeviceRun } from './device-run';

/** A refusal as the screens tell one, whoever refuses. */
export const refused = ({ field, message, allowed }: Refusal): ApiProblem =>
  new ApiProblem({ code: 'bad-input', field, message: say(message), allowed: say(allowed) }, 0);
export function usable<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw refused(outcome.refused);
  return outcome.value;
}

/** An order to the instruments of this device, by the same rules as on the server. */
export async function orderDevice(run: DeviceRun, sheet: JobSheet, me: Me, command: RunCommand): Promise<void> {
  if (command.kind === 'ahead') return run.ahead(command.seconds);
  if (command.kind === 'speed') return run.speed(command.speed);
  const { feed } = run;
  if (isSystem(feed)) return orderSystem(run, feed, sheet, me, command);
  const wrong = refusesOrder(feed.bench.kind, command.kind);
  if (wrong) throw refused(wrong);
  const { refrigerant } = recoveryView(sheet).old?.body ?? {};
  const today = todayAt(sheet.site.timeZone);
  const cylinder = async (id: string): Promise<Cylinder | undefined> => {
    const listed = (await cylinders()).find((c) => c.id === id);
    const unheld = refusesUnheld(listed, deviceId());
    if (unheld) throw refused(unheld);
    return sheet.cylinders.find((c) => c.id === id) ?? listed;
  };
  if (command.kind === 'cylinder')
    return run.order(usable(cylinderOnto(await cylinder(command.cylinderId), refrigerant, today)));
  if (command.kind === 'machine' && command.on && feed.bench.kind === 'recovery' && feed.bench.config.cylinderId) {
    const full = refusesMachine(await cylinder(feed.bench.config.cylinderId), refrigerant, today);
    if (full) throw refused(full);
  }
  run.order(command as BenchOrder);
}

const cylinders = async (): Promise<ListedCylinder[]> =>
  (await get<{ cylinders: ListedCylinder[] }>('/cylinders').catch(() => ({ cylinders: [] }))).cylinders;

/** The same for the whole system with its scale. */
async function orderSystem(
  run: DeviceRun,
  feed: SystemFeed,
  sheet: JobSheet,
  me: Me,
  command: RunCommand,
): Promise<void> {
  if (command.kind === 'weigh-in' || command.kind === 'recover') {
    const held = heldWeighing(sheet);
    if (held) throw new ApiProblem({ code: 'gate-held', field: held.id, message: say(held.say) }, 0);
    if (!certificationCovers(me.certification) && command.certifiedId === undefined) throw refused(NOBODY_CERTIFIED);
    if (feed.movement) throw refused(SCALE_BUSY);
    run.under(command.certifiedId);
  }
  if (command.kind === 'start') {
    const held = heldStart(sheet);
    if (held) throw new ApiProblem({ code: 'gate-held', field: held.id, message: say(held.say) }, 0);
  }
  if (command.kind === 'recover') {
    const full = refusesTakingOut(
      sheet,
      onThisDevice(await cylinders(), deviceId()),
      command.oz,
      todayAt(sheet.site.timeZone),
    );
    if (full) throw refused(full);
  }
  run.order(command as RigCommand);
}
