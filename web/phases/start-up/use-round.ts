import { v7 as uuid } from 'uuid';
import type { Quantity } from '@/core/startup/quantities';
import { nowIso } from '@/web/api/clock';
import { useConnection } from '@/web/api/connection';
import type { EquippedView } from '@/web/phases/job-context';
import { readOf, sendRound } from '@/web/phases/send-round';
import { signPhase } from '../use-press';
import type { useStartUp } from './use-start-up';
import type { Typed } from './use-typed';

/** Records one round, and the signature under it where it is the last: one request, all of it or nothing. */
export function useRound(
  view: EquippedView,
  typed: Typed,
  { streaming, readings }: Pick<ReturnType<typeof useStartUp>, 'streaming' | 'readings'>,
) {
  const { actions, run } = view;
  /** With a typed value standing in for a probe, that probe's own reading is left out of the round. */
  function streamedOnly(): string[] | null {
    const replaced = Object.keys(typed.values);
    if (replaced.length === 0) return null;
    return Object.keys(readings).filter((name) => !replaced.includes(name) && name !== 'airflowCfm');
  }
  const { lost } = useConnection();
  return async (stage: 'reading' | 'final', sign: boolean): Promise<void> => {
    const setId = uuid();
    const before = typed.texts;
    const occurredAt = nowIso();
    const entries = Object.entries(typed.values) as [Quantity, number][];
    const round = {
      setId,
      stage,
      typed: entries.map(([quantity, value]) => ({
        id: uuid(),
        setId,
        phase: 'start-up',
        stage,
        quantity,
        value,
        occurredAt,
      })),
      run: streaming && run ? readOf(view, run, streamedOnly()) : null,
      sign: sign && !lost ? uuid() : null,
    };
    const after = await sendRound(view, round);
    // Without a connection the signature comes by itself: should it be refused, the readings are there all the same.
    if (sign && lost) await signPhase({ sheet: after, actions }, 'start-up');
    if (!streaming) typed.recorded(before);
  };
}
