import { parentPort } from 'node:worker_threads';
import { reportPdf } from './report-pdf';
import type { PaperPictures, PaperWords, ToldReport } from './told-report';

export type PdfOrder = { id: number; report: ToldReport; words: PaperWords; pictures: PaperPictures };
export type PdfAnswer = { id: number; pdf?: Uint8Array; trouble?: string };

const port = parentPort!;

port.on('message', ({ id, report, words, pictures }: PdfOrder) => {
  reportPdf(report, words, pictures).then(
    (pdf) => port.postMessage({ id, pdf: new Uint8Array(pdf) } satisfies PdfAnswer),
    (error: Error) => port.postMessage({ id, trouble: error.stack ?? error.message } satisfies PdfAnswer),
  );
});
