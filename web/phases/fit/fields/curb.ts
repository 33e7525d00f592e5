import { t } from '@/web/words/tell';
import { n, rect, type Section } from './field-def';

export const curbFields: Section[] = [
  {
    title: t('web.adapter-and-air'),
    fields: [
      n('adapterHeightIn', t('web.adapter-height')),
      n('toleranceIn', t('web.tape-tolerance')),
      n('cfm', t('web.air'), 'CFM'),
      n('oldWeightLb', t('web.old-weight'), 'lb', true),
      n('newWeightLb', t('web.new-weight-with-adapter'), 'lb', true),
    ],
  },
  {
    title: t('web.unit-from-near-left-corner'),
    fields: [
      ...rect('unitBase', t('web.base')),
      ...rect('unitSupply', t('web.supply')),
      ...rect('unitReturn', t('web.return')),
    ],
  },
  {
    title: t('web.curb-from-same-corner'),
    fields: [
      ...rect('curbOutside', t('web.outside')),
      ...rect('curbSupply', t('web.supply')),
      ...rect('curbReturn', t('web.return')),
    ],
  },
  ...(['dropSupply', 'dropReturn'] as const).map(
    (path): Section => ({
      title: t(path === 'dropSupply' ? 'web.roof-opening-supply' : 'web.roof-opening-return'),
      when: path,
      start: { x0: 18, y0: 10, x1: 42, y1: 30 },
      fields: rect(path, t('web.roof-opening')),
    }),
  ),
];
