import type { Database } from './db/pool';
import type { DatabaseWatch } from './db/watch';
import type { InstrumentHall } from './features/instruments/instrument-hall';
import type { Umpire } from './features/practice/umpire';
import type { PdfMaker } from './features/reports/pdf-maker';
import type { RequestLine } from './observe/log';
import type { Pictures } from './pictures/pictures';
import type { Streams } from './streams';

export type ServerOptions = {
  /** Demo people may sign in and are listed: loopback only. */
  demoSignIn: boolean;
  /** Folder of the built web application, when it is served from here. */
  webDir?: string;
  sessionSecret: string;
  /** Asked of whoever begins the first company of an empty installation; none where there is nothing to begin. */
  setupCode?: string;
  /** Host names besides loopback that this server answers to; undefined: any. */
  allowedHosts?: readonly string[];
  /** Requests under way at once before more are turned away; undefined: the usual number. */
  mostAtOnce?: number;
  /** What Express takes as "trust proxy": behind a proxy the address and TLS of the person are the proxy's word. */
  trustProxy?: string | number | boolean;
};

/** What the application is made of; tests give their own. */
export type Deps = {
  database: Database;
  hall: InstrumentHall;
  options: ServerOptions;
  log: (line: string) => void;
  /** Who hears of each answered request. */
  watched?: readonly ((line: RequestLine) => void)[];
  /** The bytes of pictures. */
  pictures: Pictures;
  /** Makes PDFs beside the requests. */
  pdf: PdfMaker;
  /** Plays practice rounds again beside the requests. */
  umpire: Umpire;
  /** Whether the database answers. */
  watch: DatabaseWatch;
  /** Open streams by session. */
  streams: Streams;
  /** Where instruments of the crew's own connect; none in most tests. */
  instrumentPort?: { address: () => { host: string; port: number } | undefined };
};
