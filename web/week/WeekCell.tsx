import { useDroppable } from '@dnd-kit/core';
import type { ReactNode } from 'react';

/** One crew's day: a job is dropped on it. */
export function WeekCell({ id, today, children }: { id: string; today: boolean; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <div
      ref={setNodeRef}
      data-testid={`cell-${id}`}
      className={`min-h-[74px] border-t border-l border-rule p-1.5 ${isOver ? 'bg-sheet' : today ? 'bg-[color-mix(in_srgb,var(--sheet)_60%,transparent)]' : ''}`}
    >
      {children}
    </div>
  );
}
