import type { Verdict } from '@/core/finding/finding';
import type { RunMode } from '@/core/finding/run-mode';
import { value } from '@/core/words/said';
import { Mark } from '@/web/kit/Mark';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  mode: RunMode;
  modes: readonly RunMode[];
  /** How the proof of each mode stands that is not read now. */
  marks: Partial<Record<RunMode, Verdict | 'owed' | undefined>>;
  fixed: boolean;
  onMode: (mode: RunMode) => void;
};

/** What the system is called to do: each mode and stage is a proof of its own. A unit that only cools has no choice. */
export function ModeChoice({ mode, modes, marks, fixed, onMode }: Props) {
  if (fixed || modes.length < 2) return <span className="font-[620] first-letter:uppercase">{say(value(mode))}</span>;
  return (
    <span role="radiogroup" aria-label={t('web.mode')} className="flex flex-wrap">
      {modes.map((m) => {
        const mark = m === mode ? undefined : marks[m];
        return (
          <label
            key={m}
            className={`touch relative -ml-[1.5px] flex cursor-pointer items-center gap-1.5 border-[1.5px] px-3 text-[14.5px] leading-tight ${m === mode ? 'z-10 border-ink bg-sheet font-[680] shadow-[inset_0_-4px_0_var(--copper)]' : 'border-rule'}`}
          >
            <input
              type="radio"
              name="mode"
              className="absolute inset-0 cursor-pointer opacity-0"
              checked={m === mode}
              onChange={() => onMode(m)}
            />
            <span className="first-letter:uppercase">{say(value(m))}</span>
            {mark ? <Mark kind={mark === 'owed' ? 'to-come' : mark} /> : null}
          </label>
        );
      })}
    </span>
  );
}
