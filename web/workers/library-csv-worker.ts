import { readCsv } from './library-csv';

self.onmessage = (e: MessageEvent<string>) => self.postMessage(readCsv(e.data));
