import { latestOf } from '@/core/circuit/log/circuit-log';
import type { EntryBody } from '@/core/circuit/log/entry-bodies';
import { cylinderChecks, refusesCylinder } from '@/core/circuit/recovery/cylinder';
import type { Finding } from '@/core/finding/finding';
import { beganWithSurvey } from '@/core/job/before';
import { buildUpOf } from '@/core/job/charge-sheet';
import { tell } from '@/core/job/circuit/words';
import { certificationGate, type Gate, type GateId, gate } from '@/core/job/gates';
import { PHASE_NOUNS, type Phase } from '@/core/job/phases';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { q, type Said, upper } from '@/core/words/said';
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
    tell('work.signed', { phase: PHASE_NOUNS[phase] }),
    signed,
    signed
      ? tell('work.signed-2', { phase: upper(PHASE_NOUNS[phase]) })
      : tell('work.sign-first', { phase: PHASE_NOUNS[phase] }),
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
            tell('work.removal-released'),
            sheet.removal !== null,
            sheet.removal ? tell('work.released-by', { by: sheet.removal.by }) : tell('work.scope-page-releases-it'),
            false,
          ),
        ]
      : []),
    gate(
      'dead-proof',
      tell('work.proof-of-dead'),
      dead?.verdict === 'good',
      dead?.claim ?? tell('work.not-proven-dead'),
      false,
    ),
    gate(
      'recovered-level',
      tell('work.refrigerant-recovered-to-its-level'),
      levelHolds,
      nothing
        ? tell('work.nothing-to-recover', { reason: view.method?.body.reason })
        : unweighed && level?.verdict === 'good'
          ? tell('work.what-machine-took-is-not-weighed')
          : (level?.claim ?? tell('work.no-level-on-record')),
    ),
    ...(stop ? [gate('no-stop', tell('work.no-stop-finding'), false, stop.claim, false)] : []),
    certificationGate(sheet.certification),
  ];
}

function joinGates(sheet: JobSheet): Gate[] {
  if (!isEquipped(sheet))
    return [gate('plate', tell('work.new-equipment'), false, tell('work.choose-it-in-scope-or-enter'), false)];
  const view = joinView(sheet);
  const joined = view.preCharged || view.joints.length > 0;
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
      view.preCharged
        ? tell('work.pre-charged-set-no-field-joints')
        : view.joints.length
          ? tell('work.logged', { count: view.joints.length })
          : tell('work.none-logged'),
    ),
    gate(
      'join-checks',
      tell('work.every-check-of-joining-good'),
      open.length === 0,
      open[0]?.claim ?? tell('work.all-good'),
    ),
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
      tell('work.compressor-locked-out'),
      locked?.verdict === 'good',
      locked?.claim ?? tell('work.not-said-yet'),
      false,
    ),
    gate(
      'gauge-proven',
      tell('work.gauge-and-pump-proven'),
      gaugeHolds,
      gaugeHolds
        ? tell('work.proven-by-blank-off')
        : place && place.verdict !== 'good'
          ? place.claim
          : (blank?.claim ?? tell('work.not-proven')),
    ),
    gate(
      'deep-enough',
      tell('work.vacuum-of', { targetMicrons: q(view.targetMicrons, 'microns', 'as is') }),
      depth?.verdict === 'good' && (!sweeps || sweeps.verdict === 'good'),
      sweeps && sweeps.verdict !== 'good' ? sweeps.claim : (depth?.claim ?? tell('work.not-reached-yet')),
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
    tell('work.passed-standing-vacuum-test'),
    standing?.verdict === 'good' && !again,
    again ? tell('work.standing-test-runs') : (standing?.claim ?? tell('work.no-standing-test-yet')),
  );
}

/** In place of a standing test where nothing was opened. */
export const sealedGate = (why: Said): Gate => gate('standing-vacuum', tell('work.sealed-circuit'), true, why);

function labelSays(label: EntryBody<'label'> | undefined): Said {
  if (!label) return tell('work.not-marked-yet');
  if (!label.valvesSet) return tell('work.service-valve-is-not-set-yet');
  return label.capsOn ? tell('work.marked', { place: label.place }) : tell('work.cap-or-seal-is-still-off');
}

/** A suction drier that was left behind holds the job open until someone has come back for it. */
export function afterRunGates(sheet: JobSheet): Gate[] {
  const visit = isEquipped(sheet) ? claimOf(afterRunView(sheet), 'suction-drier-visit') : undefined;
  return visit
    ? [gate('suction-drier', tell('work.suction-drier-seen-to'), visit.verdict === 'good', visit.claim)]
    : [];
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
        tell('work.vacuum-broken-with-refrigerant'),
        broken !== undefined,
        broken
          ? tell('work.broken-by-to', { by: broken.body.by, toPsig: q(broken.body.toPsig, 'psig', 0) })
          : tell('work.still-in-vacuum'),
      ),
    );
  }
  if (room && sheet.circuitLog.length > 0)
    gates.push(
      gate('room', tell('work.charge-room-allows'), room.verdict === 'good', room.claim, room.verdict !== 'stop'),
    );
  const used = latestOf(sheet.circuitLog, 'cylinder-used');
  const cylinder = used ? sheet.cylinders.find((c) => c.id === used.body.cylinderId) : undefined;
  if (cylinder) {
    const refused = refusesCylinder(cylinderChecks(cylinder, sheet.circuit.plate.refrigerant, undefined, today));
    gates.push(
      gate(
        'cylinder',
        tell('work.right-cylinder'),
        !refused,
        refused?.claim ?? tell('work.cylinder', { tag: cylinder.tag, refrigerant: cylinder.refrigerant ?? '–' }),
        false,
      ),
    );
  }
  if (keepsCircuitLog(sheet) && sheet.circuitLog.length > 0) {
    const label = latestOf(sheet.circuitLog, 'label');
    gates.push(
      gate(
        'label',
        tell('work.total-charge-marked-at-unit-valves'),
        label?.body.valvesSet === true && label.body.capsOn,
        labelSays(label?.body),
      ),
    );
  }
  return gates;
}
