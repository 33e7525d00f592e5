import type { Request, Response, Router } from 'express';
import type { Speak } from '@/contract/words/speaker';
import type { JobSheet } from '@/core/job/sheet';
import { isEquipped } from '@/core/job/sheet';
import { labelOf } from '@/core/phases/hand-over/label';
import { registering } from '@/core/phases/hand-over/warranty';
import { shopDrawing } from '@/core/phases/plan/shop-drawing';
import { READINGS, readAs } from '@/core/phases/readings';
import type { Report } from '@/core/phases/report';
import { offerReport } from '@/core/phases/scope/offer/report';
import { scopeReport } from '@/core/phases/scope/report';
import { takeOffOf } from '@/core/phases/take-off';
import { TAKE_COLUMNS, takeReport, takeRow } from '@/core/phases/take-report';
import { toBuy } from '@/core/plan/take-off/buy';
import { LANGUAGES } from '@/core/words/render';
import type { AsksJob } from '@/server/asks';
import { csv, sendCsv } from '@/server/csv';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { partStore } from '@/server/features/library/part-store';
import type { Person } from '@/server/features/people/people-store';
import { routesOf } from '@/server/route';
import { speakIn } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { jobCode } from './job-code';
import { mailDraft } from './mail-draft';
import { picturesFor } from './paper-pictures';
import { reportOf } from './reports-service';

/** A paper that the browser shows. */
const sendPdf = (response: Response, name: string, pdf: Buffer): unknown =>
  response.type('application/pdf').setHeader('Content-Disposition', `inline; filename="${name}.pdf"`).send(pdf);

type AsksPaper = AsksJob & { request: Request };

export function reportsRoutes(deps: Deps): Router {
  const route = routesOf(deps);
  /** Papers are in the customer's language, unless another is asked for; moments in the site's time zone. */
  const sheetAndWords = async ({ database, person, at, request }: AsksPaper) => {
    const sheet = await sheetFor(database, person, at);
    const asked = LANGUAGES.find((l) => l === request.query.language);
    const { timeZone } = sheet.site;
    return {
      sheet,
      speak: speakIn(asked ?? sheet.customer.language, { timeZone, currency: sheet.scopeSchools.currency }),
    };
  };
  route.get('/jobs/:jobId/report', ({ database, person, at }) => reportOf(database, person, at, { curves: true }));
  const paperFor = async (asks: AsksPaper) => {
    const { database, person, at, request } = asks;
    const whole = await reportOf(database, person, at, { curves: true });
    const { sheet, speak } = await sheetAndWords(asks);
    const reading = READINGS.find((r) => r === request.query.reading) ?? 'file';
    const report = { ...readAs(whole, reading, registering(sheet)), number: whole.number };
    const code = await jobCode(database, person.companyId, sheet.job);
    const pdf = await deps.pdf.make(report, speak, {
      ...(await picturesFor(deps, person, report)),
      qr: { svg: code.svg, say: speak(tell('server.code-leads-to', { holds: code.holds })) },
    });
    const name = `job-${report.number}-${reading === 'file' ? 'commissioning' : reading}`;
    return { pdf, name, number: report.number, title: speak(report.title), speak };
  };
  route.get('/jobs/:jobId/report.pdf', async (asks) => {
    const { pdf, name } = await paperFor(asks);
    sendPdf(asks.response, name, pdf);
  });
  route.get('/jobs/:jobId/report.eml', async (asks) => {
    const { pdf, name, number, title, speak } = await paperFor(asks);
    const mail = await mailDraft({
      subject: speak(tell('server.mail-subject', { title, number: String(number) })),
      text: speak(tell('server.mail-text', { title: title.toLowerCase(), company: asks.person.companyName })),
      file: { name: `${name}.pdf`, pdf },
    });
    asks.response.attachment(`${name}.eml`).type('message/rfc822').send(mail);
  });
  route.get('/jobs/:jobId/label.pdf', async (asks) => {
    const { sheet, speak } = await sheetAndWords(asks);
    if (!isEquipped(sheet)) throw new Problem('not-found', { message: tell('server.no-label-without-equipment') });
    const { title, lines, foot } = labelOf(sheet, asks.person.companyName);
    const code = await jobCode(asks.database, asks.person.companyId, sheet.job);
    const pdf = await deps.pdf.label({
      title: speak(title),
      lines: lines.map(([what, figure]): [string, string] => [speak(what), speak(figure)]),
      foot: speak(foot),
      qrSvg: code.svg,
    });
    sendPdf(asks.response, `job-${sheet.job.number}-label`, pdf);
  });
  /** A report of the sheet alone, as a paper of this name. */
  const paper = (
    path: string,
    name: string,
    made: (
      sheet: JobSheet,
      asks: { person: Person; params: Record<string, string> },
      speak: Speak,
    ) => Promise<Report> | Report,
  ): void =>
    route.get(`/jobs/:jobId/${path}.pdf`, async (asks) => {
      const { sheet, speak } = await sheetAndWords(asks);
      const { number } = sheet.job;
      const report = { ...(await made(sheet, asks, speak)), number };
      const pdf = await deps.pdf.make(report, speak, await picturesFor(deps, asks.person));
      sendPdf(asks.response, `job-${number}-${name}`, pdf);
    });
  paper('scope', 'scope', (sheet, { person }) => scopeReport(sheet, person.companyName));
  paper('offer', 'offer', (sheet, { person }) => offerReport(sheet, person.companyName));
  paper('metal/:entryId', 'drawing', (sheet, { person, params }, speak) => {
    const drawing = shopDrawing(sheet, String(params.entryId), person.companyName, speak);
    if (!drawing) throw new Problem('not-found', { message: tell('server.there-is-no-such-part') });
    return drawing;
  });
  // What to take for the work on one system: as a paper for the truck, and as a file for the counter.
  paper('take', 'take', async (sheet, { person }) =>
    takeReport(sheet, person.companyName, await partStore.list(deps.database, person.companyId)),
  );
  route.get('/jobs/:jobId/take.csv', async (asks) => {
    const { sheet, speak } = await sheetAndWords(asks);
    const rows = toBuy(takeOffOf(sheet).lines, await partStore.list(asks.database, asks.person.companyId));
    const cells = rows.map((r) => takeRow(r, speak(r.say)));
    sendCsv(asks.response, `job-${sheet.job.number}-take`, csv(TAKE_COLUMNS, cells));
  });
  return route.router;
}
