import { isEquipped, type JobSheet } from '@/core/job/sheet';
import { volumeOf } from '@/core/phases/join/view';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import type { EntryKind } from '@/core/phases/log/entry-bodies';
import { oldChargeFromSurvey, removalFactsFromSurvey } from '@/core/phases/recover/view';
import { lineFoundOf, lineKept } from '@/core/phases/scope/view';
import type { FieldValues } from './entry-fields';

const round = (v: number | undefined, digits: number): number | undefined =>
  v === undefined ? undefined : Number(v.toFixed(digits));

/**
 * What a form starts from: the newest entry of its kind where a correction makes sense, else what the sheet knows. What
 * somebody has to look at, read or do stays empty: a form never claims what nobody said.
 */
export function entryDefaults(kind: EntryKind, sheet: JobSheet): FieldValues {
  const newest = latestOf(sheet.circuitLog, kind);
  if (newest && (EDITED.has(kind) || kind === 'drier')) return { ...newest.body };
  const plate = sheet.circuit.plate;
  const volumeFt3 = round(isEquipped(sheet) ? volumeOf(sheet) : undefined, 3);
  switch (kind) {
    case 'old-charge':
      return { extraOz: 0, ozPerFt: null, outdoorFt3: null, ...oldChargeFromSurvey(sheet) };
    case 'removal-facts':
      return removalFactsFromSurvey(sheet);
    case 'rebound':
      return { stopPsig: entriesOf(sheet.circuitLog, 'pump-down').at(-1)?.body.stopPsig };
    case 'line-run': {
      const kept = lineKept(sheet);
      return {
        kept,
        troubles: [],
        liquidOdIn: kept ? undefined : plate?.liquidLineOdIn,
        vaporOdIn: kept ? undefined : plate?.vaporLineOdIn,
        leastTons: null,
        serial: null,
        ...(kept ? foundSizes(sheet) : {}),
      };
    }
    case 'joint':
      return { socketIn: null, nitrogenScfh: null, torqueFtLb: null, orificeStamp: null, newRing: null };
    case 'drier':
      return { suctionPlace: null };
    case 'test-plan':
      return { lowSidePsig: null, highSidePsig: null, reducedBecause: null, volumeFt3 };
    case 'hold-start':
    case 'hold-end':
    case 'isolated':
      return { readAt: new Date().toISOString() };
    case 'pump-setup':
      return { volumeFt3 };
    case 'standing':
      return { samples: [], coldestPipeF: latestOf(sheet.circuitLog, 'pump-setup')?.body.coldestPipeF };
    case 'room':
      return { circulationCfm: null, makerLimitLb: null };
    case 'hose-loss':
      return { spilledOz: 0 };
    case 'resumed':
      return { unaccounted: null };
    default:
      return {};
  }
}

/** Sizes of the kept lines, as they were found on the walk. */
function foundSizes(sheet: JobSheet): FieldValues {
  const { liquidLineOdIn, vaporLineOdIn } = lineFoundOf(sheet);
  return { liquidOdIn: liquidLineOdIn, vaporOdIn: vaporLineOdIn };
}

/** Kinds of which only the newest counts: their form shows it again, and a change supersedes it. */
export const EDITED: ReadonlySet<EntryKind> = new Set([
  'old-charge',
  'removal-facts',
  'method',
  'line-run',
  'coil-hiss',
  'expansion-open',
  'nitrogen-cylinder',
  'fire-watch',
  'test-plan',
  'pump-setup',
  'hose-loss',
  'room',
  'label',
]);

/** Fields a form does not ask but the entry carries. */
export const HIDDEN: Partial<Record<EntryKind, FieldValues>> = {
  'pump-down': { liquidClosedPsig: null, runId: null, runSeconds: null },
  rebound: { runId: null },
  level: { runId: null },
  sweep: { runId: null },
  recovered: { runId: null },
  'hold-start': { runId: null, runSeconds: null },
  'hold-end': { runId: null, runSeconds: null },
  isolated: { runId: null, runSeconds: null },
  standing: { runId: null, fromS: null, toS: null },
};
