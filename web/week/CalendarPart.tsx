import { useState } from 'react';
import useSWR from 'swr';
import { type ApiProblem, get, post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';

type Feed = { token: string | null };

/** The address of one's own days for a calendar: made, made anew, taken back. */
export function CalendarPart() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button tone="quiet" onClick={() => setOpen(true)}>
        {t('web.my-calendar')}
      </Button>
      {open ? <CalendarSheet onClose={() => setOpen(false)} /> : null}
    </>
  );
}

function CalendarSheet({ onClose }: { onClose: () => void }) {
  const { data, mutate } = useSWR<Feed, ApiProblem>('/me/calendar', get);
  const { busy, problem, act } = useAct();
  const address = data?.token ? `${location.origin}/api/calendar/${data.token}.ics` : undefined;
  return (
    <Sheet open onClose={onClose} title={t('web.my-calendar')}>
      <div className="grid gap-3">
        <p>{t('web.calendar-explained')}</p>
        {address ? (
          <p
            data-testid="calendar-address"
            className="border border-rule bg-sheet p-2 text-[13px] break-all select-all"
          >
            {address}
          </p>
        ) : null}
        <Trouble problem={problem} />
        <div className="flex flex-wrap gap-2">
          <Button
            tone="primary"
            disabled={busy}
            onClick={() => void act(async () => mutate(await post('/me/calendar', {})))}
          >
            {t(address ? 'web.new-address' : 'web.make-address')}
          </Button>
          {address ? (
            <Button
              disabled={busy}
              onClick={() => void act(async () => mutate(await post('/me/calendar/removal', {})))}
            >
              {t('web.take-address-back')}
            </Button>
          ) : null}
        </div>
      </div>
    </Sheet>
  );
}
