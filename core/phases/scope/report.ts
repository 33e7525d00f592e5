import { VERDICT_WORDS } from '@/core/finding/finding';
import { FIT_KINDS, FIT_WORDS, judgeFit } from '@/core/fit/sheets';
import { DISCLAIMER, type Report, type ReportTable } from '@/core/job/report-parts';
import type { JobSheet } from '@/core/job/sheet';
import { tell } from '@/core/phases/scope/words';
import type { BeforeSnapshot } from '@/core/phases/snapshot';
import { surveyOf, systemWords } from '@/core/phases/survey/view';
import { PLACE_WORDS } from '@/core/scope/survey/fact';
import { factOf, valueWords } from '@/core/scope/survey/facts';
import { METHOD_WORDS } from '@/core/scope/survey/survey';
import { plateTons } from '@/core/scope/tonnage/survey-evidence';
import { day, list, lower, moment, q, type Said, value } from '@/core/words/said';
import { emptyFits } from './gates';
import { fitContextOf, modelsOf, newPieces, scopeOf } from './view';

const standingWords = { in: tell('job.in'), out: tell('job.out'), open: tell('job.to-decide') } as const;

/** What was found, agreed, declined and disclosed before the work, for the commissioning report. */
export function beforeTables(b: BeforeSnapshot | null | undefined): ReportTable[] {
  if (!b) return [];
  const declined = b.items.filter((i) => i.decision?.decision === 'out' && !i.safety);
  const late = b.observations.filter((o) => o.foundOnTheDay);
  return [
    {
      title: tell('job.scope'),
      columns: [tell('job.level'), tell('job.item'), tell('job.why')],
      rows: b.items.filter((i) => i.standing === 'in').map((i) => [value(i.level), i.say, i.reason]),
    },
    {
      title: tell('job.offered-and-declined'),
      columns: [tell('job.level'), tell('job.item'), tell('job.reason'), tell('job.who')],
      rows: declined.map((i) => [value(i.level), i.say, i.decision?.reason ?? '–', i.decision?.by ?? '–']),
    },
    {
      title: tell('job.kept-parts'),
      columns: [tell('job.part'), tell('job.known-risk'), tell('job.customer'), tell('job.when')],
      rows: b.disclosures.map((d) => [
        d.part,
        list(d.risks, ' '),
        d.signature ? answered(d.signature) : tell('job.not-signed-2'),
        d.signature ? moment(d.signature.at) : '–',
      ]),
    },
    {
      title: tell('job.found-on-day'),
      columns: [tell('job.what'), tell('job.found'), tell('job.who'), tell('job.when')],
      rows: late.map((o) => [
        factOf(o.fact)?.label ?? o.fact,
        factOf(o.fact) ? valueWords(factOf(o.fact)!, o.value) : String(o.value),
        o.by,
        moment(o.at),
      ]),
    },
    {
      title: tell('job.customers-answers'),
      columns: [tell('job.to'), tell('job.answer'), tell('job.reason'), tell('job.customer'), tell('job.when')],
      rows: b.answers.map((a) => [subjectWords(a.subject), value(a.answer), a.reason ?? '–', a.customer, moment(a.at)]),
    },
  ];
}

const answered = (s: { customer: string; answer: string }): Said =>
  tell('job.worded', { what: s.customer, answer: value(s.answer) });

/** What a customer answered to: the scope, a change, or the disclosure of a part. */
const subjectWords = (subject: string): Said => value(subject.split(':')[0]!);

