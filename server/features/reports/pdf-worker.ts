import { workOn } from '@/server/thread-work';
import { labelPdf, type ToldLabel } from './label-pdf';
import { reportPdf } from './report-pdf';
import type { PaperPictures, PaperWords, ToldReport } from './told-report';

export type PdfOrder = { report: ToldReport; words: PaperWords; pictures: PaperPictures } | { label: ToldLabel };

workOn(
  async (order: PdfOrder): Promise<Uint8Array> =>
    new Uint8Array(
      'label' in order ? await labelPdf(order.label) : await reportPdf(order.report, order.words, order.pictures),
    ),
);
