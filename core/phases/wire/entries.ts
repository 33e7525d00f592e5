import { planEntries } from './plan-entries';
import { powerEntries } from './power-entries';
import { proofEntries } from './proof-entries';
import { sheetEntries } from './sheet-entries';

/** What is written down while power and controls are wired; it belongs to the system. */
export const wireEntries = { ...planEntries, ...powerEntries, ...proofEntries, ...sheetEntries };
