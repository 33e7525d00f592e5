import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import type { Action } from '@/core/job/move';
import type { Phase } from '@/core/job/phases';
import { sawOf } from '@/core/phases/saw';
import { pagesOfCircuit } from '@/web/api/circuit-path';
import { useConnection } from '@/web/api/connection';
import { ApiProblem } from '@/web/api/http';
import { namedCertified } from '@/web/kit/CertifiedBy';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import type { JobView } from './job-context';

/** What a page does itself: its forms, its views. */
export type Own = { [K in Action['kind']]?: (action: Extract<Action, { kind: K }>) => unknown };

/** Signs a phase as it stands on this screen. */
export const signPhase = ({ sheet, actions }: Pick<JobView, 'sheet' | 'actions'>, phase: Phase): Promise<unknown> =>
  actions.send(`/jobs/${sheet.job.id}/phases/${phase}/sign-offs`, { id: uuid(), saw: sawOf(sheet, phase) });

/** The one dispatcher of next moves: what the page does not do itself is done here, the same in every phase. */
export function usePress(view: JobView, phase: Phase, own: Own) {
  const { sheet, actions } = view;
  const navigate = useNavigate();
  const { busy, problem, act } = useAct();
  const { lost } = useConnection();
  const job = `/jobs/${sheet.job.id}`;
  const command = view.order;

  function shared(action: Action): unknown {
    switch (action.kind) {
      case 'go':
        return navigate(
          action.to.startsWith('/')
            ? action.to
            : `${pagesOfCircuit(sheet, action.circuitId ?? sheet.circuit.id)}/${action.to}`,
        );
      case 'sign':
        return signPhase(view, phase);
      case 'release-removal':
        return actions.send(`${job}/removal`, {});
      case 'open-report':
        if (lost) throw new ApiProblem({ message: t('web.papers-need-a-connection') }, 0);
        return window.open(`/api${job}/report.pdf`, '_blank');
      case 'confirm':
        return actions.send(`${job}/confirmations`, { confirmation: action.confirmation, confirmed: true });
      case 'set-mode':
        return actions.replace(`${job}/mode`, { version: sheet.job.version, mode: action.mode });
      case 'close-valve':
      case 'start':
      case 'stop':
      case 'speed':
        return command(action);
      case 'weigh-in':
      case 'recover':
        return command({ ...action, ...namedCertified() });
      default:
        return undefined;
    }
  }

  const press = (action: Action): void => {
    const mine = own[action.kind] as ((a: Action) => unknown) | undefined;
    void act(async () => (mine ? mine(action) : shared(action)));
  };
  return { press, busy, problem, act };
}
