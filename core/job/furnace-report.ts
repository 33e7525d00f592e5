import { VERDICT_WORDS } from '@/core/finding/finding';
import { type FurnaceProof, INLET } from '@/core/furnace/furnace-proof';
import { beforeTables } from './before-report';
import { PHASE_WORDS } from './phases';
import { DISCLAIMER, moment, type Report, type ReportTable } from './report-parts';
import type { SheetSignOff } from './sheet';
import type { FurnaceSnapshot } from './snapshot';

/** The commissioning report of a furnace that was installed alone: no refrigerant in it. */
export function furnaceReport(input: {
  company: string;
  snapshot: FurnaceSnapshot;
  signOffs: readonly SheetSignOff[];
  amendments: readonly { phase: string; by: string; note: string; at: string }[];
}): Report {
  const { snapshot: s } = input;
  const signed = input.signOffs.some((x) => x.phase === 'hand-over');
  const unit = s.before.indoor ?? s.before.outdoor;
  const proof = s.furnace;
  const figures: ReportTable = {
    title: 'Furnace, as read',
    columns: ['Reading', 'Value', 'Wanted'],
    rows: proof
      ? [
          ...(proof.inletInWc === null
            ? []
            : [['Inlet gas pressure', `${proof.inletInWc} in. w.c.`, inletWanted(proof.fuel)]]),
          ...(proof.manifoldInWc === null
            ? []
            : [
                [
                  'Manifold pressure',
                  `${proof.manifoldInWc} in. w.c.`,
                  `${proof.plateManifoldInWc ?? '–'} in. w.c. by the plate`,
                ],
              ]),
          [
            'Temperature rise',
            `${proof.riseF} °F`,
            `${proof.plateRiseLowF} to ${proof.plateRiseHighF} °F by the plate`,
          ],
          ['CO, air-free', `${proof.coAirFreePpm} ppm`, 'up to 100 ppm'],
          ['CO in the room', `${proof.roomCoPpm} ppm`, 'up to 9 ppm'],
          ['Burning for', `${proof.ranMin} min`, '10 min or more'],
        ]
      : [],
  };
  return {
    title: 'Commissioning report',
    status: signed ? 'signed' : 'draft',
    statusSay: signed ? 'Signed and handed over' : 'Draft: not every phase is signed',
    simulated: null,
    facts: [
      ['Contractor', input.company],
      ['Job', `${s.job.number}, ${s.job.scheduledFor}`],
      ['Customer', s.customer.name],
      ['Site', `${s.site.address}, ${s.site.town}`],
      ['Elevation', `${s.site.elevationFt.toFixed(0)} ft`],
      ['System', `${s.system.name}: furnace alone`],
      ['Furnace', unit ? `${unit.maker} ${unit.model}` : 'not chosen'],
      ['Lead', s.job.lead],
      ['Proof', proof ? `typed by ${proof.by}, ${moment(proof.at)}` : 'not on record'],
    ],
    tables: [
      figures,
      {
        title: 'Findings',
        columns: ['Verdict', 'Finding', 'Because', 'Source'],
        rows: s.furnaceChecks.map((c) => [VERDICT_WORDS[c.verdict], c.claim, c.because, c.source]),
      },
      ...beforeTables(s.before),
      {
        title: 'Overrides',
        columns: ['Phase', 'Gate', 'Reason', 'Who', 'When'],
        rows: s.overrides.map((o) => [
          PHASE_WORDS[o.phase],
          s.gates.find((g) => g.id === o.gate)?.asks ?? o.gate,
          o.reason,
          o.by,
          moment(o.at),
        ]),
      },
      {
        title: 'Signatures',
        columns: ['Phase', 'Who', 'Certificate', 'When', 'Content hash'],
        rows: [
          ...input.signOffs.map((x) => [
            PHASE_WORDS[x.phase],
            x.by,
            x.certificate ?? '–',
            moment(x.at),
            x.contentHash.slice(0, 16),
          ]),
          ...input.amendments.map((a) => [`Amendment to ${a.phase}`, a.by, '–', moment(a.at), a.note]),
        ],
      },
    ].filter((t) => t.rows.length > 0),
    notes: [
      'Not covered here: clocked input, each stage by itself, draft and spillage, safeties. Gas work is licensed work.',
      `Formulas version ${s.formulaVersion}.`,
      DISCLAIMER,
    ],
  };
}

const inletWanted = (fuel: FurnaceProof['fuel']): string =>
  fuel === 'oil' ? 'none on oil' : `${INLET[fuel].low} to ${INLET[fuel].high} in. w.c. for ${fuel}`;
