import type { Action, Button } from '@/core/job/move';
import type { RunSample } from '@/core/startup/live';
import type { Said } from '@/core/words/said';
import type { Switches } from './told-switches';

export const S_PER_MIN = 60;
export const MS_PER_MIN = 60_000;

/** A button that orders the simulated bench, or tells of the crew's own gear; then an entry, a form or a page. */
export const bench = (label: Said, doing: Partial<Doing>): Button => ({
  label,
  action: { kind: 'bench', orders: [], ...doing },
});

type Doing = Extract<Action, { kind: 'bench' }>;

/** An order as the run's events keep it. */
export type OrderEvent = { runSeconds: number; order: string; on?: boolean; open?: boolean };

/** What a phase has of its running instruments. */
export type LiveStream = {
  runId: string;
  samples: readonly RunSample[];
  orders: readonly OrderEvent[];
  /** How the bench stands, or how the crew has told it stands; undefined when nobody knows. */
  switches: Switches | undefined;
  /** Instruments of the crew's own: valves and machine are moved by hand, and told by a tap. */
  told: boolean;
  /** Wall clock, for what was done outside this run, ms. */
  nowMs: number;
};

export function ordersOf(events: readonly { kind: string; runSeconds: number }[]): OrderEvent[] {
  return events.flatMap((e): OrderEvent[] => {
    if (e.kind !== 'order' || !('order' in e)) return [];
    const { on, open } = e as { on?: unknown; open?: unknown };
    return [
      {
        runSeconds: e.runSeconds,
        order: String(e.order),
        ...(typeof on === 'boolean' ? { on } : {}),
        ...(typeof open === 'boolean' ? { open } : {}),
      },
    ];
  });
}

/** The newest value of a channel; undefined without a signal. */
export function newest(stream: LiveStream, channel: string): number | undefined {
  const value = stream.samples.at(-1)?.values[channel];
  return typeof value === 'number' ? value : undefined;
}

/** Minutes since the last of these orders; undefined when there was none. */
export function minutesSince(stream: LiveStream, ...orders: string[]): number | undefined {
  const last = stream.orders.filter((o) => orders.includes(o.order)).at(-1);
  const now = stream.samples.at(-1);
  return last && now ? (now.runSeconds - last.runSeconds) / S_PER_MIN : undefined;
}

/** The minute at which pump, valve or oil was last touched: what the gauge did before says nothing of now. */
export function touchedMin(orders: readonly OrderEvent[]): number | undefined {
  const last = orders.filter((o) => o.order !== 'configure').at(-1);
  return last ? last.runSeconds / S_PER_MIN : undefined;
}

/** A button whose gear the crew moves by hand says what was done; on a simulated bench it says what to do. */
export const byHand = (stream: LiveStream, done: Said, order: Said): Said => (stream.told ? done : order);
