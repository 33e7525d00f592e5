import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { n, rect, type Section } from './field-def';

export const curbFields: Section[] = [
  {
    title: say(tell('web.adapter-and-air')),
    fields: [
      n('adapterHeightIn', say(tell('web.adapter-height'))),
      n('toleranceIn', say(tell('web.tape-tolerance'))),
      n('cfm', say(tell('web.air')), 'CFM'),
      n('oldWeightLb', say(tell('web.old-weight')), 'lb', true),
      n('newWeightLb', say(tell('web.new-weight-with-adapter')), 'lb', true),
    ],
  },
  {
    title: say(tell('web.unit-from-near-left-corner')),
    fields: [
      ...rect('unitBase', say(tell('web.base'))),
      ...rect('unitSupply', say(tell('web.supply'))),
      ...rect('unitReturn', say(tell('web.return'))),
    ],
  },
  {
    title: say(tell('web.curb-from-same-corner')),
    fields: [
      ...rect('curbOutside', say(tell('web.outside'))),
      ...rect('curbSupply', say(tell('web.supply'))),
      ...rect('curbReturn', say(tell('web.return'))),
    ],
  },
  ...(['dropSupply', 'dropReturn'] as const).map(
    (path): Section => ({
      title: say(tell(path === 'dropSupply' ? 'web.roof-opening-supply' : 'web.roof-opening-return')),
      when: path,
      start: { x0: 18, y0: 10, x1: 42, y1: 30 },
      fields: rect(path, say(tell('web.roof-opening'))),
    }),
  ),
];
