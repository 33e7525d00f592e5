import { useState } from 'react';
import { runningCalls } from '@/core/controls/control-network';
import { expectedIn } from '@/core/controls/expected';
import { isMarked } from '@/core/phases/log/circuit-log';
import { CALL_WORDS, codesWords, deviceWords } from '@/core/phases/wire/names';
import type { ProofRow } from '@/core/phases/wire/proofs';
import type { WireView } from '@/core/phases/wire/view';
import { pullsIn } from '@/core/plant/cabinet/cabinet';
import { list, lower } from '@/core/words/said';
import { Mark, type MarkKind } from '@/web/kit/Mark';
import { Trouble } from '@/web/kit/Notice';
import { QuietTap, Tap } from '@/web/kit/Taps';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';

type Props = {
  view: JobView;
  wire: WireView;
  signed: boolean;
  onOtherwise: (row: ProofRow) => void;
  onTakeBack: (row: ProofRow) => void;
};

const MARKS: Readonly<Record<ProofRow['state'], MarkKind>> = {
  good: 'good',
  wrong: 'look-again',
  void: 'not-proven',
  open: 'not-proven',
};

/** Every call and every safety: what must pull in, what did; answered by one tap, or read from the simulated cabinet. */
export function ProofList({ view, wire, signed, onOtherwise, onTakeBack }: Props) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  const [busy, setBusy] = useState<string>();
  const { cabinet, healthy, spec } = wire.wiring;
  const owed = runningCalls(spec);
  async function seen(row: ProofRow, codes: readonly string[], simulated: boolean): Promise<void> {
    setBusy(keyOf(row));
    await act(() => write('control-proof', { ...row.trial, seen: codes, simulated }));
    setBusy(undefined);
  }
  return (
    <section aria-label={t('web.calls-and-safeties')} id="proofs" className="scroll-mt-4">
      <h2 className="border-b border-ink pb-1 text-[16px] font-[680]">{t('web.calls-and-safeties')}</h2>
      <Trouble problem={problem} />
      <ul>
        {wire.proofs.map((row) => (
          <li
            key={keyOf(row)}
            data-testid={`proof-${keyOf(row)}`}
            className="grid grid-cols-[24px_1fr] items-start gap-x-2 border-b border-rule2 py-2 sm:grid-cols-[24px_1fr_auto] sm:items-center"
          >
            <Mark kind={MARKS[row.state]} />
            <span className="leading-snug">
              <b className="font-[620]">{trialWords(row)}</b>
              <span className="ml-2 text-[14px] text-ink2">
                {t('web.must-pull-in', { codes: codesWords(row.want) })}
              </span>
              {row.entry ? (
                <span className="block text-[14px]">
                  {row.state === 'void' ? `${t('web.voided-by-a-change')} ` : ''}
                  {t('web.seen', { codes: codesWords(row.entry.body.seen) })}{' '}
                  <span className="text-ink2">
                    · {row.entry.by}
                    {isMarked(row.entry.source) ? ` · ${t('web.simulated-2')}` : ''}
                  </span>
                </span>
              ) : null}
            </span>
            {signed ? null : (
              <span className="col-start-2 flex flex-wrap gap-x-1 sm:col-start-3 sm:justify-end">
                {row.state === 'good' || row.state === 'wrong' ? (
                  <>
                    <QuietTap onPress={() => onOtherwise(row)}>{t('web.change-answer')}</QuietTap>
                    <QuietTap onPress={() => onTakeBack(row)}>{t('web.take-back')}</QuietTap>
                  </>
                ) : (
                  <>
                    <Tap
                      disabled={busy === keyOf(row)}
                      onPress={() =>
                        void seen(
                          row,
                          cabinet ? pullsIn(cabinet, row.trial) : expectedIn(healthy, row.trial),
                          cabinet !== undefined,
                        )
                      }
                    >
                      {t(cabinet ? 'web.read-the-cabinet' : 'web.just-these')}
                    </Tap>
                    <QuietTap onPress={() => onOtherwise(row)}>{t('web.otherwise')}</QuietTap>
                  </>
                )}
              </span>
            )}
          </li>
        ))}
      </ul>
      {owed.length ? (
        <p className="mt-2 text-[14px] text-ink2">
          {t('web.running-at-the-start-up', { calls: list(owed.map((c) => lower(CALL_WORDS[c]))) })}
        </p>
      ) : null}
    </section>
  );
}

const keyOf = ({ trial }: Pick<ProofRow, 'trial'>): string => [trial.call, ...trial.open].join('-');

export const trialWords = ({ trial }: Pick<ProofRow, 'trial'>): string =>
  say(
    trial.open.length
      ? tell('web.call-with-open', { call: CALL_WORDS[trial.call], device: deviceWords(trial.open[0]!) })
      : CALL_WORDS[trial.call],
  );
