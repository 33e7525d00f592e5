import { tell } from '@/core/scope/survey/words';
import { q } from '@/core/words/said';
import { is, type KnownFacts } from './facts';
import type { Hazard } from './hazard';

/** Minutes between calls of one who works alone, where one is seen and where one is not (design default). */
export const CHECK_IN_MIN = { seen: 60, unseen: 30 } as const;
/** Minutes of silence after a call is due until help is sent (design default). */
export const SILENCE_MIN = 10;
/** An edge this high or higher is guarded or tied off (29 CFR 1926.501, from memory). */
const GUARDED_FT = 6;
/** A ladder stands one foot out for so many up, and so far above what it leans on (29 CFR 1926.1053, from memory). */
const LADDER = { upPerOut: 4, aboveFt: 3 } as const;

/** What the place of work and the way to it do to the crew. */
export function crewHazards(known: KnownFacts): Hazard[] {
  const out: Hazard[] = [];
  if (is(known, 'workPlace', 'crawlspace'))
    out.push({
      id: 'crawlspace',
      place: 'access',
      verdict: 'look-again',
      say: tell('survey.crawlspace-bad-air-gas-wiring'),
      act: tell('survey.air-moved-through-gas-checked'),
      source: tell('survey.common-practice'),
    });
  if (is(known, 'workPlace', 'crawlspace') && is(known, 'crawlWet', true))
    out.push({
      id: 'crawl-wet',
      place: 'access',
      verdict: 'stop',
      say: tell('survey.water-and-power-under-floor'),
      act: tell('survey.nobody-goes-in-power-off-first'),
      source: tell('survey.common-practice-lockout-rules'),
    });
  if (is(known, 'workPlace', 'roof') && is(known, 'roofEdge', true))
    out.push({
      id: 'roof-edge',
      place: 'access',
      verdict: 'stop',
      say: tell('survey.open-edge-near-work'),
      act: tell('survey.guard-or-tie-off-from', { height: q(GUARDED_FT, 'ft', 0) }),
      source: tell('survey.fall-protection-rules-from-memory'),
    });
  if (is(known, 'ladder', true))
    out.push({
      id: 'ladder',
      place: 'access',
      verdict: 'look-again',
      say: tell('survey.work-from-ladder'),
      act: tell('survey.ladder-one-out-for-up', { up: LADDER.upPerOut, above: q(LADDER.aboveFt, 'ft', 0) }),
      source: tell('survey.ladder-rules-from-memory'),
    });
  if (is(known, 'worksAlone', true)) {
    const unseen = is(known, 'workPlace', 'attic', 'crawlspace', 'roof');
    out.push({
      id: 'alone',
      place: 'access',
      verdict: 'look-again',
      say: tell('survey.one-person-alone-here'),
      act: tell('survey.call-every-then-help', {
        minutes: q(unseen ? CHECK_IN_MIN.unseen : CHECK_IN_MIN.seen, 'min', 0),
        silence: q(SILENCE_MIN, 'min', 0),
      }),
      source: tell('survey.common-practice'),
    });
  }
  return out;
}
