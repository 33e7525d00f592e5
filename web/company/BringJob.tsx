import { useState } from 'react';
import { Link } from 'react-router';
import { upload } from '@/web/api/upload';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';

type Brought = { jobId: string; number: number; was: 'added' | 'unchanged' };

/** Takes in a job out of its file, with everything that was written, read and signed for it. */
export function BringJob() {
  const { busy, problem, act } = useAct();
  const [brought, setBrought] = useState<Brought>();
  function bring(file: File): void {
    setBrought(undefined);
    const form = new FormData();
    form.append('bundle', file);
    void act(async () => setBrought(await upload<Brought>('/jobs/bundle', form)));
  }
  return (
    <section aria-label={t('web.jobs-as-files')} data-testid="bring-job">
      <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">{t('web.jobs-as-files')}</h2>
      <p className="mt-1 max-w-[70ch] text-[13.5px] text-ink2">{t('web.what-the-file-of-a-job-holds')}</p>
      <label className="touch mt-1 inline-flex w-fit cursor-pointer items-center rounded-[3px] border-[1.5px] border-ink px-3.5 font-[600]">
        {t(busy ? 'web.reading-the-file' : 'web.bring-in-a-job')}
        <input
          type="file"
          accept=".zip,application/zip"
          className="sr-only"
          disabled={busy}
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = '';
            if (file) bring(file);
          }}
        />
      </label>
      <Trouble problem={problem} />
      {brought ? (
        <p className="mt-2">
          <Link to={`/jobs/${brought.jobId}`} className="font-[640] text-copper underline">
            {t(brought.was === 'added' ? 'web.job-was-brought-in' : 'web.job-was-there-already', {
              number: String(brought.number),
            })}
          </Link>
        </p>
      ) : null}
    </section>
  );
}
