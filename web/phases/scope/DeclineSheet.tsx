import type { DecidedItem } from '@/core/scope/scope';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = { item: DecidedItem; onSend: (reason: string) => Promise<unknown>; onClose: () => void };

/** Takes an item out: whose decision it is, and why. */
export function DeclineSheet({ item, onSend, onClose }: Props) {
  return (
    <ReasonSheet
      title={t('web.take-it-out')}
      label={t('web.whose-decision-and-why')}
      least={5}
      send={t('web.take-it-out')}
      onSend={onSend}
      onClose={onClose}
    >
      <p className="text-[16px] font-[640]">{say(item.say)}</p>
      <p className="mt-1 text-ink2">{say(item.reason)}</p>
      {item.level === 'must' ? (
        <p className="mt-2 font-[620] text-ochre">{t('web.must-taken-out-holds-hand-over')}</p>
      ) : null}
    </ReasonSheet>
  );
}
