import { useState } from 'react';
import { FAULT_WORDS } from '@/core/diagnosis/said';
import type { FaultName } from '@/core/plant/unit/faults';
import { list, value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  faults: readonly FaultName[];
  /** Two may be wrong at once. */
  two: boolean;
  onName: (faults: FaultName[]) => void;
  onClose: () => void;
};

/** What is wrong, in the learner's word: it counts once, so it is chosen and then said. */
export function NameSheet({ faults, two, onName, onClose }: Props) {
  const [chosen, setChosen] = useState<FaultName[]>([]);
  const press = (fault: FaultName): void => {
    if (chosen.includes(fault)) setChosen(chosen.filter((f) => f !== fault));
    else if (!two || fault === 'healthy' || chosen.includes('healthy')) setChosen([fault]);
    else setChosen([...chosen, fault].slice(-2));
  };
  return (
    <Sheet open onClose={onClose} title={t('web.what-is-wrong-with-it')}>
      <p className="text-[14px] text-ink2">{t(two ? 'web.one-or-two-and-it-counts-once' : 'web.it-counts-once')}</p>
      <ul className="mt-2" data-testid="name-sheet">
        {faults.map((fault) => {
          const on = chosen.includes(fault);
          return (
            <li key={fault} className="-mt-[1.5px]">
              <button
                type="button"
                aria-pressed={on}
                onClick={() => press(fault)}
                className={`touch flex w-full cursor-pointer items-center border-[1.5px] px-3 text-left leading-tight ${on ? 'relative border-ink bg-sheet font-[680]' : 'border-rule font-[520]'}`}
              >
                <span
                  className={`mr-2.5 inline-block size-[13px] shrink-0 border-[2px] border-current ${on ? 'bg-copper' : ''}`}
                />
                <span className="first-letter:uppercase">{say(FAULT_WORDS[fault])}</span>
              </button>
            </li>
          );
        })}
      </ul>
      <Button tone="primary" className="mt-4 w-full" disabled={chosen.length === 0} onClick={() => onName(chosen)}>
        {chosen.length
          ? t('web.it-is', {
              faults: list(
                chosen.map((f) => FAULT_WORDS[f]),
                value('and'),
              ),
            })
          : t('web.choose-one')}
      </Button>
    </Sheet>
  );
}
