import type { JobSheet } from '@/core/job/sheet';
import { goFindings, goVerdict } from '@/core/phases/scope/go';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** Go or no-go before anything is taken out: one word, then what it waits for; what is good stays folded. */
export function GoPart({ sheet, out, onAnswer }: { sheet: JobSheet; out: boolean; onAnswer: () => void }) {
  const findings = goFindings(sheet);
  const verdict = goVerdict(findings);
  if (out) return null;
  const open = findings.filter((f) => f.verdict !== 'good');
  const good = findings.length - open.length;
  return (
    <Part name={t('web.go-no-go')} title={t('web.before-anything-comes-out')} data-testid="go">
      <p
        className={`narrow text-[34px] leading-none font-[680] ${verdict === 'go' ? 'text-pine' : verdict === 'no-go' ? 'text-oxide' : 'text-ink2'}`}
        data-testid="go-verdict"
      >
        {t(verdict === 'go' ? 'web.go' : verdict === 'no-go' ? 'web.no-go' : 'web.not-looked-at')}
      </p>
      <ul className="mt-1">
        {open.map((f) => (
          <li
            key={f.id}
            data-testid={`go-${f.id}`}
            className="grid grid-cols-[24px_1fr] border-b border-rule2 py-1.5 leading-snug"
          >
            <span className="pt-[2px]">
              <Mark kind={f.verdict} />
            </span>
            <span>
              <b className="font-[640]">{say(f.claim)}</b>
              {f.next ? <span className="block text-[13.5px]">{say(f.next.say)}</span> : null}
            </span>
          </li>
        ))}
      </ul>
      {good ? <p className="text-[13px] text-ink2">{t('web.looked-at-and-good', { n: good })}</p> : null}
      <Button className="mt-2" onClick={onAnswer}>
        {t('web.answer-go-no-go')}
      </Button>
    </Part>
  );
}
