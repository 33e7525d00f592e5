import { PHASE_WORDS, type Phase } from '@/core/job/phases';
import type { ReportTable } from '@/core/job/report-parts';
import type { CustomerSignature, JobSheet, SheetSignOff } from '@/core/job/sheet';
import type { CircuitEntry } from '@/core/phases/log/circuit-log';
import { tell } from '@/core/phases/words';
import type { PhotoMeta } from '@/core/scope/survey/before-dismantling';
import { dayAt } from '@/core/words/calendar';
import { type Label, moment } from '@/core/words/said';
import type { DeskTemplate } from './hand-over/desk-fields';
import { openTable } from './hand-over/open-items';
import { handedOverAt, visitTable } from './hand-over/visits';
import { walkTable } from './hand-over/walkthrough';
import { warrantyTable } from './hand-over/warranty';
import { gateWords } from './registry';

/** What was signed for a job and added to it since. */
export type Signed = {
  /** Of the job, its systems and every circuit; which of them, where there are several. */
  signOffs: readonly (SheetSignOff & { circuit?: string })[];
  amendments: readonly { phase: string; by: string; note: Label; at: string }[];
  /** What is written down of the whole job by now, visits after the hand-over among it. */
  jobLog?: readonly CircuitEntry[];
  /** Pictures of the job as they are by now, of each system. */
  photos?: readonly PhotoMeta[];
  /** What customers signed, the hand-over among it. */
  answers?: readonly CustomerSignature[];
  desk?: DeskTemplate;
};

/** Tables under the name of their circuit or system, where there are several. */
export const named = (tables: ReportTable[], name: string | undefined): ReportTable[] =>
  name === undefined
    ? tables
    : tables.map((t) => ({ ...t, title: tell('job.circuit-table', { circuit: name, title: t.title }) }));

/** What leads let pass, each once. */
export function gateTable(all: readonly Pick<JobSheet, 'overrides'>[]): ReportTable {
  const passed = new Map(all.flatMap((s) => s.overrides.map((o) => [o.id, o])));
  return {
    title: tell('job.overrides'),
    columns: [tell('job.phase'), tell('job.gate'), tell('job.reason'), tell('job.who'), tell('job.when')],
    rows: [...passed.values()].map((o) => [
      PHASE_WORDS[o.phase],
      gateWords(o.gate) ?? o.gate,
      o.reason,
      o.by,
      moment(o.at),
    ]),
  };
}

/** What is kept on after the hand-over too: what the owner was shown, warranties, what is open. */
export function keptOnTables(
  log: readonly CircuitEntry[],
  signOffs: Signed['signOffs'],
  timeZone: string,
): ReportTable[] {
  const at = handedOverAt({ signOffs: [...signOffs] });
  return [walkTable(log), warrantyTable(log), openTable(log, at && dayAt(at, timeZone))];
}

/** Visits that brought the crew back after the hand-over; nothing before it. */
export function laterTables({ signOffs, jobLog }: Signed): ReportTable[] {
  const at = handedOverAt({ signOffs: [...signOffs] });
  return at === undefined ? [] : [visitTable(jobLog, at)];
}

export function signTable({ signOffs, amendments }: Signed): ReportTable {
  return {
    title: tell('job.signatures'),
    columns: [tell('job.phase'), tell('job.who'), tell('job.certificate'), tell('job.when'), tell('job.content-hash')],
    rows: [
      ...signOffs.map((x) => [
        x.circuit === undefined
          ? PHASE_WORDS[x.phase]
          : tell('job.circuit-table', { circuit: x.circuit, title: PHASE_WORDS[x.phase] }),
        x.by,
        x.certificate ?? '–',
        x.arrivedAt === undefined
          ? moment(x.at)
          : tell('job.signed-on-a-device', { at: moment(x.at), arrivedAt: moment(x.arrivedAt) }),
        x.contentHash.slice(0, 16),
      ]),
      ...amendments.map((a) => [
        tell('job.amendment-to', { phase: PHASE_WORDS[a.phase as Phase] }),
        a.by,
        '–',
        moment(a.at),
        a.note,
      ]),
    ],
  };
}
