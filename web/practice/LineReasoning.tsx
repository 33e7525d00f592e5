import { BENCH_ACT_WORDS, BENCH_FAULT_WORDS } from '@/core/practice/labels';
import type { BenchResult } from '@/core/practice/result';
import { list, q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

/** The looks that part what may be wrong with a line, and what each of them leaves. */
export function LineReasoning({ result }: { result: BenchResult }) {
  return (
    <section>
      <h3 className="text-[19px] font-[680]">{t('web.how-the-reasoning-would-go')}</h3>
      <ol className="mt-1.5 max-w-[680px]" data-testid="retraced">
        {result.steps.map((step) => (
          <li key={step.did} className="grid grid-cols-[1fr_auto] gap-3 border-b border-rule2 py-1.5 text-[15.5px]">
            <span>
              <b className="font-[600]">
                {say(step.did === 'watch' ? tell('web.watch-it-against-the-pipe') : BENCH_ACT_WORDS[step.did])}
              </b>
              <span className="block text-[14px] text-ink2">
                {t('web.then-it-is', { left: list(step.left.map((f) => BENCH_FAULT_WORDS[f])) })}
              </span>
            </span>
            <span className="text-[14px] text-ink2">{say(q(step.minutes, 'min', 0))}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
