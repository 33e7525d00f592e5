import { VERDICT_WORDS } from '@/core/finding/finding';
import { FIT_KINDS, FIT_WORDS, judgeFit } from '@/core/fit/sheets';
import { PLACE_WORDS } from '@/core/scope/survey/fact';
import { factOf, valueWords } from '@/core/scope/survey/facts';
import { METHOD_WORDS } from '@/core/scope/survey/survey';
import { plateTons } from '@/core/scope/tonnage/survey-evidence';
import { money } from '@/core/units/money';
import { fitContextOf, scopeOf, surveyOf, systemWords } from './before';
import { emptyFits } from './before-gates';
import { DISCLAIMER, moment, type Report, type ReportTable } from './report-parts';
import type { JobSheet } from './sheet';
import type { BeforeSnapshot } from './snapshot';

const standingWords = { in: 'In', out: 'Out', open: 'To decide' } as const;

/** What was found, agreed, declined and disclosed before the work, for the commissioning report. */
export function beforeTables(b: BeforeSnapshot | null | undefined): ReportTable[] {
  if (!b) return [];
  const declined = b.items.filter((i) => i.decision?.decision === 'out' && !i.safety);
  const late = b.observations.filter((o) => o.foundOnTheDay);
  return [
    {
      title: 'Scope',
      columns: ['Level', 'Item', 'Why'],
      rows: b.items.filter((i) => i.standing === 'in').map((i) => [i.level, i.say, i.reason]),
    },
    {
      title: 'Offered and declined',
      columns: ['Level', 'Item', 'Reason', 'Who'],
      rows: declined.map((i) => [i.level, i.say, i.decision?.reason ?? '–', i.decision?.by ?? '–']),
    },
    {
      title: 'Kept parts',
      columns: ['Part', 'Known risk', 'Customer', 'When'],
      rows: b.disclosures.map((d) => [
        d.part,
        d.risks.join(' '),
        d.signature ? `${d.signature.customer}: ${d.signature.answer}` : 'not signed',
        d.signature ? moment(d.signature.at) : '–',
      ]),
    },
    {
      title: 'Found on the day',
      columns: ['What', 'Found', 'Who', 'When'],
      rows: late.map((o) => [
        factOf(o.fact)?.label ?? o.fact,
        factOf(o.fact) ? valueWords(factOf(o.fact)!, o.value) : String(o.value),
        o.by,
        moment(o.at),
      ]),
    },
    {
      title: 'Customer’s answers',
      columns: ['To', 'Answer', 'Reason', 'Customer', 'When'],
      rows: b.answers.map((a) => [a.subject, a.answer, a.reason ?? '–', a.customer, moment(a.at)]),
    },
  ];
}

