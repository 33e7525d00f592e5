import { type ReactNode, useEffect, useRef } from 'react';
import type { ApiProblem } from '@/web/api/http';
import { t } from '@/web/words/tell';
import { Mark, type MarkKind } from './Mark';

/** A line that must be seen: a caution where the hazard is met, or what went wrong. */
export function Notice({ kind, children }: { kind: MarkKind; children: ReactNode }) {
  const edge = kind === 'stop' ? 'border-oxide' : kind === 'look-again' ? 'border-ochre' : 'border-ink2';
  return (
    <div
      role="note"
      className={`flex items-start gap-2.5 border-l-[4px] bg-sheet px-3 py-2 text-[14px] leading-snug ${edge}`}
    >
      <span className="mt-[1px]">
        <Mark kind={kind} />
      </span>
      <div>{children}</div>
    </div>
  );
}

/** What went wrong, brought into sight: it may stand above what was pressed. */
export function Trouble({ problem }: { problem: ApiProblem | undefined }) {
  const here = useRef<HTMLDivElement>(null);
  // Once, as it appears: what is tried again and fails again does not move the page under the hand.
  const shown = problem !== undefined;
  useEffect(() => {
    if (shown) here.current?.scrollIntoView({ block: 'nearest' });
  }, [shown]);
  if (!problem) return null;
  return (
    <div ref={here} role="alert" className="scroll-mt-4 scroll-mb-24">
      <Notice kind="stop">
        <b className="font-[650]">{problem.message}</b>
        {problem.allowed ? (
          <span className="text-ink2"> {t('web.allowed-3', { allowed: problem.allowed })}</span>
        ) : null}
      </Notice>
    </div>
  );
}
