import { connect, type Socket } from 'node:net';
import { PORT_FORMAT } from '@/contract/instrument-port';

/** An instrument on the port, as a test holds it: greets, sends lines, waits for each answer. */
export class Gauge {
  private text = '';
  private readonly waiting: ((answer: Record<string, unknown>) => void)[] = [];

  private constructor(private readonly socket: Socket) {
    socket.setEncoding('utf8');
    socket.on('error', () => undefined);
    socket.on('data', (d) => {
      this.text += d;
      const parts = this.text.split('\n');
      this.text = parts.pop()!;
      for (const part of parts.filter(Boolean)) this.waiting.shift()?.(JSON.parse(part) as Record<string, unknown>);
    });
  }

  static async open(port: number, token: string): Promise<Gauge> {
    const socket = connect(port, '127.0.0.1');
    await new Promise<void>((done, fail) => {
      socket.once('connect', () => done());
      socket.once('error', fail);
    });
    const gauge = new Gauge(socket);
    const answer = await gauge.send({ format: PORT_FORMAT, token, instrument: 'test gauge' });
    if (answer.ok !== true) throw new Error(JSON.stringify(answer));
    return gauge;
  }

  send(line: object): Promise<Record<string, unknown>> {
    return new Promise((done) => {
      this.waiting.push(done);
      this.socket.write(`${JSON.stringify(line)}\n`);
    });
  }

  /** One reading of a replay. */
  read(t: number, values: Record<string, number | null>): Promise<Record<string, unknown>> {
    return this.send({ t, values });
  }

  close(): void {
    this.socket.end();
  }
}
