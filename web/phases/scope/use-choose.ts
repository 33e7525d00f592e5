import { useRef } from 'react';
import type { JobSheet } from '@/core/job/sheet';
import type { Choice } from '@/core/scope/choice';
import type { JobView } from '../job-context';

/** Changes of the choice, one after the other: each builds on the answer to the last, however fast they are tapped. */
export function useChoose(view: JobView, act: (work: () => Promise<unknown>) => Promise<boolean>) {
  const newest = useRef<JobSheet>(view.sheet);
  const queue = useRef<Promise<boolean>>(Promise.resolve(true));
  if (view.sheet.scope.version >= newest.current.scope.version) newest.current = view.sheet;
  return (change: Partial<Choice>): Promise<boolean> => {
    queue.current = queue.current.then(() =>
      act(async () => {
        const { scope, job } = newest.current;
        newest.current = await view.actions.replace(`/jobs/${job.id}/choice`, {
          version: scope.version,
          choice: { ...scope.choice, ...change },
        });
      }),
    );
    return queue.current;
  };
}
