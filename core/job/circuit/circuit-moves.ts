import { latestOf } from '@/core/circuit/log/circuit-log';
import { REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import { LEVEL_WAIT_MIN } from '@/core/circuit/recovery/recovery';
import { STANDING_LEAST_MIN } from '@/core/circuit/vacuum/evacuation';
import { TYPED_STANDING_MIN } from '@/core/circuit/vacuum/standing-test';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { type Gate, type GateId, passes } from '@/core/job/gates';
import { type Button, go, type Move, moveOf, write } from '@/core/job/move';
import { PHASE_WORDS, phaseNoun } from '@/core/job/phases';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { allPass, signMove } from '@/core/job/sign-move';
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

const NEXT_PHASE: Record<CircuitPhase, string> = {
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
      say: `${phaseNoun(phase)} signed. Go on to ${PHASE_WORDS[to as CircuitPhase].toLowerCase()}.`,
      because: `Signed by ${signed.by}. The record is frozen; corrections stand beside it.`,
      button: go(to, `Go to ${PHASE_WORDS[to as CircuitPhase].toLowerCase()}`),
    };
  // What a lead let pass is not asked for again: with every gate held or overridden there is only the signature left.
  if (allPass(gates)) return signMove(phase, gates, maySign);
  const first = gates[0];
  const back = first && !passes(first) ? BEFORE[first.id] : undefined;
  if (first && back)
    return {
      kind: 'not-proven',
      say: `${back.say}`,
      because: `Held: ${first.asks}. ${first.say}.${first.overridable ? ' A lead may override it with a written reason.' : ''}`,
      button: go(back.to, back.label),
    };
  const own = asksOf(sheet, phase).find(({ gate }) => !overridden(gates, gate));
  if (own) return own.move;
  const held = gates.find((g) => !passes(g))!;
  return { kind: 'not-proven', say: `Held: ${held.asks}.`, because: held.say };
}

/** One thing a phase asks for, and the gate that it clears; without a gate it is asked whatever a lead let pass. */
type Ask = { gate: GateId | undefined; move: Move };
const ask = (gate: GateId | undefined, move: Move | undefined | false): Ask[] => (move ? [{ gate, move }] : []);

const overridden = (gates: readonly Gate[], id: GateId | undefined): boolean =>
  id !== undefined && gates.some((g) => g.id === id && g.override !== undefined);

const BEFORE: Record<string, { say: string; to: string; label: string }> = {
  'removal-released': { say: 'Release the removal first.', to: 'scope', label: 'Go to scope' },
  'recover-signed': { say: 'Sign the recovery first.', to: 'recover', label: 'Go to recover' },
  'join-signed': { say: 'Sign the joining first.', to: 'join', label: 'Go to join' },
  'pressure-signed': {
    say: 'No evacuation before a held pressure test.',
    to: 'pressure-test',
    label: 'Go to pressure test',
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
    ...ask(undefined, stop && moveOf(stop, stop.id === 'dead' ? write('dead-proof', 'Prove it again') : undefined)),
    ...ask(
      'recovered-level',
      !view.old && {
        kind: 'now',
        say: 'Write down what the old system should hold.',
        because: 'What comes back is held against it: a shortfall tells of a leak.',
        button: write('old-charge', 'Old charge'),
      },
    ),
    ...ask(
      'recovered-level',
      !view.facts &&
        !view.method && {
          kind: 'now',
          say: 'Say what works on the old unit: pump-down or machine follows from it.',
          because: 'A pump-down needs a running compressor, valves that close, and room for the whole charge.',
          button: write('removal-facts', 'What works'),
        },
    ),
    ...ask(
      'recovered-level',
      !view.method &&
        view.advice && {
          kind: 'now',
          say: view.advice.method === 'pump-down' ? 'Pump it down.' : 'Recover it with the machine.',
          because:
            view.advice.method === 'pump-down'
              ? `Every condition for it is met.${view.advice.narrow ? ' The outdoor unit only just holds it.' : ''}`
              : `No pump-down: ${view.advice.reasons}.`,
          button: write('method', 'Choose the way'),
        },
    ),
    ...ask(
      'recovered-level',
      method === 'pump-down' &&
        !last && {
          kind: 'now',
          say: 'Pump down: cooling call at the thermostat, run 2 min, close the liquid valve, then the vapour valve.',
          because: 'The thermostat holds the reversing valve and the blower; never force the contactor by hand.',
          button: write('pump-down', 'Write the stop down'),
        },
    ),
    ...ask(
      'recovered-level',
      method === 'pump-down' &&
        last !== undefined &&
        !last.rebound && {
          kind: 'now',
          say: `Watch the rebound for ${REBOUND_WAIT_MIN} min.`,
          because: 'What comes back tells whether liquid was left or a valve leaks.',
          button: write('rebound', 'Write the rebound down'),
        },
    ),
    ...ask('dead-proof', dead && dead.verdict !== 'good' && moveOf(dead, write('dead-proof', 'Prove it dead'))),
    ...(method === 'nothing' || latestOf(sheet.circuitLog, 'leak-exception')
      ? []
      : [
          ...ask(
            'recovered-level',
            level?.verdict === 'not-proven' &&
              view.recoveredOz === 0 &&
              method === 'machine' && {
                kind: 'now',
                say: 'Recover into the cylinder; weigh it before and after.',
                because: `Then machine off and ${LEVEL_WAIT_MIN} min of watching. ${level.because}`,
                button: write('recovered', 'Weigh what came back'),
              },
          ),
          ...ask(
            'recovered-level',
            level && level.verdict !== 'good' && moveOf(level, write('level', 'Read the level')),
          ),
          ...ask(
            'recovered-level',
            machineUnweighed(sheet) && {
              kind: 'now',
              say: 'Weigh what the machine took out of the low side.',
              because:
                'Below atmosphere is a machine’s work, and what it took is in a cylinder: the ledger follows it.',
              button: write('recovered', 'Weigh what came back'),
            },
          ),
        ]),
  ];
}

