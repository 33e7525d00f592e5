import useSWR from 'swr';
import type { PlayedRound, PracticeHistory } from '@/contract/answers/practice';
import { type ApiProblem, get } from '@/web/api/http';

/** The rounds that were played: a person's own, and everybody's for who leads. */
export function useHistory(): { rounds: readonly PlayedRound[] | undefined; trouble: ApiProblem | undefined } {
  const { data, error } = useSWR<PracticeHistory, ApiProblem>('/practice', get);
  return { rounds: data?.rounds, trouble: error };
}
