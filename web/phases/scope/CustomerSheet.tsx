import { useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { ScopeView } from '@/core/job/before';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { Signature } from '@/web/kit/Signature';
import { useAct } from '@/web/kit/use-act';
import type { JobView } from '../job-context';

/** The customer reads the exact words and answers on screen: a yes with a signature, a no with the reason. */
export function CustomerSheet({
  view,
  scope,
  subject,
  onClose,
}: {
  view: JobView;
  scope: ScopeView;
  subject: string;
  onClose: () => void;
}) {
  const disclosure = scope.disclosures.find((d) => `disclosure:${d.id}` === subject);
  const now = subject === 'scope' ? scope.text : subject === 'change' ? scope.change?.text : disclosure?.text;
  const [text, setText] = useState(now ?? '');
  const [customer, setCustomer] = useState(view.sheet.customer.name);
  const [answer, setAnswer] = useState<'yes' | 'no'>('yes');
  const [reason, setReason] = useState('');
  const [ink, setInk] = useState<string | null>(null);
  const { busy, problem, act } = useAct();
  const id = useRef(uuid());
  const changed = now !== undefined && now !== text;
  const title =
    subject === 'scope'
      ? 'The work, as agreed'
      : subject === 'change'
        ? 'Found on the day'
        : `${disclosure?.part ?? 'Kept part'}: disclosure`;
  const complete = customer.trim().length >= 2 && (answer === 'yes' ? ink !== null : reason.trim().length >= 3);

  return (
    <Sheet open onClose={onClose} title={title}>
      <p className="mt-1 text-[13px] text-ink2">For the customer to read. These words are kept with the answer.</p>
      <div
        className="mt-2 border-[1.5px] border-rule bg-sheet p-3 text-[14.5px] leading-snug whitespace-pre-line"
        data-testid="signed-words"
      >
        {text}
      </div>
      {changed ? (
        <div className="mt-2">
          <p className="font-[620] text-ochre">The sheet changed while this was open.</p>
          <Button
            onClick={() => {
              setText(now);
              id.current = uuid();
            }}
          >
            Show the new words
          </Button>
        </div>
      ) : null}
      <div className="mt-3 grid gap-3">
        <Field label="Name of the customer" value={customer} onChange={(e) => setCustomer(e.target.value)} />
        <Choice
          label="Answer"
          value={answer}
          options={[
            { value: 'yes', label: subject.startsWith('disclosure') ? 'Read and understood' : 'Yes, do it' },
            { value: 'no', label: 'No' },
          ]}
          onChange={setAnswer}
        />
        {answer === 'no' ? (
          <label className="block">
            <span className="block text-[13px] font-[600]">The customer’s reason</span>
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
          disabled={busy || !complete || changed}
          onClick={async () => {
            const body = {
              id: id.current,
              subject,
              answer,
              reason: answer === 'no' ? reason.trim() : null,
              text,
              customer: customer.trim(),
              ink: answer === 'yes' ? ink : null,
            };
            if (await act(() => view.actions.send(`/jobs/${view.sheet.job.id}/customer-signatures`, body))) onClose();
          }}
        >
          {answer === 'yes' ? 'Keep the signature' : 'Keep the answer'}
        </Button>
      </div>
    </Sheet>
  );
}
