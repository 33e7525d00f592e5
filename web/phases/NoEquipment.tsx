import { useNavigate } from 'react-router';
import type { BuiltPhase } from '@/core/job/phases';
import { PHASE_WORDS } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { Button } from '@/web/kit/Button';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';

/** A phase that works on the new equipment, before anyone knows which that is. */
export function NoEquipment({ sheet, active }: { sheet: JobSheet; active: BuiltPhase }) {
  const navigate = useNavigate();
  return (
    <JobFrame
      sheet={sheet}
      active={active}
      next={
        <NextMoveBar
          kind="not-proven"
          say="Choose the new equipment first."
          because="Sign the scope, and its plate comes with it; or type it under Equipment."
        >
          <Button onClick={() => navigate('../equipment', { relative: 'path' })}>Type it</Button>
          <Button tone="primary" onClick={() => navigate('../scope', { relative: 'path' })}>
            Go to scope
          </Button>
        </NextMoveBar>
      }
    >
      <div className="px-4 py-6 lg:px-7">
        <h1 className="text-[23px]">{PHASE_WORDS[active]}</h1>
        <p className="mt-2 max-w-[46ch] text-ink2">
          Refrigerant, factory charge, metering and targets come from the new unit’s plate. This job has none yet.
        </p>
      </div>
    </JobFrame>
  );
}
