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
      one('flow', say(tell('web.air-goes')), ['up', say(value('up'))], ['down', say(value('down'))]),
    ],
  },
  {
    title: say(tell('web.room-round-it')),
    fields: [
      n('closetWidthIn', say(tell('web.closet-clear-width')), 'in', true),
      n('frontRoomIn', say(tell('web.room-in-front')), 'in', true),
      n('frontNeededIn', say(tell('web.room-it-needs'))),
      n('panHeightIn', say(tell('web.pan-height'))),
    ],
  },
];
