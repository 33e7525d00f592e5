import type { Move } from '@/core/job/move';
import { value } from '@/core/words/said';
import type { ApiProblem } from '@/web/api/http';
import { CertifiedBy } from '@/web/kit/CertifiedBy';
import { Notice, Trouble } from '@/web/kit/Notice';
import { t } from '@/web/words/tell';
import { OverdueInstruments } from '../instruments/OverdueInstruments';

type Props = { move: Move; problem: ApiProblem | undefined; cutout: string | undefined };

/** Who weighs, which instrument is overdue, what went wrong, and a switch that tripped. */
export function StartUpNotices({ move, problem, cutout }: Props) {
  const weighs = move.button?.action.kind === 'weigh-in' || move.button?.action.kind === 'recover';
  return (
    <div className="grid gap-2">
      {weighs ? <CertifiedBy /> : null}
      <OverdueInstruments />
      <Trouble problem={problem} />
      {cutout && cutout !== 'none' ? (
        <Notice kind="stop">{t('web.switch-tripped-find-out-why-before', { cutout: value(cutout) })}</Notice>
      ) : null}
    </div>
  );
}
