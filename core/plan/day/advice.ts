import type { DayActivity, Person, PlacedPiece } from './activity';
import { endOf } from './chain';
import type { Crew } from './crew';
import { type DayRules, placeDay } from './schedule';

/** What would bring the end forward, in the order in which a lead tries it: another pair of hands of the crew, then one more. */
export type Advice =
  | {
      kind: 'give';
      id: string;
      from: string;
      to: string;
      placed: PlacedPiece[];
      savesH: number;
      whileRuns: string | undefined;
    }
  | { kind: 'add a hand'; placed: PlacedPiece[]; savesH: number };

/** Less than this is not worth a walk across the house, h (design default). */
const WORTH_H = 0.15;

/**
 * The one change that brings the end of the day forward most: a piece given to somebody else of the crew; where none helps, one
 * more hand. Holds, vacuum, curing and safety steps are never shortened: they are not touched at all.
 *
 * @param pieces with who does each as it stands · @param placed where they lie now
 * @returns undefined where nothing helps by ten minutes
 */
export function adviceFor(
  pieces: readonly DayActivity[],
  placed: readonly PlacedPiece[],
  crew: Crew,
  rules: DayRules,
): Advice | undefined {
  const end = endOf(placed);
  if (end === undefined) return undefined;
  const open = pieces.filter((a) => !a.done && a.begun === undefined && a.people > 0);
  let best: Extract<Advice, { kind: 'give' }> | undefined;
  for (const a of open) {
    const now = placed.find((p) => p.id === a.id)!;
    for (const from of now.who)
      for (const { name: to, certified } of crew.people) {
        if (now.who.includes(to) || (a.certified && !certified)) continue;
        const who = now.who.map((name) => (name === from ? to : name));
        const tried = placeDay(
          pieces.map((x) => (x.id === a.id ? { ...x, who } : x)),
          crew,
          rules,
        );
        const savesH = end - endOf(tried)!;
        if (savesH >= WORTH_H && savesH > (best?.savesH ?? 0) + 1e-6)
          best = {
            kind: 'give',
            id: a.id,
            from,
            to,
            placed: tried,
            savesH,
            whileRuns: machineDuring(a.id, tried, pieces),
          };
      }
  }
  return best ?? withAHand(pieces, end, crew, rules);
}

/** What runs alone while a piece is done: the wait that the work fits into. */
function machineDuring(id: string, placed: readonly PlacedPiece[], pieces: readonly DayActivity[]): string | undefined {
  const at = placed.find((p) => p.id === id)!;
  const alone = new Set(pieces.filter((a) => a.people === 0).map((a) => a.id));
  return placed.find((p) => alone.has(p.id) && p.start < at.end && p.end > at.start)?.id;
}

/** One more pair of hands, free from now on, who holds no certificate; what was not told to anybody may go to them. */
function withAHand(pieces: readonly DayActivity[], end: number, crew: Crew, rules: DayRules): Advice | undefined {
  const hand: Person = { name: '', leads: false, certified: false, away: [] };
  const free = pieces.map((a) => (a.done || a.begun !== undefined ? a : { ...a, who: undefined }));
  const placed = placeDay(free, { ...crew, people: [...crew.people, hand] }, rules);
  const savesH = end - endOf(placed)!;
  return savesH >= WORTH_H ? { kind: 'add a hand', placed, savesH } : undefined;
}
