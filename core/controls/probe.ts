import type { Node, Plan } from './plan';

/** Where a meter's two tips are. */
export type Probe = { a: Node; b: Node };

/** Up to this a terminal is dead, V; from the pull-in of a coil on it is live. */
const DEAD_V = 5;
const LIVE_V = 18;

/** What a meter shows, as a technician reads it: 24 V, none, or something in between that no coil takes. */
export const voltsClass = (volts: number): 'live' | 'dead' | 'between' =>
  Math.abs(volts) >= LIVE_V ? 'live' : Math.abs(volts) < DEAD_V ? 'dead' : 'between';

/** Each terminal of a cabinet against the C of the same cabinet: what a meter is held to first. */
export function probesOf(plan: Plan): Probe[] {
  const laid = new Set(plan.wires.filter((w) => w.cable !== 'factory').flatMap((w) => [w.a, w.b]));
  return ['stat', 'in', 'out'].flatMap((cabinet) => {
    const c = `${cabinet}.C`;
    if (!laid.has(c) && cabinet !== 'in') return [];
    return [...laid].filter((n) => n.startsWith(`${cabinet}.`) && n !== c).map((a) => ({ a, b: c }));
  });
}
