import { csvTable } from '@/core/form/table-csv';
import { libraryItemSchema, matchedPairSchema } from './library-item';

export const LIBRARY_TABLE = csvTable(libraryItemSchema);
export const PAIR_TABLE = csvTable(matchedPairSchema);
