import { inkSvg } from '@/contract/ink-svg';
import type { Speak } from '@/contract/words/speaker';
import { chartSvg } from '@/core/job/chart-svg';
import type { Report } from '@/core/phases/report';
import { moment } from '@/core/words/said';
import { tell } from '@/server/words/tell';

export type ToldPicture = { id: string; caption: string };
export type ToldTable = {
  title: string;
  note?: string;
  columns: string[];
  rows: string[][];
  pictures?: ToldPicture[];
};
/** Pictures that go onto the paper, as data URIs by their id, and the company's logo. */
export type PaperPictures = {
  logo?: string | undefined;
  byId: Readonly<Record<string, string>>;
  /** The code of the job, as SVG, and what it leads to. */
  qr?: { svg: string; say: string };
};

/** A report in the words of its reader, ready for paper. */
export type ToldReport = {
  number: number;
  title: string;
  statusSay: string;
  simulated: string | null;
  facts: [string, string][];
  tables: ToldTable[];
  notes: string[];
  drawings: { title: string; svg: string }[];
  five: { label: string; said: string }[];
  charts: { title: string; svg: string }[];
  takenOver?: { say: string; svg: string | null };
};

/** What the paper says beside the report; `%p` and `%n` are the page and how many there are. */
export type PaperWords = { notes: string; page: string };
export const paperWords = (report: { number: number }, speak: Speak): PaperWords => ({
  notes: speak(tell('server.paper-notes')),
  page: speak(tell('server.paper-page', { number: report.number })),
});

/** Puts a report into words: everything in it is a sentence by id, a figure, or a name. */
export function toldReport(report: Report & { number: number }, speak: Speak): ToldReport {
  return {
    number: report.number,
    title: speak(report.title),
    statusSay: speak(report.statusSay),
    simulated: report.simulated ? speak(report.simulated) : null,
    facts: report.facts.map(([k, v]) => [speak(k), speak(v)]),
    tables: report.tables.map((t) => ({
      title: speak(t.title),
      ...(t.note ? { note: speak(t.note) } : {}),
      columns: t.columns.map(speak),
      rows: t.rows.map((row) => row.map(speak)),
      ...(t.pictures
        ? {
            pictures: t.pictures.map((p) => ({
              id: p.id,
              caption: speak(tell('server.picture-caption', { say: p.say, by: p.by, at: moment(p.at) })),
            })),
          }
        : {}),
    })),
    notes: report.notes.map(speak),
    five: (report.five ?? []).map((l) => ({ label: speak(l.label), said: l.said.map(speak).join(' ') })),
    charts: (report.charts ?? []).map((c) => ({ title: speak(c.title), svg: chartSvg(c, speak) })),
    ...(report.takenOver
      ? {
          takenOver: {
            say: [report.takenOver.say, report.takenOver.since].flatMap((w) => (w ? speak(w) : [])).join(' '),
            svg: report.takenOver.ink === null ? null : inkSvg(report.takenOver.ink),
          },
        }
      : {}),
    drawings: (report.drawings ?? []).map((d) => ({ title: speak(d.title), svg: d.svg })),
  };
}
