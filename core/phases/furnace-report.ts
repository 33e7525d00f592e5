import { VERDICT_WORDS } from '@/core/finding/finding';
import { type FurnaceProof, INLET } from '@/core/furnace/furnace-proof';
import { DISCLAIMER, type Report, type ReportTable } from '@/core/job/report-parts';
import { balanceTable } from '@/core/phases/hand-over/balance';
import { deskTable } from '@/core/phases/hand-over/desk-fields';
import { filterTable } from '@/core/phases/hand-over/filters';
import { furnaceLines } from '@/core/phases/hand-over/five-lines';
import { pipeTables } from '@/core/phases/hand-over/gas-pipe';
import { permitTable } from '@/core/phases/hand-over/permits';
import { serialTable } from '@/core/phases/hand-over/serials';
import { takenOver } from '@/core/phases/hand-over/take-over';
import { visitTable } from '@/core/phases/hand-over/visits';
import { beforeTables } from '@/core/phases/scope/report';
import { setPictures, setTables } from '@/core/phases/set/report';
import type { FurnaceSnapshot } from '@/core/phases/snapshot';
import { wirePictures, wireTables } from '@/core/phases/wire/report';
import { tell } from '@/core/phases/words';
import { day, list, moment, q, type Said, value } from '@/core/words/said';
import { picturesOf, surveyPictures } from './pictures';
import { gateTable, keptOnTables, laterTables, named, type Signed, signTable } from './signed-tables';

/** What is told of a furnace that was installed alone: its proof as read and as judged, and what was agreed before. */
export const furnaceTables = (s: FurnaceSnapshot): ReportTable[] => [
  ...proofTables(s),
  ...beforeTables(s.before),
  ...setTables(s.before.setting),
  ...wireTables(s.before.wiring),
  balanceTable(s.before.registers),
  ...pipeTables(s.before.gasPipe),
];

/** The proof of what newly burns fuel: as read and as judged. */
export function proofTables({ furnace: proof, furnaceChecks }: Pick<FurnaceSnapshot, 'furnace' | 'furnaceChecks'>) {
  const tables: ReportTable[] = [
    {
      title: tell('job.furnace-as-read'),
      columns: [tell('job.reading'), tell('job.value'), tell('job.wanted')],
      rows: proof ? proofRows(proof) : [],
    },
    {
      title: tell('job.findings'),
      columns: [tell('job.verdict'), tell('job.finding'), tell('job.because'), tell('job.source')],
      rows: furnaceChecks.map((c) => [VERDICT_WORDS[c.verdict], c.claim, c.because, c.source]),
    },
  ];
  return tables;
}

function proofRows(proof: FurnaceProof): ReportTable['rows'] {
  return [
    ...(proof.inletInWc === null
      ? []
      : [
          [
            tell('job.inlet-gas-pressure'),
            tell('job.inletinwc', { inletInWc: q(proof.inletInWc, 'inWc', 'as is') }),
            inletWanted(proof.fuel),
          ],
        ]),
    ...(proof.manifoldInWc === null
      ? []
      : [
          [
            tell('job.manifold-pressure'),
            tell('job.manifoldinwc', { manifoldInWc: q(proof.manifoldInWc, 'inWc', 'as is') }),
            tell('job.in-w-c-by-plate', { plateManifoldInWc: proof.plateManifoldInWc ?? '–' }),
          ],
        ]),
    [
      tell('job.temperature-rise'),
      q(proof.riseF, 'F', 'as is'),
      tell('job.to-by-plate', {
        plateRiseLowF: proof.plateRiseLowF,
        plateRiseHighF: q(proof.plateRiseHighF, 'F', 'as is'),
      }),
    ],
    [tell('job.co-air-free'), q(proof.coAirFreePpm, 'ppm', 'as is'), tell('job.up-to-100-ppm')],
    [tell('job.co-in-room'), q(proof.roomCoPpm, 'ppm', 'as is'), tell('job.up-to-9-ppm')],
    [tell('job.burning-for'), q(proof.ranMin, 'min', 'as is'), tell('job.10-min-or-more')],
    ...(proof.dialFt3 && proof.turns && proof.seconds
      ? [
          [
            tell('job.gas-meter'),
            tell('job.turns-of-dial-in', {
              turns: proof.turns,
              dial: proof.dialFt3,
              seconds: q(proof.seconds, 's', 'as is'),
            }),
            proof.plateInputBtuh ? q(proof.plateInputBtuh, 'btuh') : '–',
          ],
        ]
      : []),
    ...(proof.lowRiseF
      ? [
          [
            tell('job.low-stage'),
            tell('job.manifold-and-rise', {
              manifold: q(proof.lowManifoldInWc ?? null, 'inWc', 1),
              rise: q(proof.lowRiseF, 'F', 'as is'),
            }),
            tell('job.in-w-c-by-plate', { plateManifoldInWc: proof.plateLowManifoldInWc ?? '–' }),
          ],
        ]
      : []),
    ...(proof.draftInWc != null
      ? [[tell('job.draft-at-the-flue'), q(proof.draftInWc, 'inWc', 2), tell('job.draft-wanted')]]
      : []),
  ];
}

