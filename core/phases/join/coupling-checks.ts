import type { Finding } from '@/core/finding/finding';
import type { EntryOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { q } from '@/core/words/said';
import type { RunFigures } from './line-run';
import { COMMON, tell } from './words';

/** A pre-charged kit: long enough for the way, its spare lying flat, every coupling looked at for leaks. */
export function kitChecks(
  body: EntryBody<'line-run'>,
  { lengthFt }: RunFigures,
  joints: readonly EntryOf<'joint'>[],
): Finding[] {
  const checks: Finding[] = [];
  const kitFt = body.kitFt ?? undefined;
  if (kitFt !== undefined) {
    const short = lengthFt > kitFt;
    checks.push({
      id: 'kit-length',
      verdict: short ? 'stop' : 'good',
      claim: tell(short ? 'join.kit-is-too-short' : 'join.kit-reaches', {
        kitFt: q(kitFt, 'ft'),
        lengthFt: q(lengthFt, 'ft'),
      }),
      because: tell('join.pre-charged-line-is-never-stretched-or-cut'),
      source: tell('join.makers-instructions'),
      ...(short ? { next: { say: tell('join.fetch-longer-kit-or-move-unit') } } : {}),
      miss: short ? 3 : 0,
    });
  }
  if (body.spare === 'hung in loops')
    checks.push({
      id: 'spare',
      verdict: 'look-again',
      claim: tell('join.spare-line-hangs-in-loops'),
      because: tell('join.oil-lies-in-every-loop'),
      source: tell('join.makers-instructions'),
      next: { say: tell('join.coil-it-flat-where-maker-allows') },
      miss: 0.8,
    });
  if (!joints.some((j) => j.body.method === 'coupling'))
    checks.push({
      id: 'joints',
      verdict: 'not-proven',
      claim: tell('join.no-coupling-is-logged'),
      because: tell('join.coupling-is-leak-checked-like-any-joint'),
      source: COMMON,
      next: { say: tell('join.bubbles-and-detector-at-each-coupling') },
    });
  return checks;
}
