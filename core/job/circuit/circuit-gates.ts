import { latestOf } from '@/core/circuit/log/circuit-log';
import type { EntryBody } from '@/core/circuit/log/entry-bodies';
import { cylinderChecks, refusesCylinder } from '@/core/circuit/recovery/cylinder';
import type { Finding } from '@/core/finding/finding';
import { beganWithSurvey } from '@/core/job/before';
import { buildUpOf } from '@/core/job/charge-sheet';
import { certificationGate, type Gate, type GateId, gate } from '@/core/job/gates';
import { PHASE_NOUNS, type Phase, phaseNoun } from '@/core/job/phases';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import {
  afterRunView,
  type CircuitPhase,
  circuitPhasesOf,
  evacuationView,
  joinView,
  keepsCircuitLog,
  pressureView,
  recoveryView,
} from './circuit-views';
import { roomView } from './room-view';

const claimOf = (checks: readonly Finding[], id: string): Finding | undefined => checks.find((c) => c.id === id);

function signedGate(sheet: JobSheet, phase: Phase, id: GateId): Gate {
  const signed = sheet.signOffs.some((s) => s.phase === phase);
  return gate(
    id,
    `a signed ${PHASE_NOUNS[phase]}`,
    signed,
    signed ? `${phaseNoun(phase)} signed` : `Sign the ${PHASE_NOUNS[phase]} first`,
  );
}

/** Gates of a phase of the refrigerant circuit, in the order they are cleared. */
export function circuitGates(sheet: JobSheet, phase: CircuitPhase): Gate[] {
  switch (phase) {
    case 'recover':
      return recoverGates(sheet);
    case 'join':
      return joinGates(sheet);
    case 'pressure-test':
      return pressureGates(sheet);
    case 'evacuate':
      return evacuateGates(sheet);
  }
}

/** After a pump-down only a machine gets the low side below atmosphere, and what it took is in some cylinder. */
export function machineUnweighed(sheet: JobSheet): boolean {
  const { method, weighed } = recoveryView(sheet);
  const level = latestOf(sheet.circuitLog, 'level');
  return method?.body.method === 'pump-down' && !weighed && level !== undefined && level.body.reachedPsig < 0;
}

function recoverGates(sheet: JobSheet): Gate[] {
  const view = recoveryView(sheet);
  const dead = claimOf(view.checks, 'dead');
  const level = claimOf(view.checks, 'level');
  const stop = view.checks.find((c) => c.verdict === 'stop' && c.id !== 'dead');
  const nothing = view.method?.body.method === 'nothing';
  const unweighed = machineUnweighed(sheet);
  const levelHolds =
    nothing || (level?.verdict === 'good' && !unweighed) || latestOf(sheet.circuitLog, 'leak-exception') !== undefined;
  return [
    ...(beganWithSurvey(sheet)
      ? [
          gate(
            'removal-released',
            'the removal released',
            sheet.removal !== null,
            sheet.removal ? `Released by ${sheet.removal.by}` : 'The scope page releases it',
            false,
          ),
        ]
      : []),
    gate('dead-proof', 'the proof of dead', dead?.verdict === 'good', dead?.claim ?? 'Not proven dead', false),
    gate(
      'recovered-level',
      'the refrigerant recovered to its level',
      levelHolds,
      nothing
        ? `Nothing to recover: ${view.method?.body.reason}`
        : unweighed && level?.verdict === 'good'
          ? 'What the machine took is not weighed'
          : (level?.claim ?? 'No level on record'),
    ),
    ...(stop ? [gate('no-stop', 'no stop finding', false, stop.claim, false)] : []),
    certificationGate(sheet.certification),
  ];
}

function joinGates(sheet: JobSheet): Gate[] {
  if (!isEquipped(sheet))
    return [gate('plate', 'the new equipment', false, 'Choose it in the scope, or enter it', false)];
  const view = joinView(sheet);
  const joined = view.preCharged || view.joints.length > 0;
  const open = view.checks.filter((c) => c.verdict !== 'good');
  return [
    signedGate(sheet, 'recover', 'recover-signed'),
    gate(
      'line-drawn',
      'the line set drawn',
      view.run !== undefined,
      view.run ? `${view.figures?.lengthFt.toFixed(0)} ft` : 'Not drawn yet',
    ),
    gate(
      'joints-logged',
      'every joint logged',
      joined,
      view.preCharged
        ? 'Pre-charged set: no field joints'
        : view.joints.length
          ? `${view.joints.length} logged`
          : 'None logged',
    ),
    gate('join-checks', 'every check of the joining good', open.length === 0, open[0]?.claim ?? 'All good'),
  ];
}

function pressureGates(sheet: JobSheet): Gate[] {
  const view = pressureView(sheet);
  const target = claimOf(view.checks, 'target');
  const hold = claimOf(view.checks, 'hold');
  const bubbles = claimOf(view.checks, 'bubbles');
  const expansion = claimOf(view.checks, 'expansion');
  return [
    signedGate(sheet, 'join', 'join-signed'),
    ...(target?.verdict === 'stop'
      ? [gate('plate-limit', 'a test within the plate limit', false, target.claim, false)]
      : []),
    gate('expansion-open', 'the expansion valve open', expansion?.verdict === 'good', expansion?.claim ?? ''),
    gate('pressure-held', 'a held pressure test', hold?.verdict === 'good', hold?.claim ?? 'No hold on record'),
    ...(bubbles ? [gate('bubbled', 'every joint bubbled', bubbles.verdict === 'good', bubbles.claim)] : []),
  ];
}