/** The commissioning report of a furnace that was installed alone: no refrigerant in it. */
export function furnaceReport(
  input: Signed & {
    company: string;
    snapshot: FurnaceSnapshot;
    /** Furnaces of other systems of the same job. */
    others?: readonly FurnaceSnapshot[];
  },
): Report {
  const { snapshot: s, others = [] } = input;
  const signed = input.signOffs.some((x) => x.phase === 'hand-over');
  const unit = s.before.furnace ?? s.before.indoor ?? s.before.outdoor;
  const proof = s.furnace;
  const jobLog = input.jobLog ?? s.jobLog ?? [];
  const five = furnaceLines([s, ...others], jobLog);
  return {
    title: tell('job.commissioning-report'),
    status: signed ? 'signed' : 'draft',
    statusSay: signed ? tell('job.signed-and-handed-over') : tell('job.draft-not-every-phase-is-signed'),
    simulated: proof?.simulated
      ? tell('job.contains-readings-not-record-of-real', { marks: value('simulated'), count: '' })
      : null,
    facts: [
      [tell('job.contractor'), input.company],
      [tell('job.job'), list([String(s.job.number), day(s.job.scheduledFor)])],
      [tell('job.customer'), s.customer.name],
      [tell('job.site'), `${s.site.address}, ${s.site.town}`],
      [tell('job.elevation'), q(s.site.elevationFt, 'ft')],
      [tell('job.system'), tell('job.furnace-alone', { name: s.system.name })],
      [tell('job.furnace'), unit ? `${unit.maker} ${unit.model}` : tell('job.not-chosen')],
      [tell('job.lead'), s.job.lead],
      [
        tell('job.proof'),
        proof ? tell('job.typed-by', { by: proof.by, at: moment(proof.at) }) : tell('job.not-on-record'),
      ],
    ],
    five,
    takenOver: takenOver(input.answers ?? [], five),
    desk: input.desk && deskTable(input.desk, { snapshot: s, signOffs: input.signOffs, jobLog }),
    tables: [
      ...named(furnaceTables(s), others.length ? s.system.name : undefined),
      ...others.flatMap((o) => named(furnaceTables(o), o.system.name)),
      ...surveyPictures(input.photos),
      ...[s, ...others].flatMap((x) => [...setPictures(x, input.photos), ...wirePictures(x, input.photos)]),
      serialTable(s.jobLog),
      filterTable(s.jobLog),
      visitTable(s.jobLog),
      permitTable(s.jobLog),
      ...keptOnTables(jobLog, input.signOffs, s.site.timeZone),
      ...picturesOf('hand-over', { photos: input.photos, log: s.jobLog ?? [] }),
      gateTable([s, ...others]),
      signTable(input),
      ...laterTables(input),
    ].filter((t) => t.rows.length > 0 || t.pictures),
    notes: [
      tell('job.furnace-report-does-not-cover'),
      tell('job.formulas-version', { formulaVersion: s.formulaVersion }),
      DISCLAIMER,
    ],
  };
}

const inletWanted = (fuel: FurnaceProof['fuel']): Said =>
  fuel === 'oil'
    ? tell('job.none-on-oil')
    : tell('job.to-for', { low: INLET[fuel].low, high: q(INLET[fuel].high, 'inWc', 'as is'), fuel: value(fuel) });
