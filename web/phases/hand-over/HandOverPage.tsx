import { useState } from 'react';
import { markedOn } from '@/core/job/marked';
import { may } from '@/core/job/permissions';
import { PHASE_WORDS } from '@/core/job/phases';
import { isEquipped } from '@/core/job/sheet';
import { furnaceFindings } from '@/core/phases/hand-over/furnace';
import { handOver } from '@/core/phases/hand-over/phase';
import { nextMoveOf } from '@/core/phases/phase';
import { sheetGates } from '@/core/phases/standing';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { CheckList } from '../fit/CheckList';
import { GateList } from '../GateList';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { PhasePictures } from '../PhasePictures';
import { signPhase, usePress } from '../use-press';
import { AfterRun } from './AfterRun';
import { AirBalance } from './AirBalance';
import { AmendSheet } from './AmendSheet';
import { ClampPanel } from './ClampPanel';
import { Closing } from './Closing';
import { FurnaceSheet } from './FurnaceSheet';
import { GasPipe } from './GasPipe';
import { Papers } from './Papers';
import { ReportSheet } from './ReportSheet';
import { Signatures } from './Signatures';
import { useReport } from './use-report';
import { useTakeOver } from './use-take-over';
import { useVisitForm, Visits } from './Visits';

export default function HandOverPage(view: JobView) {
  const { sheet, me } = view;
  const reported = sheet.circuits.some((c) => c.equipped) || sheet.circuits.every((c) => !c.cooled);
  const { report, mutate } = useReport(view, reported);
  const [open, setOpen] = useState<'amendment' | 'furnace'>();
  const visits = useVisitForm(view);
  const taking = useTakeOver(view, report, mutate);
  const gates = sheetGates(sheet, 'hand-over');
  const signed = sheet.signOffs.some((s) => s.phase === 'hand-over');
  const proven = furnaceFindings(sheet);
  const move = nextMoveOf(handOver, sheet, { maySign: may(me.role, 'sign-work') });
  const { press, busy, problem } = usePress(view, 'hand-over', {
    type: () => setOpen('furnace'),
    write: ({ entry }) => visits.write(entry),
    sign: async () => {
      await signPhase(view, 'hand-over');
      await mutate();
    },
  });

  return (
    <JobFrame
      sheet={sheet}
      active="hand-over"
      marked={markedOn(sheet, 'hand-over')}
      side={
        <div className="grid gap-5 p-4 lg:p-5">
          <GateList gates={gates} phase="hand-over" view={view} />
          <GasPipe view={view} signed={signed} />
          {proven ? <CheckList checks={proven} /> : null}
          {isEquipped(sheet) ? <AfterRun view={view} sheet={sheet} signed={signed} /> : null}
          <ClampPanel view={view} signed={signed} />
          <AirBalance view={view} signed={signed} />
          <Visits view={view} write={visits.write} />
          <Closing view={view}>{taking.section}</Closing>
          <PhasePictures view={view} phase="hand-over" />
          <Signatures sheet={sheet} me={me} />
          <Papers sheet={sheet} reported={reported} me={me} />
          {sheet.signOffs.length ? (
            <Button onClick={() => setOpen('amendment')}>{t('web.add-amendment')}</Button>
          ) : null}
        </div>
      }
      next={
        <NextMove move={move} busy={busy} press={press}>
          {move.button?.action.kind === 'sign' ? taking.button : null}
        </NextMove>
      }
    >
      <div className="px-4 py-3.5 lg:px-7">
        <Trouble problem={problem} />
        {report ? (
          <ReportSheet report={report} />
        ) : (
          <>
            <h1 className="text-[23px]">{say(PHASE_WORDS['hand-over'])}</h1>
            <p className="mt-2 text-ink2">
              {t(reported ? 'web.writing-report' : 'web.report-is-written-once-new-equipment')}
            </p>
          </>
        )}
      </div>
      {open === 'furnace' ? <FurnaceSheet view={view} onClose={() => setOpen(undefined)} /> : null}
      {visits.form}
      {taking.sheet}
      {open === 'amendment' ? (
        <AmendSheet
          view={view}
          onClose={() => {
            setOpen(undefined);
            void mutate();
          }}
        />
      ) : null}
    </JobFrame>
  );
}
