import { useEffect, useMemo, useState } from 'react';
import useSWR from 'swr';
import { visitsOf } from '@/core/phases/hand-over/visits';
import { type DayView, dayView, type OwnShares } from '@/core/phases/plan/day-view';
import { rosterOf } from '@/core/phases/plan/days';
import { serverNow } from '@/web/api/clock';
import { type ApiProblem, get } from '@/web/api/http';
import { useOtherSheets } from '@/web/api/use-other-sheets';
import { usePeople } from '@/web/api/use-people';
import type { JobView } from '../job-context';

/** The plan looks at the clock this often. */
const TICK_MS = 20_000;
const NO_SHARES: OwnShares = {};

/** The day of a job as it stands: all its circuits, its people, the company's own hours, the clock. */
export function useDay({ sheet, me }: Pick<JobView, 'sheet' | 'me'>): DayView {
  const others = useOtherSheets(
    sheet.job.id,
    me,
    sheet.circuits.filter((c) => c.id !== sheet.circuit.id).map((c) => c.id),
  );
  const people = usePeople();
  const own = useSWR<{ shares: OwnShares }, ApiProblem>('/plan/hours', get).data?.shares ?? NO_SHARES;
  const nowMs = useTick();
  return useMemo(() => {
    const order = new Map(sheet.circuits.map((c, i) => [c.id, i]));
    const sheets = [sheet, ...others].sort((a, b) => order.get(a.circuit.id)! - order.get(b.circuit.id)!);
    const days = [...new Set(visitsOf(sheet).map((v) => v.on))];
    return dayView(sheets, days, rosterOf(people), own, nowMs);
  }, [sheet, others, people, own, nowMs]);
}

function useTick(): number {
  const [now, setNow] = useState(serverNow());
  useEffect(() => {
    const timer = setInterval(() => setNow(serverNow()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  return now;
}
