import { useState } from 'react';
import { seenOf } from '@/core/controls/expected';
import type { Runs } from '@/core/controls/plan';
import { RUN_WORDS } from '@/core/phases/wire/names';
import type { ProofRow } from '@/core/phases/wire/proofs';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';
import { trialWords } from './ProofList';

type Props = { view: JobView; row: ProofRow; outputs: readonly Runs[]; onClose: () => void };

/** What was seen in one trial: everything that pulled in is tapped. */
export function ProofSheet({ view, row, outputs, onClose }: Props) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  const [seen, setSeen] = useState<readonly Runs[]>(row.entry?.body.seen ?? []);
  async function save(): Promise<void> {
    const supersedes = row.state === 'void' ? null : (row.entry?.id ?? null);
    if (await act(() => write('control-proof', { ...row.trial, seen, simulated: false }, supersedes))) onClose();
  }
  return (
    <Sheet open onClose={onClose} title={trialWords(row)}>
      <div className="mt-2 grid gap-4" data-testid="proof-form">
        <p>{t('web.tap-what-pulls-in')}</p>
        <div className="grid gap-1.5" role="group" aria-label={t('web.tap-what-pulls-in')}>
          {seenOf(outputs).map((code) => {
            const on = seen.includes(code);
            return (
              <button
                key={code}
                type="button"
                aria-pressed={on}
                onClick={() => setSeen(on ? seen.filter((c) => c !== code) : [...seen, code])}
                className="touch flex cursor-pointer items-center gap-3 border-[1.5px] border-rule bg-sheet px-3 text-left font-[560] aria-pressed:border-ink aria-pressed:font-[680]"
              >
                <span className={`size-[18px] border-[2px] border-ink ${on ? 'bg-ink' : ''}`} aria-hidden />
                {say(RUN_WORDS[code])}
              </button>
            );
          })}
        </div>
        <Trouble problem={problem} />
        <Button tone="primary" onClick={() => void save()}>
          {t(seen.length ? 'web.this-was-seen' : 'web.nothing-pulled-in')}
        </Button>
      </div>
    </Sheet>
  );
}
