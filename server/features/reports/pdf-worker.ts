import { parentPort } from 'node:worker_threads';
import type { Report } from '@/core/job/report';
import { reportPdf } from './report-pdf';

export type PdfOrder = { id: number; report: Report & { number: number } };
export type PdfAnswer = { id: number; pdf?: Uint8Array; trouble?: string };

const port = parentPort!;

port.on('message', ({ id, report }: PdfOrder) => {
  reportPdf(report).then(
    (pdf) => port.postMessage({ id, pdf: new Uint8Array(pdf) } satisfies PdfAnswer),
    (error: Error) => port.postMessage({ id, trouble: error.stack ?? error.message } satisfies PdfAnswer),
  );
});
