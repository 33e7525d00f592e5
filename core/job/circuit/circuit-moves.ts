import { latestOf } from '@/core/circuit/log/circuit-log';
import { REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import { LEVEL_WAIT_MIN } from '@/core/circuit/recovery/recovery';
import { STANDING_LEAST_MIN } from '@/core/circuit/vacuum/evacuation';
import { TYPED_STANDING_MIN } from '@/core/circuit/vacuum/standing-test';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { tell } from '@/core/job/circuit/words';
import { type Gate, type GateId, passes } from '@/core/job/gates';
import { type Button, go, type Move, moveOf, write } from '@/core/job/move';
import { PHASE_NOUNS, PHASE_WORDS, type Phase } from '@/core/job/phases';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { allPass, signMove } from '@/core/job/sign-move';
import { list, lower, q, type Said, upper } from '@/core/words/said';
import { circuitGates, machineUnweighed } from './circuit-gates';
import {
  type CircuitPhase,
  circuitPhasesOf,
  evacuationView,
  isCircuitPhase,
  joinView,
  pressureView,
  recoveryView,
} from './circuit-views';

const NEXT_PHASE: Record<CircuitPhase, Phase> = {
  recover: 'join',
  join: 'pressure-test',
  'pressure-test': 'evacuate',
  evacuate: 'charge',
};

export function circuitMove(
  sheet: JobSheet,
  phase: CircuitPhase,
  gates: readonly Gate[] = circuitGates(sheet, phase),
  maySign = true,
): Move {
  const signed = sheet.signOffs.find((s) => s.phase === phase);
  const kept = circuitPhasesOf(sheet);
  const after = NEXT_PHASE[phase];
  // What came sealed is neither tested nor evacuated here.
  const to = isCircuitPhase(after) && !kept.includes(after) ? 'charge' : after;
  if (signed)
    return {
      kind: 'good',
      say: tell('work.signed-go-on-to', { phase: upper(PHASE_NOUNS[phase]), to: lower(PHASE_WORDS[to]) }),
      because: tell('work.signed-by-record-is-frozen-corrections', { by: signed.by }),
      button: go(to, tell('work.go-to-2', { phase: lower(PHASE_WORDS[to]) })),
    };
  // What a lead let pass is not asked for again: with every gate held or overridden there is only the signature left.
  if (allPass(gates)) return signMove(phase, gates, maySign);
  const first = gates[0];
  const back = first && !passes(first) ? BEFORE[first.id] : undefined;
  if (first && back)
    return {
      kind: 'not-proven',
      say: tell('work.say', { say: back.say }),
      because: tell('work.held-2', {
        asks: first.asks,
        say: first.say,
        overridable: first.overridable ? tell('work.lead-may-override-it-with-written') : '',
      }),
      button: go(back.to, back.label),
    };
  const own = asksOf(sheet, phase).find(({ gate }) => !overridden(gates, gate));
  if (own) return own.move;
  const held = gates.find((g) => !passes(g))!;
  return { kind: 'not-proven', say: tell('work.held', { asks: held.asks }), because: held.say };
}

/** One thing a phase asks for, and the gate that it clears; without a gate it is asked whatever a lead let pass. */
type Ask = { gate: GateId | undefined; move: Move };
const ask = (gate: GateId | undefined, move: Move | undefined | false): Ask[] => (move ? [{ gate, move }] : []);

const overridden = (gates: readonly Gate[], id: GateId | undefined): boolean =>
  id !== undefined && gates.some((g) => g.id === id && g.override !== undefined);

const BEFORE: Record<string, { say: Said; to: string; label: Said }> = {
  'removal-released': { say: tell('work.release-removal-first'), to: 'scope', label: tell('work.go-to-scope') },
  'recover-signed': { say: tell('work.sign-recovery-first'), to: 'recover', label: tell('work.go-to-recover') },
  'join-signed': { say: tell('work.sign-joining-first'), to: 'join', label: tell('work.go-to-join') },
  'pressure-signed': {
    say: tell('work.no-evacuation-before-held-pressure-test'),
    to: 'pressure-test',
    label: tell('work.go-to-pressure-test'),
  },
};

function asksOf(sheet: JobSheet, phase: CircuitPhase): Ask[] {
  switch (phase) {
    case 'recover':
      return recoverAsks(sheet);
    case 'join':
      return joinAsks(sheet);
    case 'pressure-test':
      return pressureAsks(sheet);
    case 'evacuate':
      return evacuateAsks(sheet);
  }
}

function recoverAsks(sheet: JobSheet): Ask[] {
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

function joinAsks(sheet: JobSheet): Ask[] {
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
  return [
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

function actionFor(check: Finding): Button | undefined {
  if (check.id === 'drier') return write('drier', tell('work.log-drier'));
  if (check.id === 'expansion') return write('expansion-open', tell('work.say-how-it-is-open'));
  if (check.id === 'joints') return write('joint', tell('work.log-joint'));
  if (check.id === 'fire-watch') return write('fire-watch', tell('work.log-fire-watch'));
  if (check.id === 'nitrogen') return write('nitrogen-cylinder', tell('work.another-cylinder'));
  if (
    ['suction', 'liquid', 'riser', 'insulation', 'reuse', 'long-line', 'scope-line', 'listed-size'].includes(check.id)
  )
    return write('line-run', tell('work.change-line-set'));
  return check.subject
    ? { label: tell('work.correct-joint'), action: { kind: 'correct', entryId: check.subject } }
    : undefined;
}

function pressureAsks(sheet: JobSheet): Ask[] {
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

function evacuateAsks(sheet: JobSheet): Ask[] {
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
