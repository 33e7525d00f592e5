import type { Runs } from '@/core/controls/plan';
import { CALL_WORDS, RUN_WORDS } from '@/core/phases/wire/names';
import { Mark } from '@/web/kit/Mark';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import type { BoardState } from './use-board';

/** What the call that is made does, load by load, against what it must do. */
export function CallSide({ board, outputs }: { board: BoardState; outputs: readonly Runs[] }) {
  const { call, want, is, open } = board;
  const wrong = outputs.filter((c) => want.runs.has(c) !== is.runs.has(c));
  const runs = outputs.filter((c) => is.runs.has(c));
  const heading =
    wrong.length > 0
      ? tell(wrong.includes('CC') && !is.runs.has('CC') ? 'web.compressor-will-not-start' : 'web.runs-otherwise')
      : tell(runs.length ? 'web.runs-as-it-must' : 'web.nothing-runs');
  return (
    <Part
      aria-live="polite"
      name={say(CALL_WORDS[call])}
      title={t(open.length ? 'web.call-safety-open' : 'web.call-of', { call: CALL_WORDS[call] })}
      data-testid="call-side"
    >
      <p className={`narrow text-[28px] leading-[1.1] font-[700] ${wrong.length ? 'text-oxide' : ''}`}>
        {say(heading)}
      </p>
      <ul className="mt-2">
        {outputs.map((code) => {
          const [on, should] = [is.runs.has(code), want.runs.has(code)];
          return (
            <li key={code} className="grid grid-cols-[24px_1fr_auto] items-center border-b border-rule2 py-1.5">
              <Mark kind={on === should ? 'good' : 'stop'} />
              <b className="font-[640]">{say(RUN_WORDS[code])}</b>
              <span>
                {t(
                  on === should
                    ? on
                      ? 'web.pulled-in'
                      : 'web.out'
                    : on
                      ? 'web.wanted-out-is-in'
                      : 'web.wanted-in-is-out',
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </Part>
  );
}
