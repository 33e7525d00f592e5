import { useEffect } from 'react';
import useSWR from 'swr';
import type { ListedCylinder } from '@/core/circuit/recovery/checked-out';
import type { Cylinder } from '@/core/circuit/recovery/cylinder';
import type { JobSheet } from '@/core/job/sheet';
import { type ApiProblem, get } from './http';

/** The company's cylinders as its ledger has them, each with the device that has it. */
export const useCylinderList = () => useSWR<{ cylinders: ListedCylinder[] }, ApiProblem>('/cylinders', get);

/**
 * The company's cylinders as this job sees them: those it has used come with its sheet, which is read after every write,
 * so that a cylinder that was just filled is full here too; the others from the ledger, asked again when the job moves one.
 */
export function useCylinders(
  sheet: Pick<JobSheet, 'cylinders' | 'circuitLog' | 'measurements'>,
): ListedCylinder[] | undefined {
  const { data, mutate } = useCylinderList();
  const moves = `${sheet.circuitLog.length} ${sheet.measurements.length}`;
  useEffect(() => {
    if (moves) void mutate();
  }, [moves, mutate]);
  return data && withSheet(data.cylinders, sheet.cylinders);
}

export const withSheet = (list: readonly ListedCylinder[], own: readonly Cylinder[]): ListedCylinder[] =>
  list.map((c) => ({ ...c, ...own.find((o) => o.id === c.id) }));
