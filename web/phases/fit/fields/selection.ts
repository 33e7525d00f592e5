import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { n, one, type Section, yes } from './field-def';

export const selectionFields: Section[] = [
  {
    title: say(tell('web.chosen')),
    fields: [
      n('tons', say(tell('web.size')), 'tons'),
      one(
        'stages',
        say(tell('web.stages')),
        ['single', say(value('single'))],
        ['two', say(value('two'))],
        ['variable', say(value('variable'))],
      ),
      n('areaFt2', say(tell('web.floor-area')), 'ft²', true),
    ],
  },
  {
    title: say(tell('web.load-calculation')),
    when: 'load',
    start: {
      source: say(tell('web.who-made-it')),
      date: '2026-01-01',
      coolingSensibleBtuh: 24000,
      coolingLatentBtuh: 6000,
      heatLossBtuh: 36000,
      summerDesignF: 92,
      winterDesignF: 17,
    },
    fields: [
      { kind: 'text', path: 'load.source', label: say(tell('web.made-by-with')) },
      { kind: 'text', path: 'load.date', label: say(tell('web.date-yyyy-mm-dd')) },
      n('load.coolingSensibleBtuh', say(tell('web.sensible-cooling')), say(tell('web.btu-h'))),
      n('load.coolingLatentBtuh', say(tell('web.latent-cooling')), say(tell('web.btu-h'))),
      n('load.heatLossBtuh', say(tell('web.heat-loss')), say(tell('web.btu-h'))),
      n('load.summerDesignF', say(tell('web.summer-design')), '°F'),
      n('load.winterDesignF', say(tell('web.winter-design')), '°F'),
    ],
  },
  {
    title: say(tell('web.heat-pump')),
    when: 'heatPump',
    start: { capacity47Btuh: 34000, capacity17Btuh: 21000, noLoadF: 60, frostDent: true, stripKw: 10 },
    fields: [
      n('heatPump.capacity47Btuh', say(tell('web.gives-at-47-f')), say(tell('web.btu-h'))),
      n('heatPump.capacity17Btuh', say(tell('web.gives-at-17-f')), say(tell('web.btu-h'))),
      n('heatPump.noLoadF', say(tell('web.house-needs-none-above')), '°F'),
      n('heatPump.stripKw', say(tell('web.auxiliary-strips')), 'kW'),
      yes('heatPump.frostDent', say(tell('web.frost-dent'))),
    ],
  },
  {
    title: say(tell('web.furnace')),
    when: 'furnace',
    start: { outputBtuh: 76000, cfm: 1200, riseLowF: 35, riseHighF: 65 },
    fields: [
      n('furnace.outputBtuh', say(tell('web.output')), say(tell('web.btu-h'))),
      n('furnace.cfm', say(tell('web.air')), 'CFM'),
      n('furnace.riseLowF', say(tell('web.rise-on-plate-from')), '°F'),
      n('furnace.riseHighF', say(tell('web.rise-to')), '°F'),
    ],
  },
];
