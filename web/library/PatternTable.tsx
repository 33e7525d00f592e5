import type { ModelPattern } from '@/core/equipment/model-pattern';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { ListTable } from './ListTable';

/** How makers write sizes into model numbers, each row with how sure the company is of it. */
export const PatternTable = ({ patterns }: { patterns: readonly ModelPattern[] }) => (
  <ListTable
    about={t('web.how-a-pattern-is-written')}
    heads={[t('web.part'), t('web.pattern'), t('web.digits-per-ton'), t('web.how-sure'), t('web.source')]}
    rows={patterns}
    keyOf={(p) => `${p.part}/${p.pattern}`}
    cells={(p) => [say(value(p.part)), p.pattern, p.perTon, say(value(p.confidence)), p.source]}
    looks={{ 1: 'font-[640]', 4: 'text-ink2' }}
  />
);
