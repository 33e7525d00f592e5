import type { Plate } from '@/core/equipment/plate';
import { plateFromLibrary } from '@/core/equipment/plate-from-library';
import type { JobSheet } from '@/core/job/sheet';
import { lineFoundOf, newPieces } from './view';

/**
 * The plate that an agreed scope puts on the sheet of its system's first circuit. When the customer agrees to another unit
 * before anything is charged, its plate takes the place of the first one; when only the line set changed, so do the line's
 * sizes and length, and nothing else of what was typed.
 * @param sheet as that first circuit sees it
 * @returns undefined where nothing changes
 */
export function plateOfScope(sheet: JobSheet, change?: { lineSet: boolean }): Plate | undefined {
  const { outdoor } = newPieces(sheet);
  if (!outdoor || sheet.signOffs.some((s) => s.phase === 'charge')) return undefined;
  const { plate: there } = sheet.circuit;
  const same = there && there.maker === outdoor.maker && there.model === outdoor.model;
  if (same && !change?.lineSet) return undefined;
  const fresh = plateFromLibrary(outdoor, lineFoundOf(sheet));
  if (!fresh) return undefined;
  const { liquidLineOdIn, vaporLineOdIn, lineLengthFt } = fresh;
  return same ? { ...there, liquidLineOdIn, vaporLineOdIn, lineLengthFt } : fresh;
}

/** The circuit that a scope equips: the first of its system, whichever of them somebody looks at. */
export const circuitOfScope = (sheet: Pick<JobSheet, 'circuits' | 'system'>): string =>
  sheet.circuits.find((c) => c.systemId === sheet.system.id)!.id;
