import { a2lRoom } from '@/core/circuit/a2l-room';
import type { Finding } from '@/core/finding/finding';
import type { EquippedSheet } from '@/core/job/sheet';
import { buildUpOf } from '@/core/phases/charge/charge-sheet';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { newPieces } from '@/core/phases/scope/view';
import { tell } from '@/core/phases/start-up/words';
import { numberOf } from '@/core/scope/survey/facts';
import { partsOf } from '@/core/scope/survey/parts';
import { knownFacts } from '@/core/scope/survey/survey';
import { judgeA2lTrip } from '@/core/startup/acceptance/a2l-trip';
import { judgeKeptAirHandler, judgeKeptFurnace } from '@/core/startup/acceptance/kept-unit';
import { judgeOutsideAir } from '@/core/startup/acceptance/outside-air';
import { judgeSmokeTrip } from '@/core/startup/acceptance/smoke-trip';
import { judgeZoneRun } from '@/core/startup/acceptance/zone-run';
import { CFM_PER_TON } from '@/core/startup/airflow';
import { OZ_PER_LB } from '@/core/units/units';
import { type Acceptance, benchProofsOf } from './bench-proofs';
import { othersOf } from './of-circuit';

/** Above this air the mechanical code asks for a smoke detector (IMC 606, edition not checked), CFM. */
const SMOKE_ABOVE_CFM = 2000;

/** What this system is accepted by besides its readings: a leak detector's trip, a rooftop's smoke detector and outside air, its zones. */
export function acceptancesOf(sheet: EquippedSheet): Acceptance[] {
  const { plate } = sheet.circuit;
  const out: Acceptance[] = [];
  if (latestOf(sheet.circuitLog, 'room')?.body.detector) {
    const run = latestOf(sheet.systemLog, 'a2l-trip');
    out.push({
      id: 'a2l-trip',
      name: tell('job.leak-detector'),
      entry: 'a2l-trip',
      ask: tell('job.trip-the-leak-detector-and-watch'),
      because: tell('job.never-release-refrigerant-for-a-test'),
      findings: run && judgeA2lTrip(run.body, { minimumCfm: leastAirOf(sheet) }),
    });
  }
  // A unit of several circuits moves the air of all of them.
  const tons = plate.nominalTons * (1 + othersOf(sheet).length);
  if (plate.packaged && CFM_PER_TON.nominal * tons > SMOKE_ABOVE_CFM) {
    const smoke = latestOf(sheet.systemLog, 'smoke-trip');
    const air = latestOf(sheet.systemLog, 'outside-air');
    out.push(
      {
        id: 'smoke-trip',
        name: tell('job.smoke-detector'),
        entry: 'smoke-trip',
        ask: tell('job.trip-the-smoke-detector-and-watch'),
        because: tell('job.tell-monitoring-first'),
        findings: smoke && judgeSmokeTrip(smoke.body),
      },
      {
        id: 'outside-air',
        name: tell('job.outside-air'),
        entry: 'outside-air',
        ask: tell('job.read-the-outside-air-and-try-the-economizer'),
        because: tell('job.at-its-minimum-then-at-each-end'),
        findings: air && judgeOutsideAir(air.body),
      },
    );
  }
  out.push(...benchProofsOf(sheet));
  out.push(...keptUnits(sheet));
  const zones = zonesOf(sheet);
  if (zones > 1)
    out.push({
      id: 'zones',
      name: tell('job.zones'),
      entry: 'zone-run',
      ask: tell('job.call-each-zone-alone-then-all', { zones }),
      because: tell('job.one-zone-alone-is-the-hardest'),
      findings: zoneFindings(sheet, zones),
    });
  return out;
}

/** What stays under new equipment is proven anew: a furnace under a new coil, an air handler with a new outdoor unit. */
function keptUnits(sheet: EquippedSheet): Acceptance[] {
  const parts = partsOf(knownFacts(sheet.survey.observations));
  const stays = (piece: 'furnace' | 'air-handler'): boolean => !!parts?.there.has(piece) && !parts.fresh.has(piece);
  const furnace = latestOf(sheet.systemLog, 'kept-furnace');
  const handler = latestOf(sheet.systemLog, 'kept-air-handler');
  return [
    ...(stays('furnace') && parts?.fresh.has('coil')
      ? [
          {
            id: 'kept-furnace',
            name: tell('job.furnace-that-stays'),
            entry: 'kept-furnace' as const,
            ask: tell('job.prove-the-furnace-that-stays'),
            because: tell('job.a-new-coil-changes-its-air'),
            findings: furnace && judgeKeptFurnace(furnace.body),
          },
        ]
      : []),
    ...(stays('air-handler')
      ? [
          {
            id: 'kept-air-handler',
            name: tell('job.air-handler-that-stays'),
            entry: 'kept-air-handler' as const,
            ask: tell('job.read-the-static-of-what-stays'),
            because: tell('job.an-old-blower-bears-what-its-plate-says'),
            findings: handler && judgeKeptAirHandler(handler.body),
          },
        ]
      : []),
  ];
}

const zonesOf = (sheet: EquippedSheet): number => numberOf(knownFacts(sheet.survey.observations), 'zones') ?? 1;

/** The least circulation that this charge asks for with a detector. */
function leastAirOf(sheet: EquippedSheet): number | undefined {
  const build = buildUpOf(sheet);
  const { refrigerant } = sheet.circuit.plate;
  const steps = build.ok ? a2lRoom({ refrigerant, chargeLb: build.value.totalOz / OZ_PER_LB }) : undefined;
  return steps?.ok ? steps.value.minimumCfm : undefined;
}

function zoneFindings(sheet: EquippedSheet, zones: number): Finding[] | undefined {
  const runs = entriesOf(sheet.systemLog, 'zone-run');
  if (!runs.length) return undefined;
  const { indoor } = newPieces(sheet);
  const unit = { maxStaticInWc: indoor?.maxEspInWc ?? undefined, minCfm: indoor?.minCfm ?? undefined };
  // The newest run of each zone, and of all together.
  const newest = new Map(runs.map((r) => [r.body.open === 'all' ? '' : (r.body.zone ?? '').trim().toLowerCase(), r]));
  const judged = [...newest.values()].flatMap((r) =>
    judgeZoneRun(r.body, unit).map(
      (f): Finding => ({
        ...f,
        subject: r.id,
        claim: tell('job.zone-says', {
          zone: r.body.open === 'all' ? tell('job.all-zones') : (r.body.zone ?? '–'),
          claim: f.claim,
        }),
      }),
    ),
  );
  const alone = [...newest.keys()].filter((name) => name !== '').length;
  if (alone >= zones && newest.has('')) return judged;
  return [
    ...judged,
    {
      id: 'zones-missing',
      verdict: 'not-proven',
      claim: tell('job.zones-read-so-far', {
        alone,
        zones,
        all: newest.has('') ? tell('job.read') : tell('job.not-read'),
      }),
      because: tell('job.one-zone-alone-is-the-hardest'),
      source: tell('job.equipment-says-which-proofs'),
      miss: 0.5,
    },
  ];
}