/** The survey and scope as a document of their own: what the estimator sends and the customer keeps. */
export function scopeReport(sheet: JobSheet, company: string): Report {
  const survey = surveyOf(sheet);
  const scope = scopeOf(sheet);
  const context = fitContextOf(sheet);
  const labour = sheet.scopeSchools.labourPerHour;
  const signed = sheet.signOffs.find((s) => s.phase === 'scope');
  const agreed = scope.answers.findLast((a) => a.answer === 'yes');
  const empty = emptyFits(sheet);
  return {
    title: tell('job.survey-and-scope'),
    status: signed ? 'signed' : 'draft',
    statusSay: scope.change
      ? tell('job.changed-since-customer-signed')
      : scope.agreed
        ? tell('job.agreed-by', { customer: scope.agreed.customer, at: moment(scope.agreed.at) })
        : tell('job.draft-not-signed-by-customer'),
    simulated: null,
    facts: [
      [tell('job.contractor'), company],
      [tell('job.job'), list([String(sheet.job.number), day(sheet.job.scheduledFor)])],
      [tell('job.customer'), sheet.customer.name],
      [tell('job.site'), `${sheet.site.address}, ${sheet.site.town}`],
      [tell('job.system'), tell('job.worded', { what: sheet.system.name, answer: systemWords(sheet) })],
      [tell('job.new-equipment'), modelsOf(newPieces(sheet)).join(', ') || tell('job.not-chosen')],
      agreed?.terms
        ? [
            tell('job.agreed'),
            tell('job.at-without-equipment-as-signed', {
              hours: q(agreed.terms.hours, 'h'),
              labourPerHour: q(agreed.terms.schools.labourPerHour, 'money'),
              price: q(agreed.terms.price, 'money'),
              at: moment(agreed.at),
            }),
          ]
        : [
            tell('job.estimate'),
            tell('job.at-without-equipment', {
              hours: q(scope.total.hours, 'h'),
              labour: q(labour, 'money'),
              price: q(scope.total.price, 'money'),
            }),
          ],
      ...(plateTons(survey.known) !== undefined
        ? ([[tell('job.old-size'), tell('job.tons-from-its-plate', { known: plateTons(survey.known) })]] as [
            Said,
            Said,
          ][])
        : []),
      ...(survey.tonnage
        ? ([
            [
              tell('job.old-size'),
              tell('job.about-to-confidence-estimate-only-not', {
                tons: q(survey.tonnage.tons, 'tons'),
                lowTons: q(survey.tonnage.lowTons, 'number', 1),
                highTons: q(survey.tonnage.highTons, 'number', 1),
                confidence: value(survey.tonnage.confidence),
              }),
            ],
          ] as [Said, Said][])
        : []),
    ],
    tables: [
      {
        title: tell('job.as-signed-by-customer'),
        columns: [tell('job.when'), tell('job.who'), tell('job.words')],
        rows: scope.answers.filter((a) => a.answer === 'yes').map((a) => [moment(a.at), a.customer, a.text]),
      },
      {
        title: scope.change ? tell('job.scope-now-with-changes-not-answered') : tell('job.scope'),
        columns: [
          tell('job.level'),
          tell('job.item'),
          tell('job.why'),
          tell('job.hours'),
          tell('job.price'),
          tell('job.standing'),
        ],
        rows: scope.items
          .filter((i) => i.level !== 'could' || i.standing === 'in')
          .map((i) => [
            value(i.level),
            i.say,
            i.reason,
            q(i.hours, 'h'),
            q(i.materials + i.hours * labour, 'money'),
            i.decision?.decision === 'out' && !i.safety
              ? tell('job.declined-2', { reason: i.decision.reason ?? '–' })
              : standingWords[i.standing],
          ]),
      },
      {
        title: tell('job.to-buy-or-make'),
        columns: [tell('job.how'), tell('job.what')],
        rows: scope.get.map((g) => [value(g.how), g.what]),
      },
      {
        title: tell('job.hazards'),
        columns: [tell('job.verdict'), tell('job.hazard'), tell('job.what-is-done')],
        rows: [
          ...survey.hazards.map((h) => [VERDICT_WORDS[h.verdict], h.say, h.act]),
          ...survey.contradictions.map((c) => [VERDICT_WORDS['look-again'], c.say, c.act]),
        ],
      },
      {
        title: tell('job.what-ended-old-one'),
        columns: [tell('job.cause'), tell('job.how-sure'), tell('job.new-one-must-not-die-of')],
        rows: survey.story.map((c) => [c.say, value(c.strength), c.guard]),
      },
      {
        title: tell('job.kept-parts'),
        columns: [tell('job.part'), tell('job.known-risk'), tell('job.offered-instead'), tell('job.customer')],
        rows: scope.disclosures.map((d) => [
          d.part,
          list(d.risks, ' '),
          tell('job.priced', { say: d.alternative.say, price: q(d.alternative.price, 'money') }),
          d.signature ? answered(d.signature) : tell('job.not-signed-2'),
        ]),
      },
      {
        title: tell('job.fit'),
        columns: [tell('job.sheet'), tell('job.verdict'), tell('job.finding'), tell('job.next')],
        rows: [
          ...empty.map((kind) => [FIT_WORDS[kind], VERDICT_WORDS['not-proven'], tell('job.nobody-measured-it'), '–']),
          ...FIT_KINDS.flatMap((kind) => {
            const fit = sheet.fits[kind];
            return fit
              ? judgeFit(fit, context)
                  .filter((c) => c.verdict !== 'good')
                  .map((c) => [FIT_WORDS[kind], VERDICT_WORDS[c.verdict], c.claim, c.next?.say ?? '–'])
              : [];
          }),
        ],
      },
      {
        title: tell('job.survey'),
        columns: [tell('job.place'), tell('job.what'), tell('job.found'), tell('job.how'), tell('job.who')],
        rows: [...new Map(sheet.survey.observations.map((o) => [o.fact, o])).values()].flatMap((o) => {
          const fact = factOf(o.fact);
          return fact
            ? [
                [
                  PLACE_WORDS[fact.place],
                  fact.label,
                  valueWords(fact, o.value),
                  tell('job.method-and-confidence', {
                    method: METHOD_WORDS[o.method],
                    confidence: value(o.confidence),
                  }),
                  o.by,
                ],
              ]
            : [];
        }),
      },
      {
        title: tell('job.customers-answers'),
        columns: [tell('job.to'), tell('job.answer'), tell('job.reason'), tell('job.customer'), tell('job.when')],
        rows: scope.answers.map((a) => [
          subjectWords(a.subject),
          value(a.answer),
          a.reason ?? '–',
          a.customer,
          moment(a.at),
        ]),
      },
    ].filter((t) => t.rows.length > 0),
    notes: [
      tell('job.questions-not-asked-or-not-seen', {
        count: survey.unknowns.length,
        unknowns: survey.unknowns[0]
          ? tell('job.one-that-matters-most', { label: lower(survey.unknowns[0].label) })
          : '',
      }),
      tell('job.prices-are-price-lines-of-this'),
      DISCLAIMER,
    ],
  };
}
