import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Mode = 'cooling' | 'heating';

/** What the system is called to do: it decides what its readings are held against. A unit that only cools has no choice. */
export function ModeChoice({ mode, fixed, onMode }: { mode: Mode; fixed: boolean; onMode: (mode: Mode) => void }) {
  if (fixed)
    return (
      <span className="font-[620]">{mode === 'heating' ? say(tell('web.heating')) : say(tell('web.cooling'))}</span>
    );
  return (
    <span role="radiogroup" aria-label={say(tell('web.mode'))} className="flex">
      {(['cooling', 'heating'] as const).map((m) => (
        <label
          key={m}
          className={`touch -ml-[1.5px] grid cursor-pointer place-items-center border-[1.5px] px-3 text-[14.5px] capitalize ${m === mode ? 'z-10 border-ink bg-sheet font-[680] shadow-[inset_0_-4px_0_var(--copper)]' : 'border-rule'}`}
        >
          <input type="radio" name="mode" className="sr-only" checked={m === mode} onChange={() => onMode(m)} />
          {say(value(m))}
        </label>
      ))}
    </span>
  );
}
