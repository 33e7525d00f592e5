import { useNavigate } from 'react-router';
import type { Phase } from '@/core/job/phases';
import { PHASE_WORDS } from '@/core/job/phases';
import type { JobSheet } from '@/core/job/sheet';
import { keepsOutdoor } from '@/core/phases/survey/view';
import { Button } from '@/web/kit/Button';
import { JobFrame } from '@/web/shell/JobFrame';
import { NextMoveBar } from '@/web/shell/NextMoveBar';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** A phase that works on the new equipment, before anyone knows which that is. */
export function NoEquipment({ sheet, active }: { sheet: JobSheet; active: Phase }) {
  const navigate = useNavigate();
  const kept = keepsOutdoor(sheet);
  return (
    <JobFrame
      sheet={sheet}
      active={active}
      next={
        <NextMoveBar
          kind="not-proven"
          say={t(kept ? 'web.read-plate-of-unit-that-stays' : 'web.choose-new-equipment-first')}
          because={t(kept ? 'web.it-is-charged-by-its-plate' : 'web.sign-scope-and-its-plate-comes')}
        >
          <Button tone={kept ? 'primary' : 'plain'} onClick={() => navigate('../equipment', { relative: 'path' })}>
            {t('web.type-it')}
          </Button>
          {kept ? null : (
            <Button tone="primary" onClick={() => navigate('../scope', { relative: 'path' })}>
              {t('web.go-to-scope')}
            </Button>
          )}
        </NextMoveBar>
      }
    >
      <div className="px-4 py-6 lg:px-7">
        <h1 className="text-[23px]">{say(PHASE_WORDS[active])}</h1>
        <p className="mt-2 max-w-[46ch] text-ink2">{t('web.refrigerant-factory-charge-metering-and-targets')}</p>
      </div>
    </JobFrame>
  );
}
