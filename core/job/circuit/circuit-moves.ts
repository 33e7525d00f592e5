import type { EntryKind } from '@/core/circuit/log/entry-bodies';
import { REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import { LEVEL_WAIT_MIN } from '@/core/circuit/recovery/recovery';
import { type Check, orderChecks } from '@/core/finding/check';
import type { Verdict } from '@/core/finding/finding';
import { type Gate, passes } from '@/core/job/gates';
import { PHASE_NOUNS, PHASE_WORDS, phaseNoun } from '@/core/job/phases';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { circuitGates } from './circuit-gates';
import {
  type CircuitPhase,
  circuitPhasesOf,
  evacuationView,
  isCircuitPhase,
  joinView,
  pressureView,
  recoveryView,
} from './circuit-views';

/** The next move of a phase of the circuit: one sentence, why, and what its button does. */
export type CircuitMove = {
  kind: Verdict | 'now';
  say: string;
  because: string;
  action:
    | { kind: 'write'; entry: EntryKind; label: string }
    | { kind: 'go'; to: string; label: string }
    | { kind: 'sign'; label: string }
    | { kind: 'none' };
};

const NEXT_PHASE: Record<CircuitPhase, string> = {
  recover: 'join',
  join: 'pressure-test',
  'pressure-test': 'evacuate',
  evacuate: 'charge',
};

const write = (entry: EntryKind, label: string): CircuitMove['action'] => ({ kind: 'write', entry, label });

export function circuitMove(
  sheet: JobSheet,
  phase: CircuitPhase,
  gates: readonly Gate[] = circuitGates(sheet, phase),
): CircuitMove {
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
      action: { kind: 'go', to, label: `Go to ${PHASE_WORDS[to as CircuitPhase].toLowerCase()}` },
    };
  const first = gates[0];
  const back = first && !passes(first) ? BEFORE[first.id] : undefined;
  if (first && back)
    return {
      kind: 'not-proven',
      say: `${back.say}`,
      because: `Held: ${first.asks}. ${first.say}. A lead may override it with a written reason.`,
      action: { kind: 'go', to: back.to, label: back.label },
    };
  const own = moveOf(sheet, phase);
  if (own) return own;
  const held = gates.find((g) => !passes(g));
  if (held) return { kind: 'not-proven', say: `Held: ${held.asks}.`, because: held.say, action: { kind: 'none' } };
  return {
    kind: 'good',
    say: `Everything holds. Sign the ${PHASE_NOUNS[phase]}.`,
    because: 'Signing freezes what was read and judged.',
    action: { kind: 'sign', label: `Sign the ${PHASE_NOUNS[phase]}` },
  };
}

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

function moveOf(sheet: JobSheet, phase: CircuitPhase): CircuitMove | undefined {
  switch (phase) {
    case 'recover':
      return recoverMove(sheet);
    case 'join':
      return joinMove(sheet);
    case 'pressure-test':
      return pressureMove(sheet);
    case 'evacuate':
      return evacuateMove(sheet);
  }
}

const fromCheck = (check: Check, action: CircuitMove['action']): CircuitMove => ({
  kind: check.verdict,
  say: check.next ?? check.claim,
  because: check.next ? `${check.claim} ${check.because}` : check.because,
  action,
});

