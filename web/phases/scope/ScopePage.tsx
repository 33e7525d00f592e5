import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { v7 as uuid } from 'uuid';
import { may } from '@/core/job/permissions';
import { nextMoveOf } from '@/core/phases/phase';
import { removalGates } from '@/core/phases/scope/gates';
import { scope as scopePhase } from '@/core/phases/scope/phase';
import { newPieces, scopeOf } from '@/core/phases/scope/view';
import { sheetGates } from '@/core/phases/standing';
import type { DecidedItem } from '@/core/scope/scope';
import { useLibrary } from '@/web/api/use-library';
import { Notice, Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { usePress } from '../use-press';
import { ChoiceForm } from './ChoiceForm';
import { ScopeCustomerSheet } from './CustomerSheet';
import { DeclineSheet } from './DeclineSheet';
import { DeltaList } from './DeltaList';
import { ItemLists } from './ItemLists';
import { OwnWork } from './OwnWork';
import { ScopeHead } from './ScopeHead';
import { ScopeSide } from './ScopeSide';
import { useChoose } from './use-choose';

type Asked = { kind: 'customer'; subject: string } | { kind: 'decline'; item: DecidedItem };

/** The scope: what is chosen, what follows by rule and why, what the customer agrees to. */
export default function ScopePage(view: JobView) {
  const { sheet, me } = view;
  const { library } = useLibrary();
  const { hash } = useLocation();
  const [asked, setAsked] = useState<Asked>();
  const scope = scopeOf(sheet);
  const mayChoose = may(me.role, 'choose-scope');
  const move = nextMoveOf(scopePhase, sheet, { maySign: mayChoose });
  const gates = sheetGates(sheet, 'scope');
  const path = `/jobs/${sheet.job.id}`;
  const lit = hash.slice(1);
  useEffect(() => {
    if (lit) document.getElementById(lit)?.scrollIntoView({ block: 'center' });
  }, [lit]);

  const sendDecision = (item: DecidedItem, decision: 'in' | 'out', reason: string | null): Promise<unknown> =>
    view.actions.send(`${path}/decisions`, { id: uuid(), itemId: item.id, decision, reason });

  const { press, busy, problem, act } = usePress(view, 'scope', {
    customer: ({ subject }) => setAsked({ kind: 'customer', subject }),
  });
  const choose = useChoose(view, act);

  const signed = sheet.signOffs.find((s) => s.phase === 'scope');
  return (
    <JobFrame
      sheet={sheet}
      active="scope"
      side={
        <ScopeSide
          view={view}
          scope={scope}
          gates={signed ? removalGates(sheet) : gates}
          gatesPhase={signed ? 'recover' : 'scope'}
          onSign={(subject) => setAsked({ kind: 'customer', subject })}
        />
      }
      next={<NextMove move={mayChoose ? move : { ...move, button: undefined }} busy={busy} press={press} />}
    >
      <div className="px-4 py-3.5 lg:px-7">
        <ScopeHead total={scope.total} />
        <Trouble problem={problem} />
        {scope.change ? (
          <div className="mt-2">
            <Notice kind="look-again">
              <b className="font-[680]">{t('web.changed-since-customer-signed')}</b>
              <DeltaList delta={scope.change.delta} />
            </Notice>
          </div>
        ) : null}
        <ChoiceForm
          chosen={newPieces(sheet)}
          pairListed={scope.input.pairListed}
          library={library}
          known={scope.input.known}
          disabled={!mayChoose}
          onChange={choose}
        />
        <ItemLists
          items={scope.items}
          labour={sheet.scopeSchools.labourPerHour}
          lit={lit}
          may={mayChoose && !busy}
          onIn={(item) => void act(() => sendDecision(item, 'in', null))}
          onOut={(item) => setAsked({ kind: 'decline', item })}
        />
        <OwnWork
          view={view}
          items={scope.items}
          labour={sheet.scopeSchools.labourPerHour}
          lit={lit}
          may={mayChoose && !busy}
          onIn={(item) => void act(() => sendDecision(item, 'in', null))}
          onOut={(item) => setAsked({ kind: 'decline', item })}
        />
      </div>
      {asked?.kind === 'decline' ? (
        <DeclineSheet
          item={asked.item}
          onSend={(reason) => sendDecision(asked.item, 'out', reason)}
          onClose={() => setAsked(undefined)}
        />
      ) : null}
      {asked?.kind === 'customer' ? (
        <ScopeCustomerSheet view={view} scope={scope} subject={asked.subject} onClose={() => setAsked(undefined)} />
      ) : null}
    </JobFrame>
  );
}
