import type { Judged } from '@/core/practice/practice';
import { Problem } from '@/server/errors/problem';
import { ThreadDesk } from '@/server/thread-desk';
import { tell } from '@/server/words/tell';
import type { RoundOrder } from './practice-worker';

/** Plays a round again from its seed and its moves, on a thread of its own: the score is what comes of that. */
export class Umpire {
  private readonly desk: ThreadDesk<RoundOrder, Judged>;

  /** The bundled worker lies beside the bundled server. */
  constructor(log: (line: string) => void, workerUrl = new URL('./practice-worker.js', import.meta.url)) {
    this.desk = new ThreadDesk('practice', log, workerUrl);
  }

  judge(order: RoundOrder): Promise<Judged> {
    if (this.desk.full) throw new Problem('busy', { message: tell('server.many-rounds-are-being-judged') });
    return this.desk.ask(order);
  }

  close = (): Promise<void> => this.desk.close();
}
