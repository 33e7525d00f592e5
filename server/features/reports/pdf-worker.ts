import { workOn } from '@/server/thread-work';
import { reportPdf } from './report-pdf';
import type { PaperPictures, PaperWords, ToldReport } from './told-report';

export type PdfOrder = { report: ToldReport; words: PaperWords; pictures: PaperPictures };

workOn(
  async ({ report, words, pictures }: PdfOrder): Promise<Uint8Array> =>
    new Uint8Array(await reportPdf(report, words, pictures)),
);
