import { type ReactNode, useState } from 'react';
import type { Answers } from '@/core/form/field';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { AsLeft } from '@/web/kit/use-draft';
import { t } from '@/web/words/tell';
import { answersOf, askedFor } from './boxes';
import { FieldOf } from './FieldOf';
import type { Typed } from './typed';
import { type FormOf, type Standing, useFieldForm } from './use-field-form';

type Props = {
  title: string;
  form: FormOf;
  known: Answers;
  /** Whose form of what it is: its draft is kept under this name. */
  draft: string;
  testId?: string;
  /** What stands above the fields: a caution. */
  children?: ReactNode;
  /** What stands in the way besides the fields themselves: two of them against each other, by field. */
  stands?: Standing;
  /** What stands below them, by what is said so far. */
  below?: (answers: Answers) => ReactNode;
  send: (body: Answers) => Promise<unknown>;
  save?: string;
  onDone?: () => void;
  onClose: () => void;
};

/** Something was said there before. */
const isSaid = (x: unknown): boolean =>
  x !== undefined && x !== null && x !== '' && !(Array.isArray(x) && x.length === 0);

/** A sheet with one form: the same for entries of the log, readings, cylinders and records. */
export function FieldSheet({
  title,
  form,
  known,
  draft,
  testId,
  children,
  stands,
  below,
  send,
  save,
  onDone,
  onClose,
}: Props) {
  const [at] = useState(known);
  const f = useFieldForm(form, at, draft, stands);
  const { busy, problem, act } = useAct();
  const [more, setMore] = useState(false);
  const asked = askedFor(form.fields, f.boxes);
  // What is further down shows once it is asked for, holds something, or stands in the way.
  const open = more || asked.some(([name, field]) => field.more && (f.error(name) || isSaid(known[name])));
  const submit = f.submit(async (body) => {
    if (!(await act(() => send(body)))) return;
    f.drop();
    onDone?.();
    onClose();
  });
  return (
    <Sheet open onClose={onClose} title={title} unsaved={f.changed && !busy} onDiscard={f.empty}>
      <form className="mt-3 grid gap-3" data-testid={testId} onSubmit={submit} noValidate>
        <AsLeft left={f.left} onEmpty={f.empty} />
        {children}
        {asked
          .filter(([, field]) => open || !field.more)
          .map(([name, field]) => (
            <FieldOf
              key={name}
              field={field}
              value={f.boxes[name]}
              typed={f.boxes[name] as Typed}
              error={f.error(name)}
              onTyped={(t) => f.put(name, t)}
              onValue={(v) => f.put(name, v)}
            />
          ))}
        {open || !asked.some(([, field]) => field.more) ? null : (
          <Button tone="quiet" className="justify-self-start" onClick={() => setMore(true)}>
            {t('web.more-details')}
          </Button>
        )}
        {below?.(answersOf(form.fields, f.boxes))}
        {f.error('root') ? <p className="text-[13px] font-[600] text-oxide">{f.error('root')}</p> : null}
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          {save ?? t('web.write-it-down')}
        </Button>
      </form>
    </Sheet>
  );
}
