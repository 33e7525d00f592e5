import type { SheetWith } from '@/core/job/sheet';
import { phaseById } from '@/core/phases/registry';

/** Writes that belong to one circuit of a job; every other one belongs to the job. */
const OF_A_CIRCUIT =
  /^\/jobs\/[^/]+\/(details|circuit-entries|vacuum|plate|confirmations|measurements|rounds|runs|instrument-runs|movements\/[^/]+\/withdrawal)$/;
const OF_A_PHASE = /^\/jobs\/[^/]+\/phases\/([^/]+)\//;

export function belongsToCircuit(path: string): boolean {
  const phase = OF_A_PHASE.exec(path)?.[1];
  return OF_A_CIRCUIT.test(path) || (phase !== undefined && phaseById(phase)?.owner === 'circuit');
}

type Seen = SheetWith<'job' | 'circuit' | 'circuits'>;
const isFirst = (sheet: Seen): boolean => sheet.circuits[0]?.id === sheet.circuit.id;

/** Where the sheet of a job is read, as one of its circuits sees it; the first where none is named. */
export const sheetPath = (jobId: string, circuitId?: string): string =>
  circuitId === undefined ? `/jobs/${jobId}` : `/jobs/${jobId}?circuit=${circuitId}`;
export const pathOfSheet = (sheet: Seen): string =>
  sheetPath(sheet.job.id, isFirst(sheet) ? undefined : sheet.circuit.id);

/** Where the pages of a job are, for the circuit that is looked at. */
export const pagesOf = (sheet: Seen): string =>
  isFirst(sheet) ? `/jobs/${sheet.job.id}` : `/jobs/${sheet.job.id}/circuits/${sheet.circuit.id}`;

/** The same pages for another circuit of the job. */
export const pagesOfCircuit = (sheet: Seen, id: string): string =>
  pagesOf({ ...sheet, circuit: { ...sheet.circuit, id } });

/** A write of a page, with the circuit it is for; without one it is the first's, or the job's. */
export const forCircuit = (sheet: Seen, path: string): string =>
  isFirst(sheet) || !belongsToCircuit(path) ? path : `${path}?circuit=${sheet.circuit.id}`;

/** A path without the circuit it is for, and that circuit. */
export function splitPath(path: string): { path: string; circuitId: string | undefined } {
  const [bare = '', query = ''] = path.split('?');
  return { path: bare, circuitId: new URLSearchParams(query).get('circuit') ?? undefined };
}

/** Whether a write shows on this sheet: it is the job's, or that of the circuit which is looked at. */
export function showsOn(sheet: Seen, at: string): boolean {
  const { path, circuitId } = splitPath(at);
  if (!belongsToCircuit(path)) return true;
  return circuitId === undefined ? isFirst(sheet) : circuitId === sheet.circuit.id;
}
