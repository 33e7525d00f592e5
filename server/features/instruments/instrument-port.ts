import { createServer, type Server, type Socket } from 'node:net';
import { helloSchema, MOST_LINE_BYTES, MOST_LINES_PER_S, readingSchema } from '@/contract/instrument-port';
import { spoken } from '@/contract/words/speaker';
import { type Refusal, refusal, refusalFromZod } from '@/core/finding/outcome';
import { rangeOf } from '@/core/instrument/channel-range';
import { english } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import type { ActiveRun } from './active-run';
import { isPort } from './feed-protocol';
import type { InstrumentHall } from './instrument-hall';
import { tokenHash } from './port-protocol';

/** A channel not heard of for this long is told as no signal. */
const STALE_MS = 5000;
const TICK_MS = 1000;
const HELLO_WITHIN_MS = 5000;
const CLOSING_MS = 1000;
/** A run has a handful of instruments; a company a hundred crews. */
const MOST_PER_RUN = 8;
const MOST_SOCKETS = 256;
/** Lines that came late come together: three seconds of them are no flood. */
const BURST_LINES = 3 * MOST_LINES_PER_S;

type Latest = Map<string, { value: number | null; at: number }>;

/**
 * Where instruments of the crew's own send their readings: loopback only, one token a run, line by line. Several may share
 * a run (a gauge and a thermometer): once a second the newest value of every channel becomes a sample. A replay brings its
 * own seconds and is stored line by line, marked as replayed.
 */
