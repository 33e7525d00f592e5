import { useRef, useState } from 'react';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import { agreedText } from '@/core/phases/scope/offer/agreed-text';
import type { ScopeView } from '@/core/phases/scope/view';
import { type Said, sameSaid } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { Signature } from '@/web/kit/Signature';
import { useAct } from '@/web/kit/use-act';
import { LANGUAGE_CHOICES, say, sayIn, wordsOf } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { JobView } from '../job-context';

/** What is put before a customer: its title, the very words, and what a yes is called. */
export type Asks = { title: Said; words: Said | undefined; yes: Said };
type Props = { view: JobView; subject: string; asks: Asks; onClose: () => void };

/** What a subject of the scope puts before the customer. */
function asksOf({ sheet }: JobView, scope: ScopeView, subject: string): Asks {
  const disclosure = scope.disclosures.find((d) => `disclosure:${d.id}` === subject);
  if (subject === 'scope')
    return { title: tell('web.work-as-agreed'), words: agreedText(sheet, scope), yes: tell('web.yes-do-it') };
  if (subject === 'change')
    return { title: tell('web.found-on-day'), words: scope.change?.text, yes: tell('web.yes-do-it') };
  return {
    title: tell('web.disclosure', { disclosure: disclosure?.part ?? tell('web.kept-part') }),
    words: disclosure?.text,
    yes: tell('web.read-and-understood'),
  };
}

/** The customer reads the exact words and answers on screen: a yes with a signature, a no with the reason. */
export function CustomerSheet({ view, subject, asks: { title, words: now, yes }, onClose }: Props) {
  const { language } = view.sheet.customer;
  const { data: ready } = useSWR(['words', language], () => wordsOf(language).then(() => language));
  const read = ready === language ? sayIn(language) : () => '';
  const [said, setSaid] = useState(now);
  const [customer, setCustomer] = useState(view.sheet.customer.name);
  const [answer, setAnswer] = useState<'yes' | 'no'>('yes');
  const [reason, setReason] = useState('');
  const [ink, setInk] = useState<string | null>(null);
  const { busy, problem, act } = useAct();
  const id = useRef(uuid());
  const changed = now !== undefined && !sameSaid(now, said);
  const complete = customer.trim().length >= 2 && (answer === 'yes' ? ink !== null : reason.trim().length >= 3);

  return (
    <Sheet open onClose={onClose} title={say(title)}>
      <p className="mt-1 text-[13px] text-ink2">{t('web.for-customer-to-read-these-words')}</p>
      <div className="mt-2">
        <Choice
          label={t('web.customer-reads')}
          value={language}
          options={LANGUAGE_CHOICES}
          onChange={(chosen) =>
            void act(() => view.actions.replace(`/jobs/${view.sheet.job.id}/customer-language`, { language: chosen }))
          }
        />
      </div>
      <div
        className="mt-2 border-[1.5px] border-rule bg-sheet p-3 text-[14.5px] leading-snug whitespace-pre-line"
        data-testid="signed-words"
        lang={language}
      >
        {read(said)}
      </div>
      {changed ? (
        <div className="mt-2">
          <p className="font-[620] text-ochre">{t('web.sheet-changed-while-this-was-open')}</p>
          <Button
            onClick={() => {
              setSaid(now);
              id.current = uuid();
            }}
          >
            {t('web.show-new-words')}
          </Button>
        </div>
      ) : null}
      <div className="mt-3 grid gap-3">
        <Field label={t('web.name-of-customer')} value={customer} onChange={(e) => setCustomer(e.target.value)} />
        <Choice
          label={t('web.answer')}
          value={answer}
          options={[
            {
              value: 'yes',
              label: say(yes),
            },
            { value: 'no', label: t('web.no') },
          ]}
          onChange={setAnswer}
        />
        {answer === 'no' ? (
          <label className="block">
            <span className="block text-[13px] font-[600]">{t('web.customers-reason')}</span>
            <textarea
              rows={3}
              value={reason}
              onChange={(e) => setReason(e.target.value)}
              className="mt-0.5 w-full border-[1.5px] border-rule bg-sheet p-2.5"
            />
          </label>
        ) : (
          <Signature onChange={setInk} />
        )}
        <Trouble problem={problem} />
        <Button
          tone="primary"
          disabled={busy || !complete || changed || ready !== language}
          onClick={async () => {
            const body = {
              id: id.current,
              subject,
              answer,
              reason: answer === 'no' ? reason.trim() : null,
              text: read(said),
              said,
              language,
              customer: customer.trim(),
              ink: answer === 'yes' ? ink : null,
            };
            if (await act(() => view.actions.send(`/jobs/${view.sheet.job.id}/customer-signatures`, body))) onClose();
          }}
        >
          {answer === 'yes' ? t('web.keep-signature') : t('web.keep-answer')}
        </Button>
      </div>
    </Sheet>
  );
}

/** The same for a subject of the scope: what is agreed, what was found on the day, a part that stays. */
export const ScopeCustomerSheet = ({ scope, ...rest }: Omit<Props, 'asks'> & { scope: ScopeView }) => (
  <CustomerSheet {...rest} asks={asksOf(rest.view, scope, rest.subject)} />
);
