const nameOf = (runId: string): string => `mb-run-${runId}`;

/** What this window has, and how it lets go of it. */
const ours = new Map<string, () => void>();

/**
 * Takes a run for this window until it is gone or lets go: one window reads it. Without `steal` not where another has it; with it the
 * other one is told by `lost`, as this one is when its turn comes.
 *
 * @returns whether this window has it now
 */
export function holdRun(runId: string, lost: () => void, { steal = false } = {}): Promise<boolean> {
  const { locks } = navigator;
  if (!locks || ours.has(runId)) return Promise.resolve(true);
  return new Promise((done) => {
    locks
      .request(nameOf(runId), steal ? { steal } : { ifAvailable: true }, (lock) => {
        done(lock !== null);
        return lock ? new Promise<void>((letGo) => ours.set(runId, letGo)) : undefined;
      })
      .catch(() => {
        ours.delete(runId);
        lost();
      });
  });
}

export function letGoOf(runId: string): void {
  ours.get(runId)?.();
  ours.delete(runId);
}
