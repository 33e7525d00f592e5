import { useMemo } from 'react';
import { formOf } from '@/core/form/field';
import { checkFields } from '@/core/phases/checks/entry';
import { bandOf, type CheckRow } from '@/core/phases/checks/row';
import type { EntryKind } from '@/core/phases/log/entries';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

type Props = { view: JobView; kind: EntryKind; row: CheckRow; onClose: () => void };

/** One check in full: how it is, its reading, a word on it. */
export function CheckSheet({ view, kind, row: { check, ask: asked, entry }, onClose }: Props) {
  const write = useEntries(view);
  const form = useMemo(() => formOf(checkFields(asked)), [asked]);
  const { ask, fails, hazard } = asked;
  const band = bandOf(check, asked);
  return (
    <FieldSheet
      title={say(ask)}
      form={form}
      known={entry ? { ...entry.body } : {}}
      draft={`${view.me.id}-${view.sheet.system.id}-${kind}-${check.id}-${entry?.id ?? ''}`}
      testId={`${kind}-form`}
      send={(body) => write(kind, { check: check.id, ...body }, entry?.id ?? null)}
      onClose={onClose}
    >
      {band ? <p className="text-[16px] font-[620]">{say(band)}</p> : null}
      {hazard ? <Notice kind="stop">{say(fails)}</Notice> : null}
    </FieldSheet>
  );
}
