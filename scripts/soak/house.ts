import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { freePort, type RunningDatabase, startDatabase } from '../database.mjs';
import { SERVER } from '../server-command.mjs';

/** Of Linux on the machines it runs on. */
const PAGE_BYTES = 4096;
const SCHEMA = 'mill_bridge';
const READY = /is ready/;
const CODE = /\b([A-Z2-9]{5}-[A-Z2-9]{5})\b/;

/** The kernel counts processor time in hundredths of a second; its two counts stand so far behind the name of the program. */
const TICK_MS = 10;
const TICKS_AT = [11, 12];

function processorMsOf(pid: number): number {
  const words = readFileSync(`/proc/${pid}/stat`, 'utf8')
    .replace(/^.*\) /s, '')
    .split(' ');
  return TICKS_AT.reduce((sum, at) => sum + Number(words[at]) * TICK_MS, 0);
}

/** A server and its durable database that die by kill -9 and are started again, as a supervisor would. */
export class House {
  private readonly folder: string;

  /** `memoryMb`: pages that its database holds in memory; undefined: as MariaDB has it. `kept`: a folder that stays when it closes; else one of its own, thrown away. */
  constructor(
    private readonly memoryMb?: number,
    private readonly kept?: string,
  ) {
    this.folder = kept ?? mkdtempSync(path.join(tmpdir(), 'mb-soak-'));
  }

  private database!: RunningDatabase;
  private server!: ChildProcess;
  private databasePort = 0;
  port = 0;
  /** Where instruments of the crew's own connect. */
  instrumentPort = 0;
  /** The code that an empty installation prints. */
  code = '';

  get origin(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Where the schema is. */
  get uri(): string {
    return this.database.uri(SCHEMA);
  }

  /** `seed` puts something into the schema before the server starts. */
  async open({ seed }: { seed?: (uri: string) => unknown } = {}): Promise<void> {
    this.databasePort = await freePort();
    this.port = await freePort();
    this.instrumentPort = await freePort();
    await this.startDatabase();
    seed?.(this.uri);
    await this.startServer();
  }

  private async startDatabase(): Promise<void> {
    this.database = await startDatabase(this.folder, [SCHEMA], { port: this.databasePort, memoryMb: this.memoryMb });
  }

  private async startServer(): Promise<void> {
    this.server = spawn(process.execPath, SERVER, {
      stdio: ['ignore', 'pipe', 'inherit'],
      env: {
        ...process.env,
        DATABASE_URL: '',
        MB_DATABASE_URL: this.database.uri(SCHEMA),
        PORT: String(this.port),
        INSTRUMENT_PORT: String(this.instrumentPort),
        HOST: '127.0.0.1',
        MB_SESSION_SECRET: 'soak',
        MB_COMPANY: '1',
      },
    });
    let said = '';
    await new Promise<void>((done, fail) => {
      this.server.stdout!.on('data', (part) => {
        said += part;
        this.code = CODE.exec(said)?.[1] ?? this.code;
        if (READY.test(said)) done();
      });
      this.server.once('exit', (code) => fail(new Error(`The server ended (${code}): ${said}`)));
    });
    this.server.removeAllListeners('exit');
  }

  /** What the server holds in memory, MB. */
  serverMemoryMb(): number {
    const [, pages = '0'] = readFileSync(`/proc/${this.server.pid}/statm`, 'utf8').split(' ');
    return (Number(pages) * PAGE_BYTES) / 2 ** 20;
  }

  /** Processor time that server and database took so far, ms. */
  processorMs(): { server: number; database: number } {
    return { server: processorMsOf(this.server.pid!), database: processorMsOf(this.database.pid) };
  }

  private async dead(child: ChildProcess): Promise<void> {
    if (child.exitCode !== null || child.signalCode !== null) return;
    const gone = new Promise((done) => child.once('exit', done));
    child.kill('SIGKILL');
    await gone;
  }

  /** Ends one or both without a warning, and starts what was ended; a server whose database alone died is left to mend itself. */
  async kill(what: 'server' | 'database' | 'both'): Promise<void> {
    const ends: Promise<unknown>[] = [];
    if (what !== 'database') ends.push(this.dead(this.server));
    if (what !== 'server') {
      process.kill(this.database.pid, 'SIGKILL');
      ends.push(this.database.exited);
    }
    await Promise.all(ends);
    if (what !== 'server') await this.startDatabase();
    if (what !== 'database') await this.startServer();
  }

  async close(): Promise<void> {
    await this.dead(this.server);
    await this.database.stop();
    if (!this.kept) rmSync(this.folder, { recursive: true, force: true });
  }
}
