import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { n, one, type Section, yes } from './field-def';

export const stackFields: Section[] = [
  {
    title: t('web.what-stays'),
    fields: [
      n('plenumIn', t('web.floor-to-plenum-flange')),
      n('returnTopIn', t('web.floor-to-top-of-return')),
      n('plenum.widthIn', t('web.plenum-width')),
      n('plenum.depthIn', t('web.plenum-depth')),
      n('returnOpening.widthIn', t('web.return-width')),
      n('returnOpening.depthIn', t('web.return-depth')),
    ],
  },
  {
    title: t('web.old-equipment'),
    fields: [n('old.widthIn', t('web.width')), n('old.depthIn', t('web.depth')), n('old.heightIn', t('web.height'))],
  },
  {
    title: t('web.new-equipment'),
    fields: [
      n('new.widthIn', t('web.width')),
      n('new.depthIn', t('web.depth')),
      n('new.heightIn', t('web.height')),
      n('coilHeightIn', t('web.cased-coil-above-it'), 'in', true),
      n('raiseIn', t('web.raised-on-base')),
      n('new.supply.widthIn', t('web.supply-width')),
      n('new.supply.depthIn', t('web.supply-depth')),
      n('new.return.widthIn', t('web.return-width')),
      n('new.return.depthIn', t('web.return-depth')),
      yes('coilOnOilFurnace', t('web.coil-on-oil-furnace')),
      one(
        'flow',
        t('web.air-goes'),
        ['up', say(value('up'))],
        ['down', say(value('down'))],
        ['left', t('web.lying-to-the-left')],
        ['right', t('web.lying-to-the-right')],
      ),
    ],
  },
  {
    title: t('web.hung'),
    when: 'hung',
    start: { weightLb: 150, hangers: 4, hangerLb: 100, isolated: true },
    fields: [
      n('hung.weightLb', t('web.weight'), 'lb'),
      n('hung.hangers', t('web.hangers'), ''),
      n('hung.hangerLb', t('web.each-bears'), 'lb'),
      yes('hung.isolated', t('web.isolators')),
    ],
  },
  {
    title: t('web.filter'),
    when: 'filter',
    start: { lengthIn: 20, pullIn: 24, toCoilIn: 8, makerIn: null },
    fields: [
      n('filter.lengthIn', t('web.filter-length')),
      n('filter.pullIn', t('web.room-to-pull-it')),
      n('filter.toCoilIn', t('web.filter-to-coil')),
      n('filter.makerIn', t('web.distance-maker-asks'), 'in', true),
    ],
  },
  {
    title: t('web.way-and-floor'),
    when: 'walk',
    start: { widthIn: 24, platformIn: 30, storageFree: true },
    fields: [
      n('walk.widthIn', t('web.way-to-it')),
      n('walk.platformIn', t('web.floor-before-it')),
      yes('walk.storageFree', t('web.storage-stays-free')),
    ],
  },
  {
    title: t('web.room-round-it'),
    fields: [
      n('closetWidthIn', t('web.closet-clear-width'), 'in', true),
      n('frontRoomIn', t('web.room-in-front'), 'in', true),
      n('frontNeededIn', t('web.room-it-needs')),
      n('panHeightIn', t('web.pan-height')),
      one('box', t('web.box-that-stays'), 'none', 'dry and sound', 'patched', 'bare fiber', 'wet or moldy'),
    ],
  },
];
