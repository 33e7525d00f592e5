import type { LogRows } from '@/contract/requests';
import { rangeOf } from '@/core/instrument/channel-range';
import type { Deps } from '@/server/deps';
import { badInput, Problem } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import { isPort } from './feed-protocol';
import { activeOf, runFor } from './instruments-service';

/**
 * Rows of a recording that somebody read from a file, into a run that waits for one: stored as they are, marked as replayed. The same
 * rows sent again are there already; rows that begin before the last one do not follow it.
 */
export async function takeLog(deps: Deps, person: Person, runId: string, { runSeconds, values }: LogRows) {
  const active = activeOf(deps, await runFor(deps, person, runId));
  const { run, feed, recent } = active;
  if (run.source !== 'replayed' || !isPort(feed))
    throw new Problem('run-state', { message: tell('server.this-run-waits-for-no-recording') });
  const { channels } = feed.port;
  for (const [channel, column] of Object.entries(values)) {
    if (!channels.includes(channel))
      throw badInput(`values.${channel}`, tell('server.this-run-does-not-take-that'), channels.join(', '));
    const [low, high, unit] = rangeOf(channel);
    if (column.length !== runSeconds.length || column.some((v) => v !== null && !(v >= low && v <= high)))
      throw badInput(
        `values.${channel}`,
        tell('server.outside-what-this-channel-can-be'),
        tell('server.to', { low, high, unit }),
      );
  }
  const last = recent.at(-1)?.runSeconds ?? -1;
  const end = runSeconds.at(-1)!;
  if (end <= last) return { rows: 0, last };
  if (runSeconds[0]! <= last || runSeconds.some((t, i) => i > 0 && t <= runSeconds[i - 1]!))
    throw badInput(
      'runSeconds',
      tell('server.replay-brings-its-own-seconds-each'),
      tell('server.above-s', { value: Math.max(0, last) }),
    );
  active.accept({
    type: 'batch',
    runId: run.id,
    producedAt: Date.now(),
    block: {
      runSeconds,
      values: Object.fromEntries(channels.map((c) => [c, values[c] ?? runSeconds.map(() => null)])),
    },
    events: [],
    feed,
  });
  await active.commit();
  return { rows: runSeconds.length, last: end };
}
