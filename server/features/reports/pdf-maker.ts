import { Worker } from 'node:worker_threads';
import type { Speak } from '@/contract/words/speaker';
import type { Report } from '@/core/phases/report';
import { Problem } from '@/server/errors/problem';
import { tell } from '@/server/words/tell';
import type { PdfAnswer, PdfOrder } from './pdf-worker';
import { type PaperPictures, paperWords, toldReport } from './told-report';

/** More than these wait outside; one that takes longer than this is given up, ms. */
const MOST_WAITING = 20;
const LONGEST_MS = 30_000;

type Waiting = { give: (pdf: Buffer) => void; fail: (error: Error) => void; timer: NodeJS.Timeout };

/** Makes PDFs on a thread of its own: a company that prints ten reports does not slow the next one down. */
export class PdfMaker {
  private worker: Worker | undefined;
  private readonly waiting = new Map<number, Waiting>();
  private next = 1;

  constructor(
    private readonly log: (line: string) => void,
    /** The bundled worker; it lies beside the bundled server. */
    private readonly workerUrl = new URL('./pdf-worker.js', import.meta.url),
  ) {}

  make(told: Report & { number: number }, speak: Speak, pictures: PaperPictures = { byId: {} }): Promise<Buffer> {
    if (this.waiting.size >= MOST_WAITING)
      throw new Problem('busy', { message: tell('server.many-reports-are-being-made-try') });
    const id = this.next++;
    return new Promise((give, fail) => {
      const timer = setTimeout(() => this.restart(new Error('the PDF took too long')), LONGEST_MS);
      this.waiting.set(id, { give, fail, timer });
      const order = { id, report: toldReport(told, speak), words: paperWords(told, speak), pictures };
      this.thread().postMessage(order satisfies PdfOrder);
    });
  }

  async close(): Promise<void> {
    await this.worker?.terminate();
    this.worker = undefined;
  }

  private thread(): Worker {
    this.worker ??= this.start();
    return this.worker;
  }

  private start(): Worker {
    const worker = new Worker(this.workerUrl);
    worker.on('message', ({ id, pdf, trouble }: PdfAnswer) => {
      const one = this.waiting.get(id);
      if (!one) return;
      this.waiting.delete(id);
      clearTimeout(one.timer);
      if (pdf) one.give(Buffer.from(pdf));
      else one.fail(new Error(trouble));
    });
    worker.on('error', (error) => this.restart(error));
    return worker;
  }

  /** A thread that broke or hangs is replaced; whoever waited on it is told. */
  private restart(error: Error): void {
    this.log(`pdf worker: ${error.message}`);
    void this.worker?.terminate();
    this.worker = undefined;
    for (const one of this.waiting.values()) {
      clearTimeout(one.timer);
      one.fail(error);
    }
    this.waiting.clear();
  }
}
