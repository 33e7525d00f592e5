import { acceptedVolts } from '@/core/equipment/plate-volts';
import { advise, type Finding } from '@/core/finding/finding';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { generatorStart } from '@/core/power/inrush';
import { judgeReduction } from '@/core/power/soft-starter';
import { q } from '@/core/words/said';
import { circuitPlates } from './power';
import { COMMON, open, prefixed } from './sheet-parts';
import { lraOf } from './starter';
import type { WireSheet } from './wiring';
import { tell } from './words';

/** What a fitted soft starter brings, by two captured starts of the running system; nothing where none is fitted. */
export function inrushFindings(sheet: WireSheet): Finding[] {
  const b = latestOf(sheet.systemLog, 'soft-starter')?.body;
  if (!b) return [];
  const captures = entriesOf(sheet.systemLog, 'inrush');
  const last = (when: 'before' | 'after') => captures.findLast((c) => c.body.when === when)?.body;
  const [before, after] = [last('before'), last('after')];
  if (!before) return [open('starter:inrush', tell('wire.inrush-before-is-missing'), tell('wire.capture-before'))];
  if (!after) return [open('starter:inrush', tell('wire.inrush-after-is-missing'), tell('wire.capture-after'))];
  const learned = b.learningStarts === null || (after.learned ?? 0) >= b.learningStarts;
  const judged = judgeReduction({ beforeA: before.startRmsA, afterA: after.startRmsA, lraA: lraOf(sheet) ?? null });
  const plate = circuitPlates(sheet).find((c) => c.which === 'outdoor');
  const volts = plate ? acceptedVolts(plate.volts).low : undefined;
  const kva = volts ? generatorStart({ inrushA: after.startRmsA, volts, otherKva: b.otherKva ?? 0 }) : undefined;
  return [
    {
      ...prefixed('starter', judged),
      ...(judged.verdict === 'look-again' && !learned
        ? { next: advise(tell('wire.let-it-learn', { starts: b.learningStarts ?? 0 })) }
        : {}),
    },
    ...(before.runA !== null && after.runA !== null
      ? [
          {
            id: 'wire:starter:running',
            verdict: 'good' as const,
            claim: tell('wire.runs-at-before-and-after', {
              before: q(before.runA, 'A', 1),
              after: q(after.runA, 'A', 1),
            }),
            because: tell('wire.a-starter-changes-the-start-alone'),
            source: COMMON,
          },
        ]
      : []),
    ...(kva?.ok
      ? [
          {
            id: 'wire:starter:generator',
            verdict: 'good' as const,
            claim: tell('wire.generator-starts-it', { kva: q(kva.value.startKva, 'number', 1) }),
            because: tell('wire.motor-starting-kva-not-running-watts'),
            source: COMMON,
          },
        ]
      : []),
  ];
}
