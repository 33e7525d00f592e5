import { v7 as uuid } from 'uuid';
import type { WeekSlot } from '@/core/phases/plan/week';
import { nowIso } from '@/web/api/clock';
import { get, post, put } from '@/web/api/http';
import type { MoveTo } from './SlotSheet';

type Sheet = { jobLog: { id: string; kind: string; body: Record<string, unknown> }[] };

/** Moves a job to another day or lead; a later visit moves its own day, and who leads stays. */
export async function moveSlot(slot: WeekSlot, { on, leadId, why }: MoveTo): Promise<unknown> {
  const job = `/jobs/${slot.jobId}`;
  if (slot.visitId === null)
    return put(`${job}/schedule`, { id: uuid(), version: slot.version, leadId, scheduledFor: on, why });
  const visit = (await get<Sheet>(job)).jobLog.find((e) => e.id === slot.visitId);
  return post(`${job}/circuit-entries`, {
    id: uuid(),
    kind: 'visit',
    body: { ...visit?.body, on },
    supersedesId: slot.visitId,
    occurredAt: nowIso(),
  });
}