function evacuateGates(sheet: JobSheet): Gate[] {
  const view = evacuationView(sheet);
  const locked = claimOf(view.checks, 'compressor-locked');
  const place = claimOf(view.checks, 'gauge-place');
  const blank = claimOf(view.checks, 'blank-off');
  const depth = claimOf(view.checks, 'depth');
  const sweeps = claimOf(view.checks, 'sweeps');
  const gaugeHolds = place?.verdict === 'good' && (blank?.verdict === 'good' || blank?.verdict === 'look-again');
  return [
    signedGate(sheet, 'pressure-test', 'pressure-signed'),
    gate(
      'compressor-locked',
      'the compressor locked out',
      locked?.verdict === 'good',
      locked?.claim ?? 'Not said yet',
      false,
    ),
    gate(
      'gauge-proven',
      'gauge and pump proven',
      gaugeHolds,
      gaugeHolds
        ? 'Proven by blank-off'
        : place && place.verdict !== 'good'
          ? place.claim
          : (blank?.claim ?? 'Not proven'),
    ),
    gate(
      'deep-enough',
      `a vacuum of ${view.targetMicrons} µm`,
      depth?.verdict === 'good' && (!sweeps || sweeps.verdict === 'good'),
      sweeps && sweeps.verdict !== 'good' ? sweeps.claim : (depth?.claim ?? 'Not reached yet'),
    ),
    standingGate(sheet),
  ];
}

/** The standing test as the later phases read it. */
export function standingGate(sheet: JobSheet): Gate {
  const view = evacuationView(sheet);
  const standing = claimOf(view.checks, 'standing');
  // Who valves it off again doubts the test before: the newer one decides.
  const again = view.stage === 'standing';
  return gate(
    'standing-vacuum',
    'a passed standing-vacuum test',
    standing?.verdict === 'good' && !again,
    again ? 'The standing test runs' : (standing?.claim ?? 'No standing test yet'),
  );
}

/** In place of a standing test where nothing was opened. */
export const sealedGate = (why: string): Gate => gate('standing-vacuum', 'a sealed circuit', true, why);

function labelSays(label: EntryBody<'label'> | undefined): string {
  if (!label) return 'Not marked yet';
  if (!label.valvesSet) return 'A service valve is not set yet';
  return label.capsOn ? `Marked: ${label.place}` : 'A cap or seal is still off';
}

/** A suction drier that was left behind holds the job open until someone has come back for it. */
export function afterRunGates(sheet: JobSheet): Gate[] {
  const visit = isEquipped(sheet) ? claimOf(afterRunView(sheet), 'suction-drier-visit') : undefined;
  return visit ? [gate('suction-drier', 'the suction drier seen to', visit.verdict === 'good', visit.claim)] : [];
}

/** What the circuit's record adds to the gates of the charge. */
export function chargeGates(sheet: JobSheet, today = sheet.job.scheduledFor): Gate[] {
  if (!isEquipped(sheet)) return [];
  const build = buildUpOf(sheet);
  const room = build.ok ? roomView(sheet, build.value.totalOz) : undefined;
  const gates: Gate[] = [];
  const kept = circuitPhasesOf(sheet);
  // What came sealed is not evacuated; the old one was still recovered, and what is joined is still signed.
  if (!kept.includes('evacuate') && (sheet.circuitLog.length > 0 || beganWithSurvey(sheet))) {
    if (kept.includes('join')) gates.push(signedGate(sheet, 'join', 'join-signed'));
    else if (kept.includes('recover')) gates.push(signedGate(sheet, 'recover', 'recover-signed'));
  }
  if (keepsCircuitLog(sheet) && kept.includes('evacuate')) {
    gates.push(signedGate(sheet, 'evacuate', 'evacuate-signed'));
    const broken = evacuationView(sheet).broken;
    gates.push(
      gate(
        'vacuum-broken',
        'the vacuum broken with refrigerant',
        broken !== undefined,
        broken ? `Broken by the ${broken.body.by} to ${broken.body.toPsig.toFixed(0)} psig` : 'Still in vacuum',
      ),
    );
  }
  if (room && sheet.circuitLog.length > 0)
    gates.push(gate('room', 'a charge the room allows', room.verdict === 'good', room.claim, room.verdict !== 'stop'));
  const used = latestOf(sheet.circuitLog, 'cylinder-used');
  const cylinder = used ? sheet.cylinders.find((c) => c.id === used.body.cylinderId) : undefined;
  if (cylinder) {
    const refused = refusesCylinder(cylinderChecks(cylinder, sheet.circuit.plate.refrigerant, undefined, today));
    gates.push(
      gate(
        'cylinder',
        'the right cylinder',
        !refused,
        refused?.claim ?? `Cylinder ${cylinder.tag}, ${cylinder.refrigerant}`,
        false,
      ),
    );
  }
  if (keepsCircuitLog(sheet) && sheet.circuitLog.length > 0) {
    const label = latestOf(sheet.circuitLog, 'label');
    gates.push(
      gate(
        'label',
        'the total charge marked at the unit, valves set, caps on',
        label?.body.valvesSet === true && label.body.capsOn,
        labelSays(label?.body),
      ),
    );
  }
  return gates;
}
