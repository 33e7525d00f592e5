import { type Request, Router } from 'express';
import type { Speak } from '@/contract/words/speaker';
import { isEquipped } from '@/core/job/sheet';
import { labelOf } from '@/core/phases/hand-over/label';
import { registering } from '@/core/phases/hand-over/warranty';
import { shopDrawing } from '@/core/phases/plan/shop-drawing';
import { READINGS, readAs } from '@/core/phases/readings';
import { offerReport } from '@/core/phases/scope/offer/report';
import { scopeReport } from '@/core/phases/scope/report';
import { LANGUAGES } from '@/core/words/render';
import type { Deps } from '@/server/deps';
import { Problem } from '@/server/errors/problem';
import { jobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import { who } from '@/server/who';
import { speakIn } from '@/server/words/speak-to';
import { tell } from '@/server/words/tell';
import { jobCode } from './job-code';
import { mailDraft } from './mail-draft';
import { picturesFor } from './paper-pictures';
import { reportOf } from './reports-service';
import { addTakeRoutes } from './take-routes';

export function reportsRoutes(deps: Deps): Router {
  const { database } = deps;
  const router = Router();
  /** Papers are in the customer's language, unless another is asked for; moments in the site's time zone. */
  const paperOf = async (request: Request): Promise<Speak> => {
    const { customer, site, scopeSchools } = await sheetFor(database, who(request), jobAt(request));
    const asked = LANGUAGES.find((l) => l === request.query.language);
    return speakIn(asked ?? customer.language, { timeZone: site.timeZone, currency: scopeSchools.currency });
  };
  router.get('/jobs/:jobId/report', async (request, response) => {
    response.json(await reportOf(database, who(request), jobAt(request), { curves: true }));
  });
  const paperFor = async (request: Request) => {
    const whole = await reportOf(database, who(request), jobAt(request), { curves: true });
    const sheet = await sheetFor(database, who(request), jobAt(request));
    const reading = READINGS.find((r) => r === request.query.reading) ?? 'file';
    const report = { ...readAs(whole, reading, registering(sheet)), number: whole.number };
    const speak = await paperOf(request);
    const code = await jobCode(database, who(request).companyId, sheet.job);
    const pdf = await deps.pdf.make(report, speak, {
      ...(await picturesFor(deps, who(request), report)),
      qr: { svg: code.svg, say: speak(tell('server.code-leads-to', { holds: code.holds })) },
    });
    const name = `job-${report.number}-${reading === 'file' ? 'commissioning' : reading}`;
    return { pdf, name, number: report.number, title: speak(report.title), speak };
  };
  router.get('/jobs/:jobId/report.pdf', async (request, response) => {
    const { pdf, name } = await paperFor(request);
    response.type('application/pdf').setHeader('Content-Disposition', `inline; filename="${name}.pdf"`);
    response.send(pdf);
  });
  router.get('/jobs/:jobId/report.eml', async (request, response) => {
    const { pdf, name, number, title, speak } = await paperFor(request);
    const company = who(request).companyName;
    const mail = await mailDraft({
      subject: speak(tell('server.mail-subject', { title, number: String(number) })),
      text: speak(tell('server.mail-text', { title: title.toLowerCase(), company })),
      file: { name: `${name}.pdf`, pdf },
    });
    response.type('message/rfc822').setHeader('Content-Disposition', `attachment; filename="${name}.eml"`);
    response.send(mail);
  });
  router.get('/jobs/:jobId/label.pdf', async (request, response) => {
    const person = who(request);
    const sheet = await sheetFor(database, person, jobAt(request));
    if (!isEquipped(sheet)) throw new Problem('not-found', { message: tell('server.no-label-without-equipment') });
    const speak = await paperOf(request);
    const { title, lines, foot } = labelOf(sheet, person.companyName);
    const code = await jobCode(database, person.companyId, sheet.job);
    const pdf = await deps.pdf.label({
      title: speak(title),
      lines: lines.map(([what, figure]): [string, string] => [speak(what), speak(figure)]),
      foot: speak(foot),
      qrSvg: code.svg,
    });
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', `inline; filename="job-${sheet.job.number}-label.pdf"`);
    response.send(pdf);
  });
  addTakeRoutes(router, deps, paperOf);
  for (const [paper, made] of [
    ['scope', scopeReport],
    ['offer', offerReport],
  ] as const)
    router.get(`/jobs/:jobId/${paper}.pdf`, async (request, response) => {
      const person = who(request);
      const sheet = await sheetFor(database, person, jobAt(request));
      const pdf = await deps.pdf.make(
        { ...made(sheet, person.companyName), number: sheet.job.number },
        await paperOf(request),
        await picturesFor(deps, person),
      );
      response
        .type('application/pdf')
        .setHeader('Content-Disposition', `inline; filename="job-${sheet.job.number}-${paper}.pdf"`);
      response.send(pdf);
    });
  router.get('/jobs/:jobId/metal/:entryId.pdf', async (request, response) => {
    const person = who(request);
    const sheet = await sheetFor(database, person, jobAt(request));
    const speak = await paperOf(request);
    const report = shopDrawing(sheet, String(request.params.entryId), person.companyName, speak);
    if (!report) throw new Problem('not-found', { message: tell('server.there-is-no-such-part') });
    const pdf = await deps.pdf.make({ ...report, number: sheet.job.number }, speak, await picturesFor(deps, person));
    response
      .type('application/pdf')
      .setHeader('Content-Disposition', `inline; filename="job-${sheet.job.number}-drawing.pdf"`);
    response.send(pdf);
  });
  return router;
}
