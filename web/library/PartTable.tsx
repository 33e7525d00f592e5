import type { PartRow } from '@/core/plan/take-off/part-row';
import { t } from '@/web/words/tell';
import { ListTable } from './ListTable';

/** What the company pays for its parts, in what sizes they come, and how much the truck carries. */
export const PartTable = ({ parts }: { parts: readonly PartRow[] }) => (
  <ListTable
    about={t('web.how-parts-are-listed')}
    heads={[t('web.part-code'), t('web.part-name'), t('web.pack-of'), t('web.part-price'), t('web.on-truck')]}
    rows={parts}
    keyOf={(p) => p.code}
    cells={(p) => [p.code, p.name, `${p.pack} ${p.unit}`, p.price, `${p.onTruck} ${p.unit}`]}
    looks={{ 0: 'font-[640]' }}
  />
);
