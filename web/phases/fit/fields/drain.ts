import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { n, one, type Section, yes } from './field-def';

export const drainFields: Section[] = [
  {
    title: say(tell('web.line')),
    fields: [
      n('runFt', say(tell('web.run')), 'ft'),
      n('fallIn', say(tell('web.fall-end-to-end')), 'in', true),
      n('latentBtuh', say(tell('web.latent-load')), say(tell('web.btu-h'))),
      yes('sags', say(tell('web.sags-on-way'))),
      yes('hotAttic', say(tell('web.through-hot-attic'))),
      n('insulatedFt', say(tell('web.insulated')), 'ft'),
      yes('outdoorTrapFreezes', say(tell('web.trap-where-it-freezes'))),
    ],
  },
  {
    title: say(tell('web.trap')),
    fields: [
      one(
        'arrangement',
        say(tell('web.coil-2')),
        ['draw-through', say(value('draw-through'))],
        ['blow-through', say(value('blow-through'))],
      ),
      n('negativeStaticInWc', say(tell('web.suction-at-drain')), say(tell('web.in-w-c')), true),
      yes('trapInside', say(tell('web.trap-inside-appliance'))),
    ],
  },
  {
    title: say(tell('web.floats-and-secondary')),
    fields: [
      yes('overFinishedSpace', say(tell('web.over-finished-space'))),
      one('primaryFloat', say(tell('web.primary-float')), 'none', 'wired', 'tested with water'),
      one('panFloat', say(tell('web.pan-float')), 'none', 'wired', 'tested with water'),
      one(
        'secondary',
        say(tell('web.secondary')),
        ['own conspicuous termination', say(tell('web.own-end-in-sight'))],
        ['into the pan', say(tell('web.into-pan'))],
        ['none', say(value('none'))],
      ),
    ],
  },
  {
    title: say(tell('web.pan')),
    when: 'pan',
    start: { widthIn: 30, lengthIn: 36, tripDepthIn: 1 },
    fields: [
      n('pan.widthIn', say(tell('web.width'))),
      n('pan.lengthIn', say(tell('web.length'))),
      n('pan.tripDepthIn', say(tell('web.float-trips-at'))),
    ],
  },
  {
    title: say(tell('web.unit-over-pan')),
    when: 'unitOver',
    start: { lengthIn: 24.5, widthIn: 21, offLengthIn: 0, offWidthIn: 0 },
    fields: [
      n('unitOver.lengthIn', say(tell('web.length'))),
      n('unitOver.widthIn', say(tell('web.width'))),
      n('unitOver.offLengthIn', say(tell('web.off-the-middle-lengthwise'))),
      n('unitOver.offWidthIn', say(tell('web.off-the-middle-across'))),
    ],
  },
  {
    title: say(tell('web.pump')),
    when: 'pump',
    start: { gphAtLift: 10, switchWired: false },
    fields: [
      n('pump.gphAtLift', say(tell('web.at-lift')), 'gal/h'),
      yes('pump.switchWired', say(tell('web.overflow-switch-wired'))),
    ],
  },
  {
    title: say(tell('web.more')),
    fields: [
      yes('belowDrain', say(tell('web.drain-lies-higher-than-unit'))),
      n('furnaceInputBtuh', say(tell('web.condensing-furnace-input')), say(tell('web.btu-h')), true),
    ],
  },
];
