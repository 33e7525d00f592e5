import { entriesOf, latestOf } from '@/core/circuit/log/circuit-log';
import type { EntryKind } from '@/core/circuit/log/entry-bodies';
import { testTarget } from '@/core/circuit/pressure/pressure-test';
import { REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import { LEVEL_WAIT_MIN } from '@/core/circuit/recovery/recovery';
import { beganWithSurvey } from '@/core/job/before';
import { oldChargeFromSurvey, volumeOf } from '@/core/job/circuit/circuit-views';
import { isEquipped, type JobSheet } from '@/core/job/sheet';
import type { FieldValues } from './entry-fields';

/** Gear that is usual where nobody said otherwise; every figure can be typed over. */
const GEAR = { gearPsig: 800, gaugePsi: 0.5, thermometerF: 0.5, pumpCfm: 6, hoseBoreIn: 0.31, hoseLengthIn: 36 };
const round = (v: number | undefined, digits: number): number | undefined =>
  v === undefined ? undefined : Number(v.toFixed(digits));

/** What a form starts from: the newest entry of its kind where a correction makes sense, else what the sheet knows. */
export function entryDefaults(kind: EntryKind, sheet: JobSheet): FieldValues {
  const newest = latestOf(sheet.circuitLog, kind);
  if (newest && (EDITED.has(kind) || kind === 'drier')) return { ...newest.body };
  const plate = sheet.circuit.plate;
  const volumeFt3 = round(isEquipped(sheet) ? volumeOf(sheet) : undefined, 3);
  switch (kind) {
    case 'old-charge':
      return {
        includedFt: 15,
        extraOz: 0,
        ozPerFt: null,
        applianceClass: 'comfort',
        leaker: false,
        outdoorFt3: null,
        ...oldChargeFromSurvey(sheet),
      };
    case 'removal-facts':
      return { compressorKind: 'unknown' };
    case 'rebound':
      return { stopPsig: entriesOf(sheet.circuitLog, 'pump-down').at(-1)?.body.stopPsig, minutes: REBOUND_WAIT_MIN };
    case 'dead-proof':
      return {};
    case 'level':
      return { waitMin: LEVEL_WAIT_MIN };
    case 'recovered':
      return { scale: 'refrigerant scale', oily: false };
    case 'line-run':
      return {
        setType: 'field-charged',
        kept: beganWithSurvey(sheet) ? sheet.scope.choice.keepLineSet === true : undefined,
        flushed: false,
        troubles: [],
        liquidOdIn: plate?.liquidLineOdIn,
        vaporOdIn: plate?.vaporLineOdIn,
        pieces: [{ ft: plate?.lineLengthFt || 25, way: 'along' }],
        elbows: 4,
        vaporWallIn: 0.5,
        leastTons: null,
        serial: null,
      };
    case 'joint':
      return {
        method: 'braze',
        line: 'vapour',
        odIn: plate?.vaporLineOdIn,
        metals: 'copper to copper',
        alloy: 'copper-phosphorus',
        socketIn: null,
        nitrogenScfh: null,
        torqueFtLb: null,
        orificeStamp: null,
        newRing: null,
      };
    case 'drier':
      return {
        line: 'liquid',
        direction: 'both ways',
        arrowToMeter: true,
        ratedTons: plate?.nominalTons,
        factoryDrierToo: false,
        suctionPlace: null,
      };
    case 'expansion-open':
      return { how: plate?.metering === 'eev' ? undefined : 'not needed' };
    case 'nitrogen-cylinder':
      return { nominalScf: 40, purgeScfh: 5, purgeMin: 15 };
    case 'test-plan': {
      const lowSidePsig = null;
      const target = testTarget(
        { section: 'lines and coil', lowSidePsig, highSidePsig: null, gearPsig: GEAR.gearPsig },
        sheet.circuitSchools,
      );
      return {
        section: 'lines and coil',
        lowSidePsig,
        highSidePsig: null,
        gearPsig: GEAR.gearPsig,
        targetPsig: target.psig,
        reducedBecause: null,
        volumeFt3,
        gaugePsi: GEAR.gaugePsi,
        thermometerF: GEAR.thermometerF,
      };
    }
    case 'pump-setup':
      return {
        method: latestOf(sheet.circuitLog, 'line-run')?.body.kept ? 'triple' : 'single-deep',
        pumpCfm: GEAR.pumpCfm,
        hoseBoreIn: GEAR.hoseBoreIn,
        hoseLengthIn: GEAR.hoseLengthIn,
        hoseCount: 1,
        coresIn: false,
        gaugePlace: 'far from the pump',
        volumeFt3,
        coldestPipeF: 70,
      };
    case 'sweep':
      return { psig: 2, soakMin: 5 };
    case 'standing':
      return { samples: [], coldestPipeF: latestOf(sheet.circuitLog, 'pump-setup')?.body.coldestPipeF ?? 70 };
    case 'vacuum-broken':
      return { by: plate?.unitState === 'empty' ? 'cylinder' : 'factory charge', toPsig: 2 };
    case 'cylinder-used':
      return { leavesAs: 'liquid' };
    case 'room':
      return { circulationCfm: null, makerLimitLb: null };
    case 'fire-watch':
      return { minutes: 60, extinguisher: true };
    case 'hose-loss':
      return { boreIn: 0.18, lengthIn: 60, spilledOz: 0 };
    case 'resumed':
      return { unaccounted: null };
    case 'held-in-unit':
      return { note: 'to recovery before scrap' };
    default:
      return {};
  }
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
