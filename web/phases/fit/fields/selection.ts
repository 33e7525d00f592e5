import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { n, one, type Section, yes } from './field-def';

export const selectionFields: Section[] = [
  {
    title: t('web.chosen'),
    fields: [
      n('tons', t('web.size'), 'tons'),
      one(
        'stages',
        t('web.stages'),
        ['single', say(value('single'))],
        ['two', say(value('two'))],
        ['variable', say(value('variable'))],
      ),
      n('areaFt2', t('web.floor-area'), 'ft²', true),
    ],
  },
  {
    title: t('web.load-calculation'),
    when: 'load',
    start: {
      source: t('web.who-made-it'),
      date: '2026-01-01',
      coolingSensibleBtuh: 24000,
      coolingLatentBtuh: 6000,
      heatLossBtuh: 36000,
      summerDesignF: 92,
      winterDesignF: 17,
    },
    fields: [
      { kind: 'text', path: 'load.source', label: t('web.made-by-with') },
      { kind: 'text', path: 'load.date', label: t('web.date-yyyy-mm-dd') },
      n('load.coolingSensibleBtuh', t('web.sensible-cooling'), t('web.btu-h')),
      n('load.coolingLatentBtuh', t('web.latent-cooling'), t('web.btu-h')),
      n('load.heatLossBtuh', t('web.heat-loss'), t('web.btu-h')),
      n('load.summerDesignF', t('web.summer-design'), '°F'),
      n('load.winterDesignF', t('web.winter-design'), '°F'),
    ],
  },
  {
    title: t('web.heat-pump'),
    when: 'heatPump',
    start: { capacity47Btuh: 34000, capacity17Btuh: 21000, noLoadF: 60, frostDent: true, stripKw: 10 },
    fields: [
      n('heatPump.capacity47Btuh', t('web.gives-at-47-f'), t('web.btu-h')),
      n('heatPump.capacity17Btuh', t('web.gives-at-17-f'), t('web.btu-h')),
      n('heatPump.noLoadF', t('web.house-needs-none-above'), '°F'),
      n('heatPump.stripKw', t('web.auxiliary-strips'), 'kW'),
      yes('heatPump.frostDent', t('web.frost-dent')),
    ],
  },
  {
    title: t('web.furnace'),
    when: 'furnace',
    start: { outputBtuh: 76000, cfm: 1200, riseLowF: 35, riseHighF: 65 },
    fields: [
      n('furnace.outputBtuh', t('web.output'), t('web.btu-h')),
      n('furnace.cfm', t('web.air'), 'CFM'),
      n('furnace.riseLowF', t('web.rise-on-plate-from'), '°F'),
      n('furnace.riseHighF', t('web.rise-to'), '°F'),
    ],
  },
];
