import useSWR from 'swr';
import { type Similar, similarWords } from '@/core/phases/memory';
import { get } from '@/web/api/http';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** How the company's own jobs like this one went: hours and ounces; nothing where there was none. */
export function SimilarJobs({ jobId }: { jobId: string }) {
  const { data } = useSWR<{ similar: Similar[] }>(`/jobs/${jobId}/similar`, get);
  const said = similarWords(data?.similar ?? []);
  if (!said) return null;
  return (
    <section aria-label={t('web.jobs-like-this')} data-testid="similar">
      <h2 className="text-[15px] font-[680]">{t('web.jobs-like-this')}</h2>
      <p>{say(said)}</p>
    </section>
  );
}
