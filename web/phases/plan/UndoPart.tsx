import type { DayView } from '@/core/phases/plan/day-view';
import type { Moved } from '@/core/plan/day/moved';
import { Button } from '@/web/kit/Button';
import { Notice } from '@/web/kit/Notice';
import { t, tell } from '@/web/words/tell';
import { MovedPart } from './MovedPart';

type Props = { day: DayView; moved: readonly Moved[]; onBack: () => void; onLeave: () => void };

/** What moved with a piece that was dragged, and the way back. */
export function UndoPart({ day, moved, onBack, onLeave }: Props) {
  return (
    <div className="mt-2">
      <Notice kind="look-again">
        {moved.length ? (
          <MovedPart day={day} moved={moved} title={tell('web.moved-with-it')} />
        ) : (
          t('web.nothing-else-moved')
        )}
        <div className="mt-1 flex gap-2">
          <Button tone="quiet" onClick={onBack}>
            {t('web.take-it-back')}
          </Button>
          <Button tone="quiet" onClick={onLeave}>
            {t('web.leave-it-so')}
          </Button>
        </div>
      </Notice>
    </div>
  );
}
