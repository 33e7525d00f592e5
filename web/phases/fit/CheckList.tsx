import type { Finding } from '@/core/finding/finding';
import { VERDICT_WORDS } from '@/core/finding/finding';
import { Mark } from '@/web/kit/Mark';

/** What the sheet says, worst first: claim, because, source, and what to do. */
export function CheckList({ checks }: { checks: readonly Finding[] }) {
  return (
    <section aria-label="Checks">
      <h2 className="text-[15px] font-[680]">What it says</h2>
      <ul>
        {checks.map((c) => (
          <li
            key={c.id}
            data-testid={`check-${c.id}`}
            className="grid grid-cols-[22px_1fr] border-b border-rule2 py-2 leading-snug"
          >
            <span className="pt-[2px]">
              <Mark kind={c.verdict} />
              <span className="sr-only">{VERDICT_WORDS[c.verdict]}</span>
            </span>
            <span>
              <b className="font-[640]">{c.claim}</b>
              <span className="block text-[13px]">{c.because}</span>
              {c.next ? <span className="block text-[13.5px] font-[620]">{c.next.say}</span> : null}
              <span className="block text-[12px] text-ink2">{c.source}</span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
