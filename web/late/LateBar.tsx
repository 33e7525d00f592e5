import { Link } from 'react-router';
import { t } from '@/web/words/tell';
import { useLate } from './use-late';

/** On every page of a job: something arrived after its signature, and whoever leads has not looked at it. */
export function LateBar({ jobId, pages }: { jobId: string; pages: string }) {
  const unseen = useLate(jobId).late.filter((l) => l.seen === null).length;
  if (unseen === 0) return null;
  return (
    <Link
      to={`${pages}/hand-over#late`}
      data-testid="late-bar"
      className="touch flex items-center border-b border-ochre px-3 text-[14px] font-[600] text-ochre underline underline-offset-4 lg:px-5"
    >
      {t(unseen === 1 ? 'web.late-one' : 'web.late-several', { n: unseen })}
    </Link>
  );
}
