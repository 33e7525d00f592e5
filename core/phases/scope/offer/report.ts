import { DISCLAIMER, type Report } from '@/core/job/report-parts';
import type { JobSheet } from '@/core/job/sheet';
import { TAX_ON } from '@/core/money/figures';
import { scopeOf } from '@/core/phases/scope/view';
import { tell } from '@/core/phases/scope/words';
import { day, type Label, list, moment, q, type Said } from '@/core/words/said';
import { noClearWinner, offersOf } from './offer';
import { nameOf, offerRows } from './rows';

/** The offer as a paper: options side by side, then all that is done whichever is taken. */
export function offerReport(sheet: JobSheet, company: string): Report {
  const offers = offersOf(sheet);
  const { agreed } = scopeOf(sheet);
  const everywhere = (offers[0]?.items ?? []).filter((i) =>
    offers.every((o) => o.items.some((other) => other.id === i.id)),
  );
  return {
    title: tell('offer.offer'),
    status: agreed ? 'signed' : 'draft',
    statusSay: agreed
      ? tell('job.agreed-by', { customer: agreed.customer, at: moment(agreed.at) })
      : tell('offer.not-signed-yet'),
    simulated: null,
    facts: [
      [tell('job.contractor'), company],
      [tell('job.job'), list([String(sheet.job.number), day(sheet.job.scheduledFor)])],
      [tell('job.customer'), sheet.customer.name],
      [tell('job.site'), `${sheet.site.address}, ${sheet.site.town}`],
      [tell('job.system'), sheet.system.name],
      ...(agreed?.terms?.offer
        ? ([
            [
              tell('job.agreed'),
              tell('offer.agreed-at', { total: q(agreed.terms.offer.total, 'cents'), at: moment(agreed.at) }),
            ],
          ] as [Said, Said][])
        : []),
    ],
    tables: [
      {
        title: tell('offer.side-by-side'),
        columns: ['', ...offers.map(nameOf)],
        rows: offerRows(offers, sheet.scopeSchools).map((r) => [r.label, ...r.cells]),
      },
      {
        title: offers.length > 1 ? tell('offer.done-in-every-one') : tell('offer.what-is-done'),
        columns: [tell('job.item'), tell('job.why')],
        rows: everywhere.map((i) => [i.say, i.reason]),
      },
    ].filter((t) => t.rows.length > 0),
    notes: [
      tell('offer.later-is-no-forecast'),
      ...(offers.some((o) => o.running) ? [tell('offer.range-of-the-winter')] : []),
      ...(noClearWinner(offers) ? [tell('offer.no-clear-winner')] : []),
      tell('offer.tax-and-deposit-by-law', { on: taxOnWords(sheet.scopeSchools.taxOn) }),
      DISCLAIMER,
    ],
  };
}

const taxOnWords = (id: string): Label => (TAX_ON.options.find(([v]) => v === id) ?? TAX_ON.options[0])[1];
