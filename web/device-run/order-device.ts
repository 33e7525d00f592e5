import type { RunCommand } from '@/contract/requests';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import type { Outcome, Refusal } from '@/core/finding/outcome';
import type { JobSheet } from '@/core/job/sheet';
import { cylinderOnto, refusesMachine, refusesOrder } from '@/core/phases/live/run-rules';
import { recoveryView } from '@/core/phases/recover/view';
import type { BenchOrder } from '@/core/plant/bench/bench';
import { todayAt } from '@/web/api/clock';
import { ApiProblem, get } from '@/web/api/http';
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
export async function orderDevice(run: DeviceRun, sheet: JobSheet, command: RunCommand): Promise<void> {
  if (command.kind === 'ahead') return run.ahead(command.seconds);
  if (command.kind === 'speed') return run.speed(command.speed);
  const wrong = refusesOrder(run.bench.kind, command.kind);
  if (wrong) throw refused(wrong);
  const { refrigerant } = recoveryView(sheet).old?.body ?? {};
  const today = todayAt(sheet.site.timeZone);
  const cylinder = async (id: string): Promise<Cylinder | undefined> =>
    sheet.cylinders.find((c) => c.id === id) ??
    (await get<{ cylinders: Cylinder[] }>('/cylinders')).cylinders.find((c) => c.id === id);
  if (command.kind === 'cylinder')
    return run.order(usable(cylinderOnto(await cylinder(command.cylinderId), refrigerant, today)));
  if (command.kind === 'machine' && command.on && run.bench.kind === 'recovery' && run.bench.config.cylinderId) {
    const full = refusesMachine(await cylinder(run.bench.config.cylinderId), refrigerant, today);
    if (full) throw refused(full);
  }
  run.order(command as BenchOrder);
}
