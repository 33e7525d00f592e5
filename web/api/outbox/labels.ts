import type { NewObservation } from '@/contract/before';
import { PHASE_WORDS, type Phase } from '@/core/job/phases';
import { type EntryKind, entryOf, entryWords } from '@/core/phases/log/entries';
import { factOf, valueWords } from '@/core/scope/survey/facts';
import type { Label, Said } from '@/core/words/said';
import { tell } from '@/web/words/tell';
import { splitPath } from '../circuit-path';
import type { Waiting } from './waiting';

const BY_PATH: readonly (readonly [RegExp, Said])[] = [
  [/\/decisions$/, tell('web.kept-decision')],
  [/\/scope-lines$/, tell('web.kept-line')],
  [/\/option$/, tell('web.kept-option')],
  [/\/(measurements|rounds)$/, tell('web.kept-reading')],
  [/\/withdrawal$/, tell('web.kept-withdrawal')],
  [/\/confirmations$/, tell('web.kept-confirmation')],
  [/\/waivers$/, tell('web.kept-waiver')],
  [/\/photos$/, tell('web.kept-picture')],
  [/\/removal$/, tell('web.kept-release')],
  [/\/fits\//, tell('web.kept-fit')],
  [/\/choice$/, tell('web.kept-choice')],
  [/\/details$/, tell('web.kept-details')],
  [/\/cancellation$/, tell('web.kept-cancellation')],
  [/\/reopening$/, tell('web.kept-reopening')],
  [/\/plate$/, tell('web.kept-plate')],
  [/\/vacuum$/, tell('web.kept-vacuum')],
  [/\/furnace$/, tell('web.kept-furnace')],
  [/\/customer-signatures$/, tell('web.kept-customer')],
  [/\/acceptances$/, tell('web.kept-acceptance')],
  [/\/device-runs$/, tell('web.kept-run')],
  [/\/device-log$/, tell('web.kept-piece')],
  [/\/amendments$/, tell('web.kept-amendment')],
  [/^\/cylinders\//, tell('web.kept-cylinder')],
  [/^\/jobs$/, tell('web.kept-job')],
  [/^\/practice\/rounds$/, tell('web.kept-practice')],
];

/** What a write is called where it waits. */
export function labelOf({ path: at, body }: Pick<Waiting, 'path' | 'body'>): Label {
  const { path } = splitPath(at);
  const parts = path.split('/');
  const phase = PHASE_WORDS[parts.at(-2) as Phase];
  if (path.endsWith('/circuit-entries')) return entryOf(body.kind as EntryKind).title;
  if (path.endsWith('/observations')) {
    const [first] = body.observations as NewObservation[];
    return (first && factOf(first.fact)?.label) ?? tell('web.kept-answer');
  }
  if (path.endsWith('/sign-offs') && phase) return tell('web.kept-signature', { phase });
  if (path.endsWith('/overrides') && phase) return tell('web.kept-override', { phase });
  return BY_PATH.find(([match]) => match.test(path))?.[1] ?? tell('web.kept-change');
}

/** What was written, in a line, where it can be told without the sheet. */
export function detailOf({ path: at, body }: Pick<Waiting, 'path' | 'body'>): Label | undefined {
  const { path } = splitPath(at);
  if (path.endsWith('/circuit-entries')) return entryWords({ kind: body.kind as EntryKind, body: body.body as object });
  if (path.endsWith('/observations')) {
    const [first] = body.observations as NewObservation[];
    const fact = first && factOf(first.fact);
    return fact && valueWords(fact, first.value);
  }
  if (path.endsWith('/scope-lines')) return String(body.say);
  return typeof body.reason === 'string' ? body.reason : undefined;
}