function joinAsks(sheet: JobSheet): Ask[] {
  if (!isEquipped(sheet))
    return ask(undefined, {
      kind: 'not-proven',
      say: 'Choose the new equipment first.',
      because: 'Sizes and capacity come from its plate.',
      button: go('equipment', 'Open equipment'),
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
        say: 'Draw the line set: sizes, pieces, heights.',
        because: 'Pressure drop, oil return, volume and charge follow from it.',
        button: write('line-run', 'Draw the line set'),
      },
    ),
    ...ask('join-checks', worst?.verdict === 'stop' && moveOf(worst, actionFor(worst))),
    ...ask('joints-logged', joints && moveOf(joints, actionFor(joints))),
    ...ask('join-checks', worst && moveOf(worst, actionFor(worst))),
  ];
}

function actionFor(check: Finding): Button | undefined {
  if (check.id === 'drier') return write('drier', 'Log the drier');
  if (check.id === 'expansion') return write('expansion-open', 'Say how it is open');
  if (check.id === 'joints') return write('joint', 'Log a joint');
  if (check.id === 'fire-watch') return write('fire-watch', 'Log the fire watch');
  if (check.id === 'nitrogen') return write('nitrogen-cylinder', 'Another cylinder');
  if (
    ['suction', 'liquid', 'riser', 'insulation', 'reuse', 'long-line', 'scope-line', 'listed-size'].includes(check.id)
  )
    return write('line-run', 'Change the line set');
  return check.subject
    ? { label: 'Correct the joint', action: { kind: 'correct', entryId: check.subject } }
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
    ...ask(undefined, target?.verdict === 'stop' && moveOf(target, write('test-plan', 'Plan it again'))),
    ...ask(
      'expansion-open',
      expansion && expansion.verdict !== 'good' && moveOf(expansion, write('expansion-open', 'Say how it is open')),
    ),
    ...ask(
      'pressure-held',
      !view.plan && {
        kind: 'now',
        say: 'Plan the test: what the section may see, and for how long.',
        because: 'The weakest part sets the pressure.',
        button: write('test-plan', 'Plan the test'),
      },
    ),
    ...ask(
      'pressure-held',
      view.stage === 'pressurise' && {
        kind: 'now',
        say: `Bring it up by stages to ${view.target} psig, listen at each, let it settle, start the hold.`,
        because: 'Dry nitrogen only, regulator and relief on it: oxygen or compressed air with oil explodes.',
        button: write('hold-start', 'Start the hold'),
      },
    ),
    ...ask(
      'pressure-held',
      view.stage === 'holding' && {
        kind: 'now',
        say: `Hold it ${view.holdMin} min. Bubble the joints meanwhile.`,
        because: 'Pressure and pipe temperature are read again at the end.',
        button: write('hold-end', 'Read it'),
        since: view.hold!.start.body.readAt ?? view.hold!.start.at,
        forMin: view.holdMin,
      },
    ),
    ...ask('bubbled', wet && moveOf(bubbles!, write('hold-start', 'Test again'))),
    ...ask(
      'pressure-held',
      view.hold?.end && hold && hold.verdict !== 'good' && moveOf(hold, write('hold-start', 'Hold again')),
    ),
    ...ask(
      'bubbled',
      open && {
        kind: 'now',
        say: `Bubble the joint at ${open.joint.body.place}.`,
        because:
          hold?.verdict === 'look-again'
            ? `${hold.claim} ${hold.next?.say ?? ''}`
            : 'A passed hold cannot see what a bubble shows.',
        button: { label: 'Bubble result', action: { kind: 'show-joint', joint: open.joint.id } },
      },
    ),
    ...ask(
      'bubbled',
      bubbles &&
        bubbles.verdict !== 'good' && {
          ...moveOf(bubbles, go('join', 'Go to join')),
          say: 'Log the joints under Join, then bubble each.',
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
      view.setup && locked?.verdict === 'stop' && moveOf(locked, write('pump-setup', 'Change the set-up')),
    ),
    ...ask(
      'compressor-locked',
      !view.setup && {
        kind: 'now',
        say: 'Set the pump up: hoses, cores, gauge, lock-out.',
        because: 'Hoses and cores decide how long it takes, not the pump.',
        button: write('pump-setup', 'Set up'),
      },
    ),
    ...ask(
      'gauge-proven',
      blank &&
        (blank.verdict === 'not-proven' || blank.verdict === 'stop') &&
        moveOf(blank, write('blank-off', 'Blank-off reading')),
    ),
    ...ask(
      'gauge-proven',
      place && place.verdict !== 'good' && moveOf(place, write('pump-setup', 'Change the set-up')),
    ),
    ...ask(
      'standing-vacuum',
      view.stage === 'standing' && {
        kind: 'now',
        say: 'Leave it alone: the standing test runs.',
        because: `Pump valved off, gauge far from the pump. Read it at ${TYPED_STANDING_MIN.join(', ')} min.`,
        button: write('standing', 'Type the readings'),
        since: view.isolated?.body.readAt ?? view.isolated?.at,
        forMin: STANDING_LEAST_MIN,
      },
    ),
    ...ask(
      'standing-vacuum',
      view.standing &&
        standing &&
        standing.verdict !== 'good' &&
        moveOf(standing, standing.verdict === 'not-proven' ? write('isolated', 'Test again') : write('sweep', 'Sweep')),
    ),
    ...ask(
      'deep-enough',
      view.standing && depth && depth.verdict !== 'good' && moveOf(depth, write('isolated', 'Valve off and test')),
    ),
    ...ask(
      'deep-enough',
      sweeps &&
        sweeps.verdict !== 'good' && {
          kind: 'now',
          say: `Pull to ${view.sweeps.length === 0 ? '2,000' : '1,000'} µm, then sweep with dry nitrogen to 2 psig.`,
          because: sweeps.because,
          button: write('sweep', 'Write the sweep down'),
        },
    ),
    ...ask(
      'standing-vacuum',
      !view.standing && {
        kind: 'now',
        say: `Pull to ${view.targetMicrons} µm, then valve the pump off.`,
        because: 'Only a vacuum that holds by itself proves the system.',
        button: write('isolated', 'Valve off and test'),
      },
    ),
    ...ask(
      'deep-enough',
      !view.standing && {
        kind: 'now',
        say: `Pull to ${view.targetMicrons} µm, then valve the pump off.`,
        because: 'The depth reached is read when the pump is valved off.',
        button: write('isolated', 'Valve off and test'),
      },
    ),
  ];
}
