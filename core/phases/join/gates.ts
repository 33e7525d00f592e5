import { type Gate, gate } from '@/core/job/gates';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { tell } from '@/core/phases/join/words';
import { signedGate } from '@/core/phases/signed-gate';
import { joinView } from './view';
export function joinGates(sheet: JobSheet): Gate[] {
  if (!isEquipped(sheet))
    return [gate('plate', tell('work.new-equipment'), false, tell('work.choose-it-in-scope-or-enter'), false)];
  const view = joinView(sheet);
  const joined = view.joints.length > 0;
  const open = view.checks.filter((c) => c.verdict !== 'good');
  return [
    signedGate(sheet, 'recover', 'recover-signed'),
    gate(
      'line-drawn',
      tell('work.line-set-drawn'),
      view.run !== undefined,
      view.run ? tell('work.ft', { lengthFt: view.figures?.lengthFt.toFixed(0) }) : tell('work.not-drawn-yet'),
    ),
    gate(
      'joints-logged',
      tell('work.every-joint-logged'),
      joined,
      view.joints.length ? tell('work.logged', { count: view.joints.length }) : tell('work.none-logged'),
    ),
    gate(
      'join-checks',
      tell('work.every-check-of-joining-good'),
      open.length === 0,
      open[0]?.claim ?? tell('work.all-good'),
    ),
  ];
}
