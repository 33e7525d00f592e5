import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { type ListDef, n, one, rect, type Section, yes } from './field-def';

export const placementFields: Section[] = [
  {
    title: t('web.new-unit'),
    fields: [
      n('unit.widthIn', t('web.width')),
      n('unit.depthIn', t('web.depth')),
      n('unit.heightIn', t('web.height')),
      n('weightLb', t('web.weight-with-packaging'), 'lb', true),
      one('unit.discharge', t('web.blows'), ['up', t('web.up')], ['side', t('web.sideways')]),
      yes('heatPump', t('web.heat-pump')),
    ],
  },
  {
    title: t('web.where-it-stands'),
    fields: [
      n('xIn', t('web.centre-along-wall')),
      n('yIn', t('web.centre-from-wall')),
      one(
        'front',
        t('web.front-looks'),
        ['north', t('web.away-from-house')],
        ['south', t('web.to-house')],
        ['east', say(value('right'))],
        ['west', say(value('left'))],
      ),
      one('serviceSide', t('web.service-side'), 'front', 'right', 'rear', 'left'),
    ],
  },
  {
    title: t('web.clearances-it-needs'),
    fields: [
      n('required.serviceIn', t('web.service-side')),
      n('required.otherIn', t('web.other-sides')),
      n('required.rearIn', t('web.rear')),
      n('required.frontIn', t('web.front-side-discharge'), 'in', true),
      n('required.aboveIn', t('web.above')),
      yes('required.fromBook', t('web.from-makers-book')),
    ],
  },
  {
    title: t('web.ground-and-weather'),
    fields: [
      n('overheadIn', t('web.grade-to-eave'), 'in', true),
      n('padRiseIn', t('web.pad-out-of-level'), 'in', true),
      n('designSnowIn', t('web.design-snow'), 'in', true),
      yes('looseFill', t('web.loose-fill-under-it')),
      yes('underRunoff', t('web.under-roof-water')),
      one(
        'dischargesOnto',
        t('web.blows-onto'),
        ['nothing', say(value('nothing'))],
        ['walkway', t('web.walkway')],
        ['neighbour window', t('web.neighbours-window')],
      ),
    ],
  },
  {
    title: t('web.flood'),
    when: 'flood',
    start: { designFloodFt: 100, freeboardFt: 1, gradeFt: 100 },
    fields: [
      n('flood.designFloodFt', t('web.design-flood'), 'ft'),
      n('flood.freeboardFt', t('web.freeboard'), 'ft'),
      n('flood.gradeFt', t('web.grade'), 'ft'),
    ],
  },
  {
    title: t('web.working-space-at-disconnect'),
    when: 'disconnectSpace',
    start: { widthIn: 30, depthIn: 36 },
    fields: [n('disconnectSpace.widthIn', t('web.clear-width')), n('disconnectSpace.depthIn', t('web.clear-depth'))],
  },
  {
    title: t('web.sound'),
    when: 'sound',
    start: { powerDb: null, stands: 'wall', bedroomFt: 20, neighborFt: null, barrier: false, limitDba: 45 },
    fields: [
      n('sound.powerDb', t('web.sound-power'), 'dB', true),
      one(
        'sound.stands',
        t('web.it-stands'),
        ['open', t('web.in-the-open')],
        ['wall', t('web.at-a-wall')],
        ['corner', t('web.in-a-corner')],
      ),
      n('sound.bedroomFt', t('web.to-bedroom-window'), 'ft', true),
      n('sound.neighborFt', t('web.to-the-neighbor'), 'ft', true),
      n('sound.limitDba', t('web.limit-at-night'), 'dBA'),
      yes('sound.barrier', t('web.solid-barrier-between')),
    ],
  },
  {
    title: t('web.eave-over-it'),
    when: 'eave',
    start: { soffitAboveIn: 24, projectionIn: 12 },
    fields: [n('eave.soffitAboveIn', t('web.soffit-above-unit')), n('eave.projectionIn', t('web.out-past-its-front'))],
  },
  {
    title: t('web.wall-bracket'),
    when: 'bracket',
    start: {
      wall: 'unknown',
      brackets: 2,
      standoffIn: 11,
      spanIn: 14,
      iceLb: 0,
      tensionLb: null,
      shearLb: null,
    },
    fields: [
      one('bracket.wall', t('web.wall'), 'masonry', 'studs', 'veneer', 'siding', 'foam', 'unknown'),
      n('bracket.brackets', t('web.brackets'), ''),
      n('bracket.standoffIn', t('web.wall-to-center-of-gravity')),
      n('bracket.spanIn', t('web.upper-bolt-to-lower-bearing')),
      n('bracket.iceLb', t('web.ice-on-it'), 'lb'),
      n('bracket.tensionLb', t('web.pull-one-anchor-may-carry'), 'lb', true),
      n('bracket.shearLb', t('web.shear-one-anchor-may-carry'), 'lb', true),
    ],
  },
  {
    title: t('web.another-unit-by-it'),
    when: 'stacked',
    start: { gapIn: 24, makerGapIn: null, drainsPast: false },
    fields: [
      n('stacked.gapIn', t('web.gap-between-them')),
      n('stacked.makerGapIn', t('web.gap-maker-asks'), 'in', true),
      yes('stacked.drainsPast', t('web.upper-drains-past-lower')),
    ],
  },
  {
    title: t('web.old-pad'),
    when: 'oldPad',
    start: { x0: -18, y0: 20, x1: 18, y1: 56 },
    fields: rect('oldPad', t('web.pad')),
  },
];

export const placementLists: ListDef[] = [
  {
    path: 'obstacles',
    title: t('web.walls-fences-plants-meters'),
    add: t('web.add-obstacle'),
    start: (id) => ({ id, label: t('web.fence'), kind: 'fence', x0: 30, y0: 0, x1: 30, y1: 80 }),
    fields: [
      { kind: 'text', path: 'label', label: t('web.what') },
      one('kind', t('web.kind'), 'wall', 'fence', 'plant', 'meter', 'vent', 'other'),
      n('x0', t('web.from-along')),
      n('y0', t('web.from-out')),
      n('x1', t('web.to-along')),
      n('y1', t('web.to-out')),
    ],
  },
  {
    path: 'gates',
    title: t('web.gates-and-how-they-swing'),
    add: t('web.add-gate'),
    start: (id) => ({
      id,
      label: t('web.gate'),
      hingeXIn: 40,
      hingeYIn: 80,
      widthIn: 36,
      closedDeg: 0,
      swingDeg: -90,
    }),
    fields: [
      { kind: 'text', path: 'label', label: t('web.what') },
      n('hingeXIn', t('web.hinge-along')),
      n('hingeYIn', t('web.hinge-out')),
      n('widthIn', t('web.width')),
      n('closedDeg', t('web.closed-at'), '°'),
      n('swingDeg', t('web.swings-by'), '°'),
    ],
  },
];
