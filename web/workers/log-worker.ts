import Papa from 'papaparse';
import { type LogMapping, readLog, splitLog } from '@/core/instrument/logger/read-log';

/** A recording grown past this is more than one run: two days at a reading a second. */
const MOST_ROWS = 200_000;
/** Enough of it to guess by and to look at. */
const SHOWN_ROWS = 200;

export type LogAsk = { file: File } | { mapping: LogMapping; barometerPsia: number };
export type LogHead = { header: string[]; rows: string[][]; count: number; tooLong: boolean };

let held: { header: string[]; rows: string[][] } = { header: [], rows: [] };

self.onmessage = async ({ data }: MessageEvent<LogAsk>) => {
  if ('file' in data) {
    const parsed = Papa.parse<string[]>((await data.file.text()).replace(/^\ufeff/, ''), { skipEmptyLines: 'greedy' });
    held = splitLog(parsed.data.slice(0, MOST_ROWS));
    const head: LogHead = {
      header: held.header,
      rows: held.rows.slice(0, SHOWN_ROWS),
      count: held.rows.length,
      tooLong: parsed.data.length > MOST_ROWS,
    };
    return self.postMessage(head);
  }
  self.postMessage(readLog(held.header, held.rows, data.mapping, data.barometerPsia));
};
