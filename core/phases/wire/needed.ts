import { isHandedOver, isSigned, type SheetWith } from '@/core/job/sheet';
import { type Begun, beganWithSurvey } from '@/core/phases/survey/view';
import { tell } from './words';

/** What a gate of a later phase asks of it, as a noun. */
export const WIRE_SIGNED = tell('wire.gate-wire-signed');

/**
 * Whether the wiring of this system is kept on its sheet: it began with a survey, and it was not handed over before anything of it
 * was written.
 */
export const wiresEquipment = (sheet: SheetWith<Begun | 'signOffs' | 'systemLog'>): boolean =>
  beganWithSurvey(sheet) &&
  (!isHandedOver(sheet) || isSigned(sheet, 'wire') || sheet.systemLog.some((e) => e.phase === 'wire'));
