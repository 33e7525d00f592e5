import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { t } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

type Props = { view: JobView; entryId: string; what: string; onClose: () => void };

/** An answer is taken back with a reason; it stays in the log, withdrawn. */
export function TakeBackSheet({ view, entryId, what, onClose }: Props) {
  const write = useEntries(view);
  return (
    <ReasonSheet
      title={t('web.take-answer-back')}
      label={t('web.why-it-does-not-hold')}
      least={5}
      send={t('web.withdraw-it')}
      tone="stop"
      onSend={(reason) => write('withdrawn', { reason }, entryId)}
      onClose={onClose}
    >
      <p className="text-ink2">{what}</p>
    </ReasonSheet>
  );
}
