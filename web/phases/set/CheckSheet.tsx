import { useMemo } from 'react';
import { schemaOf } from '@/core/form/field';
import { askOf, type SetCheckId } from '@/core/phases/set/asks';
import { checkFields } from '@/core/phases/set/form';
import { bandOf, type SetRow } from '@/core/phases/set/view';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

type Props = { view: JobView; row: SetRow; onClose: () => void };

/** One check in full: how it is, its reading, a word on it. */
export function CheckSheet({ view, row: { check, entry }, onClose }: Props) {
  const write = useEntries(view);
  const id: SetCheckId = check.id;
  const form = useMemo(() => {
    const fields = checkFields(id);
    return { fields, schema: schemaOf(fields) };
  }, [id]);
  const { ask, fails, hazard } = askOf(id);
  const band = bandOf(check);
  return (
    <FieldSheet
      title={say(ask)}
      form={form}
      known={entry ? { ...entry.body } : {}}
      draft={`${view.me.id}-${view.sheet.system.id}-set-${id}-${entry?.id ?? ''}`}
      testId="set-check-form"
      send={(body) => write('set-check', { check: id, ...body }, entry?.id ?? null)}
      onClose={onClose}
    >
      {band ? <p className="text-[16px] font-[620]">{say(band)}</p> : null}
      {hazard ? <Notice kind="stop">{say(fails)}</Notice> : null}
    </FieldSheet>
  );
}
