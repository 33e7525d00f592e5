import type { Done } from '@/core/practice/system-play';
import { type Label, q } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { moveWords } from './move-words';

/** What was done so far and what it showed, the last first. */
export function RoundLog({ done, terminal }: { done: readonly Done[]; terminal?: (node: string) => Label }) {
  if (done.length === 0) return null;
  return (
    <section data-testid="round-log">
      <h2 className="text-[15px] font-[680]">{t('web.done-so-far')}</h2>
      <ol className="mt-1">
        {[...done].reverse().map(({ atMin, move, showed }, i) => (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: a log only grows at its other end
            key={done.length - i}
            className="grid grid-cols-[64px_1fr] gap-x-2 border-b border-rule2 py-1.5 text-[15px] leading-snug"
          >
            <span className="text-ink2">{say(q(atMin, 'min', 0))}</span>
            <span>
              <span className={showed ? 'text-ink2' : 'font-[600]'}>{say(moveWords(move, terminal))}</span>
              {showed ? <b className="block font-[640]">{say(showed)}</b> : null}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
