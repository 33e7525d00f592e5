import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { type ListDef, n, one, rect, type Section, yes } from './field-def';

export const placementFields: Section[] = [
  {
    title: say(tell('web.new-unit')),
    fields: [
      n('unit.widthIn', say(tell('web.width'))),
      n('unit.depthIn', say(tell('web.depth'))),
      n('unit.heightIn', say(tell('web.height'))),
      n('weightLb', say(tell('web.weight-with-packaging')), 'lb', true),
      one('unit.discharge', say(tell('web.blows')), ['up', say(tell('web.up'))], ['side', say(tell('web.sideways'))]),
      yes('heatPump', say(tell('web.heat-pump'))),
    ],
  },
  {
    title: say(tell('web.where-it-stands')),
    fields: [
      n('xIn', say(tell('web.centre-along-wall'))),
      n('yIn', say(tell('web.centre-from-wall'))),
      one(
        'front',
        say(tell('web.front-looks')),
        ['north', say(tell('web.away-from-house'))],
        ['south', say(tell('web.to-house'))],
        ['east', say(value('right'))],
        ['west', say(value('left'))],
      ),
      one('serviceSide', say(tell('web.service-side')), 'front', 'right', 'rear', 'left'),
    ],
  },
  {
    title: say(tell('web.clearances-it-needs')),
    fields: [
      n('required.serviceIn', say(tell('web.service-side'))),
      n('required.otherIn', say(tell('web.other-sides'))),
      n('required.rearIn', say(tell('web.rear'))),
      n('required.frontIn', say(tell('web.front-side-discharge')), 'in', true),
      n('required.aboveIn', say(tell('web.above'))),
      yes('required.fromBook', say(tell('web.from-makers-book'))),
    ],
  },
  {
    title: say(tell('web.ground-and-weather')),
    fields: [
      n('overheadIn', say(tell('web.grade-to-eave')), 'in', true),
      n('padRiseIn', say(tell('web.pad-out-of-level')), 'in', true),
      n('designSnowIn', say(tell('web.design-snow')), 'in', true),
      yes('looseFill', say(tell('web.loose-fill-under-it'))),
      yes('underRunoff', say(tell('web.under-roof-water'))),
      one(
        'dischargesOnto',
        say(tell('web.blows-onto')),
        ['nothing', say(value('nothing'))],
        ['walkway', say(tell('web.walkway'))],
        ['neighbour window', say(tell('web.neighbours-window'))],
      ),
    ],
  },
  {
    title: say(tell('web.flood')),
    when: 'flood',
    start: { designFloodFt: 100, freeboardFt: 1, gradeFt: 100 },
    fields: [
      n('flood.designFloodFt', say(tell('web.design-flood')), 'ft'),
      n('flood.freeboardFt', say(tell('web.freeboard')), 'ft'),
      n('flood.gradeFt', say(tell('web.grade')), 'ft'),
    ],
  },
  {
    title: say(tell('web.working-space-at-disconnect')),
    when: 'disconnectSpace',
    start: { widthIn: 30, depthIn: 36 },
    fields: [
      n('disconnectSpace.widthIn', say(tell('web.clear-width'))),
      n('disconnectSpace.depthIn', say(tell('web.clear-depth'))),
    ],
  },
  {
    title: say(tell('web.sound')),
    when: 'sound',
    start: { powerDb: null, stands: 'wall', bedroomFt: 20, neighborFt: null, barrier: false, limitDba: 45 },
    fields: [
      n('sound.powerDb', say(tell('web.sound-power')), 'dB', true),
      one(
        'sound.stands',
        say(tell('web.it-stands')),
        ['open', say(tell('web.in-the-open'))],
        ['wall', say(tell('web.at-a-wall'))],
        ['corner', say(tell('web.in-a-corner'))],
      ),
      n('sound.bedroomFt', say(tell('web.to-bedroom-window')), 'ft', true),
      n('sound.neighborFt', say(tell('web.to-the-neighbor')), 'ft', true),
      n('sound.limitDba', say(tell('web.limit-at-night')), 'dBA'),
      yes('sound.barrier', say(tell('web.solid-barrier-between'))),
    ],
  },
  {
    title: say(tell('web.eave-over-it')),
    when: 'eave',
    start: { soffitAboveIn: 24, projectionIn: 12 },
    fields: [
      n('eave.soffitAboveIn', say(tell('web.soffit-above-unit'))),
      n('eave.projectionIn', say(tell('web.out-past-its-front'))),
    ],
  },
  {
    title: say(tell('web.wall-bracket')),
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
      one('bracket.wall', say(tell('web.wall')), 'masonry', 'studs', 'veneer', 'siding', 'foam', 'unknown'),
      n('bracket.brackets', say(tell('web.brackets')), ''),
      n('bracket.standoffIn', say(tell('web.wall-to-center-of-gravity'))),
      n('bracket.spanIn', say(tell('web.upper-bolt-to-lower-bearing'))),
      n('bracket.iceLb', say(tell('web.ice-on-it')), 'lb'),
      n('bracket.tensionLb', say(tell('web.pull-one-anchor-may-carry')), 'lb', true),
      n('bracket.shearLb', say(tell('web.shear-one-anchor-may-carry')), 'lb', true),
    ],
  },
  {
    title: say(tell('web.another-unit-by-it')),
    when: 'stacked',
    start: { gapIn: 24, makerGapIn: null, drainsPast: false },
    fields: [
      n('stacked.gapIn', say(tell('web.gap-between-them'))),
      n('stacked.makerGapIn', say(tell('web.gap-maker-asks')), 'in', true),
      yes('stacked.drainsPast', say(tell('web.upper-drains-past-lower'))),
    ],
  },
  {
    title: say(tell('web.old-pad')),
    when: 'oldPad',
    start: { x0: -18, y0: 20, x1: 18, y1: 56 },
    fields: rect('oldPad', say(tell('web.pad'))),
  },
];

export const placementLists: ListDef[] = [
  {
    path: 'obstacles',
    title: say(tell('web.walls-fences-plants-meters')),
    add: say(tell('web.add-obstacle')),
    start: (id) => ({ id, label: say(tell('web.fence')), kind: 'fence', x0: 30, y0: 0, x1: 30, y1: 80 }),
    fields: [
      { kind: 'text', path: 'label', label: say(tell('web.what')) },
      one('kind', say(tell('web.kind')), 'wall', 'fence', 'plant', 'meter', 'vent', 'other'),
      n('x0', say(tell('web.from-along'))),
      n('y0', say(tell('web.from-out'))),
      n('x1', say(tell('web.to-along'))),
      n('y1', say(tell('web.to-out'))),
    ],
  },
  {
    path: 'gates',
    title: say(tell('web.gates-and-how-they-swing')),
    add: say(tell('web.add-gate')),
    start: (id) => ({
      id,
      label: say(tell('web.gate')),
      hingeXIn: 40,
      hingeYIn: 80,
      widthIn: 36,
      closedDeg: 0,
      swingDeg: -90,
    }),
    fields: [
      { kind: 'text', path: 'label', label: say(tell('web.what')) },
      n('hingeXIn', say(tell('web.hinge-along'))),
      n('hingeYIn', say(tell('web.hinge-out'))),
      n('widthIn', say(tell('web.width'))),
      n('closedDeg', say(tell('web.closed-at')), '°'),
      n('swingDeg', say(tell('web.swings-by')), '°'),
    ],
  },
];
