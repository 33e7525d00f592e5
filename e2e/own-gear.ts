import { connect, type Socket } from 'node:net';
import { type Bench, type BenchOrder, orderBench, stepBench } from '../core/plant/bench/bench';

/**
 * Gauges, valves and scale of the crew's own, on the far end of the instrument port: real pipes are played by the same
 * physics as the simulated bench, but the application knows only what is sent, and what the crew taps.
 */
export class OwnGear {
  private socket: Socket | undefined;
  private timer: NodeJS.Timeout | undefined;
  private seconds = 0;
  /** Seconds of the pipes' time between two lines. */
  pace = 1;
  /** The port takes fifty lines a second. */
  lineEveryMs = 30;

  constructor(private bench: Bench) {}

  /** What a hand does at the unit; nothing of it goes over the port. */
  hand(...orders: BenchOrder[]): void {
    for (const order of orders) this.bench = orderBench(this.bench, order);
  }

  async connect(port: number, token: string): Promise<void> {
    const socket = connect(port, '127.0.0.1');
    this.socket = socket;
    socket.setEncoding('utf8');
    await new Promise<void>((done, fail) => {
      socket.once('error', fail);
      socket.once('data', (answer: string) => (answer.includes('"ok":true') ? done() : fail(new Error(answer))));
      this.send({ format: 'mill-bridge-instrument/1', token, instrument: 'test bench bridge' });
    });
    socket.on('error', () => this.stop());
    this.tick();
  }

  private tick(): void {
    let values: Record<string, number | null> = {};
    for (let i = 0; i < this.pace; i++) values = stepBench(this.bench, 1);
    this.seconds += this.pace;
    this.send({ t: this.seconds, values });
    this.timer = setTimeout(() => this.tick(), this.lineEveryMs);
  }

  stop(): void {
    clearTimeout(this.timer);
    this.socket?.destroy();
  }

  private send(line: object): void {
    this.socket?.write(`${JSON.stringify(line)}\n`);
  }
}
