import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { n, one, type Section, yes } from './field-def';

export const drainFields: Section[] = [
  {
    title: t('web.line'),
    fields: [
      n('runFt', t('web.run'), 'ft'),
      n('fallIn', t('web.fall-end-to-end'), 'in', true),
      n('latentBtuh', t('web.latent-load'), t('web.btu-h')),
      yes('sags', t('web.sags-on-way')),
      yes('hotAttic', t('web.through-hot-attic')),
      n('insulatedFt', t('web.insulated'), 'ft'),
      yes('outdoorTrapFreezes', t('web.trap-where-it-freezes')),
    ],
  },
  {
    title: t('web.trap'),
    fields: [
      one(
        'arrangement',
        t('web.coil-2'),
        ['draw-through', say(value('draw-through'))],
        ['blow-through', say(value('blow-through'))],
      ),
      n('negativeStaticInWc', t('web.suction-at-drain'), t('web.in-w-c'), true),
      yes('trapInside', t('web.trap-inside-appliance')),
    ],
  },
  {
    title: t('web.floats-and-secondary'),
    fields: [
      yes('overFinishedSpace', t('web.over-finished-space')),
      one('primaryFloat', t('web.primary-float'), 'none', 'wired', 'tested with water'),
      one('panFloat', t('web.pan-float'), 'none', 'wired', 'tested with water'),
      one(
        'secondary',
        t('web.secondary'),
        ['own conspicuous termination', t('web.own-end-in-sight')],
        ['into the pan', t('web.into-pan')],
        ['none', say(value('none'))],
      ),
    ],
  },
  {
    title: t('web.pan'),
    when: 'pan',
    start: { widthIn: 30, lengthIn: 36, tripDepthIn: 1 },
    fields: [
      n('pan.widthIn', t('web.width')),
      n('pan.lengthIn', t('web.length')),
      n('pan.tripDepthIn', t('web.float-trips-at')),
    ],
  },
  {
    title: t('web.unit-over-pan'),
    when: 'unitOver',
    start: { lengthIn: 24.5, widthIn: 21, offLengthIn: 0, offWidthIn: 0 },
    fields: [
      n('unitOver.lengthIn', t('web.length')),
      n('unitOver.widthIn', t('web.width')),
      n('unitOver.offLengthIn', t('web.off-the-middle-lengthwise')),
      n('unitOver.offWidthIn', t('web.off-the-middle-across')),
    ],
  },
  {
    title: t('web.pump'),
    when: 'pump',
    start: { gphAtLift: 10, switchWired: false },
    fields: [n('pump.gphAtLift', t('web.at-lift'), 'gal/h'), yes('pump.switchWired', t('web.overflow-switch-wired'))],
  },
  {
    title: t('web.more'),
    fields: [
      yes('belowDrain', t('web.drain-lies-higher-than-unit')),
      n('furnaceInputBtuh', t('web.condensing-furnace-input'), t('web.btu-h'), true),
    ],
  },
];
