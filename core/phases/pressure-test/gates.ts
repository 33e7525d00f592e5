import { type Gate, gate } from '@/core/job/gates';
import type { SheetWith } from '@/core/job/sheet';
import { tell } from '@/core/phases/pressure-test/words';
import { claimOf, signedGate } from '@/core/phases/signed-gate';
import { pressureView } from './view';
export function pressureGates(
  sheet: SheetWith<'circuit' | 'circuitLog' | 'circuitSchools' | 'signOffs' | 'site'>,
): Gate[] {
  const view = pressureView(sheet);
  const target = claimOf(view.checks, 'target');
  const hold = claimOf(view.checks, 'hold');
  const bubbles = claimOf(view.checks, 'bubbles');
  const expansion = claimOf(view.checks, 'expansion');
  return [
    signedGate(sheet, 'join', 'join-signed'),
    ...(target?.verdict === 'stop'
      ? [gate('plate-limit', tell('work.test-within-plate-limit'), false, target.claim, false)]
      : []),
    gate(
      'expansion-open',
      tell('work.expansion-valve-open'),
      expansion?.verdict === 'good',
      expansion?.claim ?? tell('work.nobody-said-it'),
    ),
    gate(
      'pressure-held',
      tell('work.held-pressure-test'),
      hold?.verdict === 'good',
      hold?.claim ?? tell('work.no-hold-on-record'),
    ),
    ...(bubbles ? [gate('bubbled', tell('work.every-joint-bubbled'), bubbles.verdict === 'good', bubbles.claim)] : []),
  ];
}
