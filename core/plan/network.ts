/** One piece of work: how long it takes, what must be done before it, how many people it ties up. */
export type Activity = { id: string; hours: number; after: readonly string[]; people: number };

/** When an activity may begin and end at the earliest and at the latest, h from the start. */
export type Timed = {
  activity: Activity;
  earliestStart: number;
  earliestEnd: number;
  latestStart: number;
  latestEnd: number;
};

/** A ring of activities that each wait for the next; undefined where there is none. */
export function loopIn(activities: readonly Activity[]): string[] | undefined {
  const byId = new Map(activities.map((a) => [a.id, a]));
  const state = new Map<string, 'open' | 'done'>();
  const path: string[] = [];
  function visit(id: string): string[] | undefined {
    if (state.get(id) === 'done') return undefined;
    if (state.get(id) === 'open') return path.slice(path.indexOf(id));
    state.set(id, 'open');
    path.push(id);
    for (const before of byId.get(id)?.after ?? []) {
      const loop = visit(before);
      if (loop) return loop;
    }
    path.pop();
    state.set(id, 'done');
    return undefined;
  }
  for (const { id } of activities) {
    const loop = visit(id);
    if (loop) return loop.reverse();
  }
  return undefined;
}

/** Activities so that each stands after everything it waits for; they must have no loop. */
export function inOrder(activities: readonly Activity[]): Activity[] {
  const byId = new Map(activities.map((a) => [a.id, a]));
  const placed = new Set<string>();
  const out: Activity[] = [];
  const place = (a: Activity): void => {
    if (placed.has(a.id)) return;
    placed.add(a.id);
    for (const before of a.after) place(byId.get(before)!);
    out.push(a);
  };
  for (const a of activities) place(a);
  return out;
}

/**
 * The critical-path method: earliest times forward, latest times backward, no limit of people or gear.
 *
 * @param activities without a loop, each `after` one of them
 * @returns every activity with its times, h, in an order that respects what waits for what; the length of the whole
 * @source forward and backward pass (Kelley and Walker, 1959)
 */
export function timesOf(activities: readonly Activity[]): { timed: Timed[]; hours: number } {
  const order = inOrder(activities);
  const end = new Map<string, number>();
  const starts = order.map((a) => {
    const start = Math.max(0, ...a.after.map((b) => end.get(b)!));
    end.set(a.id, start + a.hours);
    return start;
  });
  const hours = Math.max(0, ...end.values());
  const latest = new Map<string, number>(order.map((a) => [a.id, hours]));
  for (const a of [...order].reverse()) {
    const start = latest.get(a.id)! - a.hours;
    for (const b of a.after) latest.set(b, Math.min(latest.get(b)!, start));
  }
  const timed = order.map((activity, i): Timed => {
    const latestEnd = latest.get(activity.id)!;
    return {
      activity,
      earliestStart: starts[i]!,
      earliestEnd: starts[i]! + activity.hours,
      latestStart: latestEnd - activity.hours,
      latestEnd,
    };
  });
  return { timed, hours };
}
