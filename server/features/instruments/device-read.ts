import type { DeviceRead } from '@/contract/requests';
import { type RunSample, readingsFromRun, toRecord } from '@/core/startup/live';
import type { Db } from '@/server/db/pool';
import { badInput, Problem } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { readRunData } from './run-data';
import type { RunRow } from './runs-store';

/** Both round to thousandths: what differs by more was not read in this run. */
const SAME = 0.0015;

/**
 * The samples that a round of a device's own run rests on: those of its stored pieces up to the second it was read at. What its
 * screen showed must be what they say, so that whoever signed there signed for the same figures.
 */
export async function deviceSamples(
  db: Db,
  person: Person,
  run: RunRow,
  device: DeviceRead | undefined,
  quantities: readonly string[] | null,
): Promise<readonly RunSample[]> {
  if (run.startedBy !== person.id) throw new Problem('not-allowed', { message: tell('server.run-of-another-person') });
  if (!device)
    throw badInput('run.device', tell('server.a-devices-round-says-when'), tell('server.its-second-and-its-figures'));
  const { samples } = await readRunData(db, run.companyId, run.id, device.atS);
  const last = samples.at(-1)?.runSeconds;
  if (last !== device.atS)
    throw badInput(
      'run.device.atS',
      tell('server.that-second-is-not-here'),
      last === undefined ? tell('server.pieces-of-the-run-first') : tell('server.up-to-s', { value: last }),
    );
  const shown = new Map(Object.entries(device.values));
  const read = toRecord(readingsFromRun(samples, run.source, 0), quantities);
  for (const { quantity, value } of read) {
    const there = shown.get(quantity);
    shown.delete(quantity);
    if (there !== undefined && Math.abs(there - value) < SAME) continue;
    throw badInput(`run.device.values.${quantity}`, tell('server.not-what-its-run-says'), String(value));
  }
  const [none] = shown.keys();
  if (none !== undefined)
    throw badInput(`run.device.values.${none}`, tell('server.not-what-its-run-says'), tell('server.what-the-run-read'));
  return samples;
}
