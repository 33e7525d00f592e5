import type { DayView } from '@/core/phases/plan/day-view';
import { pieceName } from '@/core/phases/plan/names';
import { Button } from '@/web/kit/Button';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { untimed } from './axis';

/** What is done, since what comes after it has begun, and whose times nobody wrote. */
export function Untimed({ day, onOpen }: { day: DayView; onOpen: (id: string) => void }) {
  const list = untimed(day);
  if (list.length === 0) return null;
  return (
    <section aria-label={t('web.done-without-times')} data-testid="untimed">
      <h2 className="text-[13px] font-[600] text-ink2">{t('web.done-without-times')}</h2>
      <div className="flex flex-wrap gap-x-2">
        {list.map((p) => (
          <Button key={p.id} tone="quiet" className="text-[14px]" onClick={() => onOpen(p.id)}>
            {say(pieceName(day.held.find((x) => x.id === p.id)!))}
          </Button>
        ))}
      </div>
    </section>
  );
}
