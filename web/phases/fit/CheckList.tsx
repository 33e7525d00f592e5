import type { Finding } from '@/core/finding/finding';
import { VERDICT_WORDS } from '@/core/finding/finding';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** What the sheet says, worst first: claim, because, source, and what to do. */
export function CheckList({ checks, untitled = false }: { checks: readonly Finding[]; untitled?: boolean }) {
  if (checks.length === 0) return null;
  return (
    <section aria-label={t('web.checks')}>
      {untitled ? null : <h2 className="text-[15px] font-[680]">{t('web.what-it-says')}</h2>}
      <ul>
        {checks.map((c) => (
          <li
            key={c.id}
            data-testid={`check-${c.id}`}
            className="grid grid-cols-[22px_1fr] border-b border-rule2 py-2 leading-snug"
          >
            <span className="pt-[2px]">
              <Mark kind={c.verdict} />
              <span className="sr-only">{say(VERDICT_WORDS[c.verdict])}</span>
            </span>
            <span>
              <b className="font-[640]">{say(c.claim)}</b>
              <span className="block text-[13px]">{say(c.because)}</span>
              {c.next ? <span className="block text-[13.5px] font-[620]">{say(c.next.say)}</span> : null}
              <span className="block text-[12px] text-ink2">{say(c.source)}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
