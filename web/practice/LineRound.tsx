import { useState } from 'react';
import { BENCH_ACTS } from '@/core/practice/bench-round';
import { BENCH_ACT_WORDS, BENCH_FAULT_WORDS } from '@/core/practice/labels';
import type { BenchView } from '@/core/practice/view';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Notice } from '@/web/kit/Notice';
import { Part } from '@/web/kit/Part';
import { MoveButton } from '@/web/shell/MoveButton';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { LineChart } from './LineChart';
import { OneOfSheet } from './OneOfSheet';
import { RoundFrame } from './RoundFrame';
import { RoundLog } from './RoundLog';
import type { RoundState } from './use-round';

/** How long a line may be watched at one go, min. */
const WATCH = [5, 15, 30] as const;

/** A line under nitrogen or on the pump: watched, tried, named, put right. */
export function LineRound({ round, view }: { round: RoundState; view: BenchView }) {
  const { busy, move, refused } = round;
  const [naming, setNaming] = useState(false);
  const { facts } = view;
  return (
    <RoundFrame
      view={view}
      facts={t(view.bench === 'hold' ? 'web.line-under-nitrogen' : 'web.line-on-the-pump', {
        line: q(facts.lineFt, 'ft', 0),
        volume: q(facts.volumeFt3, 'ft3', 2),
        elevation: q(facts.elevationFt, 'ft', 0),
      })}
      side={
        <div className="grid gap-5">
          {refused ? <Notice kind="stop">{say(refused.message)}</Notice> : null}
          <Part name={t('web.what-can-be-done')}>
            <ul className="mt-1">
              {view.acts.map((id) => (
                <li key={id} className="border-b border-rule2">
                  <button
                    type="button"
                    disabled={busy}
                    onClick={() => move({ kind: 'line', id })}
                    className="touch flex w-full cursor-pointer items-center justify-between gap-3 text-left font-[560] text-copper disabled:opacity-50"
                  >
                    {say(BENCH_ACT_WORDS[id])}
                    <small className="font-[450] text-ink2">{say(q(BENCH_ACTS[id].minutes, 'min', 0))}</small>
                  </button>
                </li>
              ))}
            </ul>
          </Part>
          <RoundLog done={view.done} />
        </div>
      }
      next={
        <NextMoveBar
          kind="now"
          say={t(view.named ? 'web.mend-it-then-hand-over' : 'web.what-does-the-line-say')}
          because={t(view.named ? 'web.named-stands' : 'web.watch-it-then-part-what-may-be-wrong')}
        >
          {view.named ? (
            <MoveButton busy={busy} label={t('web.hand-over-2')} onPress={() => move({ kind: 'finish' })} />
          ) : (
            <MoveButton busy={busy} label={t('web.name-it')} onPress={() => setNaming(true)} />
          )}
        </NextMoveBar>
      }
    >
      <div className="grid gap-4 p-4 lg:px-5">
        <LineState view={view} />
        <div className="min-w-0">
          <LineChart view={view} />
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <span className="text-[14px] text-ink2">{t('web.watch-for')}</span>
          {WATCH.map((minutes) => (
            <Button key={minutes} disabled={busy} onClick={() => move({ kind: 'wait', minutes })}>
              {say(q(minutes, 'min', 0))}
            </Button>
          ))}
        </div>
      </div>
      {naming ? (
        <OneOfSheet
          title={t('web.what-is-it-with-the-line')}
          note={t('web.it-counts-once')}
          names={view.names}
          words={(n) => BENCH_FAULT_WORDS[n]}
          onChoose={(fault) => {
            setNaming(false);
            move({ kind: 'name-line', fault });
          }}
          onClose={() => setNaming(false)}
        />
      ) : null}
    </RoundFrame>
  );
}

/** The newest figures, and how the valve stands. */
function LineState({ view }: { view: BenchView }) {
  const now = view.samples.at(-1)?.values ?? {};
  const showed = view.done.at(-1)?.showed;
  return (
    <div className="flex flex-wrap items-baseline gap-x-6">
      <b className="narrow text-[38px] leading-none font-[680]" data-testid="line-reads">
        {view.bench === 'hold' ? say(q(now.testPsig, 'psig', 1)) : say(q(now.microns, 'microns', 0))}
      </b>
      <span className="text-[16px]">
        {t(
          view.bench === 'hold'
            ? view.open
              ? 'web.pipe-hoses-on'
              : 'web.pipe-hoses-off'
            : view.open
              ? 'web.pipe-open-to-the-pump'
              : 'web.pipe-valved-off',
          { pipe: q(now.pipeF, 'F', 1) },
        )}
      </span>
      {showed ? (
        <span aria-live="polite" className="w-full text-[17px] font-[650]" data-testid="showed">
          {say(showed)}
        </span>
      ) : null}
    </div>
  );
}
