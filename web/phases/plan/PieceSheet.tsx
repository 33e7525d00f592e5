import { useState } from 'react';
import { ENTRIES } from '@/core/phases/log/entries';
import type { DayPiece, DayView } from '@/core/phases/plan/day-view';
import { pieceName } from '@/core/phases/plan/names';
import { list, q } from '@/core/words/said';
import { nowIso } from '@/web/api/clock';
import { Button } from '@/web/kit/Button';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Trouble } from '@/web/kit/Notice';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { becauseWords } from './MovedPart';
import { moveOfPiece, usePieces, workEntryOf } from './use-pieces';

type Props = {
  view: JobView;
  day: DayView;
  id: string;
  time: (t: number) => string;
  onClose: () => void;
};

/** One piece of the day: when, who, why then, how long; begun and done with a tap, or by the times a crew types. */
export function PieceSheet({ view, day, id, time, onClose }: Props) {
  const piece = day.held.find((p) => p.id === id)!;
  const placed = day.placed.find((p) => p.id === id)!;
  const { writeWork, writeMove, takeBack } = usePieces(view, day);
  const { busy, problem, act } = useAct();
  const [form, setForm] = useState<'work' | 'move' | 'back'>();
  const entry = workEntryOf(view.sheet, id);
  const title = say(pieceName(piece));
  const who = placed.who.length ? [...placed.who] : [view.me.fullName];
  const said = entry?.body;
  const now = (): string => nowIso();

  if (form === 'work' || form === 'move')
    return (
      <FieldSheet
        key={form}
        title={title}
        form={ENTRIES[form === 'work' ? 'plan-work' : 'plan-move']}
        known={
          form === 'work'
            ? { piece: id, startedAt: null, doneAt: null, who, listH: piece.defaultHours, ...said }
            : { ...moveOfPiece(view.sheet, id) }
        }
        draft={`${view.me.id}-${view.sheet.job.id}-${id}-${form}`}
        testId={`piece-form-${form}`}
        send={(body) => (form === 'work' ? writeWork(piece, body as never) : writeMove(body as never))}
        onClose={() => setForm(undefined)}
      />
    );
  if (form === 'back')
    return (
      <ReasonSheet
        title={t('web.take-back-piece', { step: pieceName(piece) })}
        label={t('web.why-it-does-not-hold')}
        least={5}
        send={t('web.withdraw-it')}
        tone="stop"
        onSend={(reason) => takeBack(piece, reason)}
        onClose={() => setForm(undefined)}
      />
    );
  return (
    <Sheet open onClose={onClose} title={title}>
      <div data-testid="piece-sheet" className="grid gap-3">
        <p className="text-[20px] font-[650]">
          {time(placed.start)} – {time(placed.end)}
        </p>
        <p>{placed.who.length ? t('web.done-by-who', { who: list(placed.who) }) : t('web.runs-alone-long')}</p>
        <p className="text-[14px] text-ink2">{standing(piece, day, placed.because)}</p>
        <p className="text-[14px] text-ink2">{hoursWords(piece)}</p>
        {piece.done ? null : <p className="text-[14px] text-ink2">{slackWords(day, id)}</p>}
        <Trouble problem={problem} />
        {piece.done ? null : (
          <div className="flex flex-wrap gap-2">
            {piece.begun === undefined ? (
              <Button
                tone="primary"
                disabled={busy}
                onClick={() => void act(() => writeWork(piece, { startedAt: now(), doneAt: null, who })).then(onClose)}
              >
                {t('web.start-now')}
              </Button>
            ) : null}
            <Button
              tone={piece.begun === undefined ? 'plain' : 'primary'}
              disabled={busy}
              onClick={() =>
                void act(() =>
                  writeWork(piece, { startedAt: said?.startedAt ?? null, doneAt: now(), who: said?.who ?? who }),
                ).then(onClose)
              }
            >
              {t('web.done-now')}
            </Button>
          </div>
        )}
        <div className="flex flex-wrap gap-x-3">
          <Button tone="quiet" onClick={() => setForm('work')}>
            {t('web.type-the-times')}
          </Button>
          {piece.done ? null : (
            <Button tone="quiet" onClick={() => setForm('move')}>
              {t('web.who-when-how-long')}
            </Button>
          )}
          {entry ? (
            <Button tone="quiet" onClick={() => setForm('back')}>
              {t('web.take-it-back')}
            </Button>
          ) : null}
        </div>
      </div>
    </Sheet>
  );
}

/** Where a piece stands: who says that it is done, or why it begins when it does. */
function standing(piece: DayPiece, day: DayView, because: Parameters<typeof becauseWords>[0]): string {
  const { progress } = piece;
  if (progress?.done !== undefined)
    return t(
      progress.by === 'typed'
        ? 'web.done-as-typed'
        : progress.by === 'phase'
          ? 'web.done-by-phase'
          : 'web.done-by-what-follows',
    );
  if (piece.begun !== undefined) return t('web.is-under-way');
  return say(becauseWords(because, day.held));
}

/** How long it takes and on what that rests. */
function hoursWords(p: DayPiece): string {
  const hours = q(p.hours, 'h', 2);
  if (p.people === 0) return t('web.machine-hours', { hours });
  if (p.typedHours) return t('web.hours-as-said', { hours });
  return say(
    p.ownMedianH === undefined
      ? tell('web.hours-by-list', { hours })
      : tell(p.isDefault ? 'web.hours-few-own' : 'web.hours-by-own', {
          hours,
          n: p.ownJobs,
          median: q(p.ownMedianH, 'h', 2),
        }),
  );
}

/** Whether the end of the day hangs on it, and how much it may slip by what waits for what. */
function slackWords(day: DayView, id: string): string {
  if (day.chain.includes(id)) return t('web.on-the-longest-chain');
  return t('web.may-slip', { hours: q(day.slack.get(id) ?? 0, 'h') });
}
