import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { type FieldDef, type ListDef, n, one, type Section, yes } from './field-def';

export const routeFields: Section[] = [
  {
    title: t('web.what-is-carried'),
    fields: [
      { kind: 'text', path: 'piece.label', label: t('web.piece-3') },
      n('piece.lengthIn', t('web.length')),
      n('piece.widthIn', t('web.width')),
      n('piece.heightIn', t('web.height')),
      n('piece.weightLb', t('web.weight'), 'lb', true),
      n('handlingIn', t('web.kept-for-hands-side')),
      yes('keepUpright', t('web.must-stay-upright')),
    ],
  },
];

/** What else is carried: the old one out, modules in. */
export const routeLists: ListDef[] = [
  {
    path: 'pieces',
    title: t('web.what-else-is-carried'),
    add: t('web.add-piece'),
    start: (id) => ({
      id,
      label: t('web.old-unit'),
      way: 'out',
      lengthIn: 40,
      widthIn: 22,
      heightIn: 22,
      weightLb: null,
    }),
    fields: [
      { kind: 'text', path: 'label', label: t('web.piece-3') },
      one('way', t('web.way'), ['out', say(value('out'))], ['in', say(value('in'))]),
      n('lengthIn', t('web.length')),
      n('widthIn', t('web.width')),
      n('heightIn', t('web.height')),
      n('weightLb', t('web.weight'), 'lb', true),
    ],
  },
];

/** The route's stages are of three kinds, each with its own figures. */
export const STAGE_FIELDS = {
  opening: [n('widthIn', t('web.width')), n('heightIn', t('web.height'))],
  corner: [n('aIn', t('web.corridor-before')), n('bIn', t('web.corridor-after'))],
  hatch: [
    n('lengthIn', t('web.length')),
    n('widthIn', t('web.width')),
    n('curbIn', t('web.frame-depth')),
    n('headroomIn', t('web.roof-above')),
    n('ladderLb', t('web.ladder-bears'), 'lb', true),
  ],
} as const satisfies Record<string, FieldDef[]>;
export const STAGE_STARTS = {
  opening: (id: string) => ({ kind: 'opening', id, label: t('web.door'), widthIn: 32, heightIn: 80 }),
  corner: (id: string) => ({ kind: 'corner', id, label: t('web.corridor-corner'), aIn: 36, bIn: 36 }),
  hatch: (id: string) => ({
    kind: 'hatch',
    id,
    label: t('web.attic-hatch'),
    lengthIn: 30,
    widthIn: 22,
    curbIn: 8,
    headroomIn: 60,
  }),
} as const;