function recoverMove(sheet: JobSheet): CircuitMove | undefined {
  const view = recoveryView(sheet);
  const of = (id: string): Check | undefined => view.checks.find((c) => c.id === id);
  const stop = orderChecks(view.checks).find((c) => c.verdict === 'stop');
  if (stop) return fromCheck(stop, stop.id === 'dead' ? write('dead-proof', 'Prove it again') : { kind: 'none' });
  if (!view.old)
    return {
      kind: 'now',
      say: 'Write down what the old system should hold.',
      because: 'What comes back is held against it: a shortfall tells of a leak.',
      action: write('old-charge', 'Old charge'),
    };
  if (!view.facts && !view.method)
    return {
      kind: 'now',
      say: 'Say what works on the old unit: pump-down or machine follows from it.',
      because: 'A pump-down needs a running compressor, valves that close, and room for the whole charge.',
      action: write('removal-facts', 'What works'),
    };
  if (!view.method && view.advice)
    return {
      kind: 'now',
      say: view.advice.method === 'pump-down' ? 'Pump it down.' : 'Recover it with the machine.',
      because:
        view.advice.method === 'pump-down'
          ? `Every condition for it is met.${view.advice.narrow ? ' The outdoor unit only just holds it.' : ''}`
          : `No pump-down: ${view.advice.reasons}.`,
      action: write('method', 'Choose the way'),
    };
  const nothing = view.method?.body.method === 'nothing';
  if (view.method?.body.method === 'pump-down') {
    const last = view.attempts.at(-1);
    if (!last)
      return {
        kind: 'now',
        say: 'Pump down: cooling call at the thermostat, run 2 min, close the liquid valve, then the vapour valve.',
        because: 'The thermostat holds the reversing valve and the blower; never force the contactor by hand.',
        action: write('pump-down', 'Write the stop down'),
      };
    if (!last.rebound)
      return {
        kind: 'now',
        say: `Watch the rebound for ${REBOUND_WAIT_MIN} min.`,
        because: 'What comes back tells whether liquid was left or a valve leaks.',
        action: write('rebound', 'Write the rebound down'),
      };
  }
  const dead = of('dead');
  if (dead && dead.verdict !== 'good') return fromCheck(dead, write('dead-proof', 'Prove it dead'));
  if (nothing) return undefined;
  const level = of('level');
  if (level && level.verdict === 'not-proven' && view.recoveredOz === 0 && view.method?.body.method === 'machine')
    return {
      kind: 'now',
      say: 'Recover into the cylinder; weigh it before and after.',
      because: `Then machine off and ${LEVEL_WAIT_MIN} min of watching. ${level.because}`,
      action: write('recovered', 'Weigh what came back'),
    };
  if (level && level.verdict !== 'good' && !level.claim.startsWith('Opened'))
    return fromCheck(level, write('level', 'Read the level'));
  return undefined;
}

function joinMove(sheet: JobSheet): CircuitMove | undefined {
  if (!isEquipped(sheet))
    return {
      kind: 'not-proven',
      say: 'Choose the new equipment first.',
      because: 'Sizes and capacity come from its plate.',
      action: { kind: 'go', to: 'equipment', label: 'Open equipment' },
    };
  const view = joinView(sheet);
  if (!view.run)
    return {
      kind: 'now',
      say: 'Draw the line set: sizes, pieces, heights.',
      because: 'Pressure drop, oil return, volume and charge follow from it.',
      action: write('line-run', 'Draw the line set'),
    };
  const worst = orderChecks(view.checks).find((c) => c.verdict !== 'good');
  if (!worst) return undefined;
  return fromCheck(worst, actionFor(worst));
}

function actionFor(check: Check): CircuitMove['action'] {
  if (check.id === 'drier') return write('drier', 'Log the drier');
  if (check.id === 'expansion') return write('expansion-open', 'Say how it is open');
  if (check.id === 'joints') return write('joint', 'Log a joint');
  if (check.id === 'fire-watch') return write('fire-watch', 'Log the fire watch');
  if (check.id === 'nitrogen') return write('nitrogen-cylinder', 'Another cylinder');
  if (['suction', 'liquid', 'riser', 'insulation', 'reuse', 'long-line'].includes(check.id))
    return write('line-run', 'Change the line set');
  return { kind: 'none' };
}

