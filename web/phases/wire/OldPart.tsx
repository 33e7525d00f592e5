import { entriesOf } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entries';
import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { OldDrawing } from './OldDrawing';

type Props = { view: JobView; signed: boolean; onWrite: (kind: EntryKind) => void };

/** What was found: old wires by terminal and color, an old unit without a diagram wire by wire, what its maker answered. */
export function OldPart({ view, signed, onWrite }: Props) {
  const { systemLog } = view.sheet;
  const found = entriesOf(systemLog, 'found-wire');
  const traced = entriesOf(systemLog, 'traced-wire');
  const answers = entriesOf(systemLog, 'maker-answer');
  const head = (title: string, kind: EntryKind, label: string) => (
    <div className="flex flex-wrap items-baseline gap-x-3 border-b border-ink pb-1">
      <h2 className="mr-auto text-[17px] font-[680]">{title}</h2>
      {signed ? null : (
        <Button tone="quiet" className="-my-2" onClick={() => onWrite(kind)}>
          {label}
        </Button>
      )}
    </div>
  );
  return (
    <div className="grid gap-6 [&>*]:min-w-0">
      <section aria-label={t('web.as-found')}>
        {head(t('web.as-found'), 'found-wire', t('web.add-a-wire'))}
        {found.length === 0 ? <p className="py-2 text-ink2">{t('web.before-anything-is-taken-off')}</p> : null}
        <ul>
          {found.map(({ id, body }) => (
            <li key={id} className="grid grid-cols-[1fr_auto] border-b border-rule2 py-1.5">
              <span>
                <b className="font-[640]">{body.color}</b> {body.from} – {body.to}
              </span>
              <span className={body.after === 'carries over' ? 'text-ink2' : 'font-[640]'}>
                {say(value(body.after))}
              </span>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label={t('web.old-unit')}>
        {head(t('web.old-unit'), 'traced-wire', t('web.add-a-numbered-wire'))}
        {traced.length === 0 ? (
          <p className="py-2 text-ink2">{t('web.number-every-wire-first')}</p>
        ) : (
          <OldDrawing wires={traced.map((t) => t.body)} />
        )}
      </section>
      <section aria-label={t('web.makers-answers')}>
        {head(t('web.makers-answers'), 'maker-answer', t('web.add-an-answer'))}
        <ul>
          {answers.map(({ id, body }) => (
            <li key={id} className="border-b border-rule2 py-1.5">
              {body.question} <b className="font-[640]">{body.answer}</b>{' '}
              <span className="text-ink2">({body.who})</span>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
