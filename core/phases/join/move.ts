import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { type Button, go, moveOf, write } from '@/core/job/move';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { type Ask, ask, type CircuitWork } from '@/core/phases/circuit-move';
import { tell } from '@/core/phases/join/words';
import { joinView } from './view';
export function joinAsks(sheet: JobSheet): Ask[] {
  if (!isEquipped(sheet))
    return ask(undefined, {
      kind: 'not-proven',
      say: tell('work.choose-new-equipment-first'),
      because: tell('work.sizes-and-capacity-come-from-its'),
      button: go('equipment', tell('work.open-equipment')),
    });
  const view = joinView(sheet);
  const worst = orderFindings(view.checks).find(
    (c) => c.verdict !== 'good' && c.id !== 'joints' && c.id !== 'line-run',
  );
  const joints = view.checks.find((c) => c.id === 'joints' && c.verdict !== 'good');
  const opened = view.checks.find((c) => c.id === 'opened' && c.verdict === 'not-proven');
  return [
    // The circuit is opened first of all.
    ...ask('join-checks', opened && moveOf(opened, actionFor(opened))),
    ...ask(
      'line-drawn',
      !view.run && {
        kind: 'now',
        say: tell('work.draw-line-set-sizes-pieces-heights'),
        because: tell('work.pressure-drop-oil-return-volume-and'),
        button: write('line-run', tell('work.draw-line-set')),
      },
    ),
    ...ask('join-checks', worst?.verdict === 'stop' && moveOf(worst, actionFor(worst))),
    ...ask('joints-logged', joints && moveOf(joints, actionFor(joints))),
    ...ask('join-checks', worst && moveOf(worst, actionFor(worst))),
  ];
}

/** Checks that the drawing of the line set answers. */
const OF_RUN: ReadonlySet<string> = new Set([
  ...[
    'suction',
    'liquid',
    'riser',
    'insulation',
    'reuse',
    'long-line',
    'scope-line',
    'listed-size',
    'kit-length',
    'spare',
  ],
  ...['hot-gas', 'heating-liquid', 'hot-riser', 'sweat', 'liquid-cover', 'traps', 'inverted-trap'],
]);

export function actionFor(check: Finding): Button | undefined {
  if (check.id === 'opened') return write('opened', tell('work.log-the-opening'));
  if (check.id === 'drier') return write('drier', tell('work.log-drier'));
  if (check.id === 'expansion') return write('expansion-open', tell('work.say-how-it-is-open'));
  if (check.id === 'outdoor-meter') return write('outdoor-meter', tell('work.log-outdoor-meter'));
  if (check.id === 'joints') return write('joint', tell('work.log-joint'));
  if (check.id === 'fire-watch') return write('fire-watch', tell('work.log-fire-watch'));
  if (check.id === 'nitrogen') return write('nitrogen-cylinder', tell('work.another-cylinder'));
  if (OF_RUN.has(check.id)) return write('line-run', tell('work.change-line-set'));
  return check.subject
    ? { label: tell('work.correct-joint'), action: { kind: 'correct', entryId: check.subject } }
    : undefined;
}

export const JOIN_WORK: CircuitWork = {
  id: 'join',
  after: 'pressure-test',
  first: {
    gate: 'recover-signed',
    say: tell('work.sign-recovery-first'),
    to: 'recover',
    label: tell('work.go-to-recover'),
  },
  asks: joinAsks,
};
