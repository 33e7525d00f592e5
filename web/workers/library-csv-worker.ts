import { readCsv } from './library-csv';

self.onmessage = async (e: MessageEvent<File>) => self.postMessage(await readCsv(e.data));
