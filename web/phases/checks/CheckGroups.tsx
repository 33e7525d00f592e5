import { type ReactNode, useState } from 'react';
import type { CheckRow } from '@/core/phases/checks/row';
import type { EntryKind } from '@/core/phases/log/entries';
import { Trouble } from '@/web/kit/Notice';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';
import { CheckRowLine } from './CheckRowLine';
import { CheckSheet } from './CheckSheet';
import { Courses, type Group } from './Courses';

type Props = {
  view: JobView;
  kind: EntryKind;
  groups: readonly Group[];
  signed: boolean;
  /** Its sheet is open. As it stood when it was pressed: what is sent meanwhile does not close what somebody types in. */
  open: CheckRow | undefined;
  onOpen: (row: CheckRow | undefined) => void;
  /** Shown at the head of a part. */
  head?: Readonly<Record<string, ReactNode>>;
};

/** Checks of a phase, part by part: answered by a tap, in full on their sheet, taken back with a reason. */
export function CheckGroups({ view, kind, groups, signed, open, onOpen, head = {} }: Props) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  const [taking, setTaking] = useState<CheckRow>();
  const shown = groups.filter((g) => g.rows.length > 0);
  return (
    <>
      <Trouble problem={problem} />
      <Courses groups={shown} />
      {shown.map(({ id, title, rows }) => (
        <section key={id} id={`checks-${id}`} aria-label={say(title)} className="mt-4 scroll-mt-4">
          <h2 className="border-b border-ink pb-1 text-[16px] font-[680]">{say(title)}</h2>
          {head[id]}
          <ul>
            {rows.map((row) => (
              <CheckRowLine
                key={row.check.id}
                view={view}
                kind={kind}
                row={row}
                signed={signed}
                act={act}
                onOpen={() => onOpen(row)}
                onTakeBack={() => setTaking(row)}
              />
            ))}
          </ul>
        </section>
      ))}
      {open ? <CheckSheet view={view} kind={kind} row={open} onClose={() => onOpen(undefined)} /> : null}
      {taking?.entry ? (
        <ReasonSheet
          title={t('web.take-answer-back')}
          label={t('web.why-it-does-not-hold')}
          least={5}
          send={t('web.withdraw-it')}
          tone="stop"
          onSend={(reason) => write('withdrawn', { reason }, taking.entry!.id)}
          onClose={() => setTaking(undefined)}
        >
          <p className="text-ink2">{say(taking.ask.ask)}</p>
        </ReasonSheet>
      ) : null}
    </>
  );
}
