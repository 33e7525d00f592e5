import { Link } from 'react-router';
import type { Me } from '@/web/api/use-me';
import { Notice } from '@/web/kit/Notice';
import { t } from '@/web/words/tell';
import { useUnseen } from './use-late';

/** Before the list of jobs: which of them got something after it was signed. */
export function LateNotice({ me }: { me: Me }) {
  const unseen = useUnseen(me.role);
  const jobs = [...new Map(unseen.map((l) => [l.jobId, l])).values()];
  if (jobs.length === 0) return null;
  return (
    <div className="mt-4">
      <Notice kind="look-again">
        <b className="font-[650]">{t('web.late-title')}</b>{' '}
        {jobs.map((l) => (
          <Link
            key={l.jobId}
            to={`/jobs/${l.jobId}/hand-over#late`}
            className="touch mr-4 inline-flex items-center text-copper underline underline-offset-4"
          >
            {l.number} {l.customer}
          </Link>
        ))}
      </Notice>
    </div>
  );
}
