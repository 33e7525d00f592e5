import type { JobSheet } from '@/core/job/sheet';
import type { Me } from '@/web/api/use-me';
import type { Waiting } from './waiting';

/** What a write that waits changes on the sheet. */
export type Body<T> = (sheet: JobSheet, body: T, write: Waiting, me: Me) => JobSheet;
