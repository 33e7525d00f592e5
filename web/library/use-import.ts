import { useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { type ApiProblem, post } from '@/web/api/http';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { CsvResult } from '@/web/workers/library-csv';

export type ImportState =
  | { kind: 'idle' }
  | { kind: 'reading'; name: string }
  | { kind: 'read'; name: string; result: CsvResult }
  | { kind: 'sending'; name: string; sent: number; all: number }
  | { kind: 'done'; name: string; said: string }
  | { kind: 'failed'; name: string; message: string };

const BATCH = 50;

/** A CSV file into the library: read in a worker, shown with its row errors, sent in batches, cancellable at any time. */
export function useImport(onDone: () => void) {
  const [state, setState] = useState<ImportState>({ kind: 'idle' });
  const worker = useRef<Worker>(undefined);
  const cancelled = useRef(false);

  async function read(file: File): Promise<void> {
    cancelled.current = false;
    setState({ kind: 'reading', name: file.name });
    const own = new Worker(new URL('../workers/library-csv-worker.ts', import.meta.url), { type: 'module' });
    worker.current = own;
    own.onmessage = (e: MessageEvent<CsvResult>) => {
      own.terminate();
      setState({ kind: 'read', name: file.name, result: e.data });
    };
    own.onerror = () => {
      own.terminate();
      setState({ kind: 'failed', name: file.name, message: say(tell('web.file-could-not-be-read-as')) });
    };
    own.postMessage(file);
  }

  async function send(): Promise<void> {
    if (state.kind !== 'read') return;
    const { result, name } = state;
    const all = result.kind === 'pairs' ? result.pairs.length : result.items.length;
    const counts = { added: 0, updated: 0, unchanged: 0 };
    try {
      for (let sent = 0; sent < all && !cancelled.current; sent += BATCH) {
        setState({ kind: 'sending', name, sent, all });
        if (result.kind === 'pairs') {
          const reply = await post<{ added: number }>('/library/pairs', {
            pairs: result.pairs.slice(sent, sent + BATCH),
          });
          counts.added += reply.added;
        } else {
          const items = result.items.slice(sent, sent + BATCH).map((fields) => ({ id: uuid(), fields }));
          const reply = await post<typeof counts>('/library/items', { items });
          for (const key of ['added', 'updated', 'unchanged'] as const) counts[key] += reply[key];
        }
      }
      const what =
        result.kind === 'pairs'
          ? say(tell('web.pairs-kept', { added: counts.added }))
          : say(
              tell('web.added-updated-unchanged', {
                added: counts.added,
                updated: counts.updated,
                unchanged: counts.unchanged,
              }),
            );
      setState({
        kind: 'done',
        name,
        said: cancelled.current ? say(tell('web.cancelled-before-it-stopped', { what })) : `${what}.`,
      });
    } catch (error) {
      const p = error as ApiProblem;
      setState({
        kind: 'failed',
        name,
        message: say(
          tell('web.were-kept-before-it', {
            message: p.message,
            field: p.field ? ` (${p.field})` : '',
            added: counts.added + counts.updated,
          }),
        ),
      });
    }
    onDone();
  }

  function cancel(): void {
    cancelled.current = true;
    worker.current?.terminate();
    if (state.kind !== 'sending') setState({ kind: 'idle' });
  }
  return { state, read, send, cancel, clear: () => setState({ kind: 'idle' }) };
}
