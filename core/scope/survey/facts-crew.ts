import { tell } from '@/core/scope/survey/words';
import type { FactDef } from './fact';

/** Where the crew works and how it gets there: what falls, what one breathes, who calls. */
export const CREW_FACTS = [
  {
    key: 'workPlace',
    place: 'access',
    kind: 'choice',
    label: tell('survey.worst-place-of-work'),
    why: tell('survey.place-says-what-can-hurt-there'),
    weight: 5,
    options: [
      ['open', tell('survey.room-yard-or-garage')],
      ['basement', tell('survey.basement')],
      ['attic', tell('survey.attic')],
      ['crawlspace', tell('survey.crawlspace')],
      ['roof', tell('survey.roof')],
    ],
  },
  {
    key: 'crawlWet',
    place: 'access',
    kind: 'yes-no',
    label: tell('survey.water-near-wiring-under-floor'),
    why: tell('survey.wet-ground-and-power-kill'),
    weight: 8,
    onlyIf: { key: 'workPlace', is: 'crawlspace' },
  },
  {
    key: 'roofEdge',
    place: 'access',
    kind: 'yes-no',
    label: tell('survey.work-near-open-edge'),
    why: tell('survey.one-step-back-is-a-fall'),
    weight: 8,
    onlyIf: { key: 'workPlace', is: 'roof' },
  },
  {
    key: 'ladder',
    place: 'access',
    kind: 'yes-no',
    label: tell('survey.ladder-is-needed'),
    why: tell('survey.loads-go-up-otherwise'),
    weight: 4,
  },
  {
    key: 'worksAlone',
    place: 'access',
    kind: 'yes-no',
    label: tell('survey.one-person-works-here-alone'),
    why: tell('survey.somebody-must-notice-silence'),
    weight: 4,
  },
] as const satisfies readonly FactDef[];
