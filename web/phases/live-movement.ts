import { movementsOf } from '@/core/job/movements';
import type { Weighing } from '@/core/job/weighing-move';
import { toldLeftOz } from '@/core/phases/live/told-system';
import type { JobView } from './job-context';

/** Ounces moved by the weighing that goes on now, from the streaming scale; undefined when none does. */
export function liveMovement({ feed, run }: Pick<JobView, 'feed' | 'run'>): Weighing | undefined {
  const now = feed.samples.at(-1)?.values.scaleOz;
  const told = feed.bench?.told ? feed.bench.switches : undefined;
  const start = feed.rig?.movementStartOz ?? told?.movementStartOz;
  if (!run || typeof start !== 'number') return undefined;
  if (typeof now !== 'number')
    return told ? { oz: 0, leftOz: 0, recovering: told.on === 'recovery', silent: true } : undefined;
  return {
    oz: start - now,
    leftOz: told ? toldLeftOz(told, now) : (feed.rig?.moveLeftOz ?? 0),
    recovering: (told?.on ?? feed.rig?.on) === 'recovery',
  };
}

type MovementEvent = { runSeconds: number; kind: string; startOz?: number; endOz?: number };

/** Movements that the scale has finished but the sheet on this screen does not hold yet. */
export function unsheetedOz({ feed, run, sheet }: Pick<JobView, 'feed' | 'run' | 'sheet'>): number {
  if (!run) return 0;
  const known = new Set(movementsOf(sheet.measurements).flatMap((m) => (m.runId === run.id ? [m.runSeconds] : [])));
  return (feed.events as MovementEvent[])
    .filter((e) => e.kind === 'scale-movement' && !known.has(e.runSeconds))
    .reduce((sum, e) => sum + ((e.startOz ?? 0) - (e.endOz ?? 0)), 0);
}