export class InstrumentPort {
  private server: Server | undefined;
  private readonly latest = new Map<string, Latest>();
  private readonly sockets = new Set<Socket>();
  private readonly perRun = new Map<string, number>();
  private timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly hall: InstrumentHall,
    private readonly log: (line: string) => void,
  ) {}

  async listen(port: number): Promise<void> {
    const server = createServer((socket) => this.connected(socket));
    this.server = server;
    await new Promise<void>((done) => {
      server.once('error', (error) => {
        this.log(`instrument port: ${error.message}; instruments of your own cannot connect`);
        this.server = undefined;
        done();
      });
      server.listen(port, '127.0.0.1', () => done());
    });
    this.timer = setInterval(() => this.tick(), TICK_MS);
  }

  address = (): { host: string; port: number } | undefined => {
    const at = this.server?.address();
    return typeof at === 'object' && at ? { host: '127.0.0.1', port: at.port } : undefined;
  };

  close(): void {
    clearInterval(this.timer);
    for (const socket of this.sockets) socket.destroy();
    this.server?.close();
  }

  private connected(socket: Socket): void {
    let run: ActiveRun | undefined;
    if (this.sockets.size >= MOST_SOCKETS) {
      socket.end(
        `${JSON.stringify(spoken({ ok: false, field: 'port', message: tell('server.too-many-instruments'), allowed: tell('server.at-once', { mostSockets: MOST_SOCKETS }) }, english))}\n`,
      );
      return;
    }
    this.sockets.add(socket);
    socket.on('close', () => {
      this.sockets.delete(socket);
      clearTimeout(deadline);
      if (run) this.perRun.set(run.run.id, Math.max(0, (this.perRun.get(run.run.id) ?? 1) - 1));
    });
    let text = '';
    let allowance = BURST_LINES;
    let countedAt = Date.now();
    socket.setEncoding('utf8');
    // By the clock, not by silence: a byte now and then is no greeting.
    const deadline = setTimeout(() => {
      if (run) return;
      end(refusal('token', tell('server.no-greeting-came'), tell('server.first-line-with-format-token-and')));
      setTimeout(() => socket.destroy(), CLOSING_MS).unref();
    }, HELLO_WITHIN_MS);
    const say = (answer: object): void => void socket.write(`${JSON.stringify(spoken(answer, english))}\n`);
    const end = (refused: Refusal): void =>
      void socket.end(`${JSON.stringify(spoken({ ok: false, ...refused }, english))}\n`);
    socket.on('error', () => socket.destroy());
    socket.on('data', (data: string) => {
      text += data;
      for (let at = text.indexOf('\n'); at >= 0; at = text.indexOf('\n')) {
        const line = text.slice(0, at).trim();
        text = text.slice(at + 1);
        if (!line || socket.writableEnded) continue;
        const now = Date.now();
        allowance = Math.min(BURST_LINES, allowance + ((now - countedAt) / 1000) * MOST_LINES_PER_S) - 1;
        countedAt = now;
        if (allowance < 0)
          return end(
            refusal(
              'rate',
              tell('server.too-many-lines'),
              tell('server.lines-second', { mostLinesPerS: MOST_LINES_PER_S }),
            ),
          );
        if (!run) {
          const refused = greet(line);
          if (refused) return end(refused);
          continue;
        }
        const refused = this.reading(run, line);
        if (refused) return end(refused);
        say({ ok: true });
      }
      if (text.length > MOST_LINE_BYTES)
        end(
          refusal(
            'line',
            tell('server.line-is-too-long'),
            tell('server.characters', { mostLineBytes: MOST_LINE_BYTES }),
          ),
        );
    });
    const greet = (line: string): Refusal | undefined => {
      const found = this.greeting(line);
      if ('refused' in found) return found.refused;
      const there = this.perRun.get(found.run.run.id) ?? 0;
      if (there >= MOST_PER_RUN)
        return refusal(
          'token',
          tell('server.too-many-instruments-on-this-run'),
          tell('server.at-once-2', { mostPerRun: MOST_PER_RUN }),
        );
      run = found.run;
      this.perRun.set(run.run.id, there + 1);
      clearTimeout(deadline);
      say({ ok: true, phase: run.run.phase, channels: isPort(run.feed) ? run.feed.port.channels : [] });
      return undefined;
    };
  }

  private greeting(line: string): { run: ActiveRun } | { refused: Refusal } {
    const hello = parsed(line, helloSchema);
    if ('refused' in hello) return hello;
    const run = this.hall.byToken(tokenHash(hello.value.token));
    return run
      ? { run }
      : {
          refused: refusal(
            'token',
            tell('server.no-run-waits-for-this-token'),
            tell('server.token-of-run-that-is-open'),
          ),
        };
  }

  /** Takes one line of readings; why it cannot be taken, or undefined. */
  private reading(run: ActiveRun, line: string): Refusal | undefined {
    const read = parsed(line, readingSchema);
    if ('refused' in read) return read.refused;
    if (!isPort(run.feed) || this.hall.get(run.run.id) !== run)
      return refusal('run', tell('server.run-was-stopped'), tell('server.new-token'));
    const { channels } = run.feed.port;
    for (const [channel, value] of Object.entries(read.value.values)) {
      if (!channels.includes(channel))
        return refusal(channel, tell('server.this-run-does-not-take-that'), channels.join(', '));
      const [low, high, unit] = rangeOf(channel);
      if (value !== null && !(value >= low && value <= high))
        return refusal(
          channel,
          tell('server.outside-what-this-channel-can-be'),
          tell('server.to', { low, high, unit }),
        );
    }
    if (run.run.source === 'replayed') return this.replayed(run, read.value);
    const latest = this.latest.get(run.run.id) ?? new Map();
    this.latest.set(run.run.id, latest);
    const at = Date.now();
    for (const [channel, value] of Object.entries(read.value.values)) latest.set(channel, { value, at });
    return undefined;
  }

  private replayed(run: ActiveRun, read: { t?: number; values: Record<string, number | null> }): Refusal | undefined {
    const last = run.recent.at(-1)?.runSeconds ?? -1;
    if (read.t === undefined || read.t <= last)
      return refusal(
        't',
        tell('server.replay-brings-its-own-seconds-each'),
        tell('server.above-s', { value: Math.max(0, last) }),
      );
    this.add(run, read.t, (channel) => read.values[channel] ?? null);
    return undefined;
  }

  /** Once a second: the newest value of each channel, or no signal. */
  private tick(): void {
    const now = Date.now();
    for (const [runId, latest] of this.latest) {
      const run = this.hall.get(runId);
      if (!run) {
        this.latest.delete(runId);
        continue;
      }
      const runSeconds = Math.round((now - run.run.startedAt.getTime()) / 1000);
      if (runSeconds <= (run.recent.at(-1)?.runSeconds ?? -1)) continue;
      this.add(run, runSeconds, (channel) => {
        const known = latest.get(channel);
        return known && now - known.at <= STALE_MS ? known.value : null;
      });
    }
  }

  private add(run: ActiveRun, runSeconds: number, read: (channel: string) => number | null): void {
    if (!isPort(run.feed)) return;
    run.accept({
      type: 'batch',
      runId: run.run.id,
      producedAt: Date.now(),
      block: {
        runSeconds: [runSeconds],
        values: Object.fromEntries(run.feed.port.channels.map((c) => [c, [read(c)]])),
      },
      events: [],
      feed: run.feed,
    });
  }
}

function parsed<T>(
  line: string,
  schema: { safeParse: (v: unknown) => { success: boolean; data?: T; error?: unknown } },
): { value: T } | { refused: Refusal } {
  let value: unknown;
  try {
    value = JSON.parse(line);
  } catch {
    return {
      refused: refusal('line', tell('server.line-is-not-json'), tell('server.one-json-object-line')),
    };
  }
  const checked = schema.safeParse(value);
  return checked.success
    ? { value: checked.data as T }
    : { refused: refusalFromZod(schema as never, checked.error as never, value) };
}
