import { csvTable } from '@/core/form/table-csv';
import { libraryItemSchema, matchedPairSchema } from './library-item';
import { modelPatternSchema } from './model-pattern';

export const LIBRARY_TABLE = csvTable(libraryItemSchema);
export const PAIR_TABLE = csvTable(matchedPairSchema);
export const PATTERN_TABLE = csvTable(modelPatternSchema);
