import type { Finding } from '@/core/finding/finding';
import type { Answers } from '@/core/form/field';
import { deliveriesOf } from '@/core/phases/deliveries';
import type { EntryKind } from '@/core/phases/log/entries';
import { ENTRIES, offeredIn } from '@/core/phases/log/entries';
import type { DayView } from '@/core/phases/plan/day-view';
import { isOut } from '@/core/phases/plan/move';
import { clock, day as dayOf, value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { CheckList } from '../fit/CheckList';
import type { JobView } from '../job-context';
import { SimilarJobs } from '../SimilarJobs';
import { ChancePart } from './ChancePart';
import { GoPart } from './GoPart';
import { MovedPart } from './MovedPart';

type Props = {
  view: JobView;
  day: DayView;
  ends: readonly number[] | undefined;
  findings: readonly Finding[];
  time: (t: number) => string;
  onWrite: (kind: EntryKind, preset?: Answers) => void;
};

/** What is said of the day; the pieces stand in the day itself. */
const LOGGED: readonly EntryKind[] = [...offeredIn('plan'), 'rescheduled'];

/** Beside the day: how likely it is done in time, what is not as it should be, what moved, what is still to arrive. */
export function PlanSide({ view, day, ends, findings, time, onWrite }: Props) {
  return (
    <div className="grid gap-5 p-4 lg:p-5">
      <ChancePart day={day} ends={ends} time={time} />
      <GoPart sheet={view.sheet} out={isOut(day)} onAnswer={() => onWrite('go-check')} />
      <SimilarJobs jobId={view.sheet.job.id} />
      <CheckList checks={findings} />
      <MovedPart day={day} moved={day.now === undefined ? [] : day.moved} title={tell('web.what-moved')} />
      <Arrivals view={view} onTap={(preset) => onWrite('delivery', preset)} />
      <Part name={t('web.write-down')}>
        <div className="mt-1 flex flex-wrap gap-x-1 gap-y-0.5">
          {offeredIn('plan').map((kind) => (
            <Button key={kind} tone="quiet" className="text-[14px]" onClick={() => onWrite(kind)}>
              {say(ENTRIES[kind].title)}
            </Button>
          ))}
        </div>
      </Part>
      <EntryLog view={view} phase="plan" ofJob kinds={LOGGED} />
    </div>
  );
}

/** What was ordered, and whether it is here and right; a tap says what became of it. */
function Arrivals({ view, onTap }: { view: JobView; onTap: (which: Answers) => void }) {
  const list = deliveriesOf(view.sheet);
  if (list.length === 0) return null;
  return (
    <Part name={t('web.still-to-arrive')} data-testid="arrivals">
      <ul>
        {list.map(({ id, body }) => (
          <li key={id}>
            <button
              type="button"
              onClick={() => onTap({ piece: body.piece, what: body.what })}
              className="grid min-h-12 w-full cursor-pointer grid-cols-[24px_1fr_auto] items-center gap-x-1 border-b border-rule2 py-1.5 text-left hover:bg-sheet"
            >
              <span className="pt-[2px]">
                <Mark kind={body.state === 'matches' ? 'good' : body.state === 'is wrong' ? 'stop' : 'look-again'} />
              </span>
              <b className="font-[640]">
                {say(value(body.piece))}
                {body.what ? <span className="font-[450] text-ink2"> {body.what}</span> : null}
              </b>
              <span className="whitespace-nowrap">
                {body.state === 'promised' && body.due
                  ? `${say(dayWords(body.due))}${body.dueAt ? `, ${say(timeWords(body.dueAt))}` : ''}`
                  : say(value(body.state))}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Part>
  );
}

const dayWords = (on: string) => tell('web.plain', { it: dayOf(on) });
const timeWords = (at: string) => tell('web.plain', { it: clock(at) });
