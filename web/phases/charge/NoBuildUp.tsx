import { useNavigate } from 'react-router';
import type { Refusal } from '@/core/finding/outcome';
import { Button } from '@/web/kit/Button';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { EquippedView } from '../job-context';

/** The plate does not give a charge: what is wrong with it, and the way there. */
export function NoBuildUp({ view: { sheet }, refused }: { view: EquippedView; refused: Refusal }) {
  const navigate = useNavigate();
  const next = (
    <NextMoveBar kind="not-proven" say={t('web.mend-equipment-data-first')} because={say(refused.message)}>
      <Button tone="primary" onClick={() => navigate('../equipment', { relative: 'path' })}>
        {t('web.open-equipment')}
      </Button>
    </NextMoveBar>
  );
  return (
    <JobFrame sheet={sheet} active="charge" next={next}>
      <p className="p-6">{t('web.allowed', { message: refused.message, allowed: refused.allowed })}</p>
    </JobFrame>
  );
}
