import type { RunCommand } from '@/contract/requests';
import { tell, toldAtFirst } from '@/core/job/circuit/live/told-switches';
import { BENCH_OF_PHASE, BENCH_ORDERS, type BenchKind, type BenchOrder } from '@/core/plant/bench/bench';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import type { ActiveRun } from './active-run';
import { isPort, type PortFeed } from './feed-protocol';

const benchOf = (phase: string): BenchKind | undefined => (BENCH_OF_PHASE as Partial<Record<string, BenchKind>>)[phase];

/** How the crew's own gear stands when its instruments are connected, for a phase that has gear to switch. */
export function toldOf(phase: string): Pick<PortFeed['port'], 'told'> {
  const kind = benchOf(phase);
  return kind ? { told: toldAtFirst(kind) } : {};
}

/**
 * The crew says what it did by hand: a valve closed, the machine started. Nothing is moved from here; it becomes an event
 * of the run, marked as told, that the guide, the rebound and the standing test go by.
 */
export async function tellRun(deps: Deps, person: Person, active: ActiveRun, order: RunCommand): Promise<void> {
  const { feed, run } = active;
  const kind = benchOf(run.phase);
  if (!isPort(feed) || !kind)
    throw new Problem('run-state', { message: 'These are instruments of your own: there is nothing to switch.' });
  const known = BENCH_ORDERS[kind].filter((k) => k !== 'configure');
  if (!known.includes(order.kind))
    throw new Problem('bad-input', {
      field: 'kind',
      message: 'On instruments of your own this cannot be told.',
      allowed: known.join(', '),
    });
  await audit(deps.database, person, run.jobId, 'told by hand', { runId: run.id, command: order });
  const last = active.recent.at(-1);
  const scaleOz = last?.values.scaleOz;
  const told = tell(
    feed.port.told ?? toldAtFirst(kind),
    order as BenchOrder,
    typeof scaleOz === 'number' ? scaleOz : undefined,
  );
  active.accept({
    type: 'batch',
    runId: run.id,
    producedAt: Date.now(),
    block: { runSeconds: [], values: {} },
    events: [{ ...order, runSeconds: last?.runSeconds ?? 0, kind: 'order', order: order.kind, told: true }],
    feed: { port: { ...feed.port, told } },
  });
  await active.commit();
}
