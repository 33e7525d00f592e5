import type { Answers } from '@/core/form/field';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { volumeOf } from '@/core/phases/join/view';
import { entriesOf, latestOf, newestHere } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entries';
import { entryOf } from '@/core/phases/log/entries';
import { oldChargeFromSurvey, removalFactsFromSurvey } from '@/core/phases/recover/view';
import { lineFoundOf, lineKept } from '@/core/phases/scope/view';
import { numberOf } from '@/core/scope/survey/facts';
import { knownFacts } from '@/core/scope/survey/survey';
import { nowIso } from '@/web/api/clock';

const round = (v: number | undefined, digits: number): number | undefined =>
  v === undefined ? undefined : Number(v.toFixed(digits));

/**
 * What a form starts from: the newest entry of its kind where a correction makes sense, else what the sheet knows. What
 * somebody has to look at, read or do stays empty: a form never claims what nobody said.
 */
export function entryStart(kind: EntryKind, sheet: JobSheet): Answers {
  const newest = newestHere(sheet, kind);
  const { edited, likeLast } = entryOf(kind);
  if (newest && (edited || likeLast)) return { ...newest.body };
  const plate = sheet.circuit.plate;
  const volumeFt3 = round(isEquipped(sheet) ? volumeOf(sheet) : undefined, 3);
  switch (kind) {
    case 'old-charge':
      return oldChargeFromSurvey(sheet);
    case 'removal-facts':
      return removalFactsFromSurvey(sheet);
    case 'rebound':
      return { stopPsig: entriesOf(sheet.circuitLog, 'pump-down').at(-1)?.body.stopPsig };
    case 'line-run': {
      const kept = lineKept(sheet);
      return {
        kept,
        liquidOdIn: kept ? undefined : plate?.liquidLineOdIn,
        vaporOdIn: kept ? undefined : plate?.vaporLineOdIn,
        pieces: pacedPiece(sheet),
        ...(kept ? foundSizes(sheet) : {}),
      };
    }
    case 'hold-start':
    case 'hold-end':
    case 'isolated':
      return { readAt: nowIso() };
    case 'test-plan':
    case 'pump-setup':
      return { volumeFt3 };
    case 'room':
      return { areaFt2: numberOf(knownFacts(sheet.survey.observations), 'smallestRoomFt2') };
    case 'standing':
      return { coldestPipeF: latestOf(sheet.circuitLog, 'pump-setup')?.body.coldestPipeF };
    default:
      return {};
  }
}

/** What the survey paced as one piece; which way it runs, and where it turns, is said by who draws it. */
function pacedPiece(sheet: JobSheet): { ft: number; way: null }[] | undefined {
  const ft = numberOf(knownFacts(sheet.survey.observations), 'lineLengthFt');
  return ft ? [{ ft, way: null }] : undefined;
}

/** Sizes of the kept lines, as they were found on the walk. */
function foundSizes(sheet: JobSheet): Answers {
  const { liquidLineOdIn, vaporLineOdIn } = lineFoundOf(sheet);
  return { liquidOdIn: liquidLineOdIn, vaporOdIn: vaporLineOdIn };
}
