import { createServer, type Server } from 'node:http';
import { collectDefaultMetrics, Gauge, Histogram, Registry } from 'prom-client';

/** Upper bounds of the time of a request, s: the promise is 50 ms for 99 of 100. */
const BOUNDS_S = [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 10];

/** What a gauge reads when it is asked. */
export type Looks = { databaseReady: () => boolean; liveRuns: () => number; openStreams: () => number };

/** Figures of one server in the format that Prometheus reads. */
export class Metrics {
  readonly registry = new Registry();
  private readonly requests: Histogram;

  constructor(looks: Looks) {
    collectDefaultMetrics({ register: this.registry });
    this.requests = new Histogram({
      name: 'mb_request_seconds',
      help: 'Time until a request was answered, by route.',
      labelNames: ['method', 'route', 'status'],
      buckets: BOUNDS_S,
      registers: [this.registry],
    });
    const gauge = (name: string, help: string, read: () => number): void => {
      new Gauge({
        name,
        help,
        registers: [this.registry],
        collect() {
          this.set(read());
        },
      });
    };
    gauge('mb_database_ready', '1 while the database answers.', () => Number(looks.databaseReady()));
    gauge('mb_live_runs', 'Runs whose instruments are read by this server.', looks.liveRuns);
    gauge('mb_open_streams', 'Screens that follow a run here.', looks.openStreams);
  }

  /** `ms` is the time until the last byte was handed over. */
  answered(line: { method: string; route: string; status: number; ms: number }): void {
    this.requests.observe({ method: line.method, route: line.route, status: String(line.status) }, line.ms / 1000);
  }

  /** A listener of its own on loopback: figures are no business of whoever reaches the application. */
  listen(port: number): Server {
    return createServer((request, response) => {
      if (request.url !== '/metrics') return response.writeHead(404).end();
      this.registry.metrics().then(
        (text) => response.writeHead(200, { 'content-type': this.registry.contentType }).end(text),
        () => response.writeHead(500).end(),
      );
    }).listen(port, '127.0.0.1');
  }
}
