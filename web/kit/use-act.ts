import { useCallback, useState } from 'react';
import { ApiProblem } from '@/web/api/http';
import { t } from '@/web/words/tell';

/** Runs a write: busy while it goes, the problem kept when it fails. */
export function useAct() {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<ApiProblem>();
  const act = useCallback(async (work: () => Promise<unknown>): Promise<boolean> => {
    setBusy(true);
    setProblem(undefined);
    try {
      await work();
      return true;
    } catch (error) {
      setProblem(
        error instanceof ApiProblem ? error : new ApiProblem({ message: t('web.something-broke-on-this-page') }, 0),
      );
      return false;
    } finally {
      setBusy(false);
    }
  }, []);
  return { busy, problem, act, clear: () => setProblem(undefined) };
}
