import { callState } from '@/core/phases/hand-over/check-in';
import { clock, moment } from '@/core/words/said';
import { useNow } from '@/web/api/use-now';
import { t } from '@/web/words/tell';

/** The call of one who works alone, where it is due or missed; nothing while all is well. */
export function CallLine({ dueAt }: { dueAt: string }) {
  const state = callState(Date.parse(dueAt), useNow());
  if (state === 'well') return null;
  const silent = state === 'silent';
  return (
    <span
      role={silent ? 'alert' : 'status'}
      className={`mt-0.5 block text-[13.5px] font-[650] ${silent ? 'text-oxide' : 'text-ochre'}`}
    >
      {t(silent ? 'web.alone-no-call' : 'web.alone-call-due', { at: silent ? moment(dueAt) : clock(dueAt) })}
    </span>
  );
}
