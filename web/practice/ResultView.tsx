import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import { FAULT_WORDS } from '@/core/diagnosis/said';
import { BENCH_FAULT_WORDS, wiringWords } from '@/core/practice/labels';
import type { Result } from '@/core/practice/practice';
import type { RoundView } from '@/core/practice/view';
import { type List, list, type Said, value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Trouble } from '@/web/kit/Notice';
import { MoveButton } from '@/web/shell/MoveButton';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { t } from '@/web/words/tell';
import { LineReasoning } from './LineReasoning';
import { CabinetReasoning, SystemReasoning } from './Reasoning';
import { RoundFrame } from './RoundFrame';
import { RoundLog } from './RoundLog';
import { ScoreTable } from './ScoreTable';
import type { RoundState } from './use-round';

type Props = { view: RoundView; result: Result; round: RoundState };

/** What a round came to: what it was, the points with their reasons, how the reasoning would have gone about it. */
export function ResultView({ view, result, round }: Props) {
  const navigate = useNavigate();
  const head = useRef<HTMLDivElement>(null);
  // Who played on a phone stands far down the page.
  useEffect(() => {
    head.current?.scrollIntoView();
  }, []);
  const { was, named } = namesOf(result);
  return (
    <RoundFrame
      view={view}
      facts=""
      side={<RoundLog done={view.done} />}
      next={
        <NextMoveBar
          kind="now"
          say={t('web.another-round-hides-something-else')}
          because={t(round.sent ? 'web.the-round-is-kept-in-your-history' : 'web.not-kept-yet')}
        >
          <Button onClick={() => navigate('/practice')}>{t('web.all-levels')}</Button>
          <MoveButton label={t('web.next-round')} onPress={round.again} />
        </NextMoveBar>
      }
    >
      <div className="grid max-w-[860px] gap-7 p-4 lg:px-6" data-testid="result">
        <div ref={head} className="flex scroll-mt-10 items-start gap-4">
          <Mark kind={result.right ? 'good' : 'look-again'} size={36} />
          <div className="min-w-0">
            <h2 className="text-[24px] leading-tight font-[700] first-letter:uppercase">
              {t('web.it-was', { fault: was })}
            </h2>
            <p className="mt-0.5 text-[16px] text-ink2">{t('web.you-named-it', { fault: named })}</p>
          </div>
          <p
            className="narrow ml-auto text-right text-[46px] leading-none font-[680] sm:text-[58px] sm:whitespace-nowrap"
            data-testid="total"
          >
            {result.score.total}
            <small className="text-[19px] font-[500] text-ink2"> {t('web.of-hundred')}</small>
          </p>
        </div>
        <Trouble problem={round.problem} />
        <ScoreTable score={result.score} />
        {result.kind === 'system' && view.kind === 'system' ? <SystemReasoning view={view} result={result} /> : null}
        {result.kind === 'bench' ? <LineReasoning result={result} /> : null}
        {result.kind === 'cabinet' && view.kind === 'cabinet' ? <CabinetReasoning view={view} result={result} /> : null}
      </div>
    </RoundFrame>
  );
}

/** What it was and what it was called. */
function namesOf(result: Result): { was: Said | List; named: Said | List } {
  switch (result.kind) {
    case 'system':
      return { was: faultsOf(result.hidden), named: faultsOf(result.named) };
    case 'cabinet':
      return { was: wiringWords(result.hidden), named: wiringWords(result.named) };
    case 'bench':
      return { was: BENCH_FAULT_WORDS[result.hidden], named: BENCH_FAULT_WORDS[result.named] };
  }
}

const faultsOf = (names: readonly (keyof typeof FAULT_WORDS)[]): List =>
  list(
    (names.length ? names : (['healthy'] as const)).map((f) => FAULT_WORDS[f]),
    value('and'),
  );
