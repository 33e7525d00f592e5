import type { Round } from '@/contract/requests';
import type { JobSheet, SheetRun } from '@/core/job/sheet';
import { readHere } from '@/web/device-run/read-here';
import type { EquippedView } from './job-context';

/** What a round takes of a run: read by the server now, or by this device up to this second. */
export const readOf = (
  { own, sheet }: Pick<EquippedView, 'own' | 'sheet'>,
  run: SheetRun,
  quantities: string[] | null,
): NonNullable<Round['run']> =>
  own?.running && own.id === run.id ? readHere(own, sheet, quantities) : { id: run.id, quantities };

/** What instruments of the server read cannot be read later; what was typed or read on this device waits for a connection. */
export const sendRound = (
  { actions, sheet }: Pick<EquippedView, 'actions' | 'sheet'>,
  round: object,
): Promise<JobSheet> =>
  (isOfServer(round as Round) ? actions.now : actions.send)(`/jobs/${sheet.job.id}/rounds`, round);

const isOfServer = ({ run }: Round): boolean => run !== null && run.device === undefined;
