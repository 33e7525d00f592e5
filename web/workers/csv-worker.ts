import { readCsv } from '@/web/csv/read-csv';
import type { CsvKind } from '@/web/csv/tables';

self.onmessage = async (e: MessageEvent<{ file: File; kinds: CsvKind[] }>) =>
  self.postMessage(await readCsv(e.data.file, e.data.kinds));
