import useSWR from 'swr';
import { type Similar, similarWords } from '@/core/phases/memory';
import { get } from '@/web/api/http';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** How the company's own jobs like this one went: hours and ounces; nothing where there was none. */
export function SimilarJobs({ jobId }: { jobId: string }) {
  const { data } = useSWR<{ similar: Similar[] }>(`/jobs/${jobId}/similar`, get);
  const said = similarWords(data?.similar ?? []);
  if (!said) return null;
  return (
    <Part name={t('web.jobs-like-this')} data-testid="similar">
      <p>{say(said)}</p>
    </Part>
  );
}
