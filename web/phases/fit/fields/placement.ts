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
