import { CALL_WORDS } from '@/core/phases/wire/names';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { BoardState } from './use-board';

/** The calls a thermostat can make: one is made at a time. */
export function CallStrip({ board: { calls, call, setCall } }: { board: BoardState }) {
  return (
    <div role="radiogroup" aria-label={t('web.make-a-call')} className="flex flex-wrap border-t border-l border-rule">
      {calls.map((c) => (
        <button
          key={c}
          type="button"
          role="radio"
          aria-checked={c === call}
          onClick={() => setCall(c)}
          className="touch cursor-pointer border-r border-b border-rule px-3.5 font-[560] aria-checked:bg-sheet aria-checked:font-[700] aria-checked:shadow-[inset_0_-4px_0_var(--copper)]"
        >
          {say(CALL_WORDS[c])}
        </button>
      ))}
    </div>
  );
}
