import type { PlayedRound } from '@/contract/answers/practice';
import { LEVEL_WORDS } from '@/core/practice/labels';
import { moment, q } from '@/core/words/said';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

const SHOWN = 12;

/** The last rounds of one person. */
export function RoundList({ rounds }: { rounds: readonly PlayedRound[] }) {
  if (rounds.length === 0) return null;
  return (
    <section className="mt-8">
      <h2 className="text-[19px] font-[680]">{t('web.your-last-rounds')}</h2>
      <ul className="mt-2 border-t border-ink" data-testid="my-rounds">
        {rounds.slice(0, SHOWN).map((r) => (
          <li
            key={r.id}
            className="grid grid-cols-[24px_1fr_auto] items-center gap-x-3 border-b border-rule2 py-2 sm:grid-cols-[24px_1fr_130px_200px_60px]"
          >
            <Mark kind={r.right ? 'good' : 'look-again'} />
            <b className="font-[620]">{say(LEVEL_WORDS[r.level].name)}</b>
            <span className="text-[14px] text-ink2 max-sm:order-5 max-sm:col-start-2">
              {t('web.minutes-on-site', { minutes: q(r.minutes, 'min', 0) })}
            </span>
            <span className="text-[14px] text-ink2 max-sm:hidden">{say(moment(r.finishedAt))}</span>
            <span className="narrow text-right text-[21px] font-[680]">{r.total}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
