import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

type Props = { view: JobView; entryId: string; what: string; onClose: () => void };

/** An answer is taken back with a reason; it stays in the log, withdrawn. */
export function TakeBackSheet({ view, entryId, what, onClose }: Props) {
  const write = useEntries(view);
  return (
    <ReasonSheet
      title={say(tell('web.take-answer-back'))}
      label={say(tell('web.why-it-does-not-hold'))}
      least={5}
      send={say(tell('web.withdraw-it'))}
      tone="stop"
      onSend={(reason) => write('withdrawn', { reason }, entryId)}
      onClose={onClose}
    >
      <p className="text-ink2">{what}</p>
    </ReasonSheet>
  );
}
