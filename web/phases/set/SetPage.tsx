import { useState } from 'react';
import { acceptable } from '@/core/job/acceptance';
import { type CheckRow, nextOpen } from '@/core/phases/checks/row';
import { GROUP_WORDS, SET_GROUPS } from '@/core/phases/set/asks';
import { set } from '@/core/phases/set/phase';
import { setView } from '@/core/phases/set/view';
import { Notice } from '@/web/kit/Notice';
import { t } from '@/web/words/tell';
import { AgainstAdvice } from '../AgainstAdvice';
import { CheckGroups } from '../checks/CheckGroups';
import { CircuitFrame } from '../circuit/CircuitFrame';
import type { JobView } from '../job-context';
import { JointDrawing } from './JointDrawing';

/** The new equipment in its place: every check as it was built, the poured water, the ducts. */
export default function SetPage(view: JobView) {
  const { sheet } = view;
  const [open, setOpen] = useState<CheckRow>();
  const { rows, answered, water, leakage, open: notGood } = setView(sheet);
  const stack = sheet.fits.stack?.record;
  const signed = sheet.signOffs.some((s) => s.phase === 'set');
  return (
    <CircuitFrame
      view={view}
      phase={set}
      about={t('web.answered-of', { answered, count: rows.length })}
      checks={[...(water ? [water] : []), ...(leakage ? [leakage] : [])]}
      forms={{ 'set-check': () => setOpen(nextOpen(rows)) }}
      logged={['water-test', 'duct-leakage']}
      beside={<AgainstAdvice view={view} of="set" acceptable={signed ? [] : acceptable(notGood)} />}
    >
      <CheckGroups
        view={view}
        kind="set-check"
        signed={signed}
        open={open}
        onOpen={setOpen}
        groups={SET_GROUPS.map((id) => ({
          id,
          title: GROUP_WORDS[id],
          rows: rows.filter((r) => r.ask.group === id),
        }))}
        head={{
          roof: signed ? null : (
            <div className="mt-2">
              <Notice kind="look-again">{t('web.roof-edge-and-hoisting')}</Notice>
            </div>
          ),
          ducts:
            stack && rows.some((r) => r.check.id === 'joint-plenum') ? (
              <JointDrawing stack={stack} rows={rows} onTap={(id) => setOpen(rows.find((r) => r.check.id === id))} />
            ) : null,
        }}
      />
    </CircuitFrame>
  );
}
