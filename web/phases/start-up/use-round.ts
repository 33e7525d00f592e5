import { v7 as uuid } from 'uuid';
import type { Quantity } from '@/core/startup/quantities';
import { nowIso } from '@/web/api/clock';
import type { EquippedView } from '@/web/phases/job-context';
import type { useStartUp } from './use-start-up';
import type { Typed } from './use-typed';

/** Records one round, and the signature under it where it is the last: one request, all of it or nothing. */
export function useRound(
  { actions, run, sheet }: EquippedView,
  typed: Typed,
  { streaming, readings }: Pick<ReturnType<typeof useStartUp>, 'streaming' | 'readings'>,
) {
  /** With a typed value standing in for a probe, that probe's own reading is left out of the round. */
  function streamedOnly(): string[] | null {
    const replaced = Object.keys(typed.values);
    if (replaced.length === 0) return null;
    return Object.keys(readings).filter((name) => !replaced.includes(name) && name !== 'airflowCfm');
  }
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
      run: streaming && run ? { id: run.id, quantities: streamedOnly() } : null,
      sign: sign ? uuid() : null,
    };
    // What instruments read now cannot be read later; what was typed can wait for a connection.
    await (round.run ? actions.now : actions.send)(`/jobs/${sheet.job.id}/rounds`, round);
    if (!streaming) typed.recorded(before);
  };
}
