import type { EquippedSheet, JobSheet, SheetRun } from '@/core/job/sheet';
import type { FeedSnapshot } from '@/web/api/instrument-feed';
import type { JobActions } from '@/web/api/use-job-sheet';
import type { Me } from '@/web/api/use-me';
import type { DeviceRun } from '@/web/device-run/device-run';

/** What every phase page of one job is given. */
export type JobView<S extends JobSheet = JobSheet> = {
  sheet: S;
  me: Me;
  actions: JobActions;
  /** The run that is running now, if any, and its live readings. */
  run: SheetRun | undefined;
  /** The same where this device reads it, now or a moment ago. */
  own: DeviceRun | undefined;
  /** An order to what runs, whoever reads it. */
  order: (command: object) => Promise<unknown>;
  feed: FeedSnapshot;
  /** When nothing runs: the last start-up run, whose history the feed then holds. */
  pastRun: SheetRun | undefined;
  /** Join the stream again, after a resume. */
  rejoin: () => void;
};

/** The view of a phase that works on known equipment. */
export type EquippedView = JobView<EquippedSheet>;
