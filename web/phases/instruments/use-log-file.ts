import { useRef, useState } from 'react';
import { guessMapping, type LogMapping, type ReadLog } from '@/core/instrument/logger/read-log';
import type { LogAsk, LogHead } from '@/web/workers/log-worker';

/** A recording in a file: opened and read on a worker; what stands in it is guessed, and put right by hand. */
export function useLogFile(channels: readonly string[]) {
  const worker = useRef<Worker>(undefined);
  const [file, setFile] = useState<{ name: string; head: LogHead }>();
  const [mapping, setMapping] = useState<LogMapping>();
  const ask = <T>(message: LogAsk): Promise<T> =>
    new Promise((done, failed) => {
      worker.current ??= new Worker(new URL('../../workers/log-worker.ts', import.meta.url), { type: 'module' });
      worker.current.onmessage = (e: MessageEvent<T>) => done(e.data);
      worker.current.onerror = (e) => failed(new Error(e.message));
      worker.current.postMessage(message);
    });

  async function open(chosen: File): Promise<void> {
    const head = await ask<LogHead>({ file: chosen });
    setFile({ name: chosen.name, head });
    setMapping(guessMapping(head.header, head.rows, channels));
  }
  const readAll = (by: LogMapping, barometerPsia: number): Promise<ReadLog> =>
    ask<ReadLog>({ mapping: by, barometerPsia });
  function close(): void {
    worker.current?.terminate();
    worker.current = undefined;
    setFile(undefined);
    setMapping(undefined);
  }
  return { file, mapping, setMapping, open, readAll, close };
}
