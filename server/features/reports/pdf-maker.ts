import type { Speak } from '@/contract/words/speaker';
import type { Report } from '@/core/phases/report';
import { Problem } from '@/server/errors/problem';
import { ThreadDesk } from '@/server/thread-desk';
import { tell } from '@/server/words/tell';
import type { ToldLabel } from './label-pdf';
import type { PdfOrder } from './pdf-worker';
import { type PaperPictures, paperWords, toldReport } from './told-report';

/** Makes PDFs on a thread of its own: a company that prints ten reports does not slow the next one down. */
export class PdfMaker {
  private readonly desk: ThreadDesk<PdfOrder, Uint8Array>;

  /** The bundled worker lies beside the bundled server. */
  constructor(log: (line: string) => void, workerUrl = new URL('./pdf-worker.js', import.meta.url)) {
    this.desk = new ThreadDesk('pdf', log, workerUrl);
  }

  async make(told: Report & { number: number }, speak: Speak, pictures: PaperPictures = { byId: {} }): Promise<Buffer> {
    return this.ask({ report: toldReport(told, speak), words: paperWords(told, speak), pictures });
  }

  label = (label: ToldLabel): Promise<Buffer> => this.ask({ label });

  private async ask(order: PdfOrder): Promise<Buffer> {
    if (this.desk.full) throw new Problem('busy', { message: tell('server.many-reports-are-being-made-try') });
    return Buffer.from(await this.desk.ask(order));
  }

  close = (): Promise<void> => this.desk.close();
}
