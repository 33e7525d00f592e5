import type { RunCommand } from '@/contract/requests';
import { afterTold, type Switches, toldAtFirst } from '@/core/phases/live/told-switches';
import { SYSTEM_TOLD, type SystemTold, systemAtFirst, tellSystem } from '@/core/phases/live/told-system';
import { benchOf } from '@/core/phases/registry';
import { BENCH_ORDERS, type BenchKind, type BenchOrder } from '@/core/plant/bench/bench';
import type { StoredEvent } from '@/core/plant/feed/block';
import { audit } from '@/server/audit';
import type { Deps } from '@/server/deps';
import { badInput, Problem } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { tell } from '@/server/words/tell';
import type { ActiveRun } from './active-run';
import { isPort } from './feed-protocol';

/** What the scale shows is the mean of its last seconds: a tap comes when it has come to rest. */
const SCALE_MEAN_S = 3;

/** How the crew's own gear stands when its instruments are connected. */
export const toldOf = (phase: string): Switches => {
  const kind = benchOf(phase);
  return kind ? toldAtFirst(kind) : systemAtFirst();
};

const knownTo = (kind: BenchKind | undefined): readonly string[] =>
  kind ? BENCH_ORDERS[kind].filter((k) => k !== 'configure') : SYSTEM_TOLD;

/**
 * The crew says what it did by hand: a valve closed, the machine started, a cylinder opened. Nothing is moved from here; it
 * becomes an event of the run, marked as told, that the guide, the steady time and the standing test go by.
 */
export async function tellRun(
  deps: Deps,
  person: Person,
  active: ActiveRun,
  order: Exclude<RunCommand, { kind: 'cylinder' }> | BenchOrder,
): Promise<void> {
  const { feed, run } = active;
  if (!isPort(feed)) return;
  const kind = benchOf(run.phase);
  const known = knownTo(kind);
  if (!known.includes(order.kind))
    throw badInput('kind', tell('server.on-instruments-of-your-own-this'), known.join(', '));
  const scaleOz = scaleNow(active);
  if (needsScale(order) && scaleOz === undefined)
    throw new Problem('run-state', {
      field: 'scaleOz',
      message: tell('server.scale-gives-no-signal-type-weighed'),
    });
  const runSeconds = active.recent.at(-1)?.runSeconds ?? 0;
  const before = feed.port.told ?? toldOf(run.phase);
  const after: { switches: Switches; events: StoredEvent[] } = kind
    ? {
        switches: afterTold(before, order as BenchOrder, scaleOz),
        events: [{ ...order, runSeconds, kind: 'order', order: order.kind, told: true }],
      }
    : tellSystem(before, order as SystemTold, { runSeconds, scaleOz });
  await audit(deps.database, person, run.jobId, 'told by hand', { runId: run.id, command: order });
  active.accept({
    type: 'batch',
    runId: run.id,
    producedAt: Date.now(),
    block: { runSeconds: [], values: {} },
    events: after.events,
    feed: { port: { ...feed.port, told: after.switches } },
  });
  await active.commit();
}

/** Orders that are nothing without a weight. A valve can be told closed without one: then nothing is recorded. */
const needsScale = (order: { kind: string; on?: boolean }): boolean =>
  order.kind === 'weigh-in' || order.kind === 'recover' || (order.kind === 'machine' && order.on === true);

function scaleNow({ recent }: ActiveRun): number | undefined {
  const last = recent.at(-1);
  if (typeof last?.values.scaleOz !== 'number') return undefined;
  const values = recent.flatMap((s) =>
    last.runSeconds - s.runSeconds < SCALE_MEAN_S && typeof s.values.scaleOz === 'number' ? [s.values.scaleOz] : [],
  );
  return Math.round((10 * values.reduce((a, b) => a + b, 0)) / values.length) / 10;
}
