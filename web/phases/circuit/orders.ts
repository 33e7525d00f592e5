/** An order that was given to a simulated bench, as the run's events keep it. */
export type BenchOrderEvent = { runSeconds: number; order: string };

export function ordersOf(events: readonly { kind: string; runSeconds: number }[]): BenchOrderEvent[] {
  return events.flatMap((e) =>
    e.kind === 'order' && 'order' in e ? [{ runSeconds: e.runSeconds, order: String(e.order) }] : [],
  );
}
