import type { Finding } from '@/core/finding/finding';
import type { EntryBody } from '@/core/phases/log/entries';
import { q } from '@/core/words/said';
import type { JoinContext, RunFigures } from './line-run';
import { tell } from './words';

/** A trap counts as this much pipe: four bends (common practice), ft. */
export const TRAP_FT = 6;
/** One school sets a trap at the foot of a riser and another each time it has climbed this far, ft. */
const TRAP_EVERY_FT = 20;

/** Traps of the vapour line: by the company's school, and the inverted one where vapour runs down to a lower compressor. */
export function trapChecks(body: EntryBody<'line-run'>, f: RunFigures, { schools }: JoinContext): Finding[] {
  const checks: Finding[] = [];
  const source = tell('join.makers-drawing-wins-company-school');
  if (schools.traps === 'every-20-ft' && f.vapourRiseFt > 0 && typeof body.traps === 'number') {
    const wanted = Math.ceil(f.vapourRiseFt / TRAP_EVERY_FT);
    const short = body.traps < wanted;
    checks.push({
      id: 'traps',
      verdict: short ? 'look-again' : 'good',
      claim: tell('join.traps-in-riser', { traps: body.traps, wanted }),
      because: tell('join.foot-and-every-20-ft', { rise: q(f.vapourRiseFt, 'ft') }),
      source,
      ...(short ? { next: { say: tell('join.bend-a-trap-there') } } : {}),
      miss: short ? 0.5 : 0,
    });
  }
  // The coil stands higher: at rest liquid runs down the vapour line into the compressor.
  if (schools.traps !== 'none' && f.liftFt > 0 && typeof body.invertedTrap === 'boolean')
    checks.push({
      id: 'inverted-trap',
      verdict: body.invertedTrap ? 'good' : 'look-again',
      claim: tell(body.invertedTrap ? 'join.inverted-trap-at-the-coil' : 'join.no-inverted-trap-at-the-coil'),
      because: tell('join.coil-stands-above-compressor', { lift: q(f.liftFt, 'ft') }),
      source,
      ...(body.invertedTrap ? {} : { next: { say: tell('join.loop-vapour-line-over-coil') } }),
      miss: body.invertedTrap ? 0 : 0.5,
    });
  return checks;
}
