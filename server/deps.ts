import type { Database } from './db/pool';
import type { InstrumentHall } from './features/instruments/instrument-hall';

export type ServerOptions = {
  /** Demo people may sign in and are listed: loopback only. */
  demoSignIn: boolean;
  /** Folder of the built web application, when it is served from here. */
  webDir?: string;
  sessionSecret: string;
};

/** What the application is made of; tests give their own. */
export type Deps = {
  database: Database;
  hall: InstrumentHall;
  options: ServerOptions;
  log: (line: string) => void;
  /** Where instruments of the crew's own connect; none in most tests. */
  instrumentPort?: { address: () => { host: string; port: number } | undefined };
};
