import { TYPED_STANDING_MIN } from '@/core/circuit/vacuum/standing';
import type { Finding } from '@/core/finding/finding';
import { moveOf, write } from '@/core/job/move';
import type { SheetWith } from '@/core/job/sheet';
import { type Ask, ask, type CircuitWork } from '@/core/phases/circuit-move';
import { tell } from '@/core/phases/evacuate/words';
import { list, q } from '@/core/words/said';
import { STANDING_LEAST_MIN } from './evacuation';
import { evacuationView } from './view';
export function evacuateAsks(sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'survey'>): Ask[] {
  const view = evacuationView(sheet);
  const of = (id: string): Finding | undefined => view.checks.find((c) => c.id === id);
  const locked = of('compressor-locked');
  const blank = of('blank-off');
  const place = of('gauge-place');
  const standing = of('standing');
  const depth = of('depth');
  const sweeps = of('sweeps');
  return [
    ...ask(
      undefined,
      view.setup && locked?.verdict === 'stop' && moveOf(locked, write('pump-setup', tell('work.change-set-up'))),
    ),
    ...ask(
      'compressor-locked',
      !view.setup && {
        kind: 'now',
        say: tell('work.set-pump-up-hoses-cores-gauge'),
        because: tell('work.hoses-and-cores-decide-how-long'),
        button: write('pump-setup', tell('work.set-up')),
      },
    ),
    ...ask(
      'gauge-proven',
      blank &&
        (blank.verdict === 'not-proven' || blank.verdict === 'stop') &&
        moveOf(blank, write('blank-off', tell('work.blank-off-reading'))),
    ),
    ...ask(
      'gauge-proven',
      place && place.verdict !== 'good' && moveOf(place, write('pump-setup', tell('work.change-set-up'))),
    ),
    ...ask(
      'standing-vacuum',
      view.stage === 'standing' && {
        kind: 'now',
        say: tell('work.leave-it-alone-standing-test-runs'),
        because: tell('work.pump-valved-off-gauge-far-from', { typedStandingMin: list(TYPED_STANDING_MIN) }),
        button: write('standing', tell('work.type-readings')),
        since: view.isolated?.body.readAt ?? view.isolated?.at,
        forMin: STANDING_LEAST_MIN,
      },
    ),
    ...ask(
      'standing-vacuum',
      view.standing &&
        standing &&
        standing.verdict !== 'good' &&
        moveOf(
          standing,
          standing.verdict === 'not-proven'
            ? write('isolated', tell('work.test-again'))
            : write('sweep', tell('work.sweep')),
        ),
    ),
    ...ask(
      'deep-enough',
      view.standing &&
        depth &&
        depth.verdict !== 'good' &&
        moveOf(depth, write('isolated', tell('work.valve-off-and-test'))),
    ),
    ...ask(
      'deep-enough',
      sweeps &&
        sweeps.verdict !== 'good' && {
          kind: 'now',
          say: tell('work.pull-to-m-then-sweep-with', { count: view.sweeps.length === 0 ? '2,000' : '1,000' }),
          because: sweeps.because,
          button: write('sweep', tell('work.write-sweep-down')),
        },
    ),
    ...ask(
      'standing-vacuum',
      !view.standing && {
        kind: 'now',
        say: tell('work.pull-to-then-valve-pump-off', { targetMicrons: q(view.targetMicrons, 'microns', 'as is') }),
        because: tell('work.only-vacuum-that-holds-by-itself'),
        button: write('isolated', tell('work.valve-off-and-test')),
      },
    ),
    ...ask(
      'deep-enough',
      !view.standing && {
        kind: 'now',
        say: tell('work.pull-to-then-valve-pump-off', { targetMicrons: q(view.targetMicrons, 'microns', 'as is') }),
        because: tell('work.depth-reached-is-read-when-pump'),
        button: write('isolated', tell('work.valve-off-and-test')),
      },
    ),
  ];
}

export const EVACUATE_WORK: CircuitWork = {
  id: 'evacuate',
  after: 'charge',
  first: {
    gate: 'pressure-signed',
    say: tell('work.no-evacuation-before-held-pressure-test'),
    to: 'pressure-test',
    label: tell('work.go-to-pressure-test'),
  },
  asks: evacuateAsks,
};
