import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/fit/words';
import { q, value } from '@/core/words/said';
import type { Piece, Route } from './route';

/** What one and two people may lift (common practice; NIOSH ideal 51 lb), lb; above that a dolly, a hoist or a crane. */
const LIFT_LB = { each: 50, most: 100 } as const;
/** A person with tools on a ladder (common practice), lb. */
const PERSON_LB = 220;

/** Everything that is carried: the new piece, and what else goes in or out. */
export const piecesOf = (route: Route): Piece[] => [
  { ...route.piece, id: 'piece', way: 'in' },
  ...(route.pieces ?? []),
];

/** People it takes to carry a piece. */
export const peopleFor = (weightLb: number): number => Math.max(1, Math.ceil(weightLb / LIFT_LB.each));

/** Who carries it, and what the ladder under a hatch bears. */
export function carryingChecks(route: Route): Finding[] {
  const checks: Finding[] = [];
  const source = tell('fit.common-practice');
  const hatch = route.stages.some((s) => s.kind === 'hatch');
  for (const piece of piecesOf(route)) {
    const lb = piece.weightLb;
    if (lb === null || lb === undefined) continue;
    const people = peopleFor(lb);
    const heavy = lb > LIFT_LB.most;
    checks.push({
      id: `carry-${piece.id}`,
      verdict: heavy ? 'look-again' : 'good',
      claim: tell(heavy ? 'fit.piece-is-too-heavy-for-hands' : 'fit.people-carry-piece', {
        label: piece.label,
        lb: q(lb, 'lb', 0),
        people,
        way: value(piece.way),
      }),
      because: tell('fit.each-may-lift', { each: q(LIFT_LB.each, 'lb', 0), most: q(LIFT_LB.most, 'lb', 0) }),
      source,
      ...(heavy
        ? { next: { say: tell(hatch ? 'fit.hoist-it-through-or-split-it' : 'fit.dolly-or-hoist-or-split-it') } }
        : {}),
      miss: lb / LIFT_LB.most,
    });
  }
  const heaviest = Math.max(0, ...piecesOf(route).map((p) => p.weightLb ?? 0));
  for (const s of route.stages) {
    if (s.kind !== 'hatch' || s.ladderLb === null || s.ladderLb === undefined || heaviest === 0) continue;
    const load = PERSON_LB + heaviest / peopleFor(heaviest);
    const over = load > s.ladderLb;
    checks.push({
      id: `ladder-${s.id}`,
      verdict: over ? 'stop' : 'good',
      claim: tell(over ? 'fit.ladder-is-not-rated-for-it' : 'fit.ladder-bears-it', {
        label: s.label,
        load: q(load, 'lb', 0),
        rated: q(s.ladderLb, 'lb', 0),
      }),
      because: tell('fit.one-person-with-a-share-of-the-piece', { person: q(PERSON_LB, 'lb', 0) }),
      source: tell('fit.ladders-own-label-common-practice'),
      ...(over ? { next: { say: tell('fit.hoist-it-through-or-split-it') } } : {}),
      miss: over ? 5 : 0,
    });
  }
  return checks;
}
