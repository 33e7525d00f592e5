import type { Plan } from './plan';

/** Ways to do with too few conductors, in the order they are tried (common practice). */
export const SHORT_WAYS = [
  'new cable',
  'free a conductor',
  'listed add-a-wire',
  'communicating',
  'local transformer',
] as const;
export type ShortWay = (typeof SHORT_WAYS)[number];

export type CableNeed = {
  cable: 'stat' | 'outdoor';
  roles: string[];
  intact: number | undefined;
  short: number | undefined;
};

/** What each field cable of a plan must carry, against the conductors that are whole; undefined where nobody counted. */
export function cableNeeds(plan: Plan, intact: { stat?: number; outdoor?: number }): CableNeed[] {
  return (['stat', 'outdoor'] as const).flatMap((cable) => {
    const roles = [...new Set(plan.wires.filter((w) => w.cable === cable).map((w) => w.role))];
    if (roles.length === 0) return [];
    const whole = intact[cable];
    return [
      { cable, roles, intact: whole, short: whole === undefined ? undefined : Math.max(0, roles.length - whole) },
    ];
  });
}

/** Convention of colors for a role: it proves nothing, each end is proven (common practice). */
export const USUAL_COLORS: Readonly<Record<string, string>> = {
  R: 'red',
  C: 'blue',
  Y1: 'yellow',
  Y2: 'black',
  G: 'green',
  OB: 'orange',
  W: 'white',
  W1: 'white',
  W2: 'white',
};

/** What can be done about a cable that is short: which ways this one allows. */
export function waysFor(
  need: CableNeed,
  facts: { unusedLandedRoles: readonly string[]; communicating: boolean; coolingOnly: boolean },
): ShortWay[] {
  if (!need.short) return [];
  return SHORT_WAYS.filter((way) => {
    if (way === 'free a conductor') return facts.unusedLandedRoles.length >= need.short!;
    // One conductor more is what such a kit gives.
    if (way === 'listed add-a-wire') return need.short === 1 && need.cable === 'stat';
    if (way === 'communicating') return facts.communicating;
    // Two wires carry one call: a transformer and relay outdoors do for cooling alone.
    if (way === 'local transformer') return need.cable === 'outdoor' && facts.coolingOnly && (need.intact ?? 0) >= 2;
    return true;
  });
}
