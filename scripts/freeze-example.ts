import { writeFileSync } from 'node:fs';
import { HEALTHY, measured, moved, round, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { beforeSnapshotOf, circuitSnapshotOf, FORMULA_VERSION, snapshotOf } from '@/core/phases/snapshot';
import { sheetGates } from '@/core/phases/standing';
import { recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { DEAD_PROOF, OLD_CHARGE } from '@/demo/sample-entries';

/** Writes the stored example of the version that signs today; once, when the version is raised. */
const EARLY = '2026-06-01T15:00:00.000Z';
const LATE = '2026-06-01T15:08:00.000Z';
const at = { by: 'Tess Orlan', at: LATE };
const { log } = new LogBuilder().add('old-charge', OLD_CHARGE).add('dead-proof', DEAD_PROOF);
const sheet = sampleSheet({
  circuitLog: log,
  startUp: {
    confirmations: { filterClean: at, indoorCoilClean: at, outdoorCoilCleanDry: at, enclosureRestored: at },
  },
  signOffs: [signedOff('charge', { at: LATE })],
  measurements: [
    moved(25.7),
    measured('airflowCfm', 1204, { stage: 'airflow', detail: { method: 'flow grid or hood' } }),
    ...round(HEALTHY, 'a', EARLY),
    ...round(HEALTHY, 'b', LATE),
  ],
});
const recorded = recordedStartUp(sheet, () => undefined);
const end = { signedBy: 'Tess Orlan', certificate: 'TC-1', certification: 'universal', signedAt: LATE };
const unequipped = { ...sheet, circuitLog: [], measurements: [], circuit: { ...sheet.circuit, plate: null } };
const example = {
  frozenWith: FORMULA_VERSION,
  commissioning: {
    ...snapshotOf(sheet, 'start-up', sheetGates(sheet, 'start-up', recorded), recorded),
    ...end,
  },
  circuit: { ...circuitSnapshotOf(sheet, 'recover', sheetGates(sheet, 'recover')), ...end },
  before: { ...beforeSnapshotOf(unequipped, 'survey', sheetGates(unequipped, 'survey')), ...end },
};
writeFileSync(`contract/snapshots/v${FORMULA_VERSION}.json`, `${JSON.stringify(example, null, 1)}\n`);
