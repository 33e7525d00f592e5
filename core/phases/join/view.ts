import { sectionVolume } from '@/core/circuit/hold-volume';
import type { EquippedSheet, EquippedWith } from '@/core/job/sheet';
import { latestOf } from '@/core/phases/log/circuit-log';
import { lineKept, newPieces } from '@/core/phases/scope/view';
import { type JoinView, joinOf } from './joining';
import { lengthOf } from './line-run';
/** Volume of the section under test, from the drawn line set, else from the plate. */
export function volumeOf(sheet: EquippedWith<'circuit' | 'circuitLog'>): number | undefined {
  const { plate } = sheet.circuit;
  const run = latestOf(sheet.circuitLog, 'line-run');
  const volume = sectionVolume({
    liquidOdIn: run?.body.liquidOdIn ?? plate.liquidLineOdIn,
    vaporOdIn: run?.body.vaporOdIn ?? plate.vaporLineOdIn,
    lengthFt: Math.min(500, run ? lengthOf(run.body) : (plate.lineLengthFt ?? plate.includedLineFt)),
    tons: plate.nominalTons,
    withOutdoor: plate.unitState !== 'factory-held',
  });
  return volume.ok ? volume.value.volumeFt3 : undefined;
}

export function joinView(sheet: EquippedSheet): JoinView {
  const { plate } = sheet.circuit;
  const { outdoor } = newPieces(sheet);
  return joinOf(sheet.circuitLog, {
    refrigerant: plate.refrigerant,
    tons: plate.nominalTons,
    heatPump: plate.heatPump,
    fixedOrifice: plate.metering === 'fixed-orifice',
    listedOrifice: plate.orificeStamp,
    subcoolingF: plate.targetSubcoolingF,
    schools: sheet.circuitSchools,
    testPsig: latestOf(sheet.circuitLog, 'test-plan')?.body.targetPsig,
    volumeFt3: volumeOf(sheet),
    scopeKeepsLines: sheet.signOffs.some((s) => s.phase === 'scope') ? lineKept(sheet) : undefined,
    listed: outdoor,
  });
}
