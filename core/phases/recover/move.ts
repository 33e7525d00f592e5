import { REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { moveOf, write } from '@/core/job/move';
import type { SheetWith } from '@/core/job/sheet';
import { type Ask, ask, type CircuitWork } from '@/core/phases/circuit-move';
import { latestOf } from '@/core/phases/log/circuit-log';
import { tell } from '@/core/phases/recover/words';
import { list, q } from '@/core/words/said';
import { machineUnweighed } from './gates';
import { LEVEL_WAIT_MIN } from './level-check';
import { recoveryView } from './view';
export function recoverAsks(sheet: SheetWith<'circuitLog' | 'circuitSchools' | 'site' | 'survey'>): Ask[] {
  const view = recoveryView(sheet);
  const of = (id: string): Finding | undefined => view.checks.find((c) => c.id === id);
  const stop = orderFindings(view.checks).find((c) => c.verdict === 'stop');
  const method = view.method?.body.method;
  const last = view.attempts.at(-1);
  const dead = of('dead');
  const level = of('level');
  return [
    ...ask(
      undefined,
      stop && moveOf(stop, stop.id === 'dead' ? write('dead-proof', tell('work.prove-it-again')) : undefined),
    ),
    ...ask(
      'recovered-level',
      !view.old && {
        kind: 'now',
        say: tell('work.write-down-what-old-system-should'),
        because: tell('work.what-comes-back-is-held-against'),
        button: write('old-charge', tell('work.old-charge')),
      },
    ),
    ...ask(
      'recovered-level',
      !view.facts &&
        !view.method && {
          kind: 'now',
          say: tell('work.say-what-works-on-old-unit'),
          because: tell('work.pump-down-needs-running-compressor-valves'),
          button: write('removal-facts', tell('work.what-works')),
        },
    ),
    ...ask(
      'recovered-level',
      !view.method &&
        view.advice?.method === 'pump-down' &&
        !view.standing && {
          kind: 'now',
          say: tell('work.read-standing-pressure-before-pump-down'),
          because: tell('work.air-or-another-gas-would-go-into-the-unit'),
          button: write('standing-read', tell('work.standing-pressure')),
        },
    ),
    ...ask(
      'recovered-level',
      !view.method &&
        view.advice && {
          kind: 'now',
          say: view.advice.method === 'pump-down' ? tell('work.pump-it-down') : tell('work.recover-it-with-machine'),
          because:
            view.advice.method === 'pump-down'
              ? tell('work.every-condition-for-it-is-met', {
                  narrow: view.advice.narrow ? tell('work.outdoor-unit-only-just-holds-it') : '',
                })
              : tell('work.no-pump-down', { reasons: list(view.advice.reasons, '; ') }),
          button: write('method', tell('work.choose-way')),
        },
    ),
    ...ask(
      'recovered-level',
      method === 'pump-down' &&
        !last && {
          kind: 'now',
          say: tell('work.pump-down-cooling-call-at-thermostat'),
          because: tell('work.thermostat-holds-reversing-valve-and-blower'),
          button: write('pump-down', tell('work.write-stop-down')),
        },
    ),
    ...ask(
      'recovered-level',
      method === 'pump-down' &&
        last !== undefined &&
        !last.rebound && {
          kind: 'now',
          say: tell('work.watch-rebound-for', { reboundWaitMin: q(REBOUND_WAIT_MIN, 'min', 'as is') }),
          because: tell('work.what-comes-back-tells-whether-liquid'),
          button: write('rebound', tell('work.write-rebound-down')),
        },
    ),
    ...ask(
      'dead-proof',
      dead && dead.verdict !== 'good' && moveOf(dead, write('dead-proof', tell('work.prove-it-dead'))),
    ),
    ...(method === 'nothing' || latestOf(sheet.circuitLog, 'leak-exception')
      ? []
      : [
          ...ask(
            'recovered-level',
            level?.verdict === 'not-proven' &&
              view.recoveredOz === 0 &&
              method === 'machine' && {
                kind: 'now',
                say: tell('work.recover-into-cylinder-weigh-it-before'),
                because: tell('work.then-machine-off-and-of-watching', {
                  levelWaitMin: q(LEVEL_WAIT_MIN, 'min', 'as is'),
                  because: level.because,
                }),
                button: write('recovered', tell('work.weigh-what-came-back')),
              },
          ),
          ...ask(
            'recovered-level',
            level && level.verdict !== 'good' && moveOf(level, write('level', tell('work.read-level'))),
          ),
          ...ask(
            'recovered-level',
            machineUnweighed(sheet) && {
              kind: 'now',
              say: tell('work.weigh-what-machine-took-out-of'),
              because: tell('work.below-atmosphere-is-machines-work-and'),
              button: write('recovered', tell('work.weigh-what-came-back')),
            },
          ),
        ]),
  ];
}

export const RECOVER_WORK: CircuitWork = {
  id: 'recover',
  after: 'join',
  first: {
    gate: 'removal-released',
    say: tell('work.release-removal-first'),
    to: 'scope',
    label: tell('work.go-to-scope'),
  },
  asks: recoverAsks,
};