function pressureMove(sheet: JobSheet): CircuitMove | undefined {
  const view = pressureView(sheet);
  const target = view.checks.find((c) => c.id === 'target');
  if (target?.verdict === 'stop') return fromCheck(target, write('test-plan', 'Plan it again'));
  const expansion = view.checks.find((c) => c.id === 'expansion');
  if (expansion && expansion.verdict !== 'good')
    return fromCheck(expansion, write('expansion-open', 'Say how it is open'));
  if (!view.plan)
    return {
      kind: 'now',
      say: 'Plan the test: what the section may see, and for how long.',
      because: 'The weakest part sets the pressure.',
      action: write('test-plan', 'Plan the test'),
    };
  if (view.stage === 'pressurise')
    return {
      kind: 'now',
      say: `Bring it up by stages to ${view.target} psig, listen at each, let it settle, start the hold.`,
      because: 'Dry nitrogen only, regulator and relief on it: oxygen or compressed air with oil explodes.',
      action: write('hold-start', 'Start the hold'),
    };
  if (view.stage === 'holding')
    return {
      kind: 'now',
      say: `Hold it ${view.holdMin} min. Bubble the joints meanwhile.`,
      because: 'Pressure and pipe temperature are read again at the end.',
      action: write('hold-end', 'End the hold'),
    };
  const wet = view.joints.some((j) => j.result === 'bubbles');
  const hold = view.checks.find((c) => c.id === 'hold');
  if (wet) return fromCheck(view.checks.find((c) => c.id === 'bubbles')!, write('hold-start', 'Test again'));
  if (hold && hold.verdict !== 'good') return fromCheck(hold, write('hold-start', 'Hold again'));
  const open = view.joints.find((j) => j.result === undefined);
  if (open)
    return {
      kind: 'now',
      say: `Bubble the joint at ${open.joint.body.place}.`,
      because: 'A passed hold cannot see what a bubble shows.',
      action: write('bubble', 'Bubble result'),
    };
  return undefined;
}

function evacuateMove(sheet: JobSheet): CircuitMove | undefined {
  const view = evacuationView(sheet);
  const of = (id: string): Check | undefined => view.checks.find((c) => c.id === id);
  const locked = of('compressor-locked');
  if (view.setup && locked?.verdict === 'stop') return fromCheck(locked, write('pump-setup', 'Change the set-up'));
  if (view.stage === 'set-up')
    return {
      kind: 'now',
      say: 'Set the pump up: hoses, cores, gauge, lock-out.',
      because: 'Hoses and cores decide how long it takes, not the pump.',
      action: write('pump-setup', 'Set up'),
    };
  const blank = of('blank-off');
  if (blank && (blank.verdict === 'not-proven' || blank.verdict === 'stop'))
    return fromCheck(blank, write('blank-off', 'Blank-off reading'));
  const place = of('gauge-place');
  if (place && place.verdict !== 'good') return fromCheck(place, write('pump-setup', 'Change the set-up'));
  if (view.stage === 'standing')
    return {
      kind: 'now',
      say: 'Leave it alone: the standing test runs.',
      because: 'Ten minutes at least, pump valved off, gauge far from the pump.',
      action: write('standing', 'Type the readings'),
    };
  const standing = of('standing');
  if (view.standing && standing && standing.verdict !== 'good')
    return fromCheck(
      standing,
      standing.verdict === 'not-proven' ? write('isolated', 'Test again') : write('sweep', 'Sweep'),
    );
  const depth = of('depth');
  if (view.standing && depth && depth.verdict !== 'good')
    return fromCheck(depth, write('isolated', 'Valve off and test'));
  const sweeps = of('sweeps');
  if (sweeps && sweeps.verdict !== 'good')
    return {
      kind: 'now',
      say: `Pull to ${view.sweeps.length === 0 ? '2,000' : '1,000'} µm, then sweep with dry nitrogen to 2 psig.`,
      because: sweeps.because,
      action: write('sweep', 'Write the sweep down'),
    };
  if (!view.standing)
    return {
      kind: 'now',
      say: `Pull to ${view.targetMicrons} µm, then valve the pump off.`,
      because: 'Only a vacuum that holds by itself proves the system.',
      action: write('isolated', 'Valve off and test'),
    };
  return undefined;
}
