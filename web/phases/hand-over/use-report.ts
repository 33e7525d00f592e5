import { useMemo } from 'react';
import useSWR from 'swr';
import { jobReport } from '@/core/phases/job-report';
import type { Report } from '@/core/phases/report';
import { recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { useConnection } from '@/web/api/connection';
import { get } from '@/web/api/http';
import { useOutbox } from '@/web/api/outbox/use-outbox';
import { useUnderWay } from '@/web/api/outbox/use-under-way';
import { jobOf } from '@/web/api/outbox/waiting';
import { useOtherSheets } from '@/web/api/use-other-sheets';
import type { JobView } from '../job-context';

/**
 * The report of a job as the server writes it. Without a connection the device writes it from the sheets it keeps, where something
 * of the job is not on the server yet or it never read the server's: what comes after a signature there is not known here.
 */
export function useReport(view: JobView, reported: boolean) {
  const { sheet, me } = view;
  const underWay = useUnderWay(sheet.job.id, me.id);
  const { data, mutate } = useSWR<Report>(
    reported && !underWay
      ? `/jobs/${sheet.job.id}/report?at=${sheet.furnace?.version ?? 0}-${sheet.signOffs.length}-${sheet.jobLog.length}`
      : null,
    get,
    { keepPreviousData: true },
  );
  const { lost } = useConnection();
  const { waiting } = useOutbox(me.id);
  const unsent = waiting.some((w) => jobOf(w.path) === sheet.job.id);
  const here = lost && reported && (unsent || !data);
  const ids = sheet.circuits.map((c) => c.id);
  const others = useOtherSheets(sheet.job.id, me, here ? ids.filter((id) => id !== sheet.circuit.id) : []);
  const report = useMemo(
    () =>
      here && others.length === sheet.circuits.length - 1
        ? jobReport({
            company: me.companyName,
            amendments: [],
            sheets: sheet.circuits.map((c) => others.find((o) => o.circuit.id === c.id) ?? sheet),
            frozen: { startUpOf: () => undefined },
            recordedOf: (of) => recordedStartUp(of, () => undefined),
          })
        : undefined,
    [here, others, sheet, me.companyName],
  );
  return { report: here ? report : data, mutate };
}
