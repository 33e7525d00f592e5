import type { ReactNode } from 'react';
import type { Action, Move } from '@/core/job/move';
import { MoveButton } from '@/web/shell/MoveButton';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { useKeys } from '@/web/shell/use-keys';
import { say } from '@/web/words/say';
import { AheadButton } from './AheadButton';
import { WaitClock } from './circuit/WaitClock';
import type { JobView } from './job-context';

type Props = {
  move: Move;
  busy: boolean;
  press: (action: Action) => void;
  /** Where instruments may run: simulated ones can be taken to the next decision. */
  live?: { view: JobView; phase: string };
  /** A second way, before the button. */
  children?: ReactNode;
};

/** The next move of a phase: its sentence, its clock, its one button; `n` presses it. */
export function NextMove({ move, busy, press, live, children }: Props) {
  const { button } = move;
  const go = (): void => {
    if (button && !busy) press(button.action);
  };
  useKeys({ n: go });
  return (
    <NextMoveBar kind={move.kind} say={say(move.say)} because={say(move.because)}>
      {move.since ? <WaitClock since={move.since} forMin={move.forMin ?? 0} /> : null}
      {move.wait ? <span className="text-[17px] font-[620] whitespace-nowrap">{say(move.wait)}</span> : null}
      {children}
      {live ? <AheadButton view={live.view} phase={live.phase} move={move} /> : null}
      {button ? (
        <MoveButton label={say(button.label)} busy={busy} tone={move.wait ? 'plain' : 'primary'} onPress={go} />
      ) : null}
    </NextMoveBar>
  );
}
