import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { type FieldDef, type ListDef, n, one, type Section, yes } from './field-def';

export const routeFields: Section[] = [
  {
    title: say(tell('web.what-is-carried')),
    fields: [
      { kind: 'text', path: 'piece.label', label: say(tell('web.piece-3')) },
      n('piece.lengthIn', say(tell('web.length'))),
      n('piece.widthIn', say(tell('web.width'))),
      n('piece.heightIn', say(tell('web.height'))),
      n('piece.weightLb', say(tell('web.weight')), 'lb', true),
      n('handlingIn', say(tell('web.kept-for-hands-side'))),
      yes('keepUpright', say(tell('web.must-stay-upright'))),
    ],
  },
];

/** What else is carried: the old one out, modules in. */
export const routeLists: ListDef[] = [
  {
    path: 'pieces',
    title: say(tell('web.what-else-is-carried')),
    add: say(tell('web.add-piece')),
    start: (id) => ({
      id,
      label: say(tell('web.old-unit')),
      way: 'out',
      lengthIn: 40,
      widthIn: 22,
      heightIn: 22,
      weightLb: null,
    }),
    fields: [
      { kind: 'text', path: 'label', label: say(tell('web.piece-3')) },
      one('way', say(tell('web.way')), ['out', say(value('out'))], ['in', say(value('in'))]),
      n('lengthIn', say(tell('web.length'))),
      n('widthIn', say(tell('web.width'))),
      n('heightIn', say(tell('web.height'))),
      n('weightLb', say(tell('web.weight')), 'lb', true),
    ],
  },
];

/** The route's stages are of three kinds, each with its own figures. */
export const STAGE_FIELDS = {
  opening: [n('widthIn', say(tell('web.width'))), n('heightIn', say(tell('web.height')))],
  corner: [n('aIn', say(tell('web.corridor-before'))), n('bIn', say(tell('web.corridor-after')))],
  hatch: [
    n('lengthIn', say(tell('web.length'))),
    n('widthIn', say(tell('web.width'))),
    n('curbIn', say(tell('web.frame-depth'))),
    n('headroomIn', say(tell('web.roof-above'))),
    n('ladderLb', say(tell('web.ladder-bears')), 'lb', true),
  ],
} as const satisfies Record<string, FieldDef[]>;
export const STAGE_STARTS = {
  opening: (id: string) => ({ kind: 'opening', id, label: say(tell('web.door')), widthIn: 32, heightIn: 80 }),
  corner: (id: string) => ({ kind: 'corner', id, label: say(tell('web.corridor-corner')), aIn: 36, bIn: 36 }),
  hatch: (id: string) => ({
    kind: 'hatch',
    id,
    label: say(tell('web.attic-hatch')),
    lengthIn: 30,
    widthIn: 22,
    curbIn: 8,
    headroomIn: 60,
  }),
} as const;
