import type { Finding } from '@/core/finding/finding';
import type { EquippedWith } from '@/core/job/sheet';
import { afterRunOf } from './after-run';
/** What driers and moisture indicator show after the run; empty where none asks for it. */
export const afterRunView = (sheet: EquippedWith<'circuit' | 'circuitLog' | 'scopeSchools'>): Finding[] =>
  afterRunOf(sheet.circuitLog, {
    refrigerant: sheet.circuit.plate.refrigerant,
    takeOut: sheet.scopeSchools.suctionDrierAfter === 'remove',
  });
