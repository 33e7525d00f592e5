import type { Request, Response } from 'express';

/** What a reader may leave unread before it is let go: a stalled phone must not fill our memory, bytes. */
const MOST_UNREAD = 2_000_000;

/** Every open stream, by the session that opened it: they end when the person signs out or the session is revoked. */
export class Streams {
  private readonly open = new Map<string, Set<Response>>();

  add(request: Request, response: Response): void {
    const id = request.sessionID;
    const set = this.open.get(id) ?? new Set();
    this.open.set(id, set.add(response));
    response.on('close', () => {
      set.delete(response);
      if (set.size === 0) this.open.delete(id);
    });
  }

  end(sessionId: string): void {
    for (const response of this.open.get(sessionId) ?? []) response.end();
  }

  get size(): number {
    return [...this.open.values()].reduce((n, set) => n + set.size, 0);
  }
}

/** Writes to a stream; a reader that does not read is let go, and joins again when it can. */
export function writeStream(response: Response, text: string): void {
  if (response.writableEnded || response.destroyed) return;
  response.write(text);
  if (response.writableLength > MOST_UNREAD) response.destroy();
}
