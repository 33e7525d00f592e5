import { Link } from 'react-router';
import useSWR from 'swr';
import { cylinderFillOf } from '@/core/circuit/recovery/cylinder';
import { may } from '@/core/job/permissions';
import { type ApiProblem, get } from '@/web/api/http';
import type { Me } from '@/web/api/use-me';
import { Notice } from '@/web/kit/Notice';
import { t } from '@/web/words/tell';
import type { CylinderRow } from './cylinder-row';

/** Tells whoever runs the company that a cylinder holds more than it may: it is blocked, and it is dangerous when it warms. */
export function OverfullNotice({ me }: { me: Me }) {
  const told = may(me.role, 'hear-of-overfull-cylinders');
  const { data } = useSWR<{ cylinders: CylinderRow[] }, ApiProblem>(told ? '/cylinders' : null, get);
  const over = (data?.cylinders ?? []).flatMap((c) => {
    const fill = c.refrigerant ? cylinderFillOf(c, c.refrigerant) : undefined;
    return fill && fill.share > 1 ? [{ c, fill }] : [];
  });
  if (over.length === 0) return null;
  return (
    <div className="mt-4">
      <Notice kind="stop">
        <b className="font-[650]">
          {over
            .map(({ c, fill }) => t('web.holds-of-its-fill-limit', { tag: c.tag, share: Math.round(100 * fill.share) }))
            .join(' ')}
        </b>{' '}
        {t('web.nothing-more-goes-in-keep-it')}{' '}
        <Link to="/cylinders" className="text-copper underline underline-offset-4">
          {t('web.show-cylinders')}
        </Link>
      </Notice>
    </div>
  );
}
