import { useState } from 'react';
import type { Phase } from '@/core/job/phases';
import { type CircuitEntry, isOf, logOf, standingEntries } from '@/core/phases/log/circuit-log';
import { ENTRIES, type EntryKind, entryOf, entryWords } from '@/core/phases/log/entries';
import { entrySubject } from '@/core/phases/pictures';
import { clock, value } from '@/core/words/said';
import { Part } from '@/web/kit/Part';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from '../survey/PhotoButton';
import { EntrySheet } from './EntrySheet';
import { useEntries } from './use-entries';

type Props = {
  view: JobView;
  phase: Phase;
  ofJob?: boolean;
  /** What of this phase belongs to the system. */
  ofSystem?: boolean;
  /** Only these. */
  kinds?: readonly EntryKind[] | undefined;
  /** Signed, but what was written after that can still be put right. */
  since?: string | undefined;
};

/** What was written down in this phase, newest first; a mistake is withdrawn with its reason, never wiped. */
export function EntryLog({ view, phase, ofJob = false, ofSystem = false, kinds, since }: Props) {
  const write = useEntries(view);
  const [taking, setTaking] = useState<CircuitEntry>();
  const [fixing, setFixing] = useState<CircuitEntry>();
  const { jobLog, systemLog } = view.sheet;
  const log = ofJob ? jobLog : ofSystem ? systemLog : logOf(view.sheet, phase);
  const list = standingEntries(log)
    .filter((e) => e.phase === phase && (kinds?.includes(e.kind) ?? true) && isOf(e, view.sheet.circuit))
    .reverse();
  const signed = view.sheet.signOffs.some((s) => s.phase === phase);
  if (list.length === 0) return null;
  return (
    <Part name={t('web.log')} title={t('web.written-down')}>
      {!signed && view.sheet.overrides.some((o) => o.phase === phase) ? (
        <p className="text-[13px] text-ink2">{t('web.taking-back-takes-override-off')}</p>
      ) : null}
      <ul className="mt-1">
        {list.map((e) => (
          <li
            key={e.id}
            data-testid={`entry-${e.kind}`}
            className="flex flex-wrap justify-between gap-x-2 border-b border-rule2 py-1.5"
          >
            <span className="min-w-[13rem] flex-1 leading-snug">
              <b className="font-[620]">{say(ENTRIES[e.kind].title)}</b> {say(entryWords(e))}
              <span className="block text-[13px] text-ink2">
                {say(clock(e.at))}, {e.by}, {say(value(e.source))}
              </span>
              <Thumbs view={view} subject={entrySubject(log, e)} />
            </span>
            {(since === undefined ? signed : e.at <= since) ? null : (
              <span className="ml-auto flex gap-1">
                {e.source === 'typed' && !entryOf(e.kind).byTap && e.kind !== 'recovered' ? (
                  <LogButton onPress={() => setFixing(e)}>{t('web.correct')}</LogButton>
                ) : null}
                <PhotoButton
                  view={view}
                  subject={entrySubject(log, e)}
                  label={t('web.picture-of-entry', { title: ENTRIES[e.kind].title })}
                />
                <LogButton onPress={() => setTaking(e)}>{t('web.withdraw')}</LogButton>
              </span>
            )}
          </li>
        ))}
      </ul>
      {fixing ? (
        <EntrySheet
          view={view}
          kind={fixing.kind}
          preset={{ ...fixing.body }}
          replaces={fixing.id}
          onClose={() => setFixing(undefined)}
        />
      ) : null}
      {taking ? (
        <ReasonSheet
          title={t('web.withdraw-2', { entryTitles: ENTRIES[taking.kind].title })}
          label={t('web.why-it-does-not-hold')}
          least={5}
          send={t('web.withdraw-it')}
          tone="stop"
          onSend={(reason) => write('withdrawn', { reason }, taking.id)}
          onClose={() => setTaking(undefined)}
        >
          <p className="text-ink2">{t('web.it-stays-in-record-marked-as-2', { taking: entryWords(taking) })}</p>
        </ReasonSheet>
      ) : null}
    </Part>
  );
}

function LogButton({ onPress, children }: { onPress: () => void; children: string }) {
  return (
    <button
      type="button"
      onClick={onPress}
      className="touch cursor-pointer px-1 text-[13px] text-copper underline underline-offset-4"
    >
      {children}
    </button>
  );
}
