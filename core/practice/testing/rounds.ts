import type { FaultName } from '@/core/plant/unit/faults';
import { applySystem } from '@/core/practice/apply-system';
import { LEVEL, type LevelId, SEEDS, type SystemLevel } from '@/core/practice/levels';
import type { Move } from '@/core/practice/moves';
import { type SystemPlay, startSystem } from '@/core/practice/system-play';
import { drawSystemRound, type SystemRound } from '@/core/practice/system-round';

export const roundOf = (level: LevelId, seed: number): SystemRound =>
  drawSystemRound(LEVEL[level] as SystemLevel, seed);
/** The first stored round of a level that hides this fault, or nothing at all. */
export const roundWith = (fault: FaultName | 'healthy', level: LevelId = 'faults'): SystemRound =>
  SEEDS[level].map((s) => roundOf(level, s)).find((r) => (r.hidden[0]?.fault ?? 'healthy') === fault)!;

/** A round after some moves, each of which must be possible. */
export function played(round: SystemRound, ...moves: Move[]): SystemPlay {
  const p = startSystem(round);
  for (const m of moves) if (!applySystem(p, m).ok) throw new Error(`${m.kind} cannot be made`);
  return p;
}
/** Why a move cannot be made now; nothing where it was. */
export const refusedBy = (p: SystemPlay, move: Move): string | undefined => {
  const r = applySystem(p, move);
  return r.ok ? undefined : r.refused.message.id;
};
