import type { SheetWith } from '@/core/job/sheet';
import type { Owner } from '@/core/phases/phase';
import { phaseById } from '@/core/phases/registry';

/** Writes that belong to one circuit of a job, and those of one of its systems; every other one belongs to the job. */
const OF_A_CIRCUIT =
  /^\/jobs\/[^/]+\/(details|circuit-entries|acceptances|vacuum|plate|confirmations|measurements|rounds|runs|instrument-runs|device-runs|movements\/[^/]+\/withdrawal)$/;
const OF_A_SYSTEM =
  /^\/jobs\/[^/]+\/(observations|photos|waivers|choice|decisions|scope-lines|option|customer-signatures|removal|furnace|fits\/[^/]+)$/;
const OF_A_PHASE = /^\/jobs\/[^/]+\/phases\/([^/]+)\//;

/** What a write belongs to. */
export function ownerOfWrite(path: string): Owner {
  const phase = OF_A_PHASE.exec(path)?.[1];
  if (phase !== undefined) return phaseById(phase)?.owner ?? 'job';
  return OF_A_CIRCUIT.test(path) ? 'circuit' : OF_A_SYSTEM.test(path) ? 'system' : 'job';
}

type Seen = SheetWith<'job' | 'system' | 'circuit' | 'circuits'>;
const isFirst = (sheet: Seen): boolean => sheet.circuits[0]?.id === sheet.circuit.id;

/** Where the sheet of a job is read, as one of its circuits sees it; the first where none is named. */
export const sheetPath = (jobId: string, circuitId?: string): string =>
  circuitId === undefined ? `/jobs/${jobId}` : `/jobs/${jobId}?circuit=${circuitId}`;
export const pathOfSheet = (sheet: Seen): string =>
  sheetPath(sheet.job.id, isFirst(sheet) ? undefined : sheet.circuit.id);

/** Where the pages of a job are, for the circuit that is looked at. */
export const pagesOf = (sheet: Seen): string =>
  isFirst(sheet) ? `/jobs/${sheet.job.id}` : `/jobs/${sheet.job.id}/circuits/${sheet.circuit.id}`;

/** A paper of the system that is looked at. */
export const paperOf = (sheet: Seen, paper: string): string =>
  `/api/jobs/${sheet.job.id}/${paper}${isFirst(sheet) ? '' : `?circuit=${sheet.circuit.id}`}`;

/** The same pages for another circuit of the job. */
export const pagesOfCircuit = (sheet: Seen, id: string): string =>
  pagesOf({ ...sheet, circuit: { ...sheet.circuit, id } });

/** A write of a page, with the circuit it is for, or that it was seen from; without one it is the first's, or the job's. */
export const forCircuit = (sheet: Seen, path: string): string =>
  writePath(isFirst(sheet) ? undefined : sheet.circuit.id, path);

/** The same by the circuit of the page's address: none where it is the first. */
export const writePath = (circuitId: string | undefined, path: string): string =>
  circuitId === undefined || ownerOfWrite(path) === 'job' ? path : `${path}?circuit=${circuitId}`;

/** A path without the circuit it is for, and that circuit. */
export function splitPath(path: string): { path: string; circuitId: string | undefined } {
  const [bare = '', query = ''] = path.split('?');
  return { path: bare, circuitId: new URLSearchParams(query).get('circuit') ?? undefined };
}

/** The circuit that a write was seen from: the first where none is named. */
const circuitSeenFrom = (sheet: Seen, at: string) => {
  const { circuitId } = splitPath(at);
  return circuitId === undefined ? sheet.circuits[0] : sheet.circuits.find((c) => c.id === circuitId);
};
export const systemSeenFrom = (sheet: Seen, at: string): string | undefined => circuitSeenFrom(sheet, at)?.systemId;

/** Whether a write shows on this sheet: it is the job's, or that of the system or circuit which is looked at. */
export function showsOn(sheet: Seen, at: string): boolean {
  const seenFrom = circuitSeenFrom(sheet, at);
  switch (ownerOfWrite(splitPath(at).path)) {
    case 'job':
      return true;
    case 'system':
      return seenFrom?.systemId === sheet.system.id;
    case 'circuit':
      return seenFrom?.id === sheet.circuit.id;
  }
}
