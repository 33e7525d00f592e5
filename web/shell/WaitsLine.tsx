import { useEffect, useState } from 'react';
import { clock, q, type Said } from '@/core/words/said';
import { useClockAhead } from '@/web/api/clock';
import { useConnection } from '@/web/api/connection';
import { detailOf, labelOf } from '@/web/api/outbox/labels';
import { useOutbox } from '@/web/api/outbox/use-outbox';
import type { Me } from '@/web/api/use-me';
import { useNow } from '@/web/api/use-now';
import { Button } from '@/web/kit/Button';
import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

/** A write that is under way this long is told as waiting, ms. */
const SLOW_MS = 4_000;
const LINE_PX = 30;
const MIN_MS = 60_000;
const HOUR_MS = 60 * MIN_MS;

/** How far the clock of this device is off, and that it does no harm. */
const clockWords = (aheadMs: number): Said =>
  tell(aheadMs > 0 ? 'web.clock-is-ahead' : 'web.clock-is-behind', {
    by: Math.abs(aheadMs) < 2 * HOUR_MS ? q(Math.abs(aheadMs) / MIN_MS, 'min') : q(Math.abs(aheadMs) / HOUR_MS, 'h', 0),
  });

/** One line over every page while the server does not answer, something waits to be sent, or was not accepted. */
export default function WaitsLine({ me }: { me: Me }) {
  const { lost, asOf } = useConnection();
  const { waiting, box } = useOutbox(me.id);
  const [open, setOpen] = useState(false);
  const now = useNow();
  const refused = waiting.filter((w) => w.refused);
  const unsent = waiting.filter((w) => !w.refused && (lost || now - Date.parse(w.at) > SLOW_MS));
  const ahead = useClockAhead();
  const shown = lost || unsent.length > 0 || refused.length > 0 || ahead !== 0;
  useEffect(() => {
    document.documentElement.style.setProperty('--waits', shown ? `${LINE_PX}px` : '0px');
  }, [shown]);
  // The sheet stays open while somebody reads it, even when the last of it has gone.
  if (!shown && !open) return null;
  return (
    <>
      <button
        type="button"
        data-testid="waits"
        onClick={() => setOpen(true)}
        style={{ height: LINE_PX }}
        className={`sticky top-0 z-40 flex w-full cursor-pointer items-center gap-2 overflow-hidden px-3 text-left text-[13.5px] font-[620] whitespace-nowrap ${refused.length ? 'bg-oxide text-paper' : 'bg-ink text-paper'}`}
      >
        <span className="truncate">
          {[
            ...(refused.length ? [t('web.not-accepted', { count: refused.length })] : []),
            ...(lost ? [t('web.no-connection')] : []),
            ...(unsent.length ? [t('web.waits-to-be-sent', { count: unsent.length })] : []),
            ...(asOf ? [t('web.shown-as-of', { at: clock(asOf) })] : []),
            ...(ahead ? [say(clockWords(ahead))] : []),
          ].join(' ')}
        </span>
        <span className="ml-auto underline underline-offset-2">{t('web.show')}</span>
      </button>
      <Sheet open={open} onClose={() => setOpen(false)} title={t('web.kept-on-this-device')}>
        <p className="mt-1 text-[14px] text-ink2">{t('web.what-you-write-is-kept-here')}</p>
        <ul className="mt-3">
          {waiting.map((w) => (
            <li key={w.seq} className="border-b border-rule py-2">
              <span className="flex items-baseline gap-2">
                <b className="font-[620]">{say(labelOf(w))}</b>
                <span className="ml-auto text-[13px] text-ink2">{say(clock(w.at))}</span>
              </span>
              <span className="block text-[14px] text-ink2">{say(detailOf(w) ?? '')}</span>
              {w.refused ? (
                <span className="block text-[14px] text-oxide">
                  {w.refused.message} {w.refused.allowed ? t('web.allowed-2', { allowed: w.refused.allowed }) : ''}
                  <Button tone="quiet" className="-my-1" onClick={() => void box?.discard(w.seq)}>
                    {t('web.give-it-up')}
                  </Button>
                </span>
              ) : null}
            </li>
          ))}
        </ul>
        {waiting.length === 0 ? <p className="mt-2">{t('web.nothing-waits')}</p> : null}
        <Button className="mt-3" onClick={() => void box?.flush()}>
          {t('web.try-now')}
        </Button>
      </Sheet>
    </>
  );
}
