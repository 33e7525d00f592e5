import { useState } from 'react';
import type { Answers } from '@/core/form/field';
import { newestHere } from '@/core/phases/log/circuit-log';
import { type EntryBody, type EntryKind, entryOf } from '@/core/phases/log/entries';
import { isEarlyLook } from '@/core/phases/pressure-test/early-look';
import { pressureView } from '@/core/phases/pressure-test/view';
import { nowIso } from '@/web/api/clock';
import { Button } from '@/web/kit/Button';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
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
  /** What simulated instruments read of it, where they stand beside it. */
  standIn?: Answers | undefined;
  onClose: () => void;
};

/** The form of one entry of the circuit log: what is asked, the caution that belongs there, one button. */
export function EntrySheet({ view, kind, preset, standIn, replaces, onClose }: Props) {
  const write = useEntries(view);
  const def = entryOf(kind);
  const [known, setKnown] = useState<Answers>(() => ({ ...entryStart(kind, view.sheet), ...preset }));

  /** A reading before the hold is over is a look: the hold goes on. */
  function writeOrLook(body: Answers) {
    const { runId: _r, runSeconds: _s, ...look } = body;
    const { holdMin } = pressureView(view.sheet);
    const early =
      kind === 'hold-end' && isEarlyLook(view.sheet.circuitLog, body as EntryBody<'hold-end'>, nowIso(), holdMin);
    if (early) return write('hold-look', look);
    const newest = def.edited ? newestHere(view.sheet, kind)?.id : undefined;
    return write(kind, body, replaces ?? newest ?? null);
  }

  return (
    <FieldSheet
      key={known.simulated ? 'read' : 'typed'}
      title={say(def.title)}
      form={def}
      known={known}
      draft={`${view.me.id}-${view.sheet.circuit.id}-${kind}-${replaces ?? ''}`}
      testId={`entry-form-${kind}`}
      send={writeOrLook}
      onClose={onClose}
    >
      {def.caution ? <Notice kind="look-again">{say(def.caution)}</Notice> : null}
      {standIn && !known.simulated ? (
        <Button onClick={() => setKnown({ ...known, ...standIn })}>{t('web.read-the-simulated-instruments')}</Button>
      ) : null}
    </FieldSheet>
  );
}
