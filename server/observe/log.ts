import pino from 'pino';

export type RequestLine = {
  method: string;
  route: string;
  status: number;
  ms: number;
  personId?: string | undefined;
  companyId?: string | undefined;
};
/** What the server says: lines for whoever looks after it, and one for each request where a machine reads them. */
export type ServerLog = { say: (line: string) => void; request?: (line: RequestLine) => void };

/**
 * Plain lines in a terminal; JSON lines (one an event, one a request) where MB_LOG is "json", for a journal or a collector.
 * No body, no name and no address of a person is ever in them: ids only.
 */
export function openLog(format: string | undefined, out: { write(text: string): unknown } = process.stdout): ServerLog {
  if (format !== 'json') return { say: (line) => void out.write(`${line}\n`) };
  const log = pino({ base: undefined, timestamp: pino.stdTimeFunctions.isoTime }, out as pino.DestinationStream);
  return {
    say: (line) => log[/^error/.test(line) ? 'error' : 'info'](line.trim()),
    request: (line) => log.info(line, 'request'),
  };
}
