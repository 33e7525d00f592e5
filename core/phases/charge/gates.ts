import { cylinderChecks, refusesCylinder } from '@/core/circuit/recovery/cylinder';
import { refusal } from '@/core/finding/outcome';
import { certificationGate, type Gate, gate } from '@/core/job/gates';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { tell } from '@/core/phases/charge/words';
import { circuitPhasesOf, keepsCircuitLog, sealedWhy } from '@/core/phases/circuit-kept';
import { sealedGate, standingGate, vacuumGate } from '@/core/phases/evacuate/gates';
import { evacuationView } from '@/core/phases/evacuate/view';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { signedGate } from '@/core/phases/signed-gate';
import { hazardHolds } from '@/core/phases/survey/gates';
import { beganWithSurvey } from '@/core/phases/survey/view';
import { q, type Said, value } from '@/core/words/said';
import { buildUpOf, judgeCharge } from './charge-sheet';
import { roomView } from './room-view';

function labelSays(label: EntryBody<'label'> | undefined): Said {
  if (!label) return tell('work.not-marked-yet');
  if (!label.valvesSet) return tell('work.service-valve-is-not-set-yet');
  return label.capsOn ? tell('work.marked', { place: label.place }) : tell('work.cap-or-seal-is-still-off');
}

/** What the circuit’s record adds to the gates of the charge. */
function recordGates(sheet: JobSheet, today = sheet.job.scheduledFor): Gate[] {
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
          ? tell('work.broken-by-to', { by: value(broken.body.by), toPsig: q(broken.body.toPsig, 'psig', 0) })
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

const NO_PLATE = {
  ok: false,
  refused: refusal('plate', tell('job.new-equipment-is-not-entered-yet'), tell('job.choose-it-in-scope-or-enter')),
} as const;

/** The proof that nothing but refrigerant will be in it: sealed, held on the circuit's record, or a typed test. */
function vacuumProof(sheet: JobSheet): Gate {
  if (sheet.circuitLog.length > 0 && circuitPhasesOf(sheet).includes('evacuate')) return standingGate(sheet);
  const sealed = sealedWhy(sheet);
  return sealed ? sealedGate(sealed) : vacuumGate(sheet.vacuum ?? undefined, Number(sheet.circuitSchools.decayLimit));
}

/** What must hold before the charge is signed, in the order it is cleared. */
export function chargeGates(sheet: JobSheet): Gate[] {
  const build = isEquipped(sheet) ? buildUpOf(sheet) : NO_PLATE;
  const charge = build.ok ? judgeCharge(sheet, build.value) : undefined;
  const record = recordGates(sheet);
  return [
    ...hazardHolds(sheet),
    vacuumProof(sheet),
    ...record.filter((g) => g.id !== 'label'),
    gate(
      'plate',
      tell('job.charge-build-up-complete'),
      build.ok,
      build.ok ? tell('job.complete') : build.refused.message,
    ),
    gate(
      'weighed-charge',
      tell('job.weighed-charge'),
      charge?.state.done ?? false,
      charge?.finding.claim ?? tell('job.no-charge-build-up'),
    ),
    // The label tells the total, so it comes after the weighing.
    ...record.filter((g) => g.id === 'label'),
    certificationGate(sheet.certification),
  ];
}
