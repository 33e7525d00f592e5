import type { Finding, Verdict } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { type Gate, gate } from '@/core/job/gates';
import type { JobSheet } from '@/core/job/sheet';
import { deliveriesOf } from '@/core/phases/deliveries';
import { latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { tell } from '@/core/phases/scope/words';
import { beganWithSurvey, surveyOf } from '@/core/phases/survey/view';
import { is } from '@/core/scope/survey/facts';
import type { Piece } from '@/core/scope/survey/parts';
import { partsOf } from '@/core/scope/survey/parts';
import { knownFacts } from '@/core/scope/survey/survey';
import { list, lower, type Said, upper, value } from '@/core/words/said';

type Delivery = EntryBody<'delivery'>['piece'];
/** What is ordered for each new piece, as a delivery names it. */
const ORDERED: Record<Piece, Delivery> = {
  outdoor: 'outdoor unit',
  'air-handler': 'indoor unit',
  coil: 'indoor unit',
  furnace: 'furnace',
  package: 'packaged unit',
};
const PRACTICE = tell('go.verify-before-dismantling');

const finding = (id: string, verdict: Verdict, claim: Said, because: Said, next?: Said): Finding => ({
  id: `go-${id}`,
  verdict,
  claim,
  because,
  source: PRACTICE,
  ...(next ? { next: { say: next } } : {}),
});

/**
 * Whether the old equipment may be taken out today: deliveries against the order, gas, permit, weather, heat or cooling meanwhile,
 * access, pictures. What nobody looked at is not proven, never good.
 */
export const goFindings = (sheet: JobSheet): Finding[] =>
  orderFindings([...arrivals(sheet), permit(sheet), ...answers(sheet), ...pictures(sheet)]);

function arrivals(sheet: JobSheet): Finding[] {
  const entries = deliveriesOf(sheet).map((e) => e.body);
  const fresh = beganWithSurvey(sheet) ? (partsOf(knownFacts(sheet.survey.observations))?.fresh ?? []) : [];
  const wanted = new Set<Delivery>([...fresh].map((p) => ORDERED[p]));
  const unseen = [...wanted].filter((piece) => !entries.some((e) => e.piece === piece));
  const told = entries.map((e, i): Finding => {
    const piece = tell('go.piece-which', { piece: upper(value(e.piece)), what: e.what || '–' });
    if (e.state === 'matches')
      return finding(`piece-${i}`, 'good', tell('go.is-there-and-matches', { piece }), tell('go.held-against-order'));
    if (e.state === 'is wrong')
      return finding(
        `piece-${i}`,
        'stop',
        tell('go.came-wrong', { piece }),
        e.wrong ? tell('go.as-written', { wrong: e.wrong }) : tell('go.nothing-written'),
        tell('go.sort-it-out-first'),
      );
    return finding(
      `piece-${i}`,
      'look-again',
      tell('go.is-not-there', { piece }),
      value(e.state),
      tell('go.wait-or-split'),
    );
  });
  if (unseen.length)
    told.push(
      finding(
        'unseen',
        'not-proven',
        tell('go.not-held-against-order', { pieces: list(unseen.map((p) => lower(value(p)))) }),
        tell('go.nobody-said-it-is-there'),
        tell('go.look-into-the-boxes'),
      ),
    );
  return told;
}

function permit(sheet: JobSheet): Finding {
  const known = knownFacts(sheet.survey.observations);
  const got = latestOf(sheet.jobLog, 'permit')?.body;
  if (got) return finding('permit', 'good', tell('go.permit-is-in'), tell('go.permit-number', { number: got.number }));
  if (is(known, 'permit', 'not needed'))
    return finding('permit', 'good', tell('go.no-permit-needed'), tell('go.survey-says-so'));
  if (is(known, 'permit', 'needed'))
    return finding(
      'permit',
      'look-again',
      tell('go.permit-is-missing'),
      tell('go.survey-says-needed'),
      tell('go.enter-or-pull-it'),
    );
  return finding(
    'permit',
    'not-proven',
    tell('go.permit-nobody-asked'),
    tell('go.survey-does-not-say'),
    tell('go.ask-the-authority'),
  );
}

/** What the crew answers on the morning of the work. */
function answers(sheet: JobSheet): Finding[] {
  const said = latestOf(sheet.jobLog, 'go-check')?.body;
  if (!said)
    return [
      finding(
        'gear',
        'not-proven',
        tell('go.gas-weather-access-not-looked-at'),
        tell('go.nobody-answered'),
        tell('go.answer-it-on-the-morning'),
      ),
    ];
  const { cylinders, nitrogen, weather, air, access } = said;
  const crane = is(knownFacts(sheet.survey.observations), 'crane', true);
  return [
    cylinders === 'no room'
      ? finding(
          'cylinder',
          'look-again',
          tell('go.no-cylinder-room'),
          tell('go.old-charge-must-go-somewhere'),
          tell('go.bring-a-cylinder'),
        )
      : finding('cylinder', 'good', tell('go.cylinder-has-room'), tell('go.as-looked-at')),
    nitrogen === 'too little'
      ? finding(
          'nitrogen',
          'look-again',
          tell('go.too-little-nitrogen'),
          tell('go.no-test-without-it'),
          tell('go.bring-a-bottle'),
        )
      : finding('nitrogen', 'good', tell('go.nitrogen-is-enough'), tell('go.as-looked-at')),
    weather === 'windy'
      ? finding(
          'weather',
          crane ? 'stop' : 'look-again',
          tell('go.too-windy'),
          tell('go.wind-limits'),
          tell('go.wait-for-wind'),
        )
      : weather === 'wet'
        ? finding('weather', 'look-again', tell('go.too-wet'), tell('go.open-roof-or-wall'), tell('go.wait-for-dry'))
        : finding('weather', 'good', tell('go.weather-fits'), tell('go.as-looked-at')),
    air === 'missing'
      ? finding(
          'air',
          'look-again',
          tell('go.nothing-meanwhile'),
          tell('go.people-sit-in-it'),
          tell('go.bring-it-or-agree'),
        )
      : finding(
          'air',
          'good',
          tell(air === 'agreed' ? 'go.outage-is-agreed' : 'go.temporary-is-there'),
          tell('go.as-looked-at'),
        ),
    access
      ? finding('access', 'good', tell('go.access-is-agreed'), tell('go.as-looked-at'))
      : finding(
          'access',
          'look-again',
          tell('go.access-is-not-agreed'),
          tell('go.locked-door'),
          tell('go.call-the-customer'),
        ),
  ];
}

function pictures(sheet: JobSheet): Finding[] {
  if (!beganWithSurvey(sheet)) return [];
  const { beforeMissing } = surveyOf(sheet);
  return [
    beforeMissing.length
      ? finding(
          'pictures',
          'look-again',
          tell('go.pictures-missing'),
          list0(beforeMissing.map((b) => lower(b.label))),
          tell('go.take-them'),
        )
      : finding('pictures', 'good', tell('go.pictures-complete'), tell('go.taken-or-waived')),
  ];
}
const list0 = (items: Parameters<typeof list>[0]): Said => tell('go.missing-are', { items: list(items) });

export type GoVerdict = 'go' | 'no-go' | 'not proven';
/** Go where all is good; no-go where anything is known to be missing or wrong; else nobody has looked yet. */
export function goVerdict(findings: readonly Finding[]): GoVerdict {
  if (findings.some((f) => f.verdict === 'stop' || f.verdict === 'look-again')) return 'no-go';
  return findings.every((f) => f.verdict === 'good') ? 'go' : 'not proven';
}

/**
 * Nothing is taken out against a known no-go: something came wrong, gas or weather or access are missing. What nobody looked at does not
 * hold it, and the pictures have a gate of their own.
 */
export function goGate(sheet: JobSheet): Gate {
  const known = goFindings(sheet).find(
    (f) => (f.verdict === 'stop' || f.verdict === 'look-again') && f.id !== 'go-pictures' && f.id !== 'go-permit',
  );
  return gate('go', tell('go.no-no-go'), !known, known ? known.claim : tell('go.nothing-known-against'));
}
