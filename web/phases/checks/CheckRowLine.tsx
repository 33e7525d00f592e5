import { useState } from 'react';
import { VERDICT_WORDS } from '@/core/finding/finding';
import { READS, SEALS } from '@/core/phases/checks/ask';
import { bandOf, type CheckRow, isOpen } from '@/core/phases/checks/row';
import { tell as answer } from '@/core/phases/checks/words';
import type { EntryKind } from '@/core/phases/log/entries';
import { entrySubject } from '@/core/phases/pictures';
import { typed, value } from '@/core/words/said';
import { Mark } from '@/web/kit/Mark';
import { NumberCell } from '@/web/kit/NumberCell';
import { QuietTap, Tap } from '@/web/kit/Taps';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from '../survey/PhotoButton';

type Props = {
  view: JobView;
  kind: EntryKind;
  row: CheckRow;
  signed: boolean;
  act: (work: () => Promise<unknown>) => Promise<boolean>;
  onOpen: () => void;
  onTakeBack: () => void;
};

/** One check: answered by a tap, a reading, how it was sealed; in full on its sheet. */
export function CheckRowLine({ view, kind, row, signed, act, onOpen, onTakeBack }: Props) {
  const { check, entry, finding } = row;
  const { ask, by } = row.ask;
  const band = bandOf(check, row.ask);
  return (
    <li
      data-testid={`look-${check.id}`}
      className="grid grid-cols-[24px_1fr] items-start gap-x-2 gap-y-1 border-b border-rule2 py-2 sm:grid-cols-[24px_1fr_auto] sm:items-center"
    >
      <span className="pt-[3px] sm:pt-0">
        <Mark kind={finding.verdict} />
        <span className="sr-only">{say(VERDICT_WORDS[finding.verdict])}</span>
      </span>
      <span className="leading-snug">
        <b className="font-[620]">{say(ask)}</b>
        {band ? <span className="ml-1.5 text-[14px] text-ink2">{say(band)}</span> : null}
        {entry ? <Written row={row} /> : null}
        {row.accepted ? <span className="block text-[14px] text-ink2">{t('web.accepted-against-advice')}</span> : null}
        {entry && isOpen(row) && finding.next ? (
          <span className="block text-[14px] font-[620]">{say(finding.next.say)}</span>
        ) : null}
        {entry ? <Thumbs view={view} subject={entrySubject(view.sheet.systemLog, entry)} /> : null}
      </span>
      {signed ? null : (
        <span className="col-start-2 flex flex-wrap items-center gap-x-1 sm:col-start-3 sm:justify-end">
          {entry ? (
            <>
              {by === 'picture' ? (
                <PhotoButton
                  view={view}
                  subject={entrySubject(view.sheet.systemLog, entry)}
                  label={t('web.picture-of-entry', { title: ask })}
                />
              ) : null}
              <QuietTap onPress={onOpen}>{t('web.change-answer')}</QuietTap>
              <QuietTap onPress={onTakeBack}>{t('web.take-back')}</QuietTap>
            </>
          ) : (
            <Answer {...{ view, kind, row, act, onOpen }} />
          )}
        </span>
      )}
    </li>
  );
}

function Answer({ view, kind, row, act, onOpen }: Pick<Props, 'view' | 'kind' | 'row' | 'act' | 'onOpen'>) {
  const write = useEntries(view);
  const [sealing, setSealing] = useState(false);
  const { ask, by } = row.ask;
  const reads = READS[by];
  const yes = (more: object = {}) => act(() => write(kind, { check: row.check.id, answer: 'yes', ...more }));
  const more = <QuietTap onPress={onOpen}>{t('web.otherwise')}</QuietTap>;
  if (reads)
    return (
      <>
        <span className="w-[124px]">
          <NumberCell
            label={say(ask)}
            hideLabel
            unit={reads.unit}
            value={null}
            nullable
            onCommit={(reading) => {
              if (reading === null) return undefined;
              if (reading < 0 || reading > reads.most)
                return t('web.reading-from-0-to', { most: reads.most, unit: reads.unit });
              return yes({ reading });
            }}
          />
        </span>
        {more}
      </>
    );
  if (by === 'seal' && sealing)
    return SEALS.map((seal) => (
      <Tap key={seal} onPress={() => yes({ seal })}>
        {say(value(seal))}
      </Tap>
    ));
  return (
    <>
      <Tap onPress={() => (by === 'seal' ? setSealing(true) : yes())}>
        {say(by === 'seal' ? tell('web.closed-with') : answer('checks.as-asked'))}
      </Tap>
      {more}
    </>
  );
}

/** What was answered, by whom. */
function Written({ row: { ask, entry } }: { row: CheckRow }) {
  if (!entry) return null;
  const { body, by } = entry;
  const said =
    body.reading != null
      ? `${body.reading} ${READS[ask.by]?.unit ?? ''}`
      : body.seal
        ? say(value(body.seal))
        : say(
            answer(
              body.answer === 'yes'
                ? 'checks.as-asked'
                : body.answer === 'no'
                  ? 'checks.not-so'
                  : 'checks.does-not-apply',
            ),
          );
  return (
    <span className="block text-[14px]">
      {said}
      {body.note ? ` · ${say(typed(body.note))}` : ''} <span className="text-ink2">· {by}</span>
    </span>
  );
}
