import { useState } from 'react';
import type { Answers } from '@/core/form/field';
import { latestOf } from '@/core/phases/log/circuit-log';
import { type EntryBody, type EntryKind, entryOf } from '@/core/phases/log/entries';
import { isEarlyLook } from '@/core/phases/pressure-test/early-look';
import { pressureView } from '@/core/phases/pressure-test/view';
import { Button } from '@/web/kit/Button';
import { FieldOf } from '@/web/kit/form/FieldOf';
import { askedFor, bodyOf, type Half, NOTHING, refusalsOf, startOf } from '@/web/kit/form/form-body';
import { typedOf } from '@/web/kit/form/typed';
import { Notice, Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { useKept } from '@/web/kit/use-kept';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { entryStart } from './entry-start';
import { useEntries } from './use-entries';

type Props = {
  view: JobView;
  kind: EntryKind;
  /** The entry that this one puts right. */
  replaces?: string;
  /** Fields that the page knows already. */
  preset?: Answers;
  onClose: () => void;
};

/** The form of one entry of the circuit log: what is asked, the caution that belongs there, one button. */
export function EntrySheet({ view, kind, preset, replaces, onClose }: Props) {
  const write = useEntries(view);
  const def = entryOf(kind);
  const [known] = useState<Answers>(() => ({ ...entryStart(kind, view.sheet), ...preset }));
  const left = useKept<Half>(`${view.me.id}-${view.sheet.job.id}-${kind}-${replaces ?? ''}`, () => NOTHING);
  const { said, typed } = left.value;
  const values: Answers = { ...startOf(def.fields, known), ...said };
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const checked = bodyOf(def.fields, known, left.value);
  const refusals = refusalsOf(def.schema, checked.body, checked.unreadable);

  async function send(): Promise<void> {
    setAsked(true);
    if (Object.keys(refusals).length) return;
    const newest = replaces ?? (def.edited ? latestOf(view.sheet.circuitLog, kind)?.id : undefined);
    if (!(await act(() => writeOrLook(newest ?? null)))) return;
    left.drop();
    onClose();
  }

  /** A reading before the hold is over is a look: the hold goes on. */
  function writeOrLook(supersedesId: string | null) {
    const { runId: _r, runSeconds: _s, ...look } = checked.body;
    const { holdMin } = pressureView(view.sheet);
    const early =
      kind === 'hold-end' &&
      isEarlyLook(view.sheet.circuitLog, checked.body as EntryBody<'hold-end'>, new Date().toISOString(), holdMin);
    return early ? write('hold-look', look) : write(kind, checked.body, supersedesId);
  }

  return (
    <Sheet open onClose={onClose} title={say(def.title)}>
      <form
        className="mt-3 grid gap-3"
        data-testid={`entry-form-${kind}`}
        onSubmit={(e) => {
          e.preventDefault();
          void send();
        }}
      >
        {left.left ? (
          <p className="flex items-center gap-2 text-[13.5px] text-ink2">
            {say(tell('web.as-you-left-it'))}
            <Button tone="quiet" onClick={() => left.keep(NOTHING)}>
              {say(tell('web.empty-it'))}
            </Button>
          </p>
        ) : null}
        {def.caution ? <Notice kind="look-again">{say(def.caution)}</Notice> : null}
        {askedFor(def.fields, values).map(([name, f]) => (
          <FieldOf
            key={name}
            field={f}
            value={values[name]}
            typed={typed[name] ?? typedOf(f, values[name])}
            error={asked ? refusals[name] : undefined}
            onTyped={(t) => left.keep({ said, typed: { ...typed, [name]: t } })}
            onValue={(v) => left.keep({ typed, said: { ...said, [name]: v } })}
          />
        ))}
        {asked && refusals[''] ? <p className="text-[13px] font-[600] text-oxide">{refusals['']}</p> : null}
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          {say(tell('web.write-it-down'))}
        </Button>
      </form>
    </Sheet>
  );
}
