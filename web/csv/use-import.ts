import { useRef, useState } from 'react';
import type { Brought } from '@/contract/lists';
import type { RowTrouble } from '@/core/form/table-csv';
import type { ApiProblem } from '@/web/api/http';
import { t } from '@/web/words/tell';
import type { CsvResult, GoodRow } from './read-csv';
import type { CsvKind } from './tables';

export type ImportState =
  | { kind: 'idle' }
  | { kind: 'reading'; name: string }
  | { kind: 'read'; name: string; result: CsvResult }
  | { kind: 'sending'; name: string; sent: number; all: number }
  | { kind: 'done'; name: string; said: string; refused: RowTrouble[] }
  | { kind: 'failed'; name: string; message: string };

/** What became of some rows; those that the company's own records refuse are told with why. */
export type Sent = Brought & { refused?: RowTrouble[] };
export type Sender = (kind: CsvKind, rows: readonly GoodRow[]) => Promise<Sent>;
export type Import = ReturnType<typeof useImport>;

const BATCH = 50;

/** A CSV file into a list of the company: read in a worker, shown with its row errors, sent in batches, cancellable at any time. */
export function useImport(kinds: readonly CsvKind[], sendRows: Sender, onDone: () => void) {
  const [state, setState] = useState<ImportState>({ kind: 'idle' });
  const worker = useRef<Worker>(undefined);
  const cancelled = useRef(false);

  function read(file: File): void {
    cancelled.current = false;
    setState({ kind: 'reading', name: file.name });
    const own = new Worker(new URL('../workers/csv-worker.ts', import.meta.url), { type: 'module' });
    worker.current = own;
    own.onmessage = (e: MessageEvent<CsvResult>) => {
      own.terminate();
      setState({ kind: 'read', name: file.name, result: e.data });
    };
    own.onerror = () => {
      own.terminate();
      setState({ kind: 'failed', name: file.name, message: t('web.file-could-not-be-read-as') });
    };
    own.postMessage({ file, kinds });
  }

  async function send(): Promise<void> {
    if (state.kind !== 'read') return;
    const { result, name } = state;
    const all = result.good.length;
    const counts = { added: 0, updated: 0, unchanged: 0 };
    const refused: RowTrouble[] = [];
    try {
      for (let sent = 0; sent < all && !cancelled.current; sent += BATCH) {
        setState({ kind: 'sending', name, sent, all });
        const reply = await sendRows(result.kind, result.good.slice(sent, sent + BATCH));
        for (const key of ['added', 'updated', 'unchanged'] as const) counts[key] += reply[key];
        refused.push(...(reply.refused ?? []));
      }
      const what = t('web.added-updated-unchanged', counts);
      const said = cancelled.current ? t('web.cancelled-before-it-stopped', { what }) : `${what}.`;
      setState({ kind: 'done', name, said, refused });
    } catch (error) {
      const p = error as ApiProblem;
      const field = p.field ? ` (${p.field})` : '';
      const added = counts.added + counts.updated;
      const message = t('web.were-kept-before-it', { message: p.message, field, added });
      setState({ kind: 'failed', name, message });
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
