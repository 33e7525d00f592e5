import { t } from '@/web/words/tell';
import { n, one, type Section, yes } from './field-def';

export const packagedFields: Section[] = [
  {
    title: t('web.which-side-is-which'),
    fields: [
      one('unit.supply', t('web.unit-supply'), 'left', 'right', 'upper', 'lower'),
      one('unit.viewedFrom', t('web.seen-from'), 'the yard', 'inside the house'),
      one('house.supply', t('web.house-supply'), 'left', 'right', 'upper', 'lower'),
      one('house.viewedFrom', t('web.seen-from'), 'the yard', 'inside the house'),
      yes('mirroredVariant', t('web.unit-can-be-had-with-its')),
    ],
  },
  {
    title: t('web.if-they-cross'),
    fields: [
      n('clearBelowIn', t('web.clear-height-below')),
      n('supplyOdIn', t('web.supply-duct-with-cover')),
      n('box.aIn', t('web.box-across-duct')),
      n('box.bIn', t('web.box-along-it')),
      n('cfm', t('web.air'), 'CFM'),
    ],
  },
  {
    title: t('web.levels'),
    fields: [
      n('unitOpeningIn', t('web.unit-base-to-opening')),
      n('houseOpeningIn', t('web.grade-to-house-opening')),
      n('gapToWallIn', t('web.unit-to-wall')),
      n('unitDrainIn', t('web.unit-base-to-drain')),
      n('drainInletIn', t('web.grade-to-drain-inlet')),
      n('hoodRunIn', t('web.hood-from-wall')),
    ],
  },
];
