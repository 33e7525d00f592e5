import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { n, one, type Section, yes } from './field-def';

export const stackFields: Section[] = [
  {
    title: say(tell('web.what-stays')),
    fields: [
      n('plenumIn', say(tell('web.floor-to-plenum-flange'))),
      n('returnTopIn', say(tell('web.floor-to-top-of-return'))),
      n('plenum.widthIn', say(tell('web.plenum-width'))),
      n('plenum.depthIn', say(tell('web.plenum-depth'))),
      n('returnOpening.widthIn', say(tell('web.return-width'))),
      n('returnOpening.depthIn', say(tell('web.return-depth'))),
    ],
  },
  {
    title: say(tell('web.old-equipment')),
    fields: [
      n('old.widthIn', say(tell('web.width'))),
      n('old.depthIn', say(tell('web.depth'))),
      n('old.heightIn', say(tell('web.height'))),
    ],
  },
  {
    title: say(tell('web.new-equipment')),
    fields: [
      n('new.widthIn', say(tell('web.width'))),
      n('new.depthIn', say(tell('web.depth'))),
      n('new.heightIn', say(tell('web.height'))),
      n('coilHeightIn', say(tell('web.cased-coil-above-it')), 'in', true),
      n('raiseIn', say(tell('web.raised-on-base'))),
      n('new.supply.widthIn', say(tell('web.supply-width'))),
      n('new.supply.depthIn', say(tell('web.supply-depth'))),
      n('new.return.widthIn', say(tell('web.return-width'))),
      n('new.return.depthIn', say(tell('web.return-depth'))),
      yes('coilOnOilFurnace', say(tell('web.coil-on-oil-furnace'))),
      one(
        'flow',
        say(tell('web.air-goes')),
        ['up', say(value('up'))],
        ['down', say(value('down'))],
        ['left', say(tell('web.lying-to-the-left'))],
        ['right', say(tell('web.lying-to-the-right'))],
      ),
    ],
  },
  {
    title: say(tell('web.hung')),
    when: 'hung',
    start: { weightLb: 150, hangers: 4, hangerLb: 100, isolated: true },
    fields: [
      n('hung.weightLb', say(tell('web.weight')), 'lb'),
      n('hung.hangers', say(tell('web.hangers')), ''),
      n('hung.hangerLb', say(tell('web.each-bears')), 'lb'),
      yes('hung.isolated', say(tell('web.isolators'))),
    ],
  },
  {
    title: say(tell('web.filter')),
    when: 'filter',
    start: { lengthIn: 20, pullIn: 24, toCoilIn: 8, makerIn: null },
    fields: [
      n('filter.lengthIn', say(tell('web.filter-length'))),
      n('filter.pullIn', say(tell('web.room-to-pull-it'))),
      n('filter.toCoilIn', say(tell('web.filter-to-coil'))),
      n('filter.makerIn', say(tell('web.distance-maker-asks')), 'in', true),
    ],
  },
  {
    title: say(tell('web.way-and-floor')),
    when: 'walk',
    start: { widthIn: 24, platformIn: 30, storageFree: true },
    fields: [
      n('walk.widthIn', say(tell('web.way-to-it'))),
      n('walk.platformIn', say(tell('web.floor-before-it'))),
      yes('walk.storageFree', say(tell('web.storage-stays-free'))),
    ],
  },
  {
    title: say(tell('web.room-round-it')),
    fields: [
      n('closetWidthIn', say(tell('web.closet-clear-width')), 'in', true),
      n('frontRoomIn', say(tell('web.room-in-front')), 'in', true),
      n('frontNeededIn', say(tell('web.room-it-needs'))),
      n('panHeightIn', say(tell('web.pan-height'))),
      one('box', say(tell('web.box-that-stays')), 'none', 'dry and sound', 'patched', 'bare fiber', 'wet or moldy'),
    ],
  },
];
