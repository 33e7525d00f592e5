import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { n, one, type Section, yes } from './field-def';

export const packagedFields: Section[] = [
  {
    title: say(tell('web.which-side-is-which')),
    fields: [
      one('unit.supply', say(tell('web.unit-supply')), 'left', 'right', 'upper', 'lower'),
      one('unit.viewedFrom', say(tell('web.seen-from')), 'the yard', 'inside the house'),
      one('house.supply', say(tell('web.house-supply')), 'left', 'right', 'upper', 'lower'),
      one('house.viewedFrom', say(tell('web.seen-from')), 'the yard', 'inside the house'),
      yes('mirroredVariant', say(tell('web.unit-can-be-had-with-its'))),
    ],
  },
  {
    title: say(tell('web.if-they-cross')),
    fields: [
      n('clearBelowIn', say(tell('web.clear-height-below'))),
      n('supplyOdIn', say(tell('web.supply-duct-with-cover'))),
      n('box.aIn', say(tell('web.box-across-duct'))),
      n('box.bIn', say(tell('web.box-along-it'))),
      n('cfm', say(tell('web.air')), 'CFM'),
    ],
  },
  {
    title: say(tell('web.levels')),
    fields: [
      n('unitOpeningIn', say(tell('web.unit-base-to-opening'))),
      n('houseOpeningIn', say(tell('web.grade-to-house-opening'))),
      n('gapToWallIn', say(tell('web.unit-to-wall'))),
      n('unitDrainIn', say(tell('web.unit-base-to-drain'))),
      n('drainInletIn', say(tell('web.grade-to-drain-inlet'))),
      n('hoodRunIn', say(tell('web.hood-from-wall'))),
    ],
  },
];