/** The survey and scope as a document of their own: what the estimator sends and the customer keeps. */
export function scopeReport(sheet: JobSheet, company: string): Report {
  const survey = surveyOf(sheet);
  const scope = scopeOf(sheet);
  const context = fitContextOf(sheet);
  const labour = sheet.scopeSchools.labourPerHour;
  const signed = sheet.signOffs.find((s) => s.phase === 'scope');
  const { outdoor, indoor } = sheet.scope;
  const agreed = scope.answers.findLast((a) => a.answer === 'yes');
  const empty = emptyFits(sheet);
  return {
    title: 'Survey and scope',
    status: signed ? 'signed' : 'draft',
    statusSay: scope.change
      ? 'Changed since the customer signed'
      : scope.agreed
        ? `Agreed by ${scope.agreed.customer}, ${moment(scope.agreed.at)}`
        : 'Draft: not signed by the customer',
    simulated: null,
    facts: [
      ['Contractor', company],
      ['Job', `${sheet.job.number}, ${sheet.job.scheduledFor}`],
      ['Customer', sheet.customer.name],
      ['Site', `${sheet.site.address}, ${sheet.site.town}`],
      ['System', `${sheet.system.name}: ${systemWords(sheet)}`],
      [
        'New equipment',
        [outdoor, indoor]
          .filter((u) => u !== null)
          .map((u) => `${u.maker} ${u.model}`)
          .join(', ') || 'not chosen',
      ],
      agreed?.terms
        ? [
            'Agreed',
            `${agreed.terms.hours.toFixed(1)} h at ${money(agreed.terms.schools.labourPerHour)}; ${money(agreed.terms.price)} without equipment, as signed ${moment(agreed.at)}`,
          ]
        : [
            'Estimate',
            `${scope.total.hours.toFixed(1)} h at ${money(labour)}; ${money(scope.total.price)} without equipment`,
          ],
      ...(plateTons(survey.known) !== undefined
        ? ([['Old size', `${plateTons(survey.known)} tons, from its plate`]] as [string, string][])
        : []),
      ...(survey.tonnage
        ? ([
            [
              'Old size',
              `about ${survey.tonnage.tons.toFixed(1)} tons (${survey.tonnage.lowTons.toFixed(1)} to ${survey.tonnage.highTons.toFixed(1)}), ${survey.tonnage.confidence} confidence. Estimate only, not a selection`,
            ],
          ] as [string, string][])
        : []),
    ],
    tables: [
      {
        title: 'As signed by the customer',
        columns: ['When', 'Who', 'Words'],
        rows: scope.answers.filter((a) => a.answer === 'yes').map((a) => [moment(a.at), a.customer, a.text]),
      },
      {
        title: scope.change ? 'Scope now, with changes not answered yet' : 'Scope',
        columns: ['Level', 'Item', 'Why', 'h', 'Price', 'Standing'],
        rows: scope.items
          .filter((i) => i.level !== 'could' || i.standing === 'in')
          .map((i) => [
            i.level,
            i.say,
            i.reason,
            String(i.hours),
            money(i.materials + i.hours * labour),
            i.decision?.decision === 'out' && !i.safety ? `Declined: ${i.decision.reason}` : standingWords[i.standing],
          ]),
      },
      { title: 'To buy or make', columns: ['How', 'What'], rows: scope.get.map((g) => [g.how, g.what]) },
      {
        title: 'Hazards',
        columns: ['Verdict', 'Hazard', 'What is done'],
        rows: [
          ...survey.hazards.map((h) => [VERDICT_WORDS[h.verdict], h.say, h.act]),
          ...survey.contradictions.map((c) => [VERDICT_WORDS['look-again'], c.say, c.act]),
        ],
      },
      {
        title: 'What ended the old one',
        columns: ['Cause', 'How sure', 'The new one must not die of this'],
        rows: survey.story.map((c) => [c.say, c.strength, c.guard]),
      },
      {
        title: 'Kept parts',
        columns: ['Part', 'Known risk', 'Offered instead', 'Customer'],
        rows: scope.disclosures.map((d) => [
          d.part,
          d.risks.join(' '),
          `${d.alternative.say}, ${money(d.alternative.price)}`,
          d.signature ? `${d.signature.customer}: ${d.signature.answer}` : 'not signed',
        ]),
      },
      {
        title: 'Fit',
        columns: ['Sheet', 'Verdict', 'Finding', 'Next'],
        rows: [
          ...empty.map((kind) => [FIT_WORDS[kind], VERDICT_WORDS['not-proven'], 'Nobody measured it.', '–']),
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
        title: 'Survey',
        columns: ['Place', 'What', 'Found', 'How', 'Who'],
        rows: [...new Map(sheet.survey.observations.map((o) => [o.fact, o])).values()].flatMap((o) => {
          const fact = factOf(o.fact);
          return fact
            ? [
                [
                  PLACE_WORDS[fact.place],
                  fact.label,
                  valueWords(fact, o.value),
                  `${METHOD_WORDS[o.method]}, ${o.confidence}`,
                  o.by,
                ],
              ]
            : [];
        }),
      },
      {
        title: 'Customer’s answers',
        columns: ['To', 'Answer', 'Reason', 'Customer', 'When'],
        rows: scope.answers.map((a) => [a.subject, a.answer, a.reason ?? '–', a.customer, moment(a.at)]),
      },
    ].filter((t) => t.rows.length > 0),
    notes: [
      `${survey.unknowns.length} questions not asked or not seen${survey.unknowns[0] ? `; the one that matters most: ${survey.unknowns[0].label.toLowerCase()}` : ''}.`,
      'Prices are price lines of this company’s own settings, equipment and taxes not included.',
      DISCLAIMER,
    ],
  };
}
