import { useRef, useState } from 'react';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import type { Finding } from '@/core/finding/finding';
import { acceptanceWords } from '@/core/job/acceptance';
import { Button } from '@/web/kit/Button';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { Signature } from '@/web/kit/Signature';
import { useAct } from '@/web/kit/use-act';
import { useKept } from '@/web/kit/use-kept';
import { sayIn, wordsOf } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from './job-context';

const LEAST_REASON = 10;

/** The lead writes why it stays; the customer reads finding, advice and reason in their language, and signs. */
export function AcceptSheet({ view, finding, onClose }: { view: JobView; finding: Finding; onClose: () => void }) {
  const { sheet } = view;
  const { language } = sheet.customer;
  const { data: ready } = useSWR(['words', language], () => wordsOf(language).then(() => language));
  const half = useKept(`${view.me.id}-accept-${sheet.circuit.id}-${finding.id}`, () => ({
    reason: '',
    customer: sheet.customer.name,
  }));
  const { reason, customer } = half.value;
  const [ink, setInk] = useState<string | null>(null);
  const { busy, problem, act } = useAct();
  const id = useRef(uuid());
  const why = reason.trim();
  const text = ready === language ? sayIn(language)(acceptanceWords(finding, why)) : '';
  const complete = why.length >= LEAST_REASON && customer.trim().length >= 2 && ink !== null && text !== '';
  return (
    <Sheet
      open
      onClose={onClose}
      title={t('web.accept-against-advice')}
      unsaved={why !== '' && !busy}
      onDiscard={half.drop}
    >
      <label className="mt-2 block">
        <span className="block text-[13px] font-[600]">{t('web.why-it-stays-in-your-words')}</span>
        <textarea
          rows={3}
          value={reason}
          onChange={(e) => half.keep({ ...half.value, reason: e.target.value })}
          className="mt-0.5 w-full border-[1.5px] border-rule bg-sheet p-2.5 text-[16px]"
        />
        <span className="text-[12.5px] text-ink2">{t('web.at-least-characters', { least: LEAST_REASON })}</span>
      </label>
      <p className="mt-3 text-[13px] text-ink2">{t('web.for-customer-to-read-these-words')}</p>
      <div
        lang={language}
        data-testid="signed-words"
        className="mt-1 border-[1.5px] border-rule bg-sheet p-3 text-[14.5px] leading-snug whitespace-pre-line"
      >
        {text}
      </div>
      <div className="mt-3 grid gap-3">
        <Field
          label={t('web.name-of-customer')}
          value={customer}
          onChange={(e) => half.keep({ ...half.value, customer: e.target.value })}
        />
        <Signature onChange={setInk} />
        <Trouble problem={problem} />
        <Button
          tone="primary"
          disabled={busy || !complete}
          onClick={async () => {
            const body = {
              id: id.current,
              finding: finding.id,
              reason: why,
              text,
              language,
              customer: customer.trim(),
              ink,
            };
            if (!(await act(() => view.actions.send(`/jobs/${sheet.job.id}/acceptances`, body)))) return;
            half.drop();
            onClose();
          }}
        >
          {t('web.both-accept-it')}
        </Button>
      </div>
    </Sheet>
  );
}
