import type { EquippedSheet, JobSheet, SheetRun } from '@/core/job/sheet';
import type { FeedSnapshot } from '@/web/api/instrument-feed';
import type { JobActions } from '@/web/api/use-job-sheet';
import type { Me } from '@/web/api/use-me';

/** What every phase page of one job is given. */
export type JobView<S extends JobSheet = JobSheet> = {
  sheet: S;
  me: Me;
  actions: JobActions;
  /** The run that is running now, if any, and its live readings. */
  run: SheetRun | undefined;
  feed: FeedSnapshot;
  /** When nothing runs: the last start-up run, whose history the feed then holds. */
  pastRun: SheetRun | undefined;
  /** Join the stream again, after a resume. */
  rejoin: () => void;
};

/** The view of a phase that works on known equipment. */
export type EquippedView = JobView<EquippedSheet>;
