import { connect, type Socket } from 'node:net';
import { type Bench, type BenchOrder, orderBench, stepBench } from '../core/plant/bench/bench';
import { advance, command, newRig, type RigCommand, type RigConfig, sample } from '../core/plant/rig';

/** Pipes and machines at the far end: they move on by a second, and hands move them. */
type Gear<Order> = { second: () => Record<string, number | null>; hand: (order: Order) => void };

export function benchGear(start: Bench): Gear<BenchOrder> {
  let bench = start;
  return {
    second: () => stepBench(bench, 1),
    hand: (order) => {
      bench = orderBench(bench, order);
    },
  };
}

export function rigGear(start: RigConfig, chargeOz: number): Gear<RigCommand> {
  let config = start;
  let state = newRig(config, chargeOz);
  return {
    second: () => {
      advance(config, state, 1);
      return sample(config, state);
    },
    hand: (order) => {
      ({ config, state } = command(config, state, order));
    },
  };
}

/**
 * Gauges, valves and scale of the crew's own, on the far end of the instrument port: real pipes are played by the same
 * physics as the simulated bench, but the application knows only what is sent, and what the crew taps.
 */
export class OwnGear<Order> {
  private socket: Socket | undefined;
  private timer: NodeJS.Timeout | undefined;
  private seconds = 0;
  /** Seconds of the pipes' time between two lines. */
  pace = 1;
  /** Slows the pipes' time where a hand needs its seconds: how long to wait after these values, ms. */
  waitFor: ((values: Record<string, number | null>) => number | undefined) | undefined;
  /** The port takes fifty lines a second. */
  lineEveryMs = 30;

  constructor(private readonly gear: Gear<Order>) {}

  /** What a hand does at the unit; nothing of it goes over the port. */
  hand(...orders: Order[]): void {
    for (const order of orders) this.gear.hand(order);
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
    for (let i = 0; i < this.pace; i++) values = this.gear.second();
    this.seconds += this.pace;
    this.send({ t: this.seconds, values });
    this.timer = setTimeout(() => this.tick(), this.waitFor?.(values) ?? this.lineEveryMs);
  }

  stop(): void {
    clearTimeout(this.timer);
    this.socket?.destroy();
  }

  private send(line: object): void {
    this.socket?.write(`${JSON.stringify(line)}\n`);
  }
}
