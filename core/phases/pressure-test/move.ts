import { go, moveOf, write } from '@/core/job/move';
import type { SheetWith } from '@/core/job/sheet';
import { type Ask, ask, type CircuitWork } from '@/core/phases/circuit-move';
import { tell } from '@/core/phases/pressure-test/words';
import { q } from '@/core/words/said';
import { pressureView } from './view';
export function pressureAsks(sheet: SheetWith<'circuit' | 'circuitLog' | 'circuitSchools' | 'site'>): Ask[] {
  const view = pressureView(sheet);
  const target = view.checks.find((c) => c.id === 'target');
  const expansion = view.checks.find((c) => c.id === 'expansion');
  const hold = view.checks.find((c) => c.id === 'hold');
  const bubbles = view.checks.find((c) => c.id === 'bubbles');
  const wet = view.joints.some((j) => j.result === 'bubbles');
  const open = view.joints.find((j) => j.result === undefined);
  return [
    ...ask(undefined, target?.verdict === 'stop' && moveOf(target, write('test-plan', tell('work.plan-it-again')))),
    ...ask(
      'expansion-open',
      expansion &&
        expansion.verdict !== 'good' &&
        moveOf(expansion, write('expansion-open', tell('work.say-how-it-is-open'))),
    ),
    ...ask(
      'pressure-held',
      !view.plan && {
        kind: 'now',
        say: tell('work.plan-test-what-section-may-see'),
        because: tell('work.weakest-part-sets-pressure'),
        button: write('test-plan', tell('work.plan-test')),
      },
    ),
    ...ask(
      'pressure-held',
      view.stage === 'pressurise' && {
        kind: 'now',
        say: tell('work.bring-it-up-by-stages-to', { target: q(view.target, 'psig', 'as is') }),
        because: tell('work.dry-nitrogen-only-regulator-and-relief'),
        button: write('hold-start', tell('work.start-hold')),
      },
    ),
    ...ask(
      'pressure-held',
      view.stage === 'holding' && {
        kind: 'now',
        say: tell('work.hold-it-bubble-joints-meanwhile', { holdMin: q(view.holdMin, 'min', 'as is') }),
        because: tell('work.pressure-and-pipe-temperature-are-read'),
        button: write('hold-end', tell('work.read-it')),
        since: view.hold!.start.body.readAt ?? view.hold!.start.at,
        forMin: view.holdMin,
      },
    ),
    ...ask('bubbled', wet && moveOf(bubbles!, write('hold-start', tell('work.test-again')))),
    ...ask(
      'pressure-held',
      view.hold?.end && hold && hold.verdict !== 'good' && moveOf(hold, write('hold-start', tell('work.hold-again'))),
    ),
    ...ask(
      'bubbled',
      open && {
        kind: 'now',
        say: tell('work.bubble-joint-at', { place: open.joint.body.place }),
        because:
          hold?.verdict === 'look-again'
            ? tell('work.claim-say', { claim: hold.claim, say: hold.next?.say ?? '' })
            : tell('work.passed-hold-cannot-see-what-bubble'),
        button: { label: tell('work.bubble-result'), action: { kind: 'show-joint', joint: open.joint.id } },
      },
    ),
    ...ask(
      'bubbled',
      bubbles &&
        bubbles.verdict !== 'good' && {
          ...moveOf(bubbles, go('join', tell('work.go-to-join'))),
          say: tell('work.log-joints-under-join-then-bubble'),
        },
    ),
  ];
}

export const PRESSURE_WORK: CircuitWork = {
  id: 'pressure-test',
  after: 'evacuate',
  first: { gate: 'join-signed', say: tell('work.sign-joining-first'), to: 'join', label: tell('work.go-to-join') },
  asks: pressureAsks,
};
