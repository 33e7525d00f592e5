import { useState } from 'react';
import { partStarts } from '@/core/fit/part-starts';
import type { Answers } from '@/core/form/field';
import type { EntryKind } from '@/core/phases/log/entries';
import { metalParts } from '@/core/phases/plan/metal';
import { metalMove } from '@/core/phases/plan/metal-move';
import { value } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Part } from '@/web/kit/Part';
import { JobFrame } from '@/web/shell/JobFrame';
import { t } from '@/web/words/tell';
import { EntryLog } from '../circuit/EntryLog';
import { EntrySheet } from '../circuit/EntrySheet';
import type { JobView } from '../job-context';
import { NextMove } from '../NextMove';
import { usePress } from '../use-press';
import { NestPart } from './NestPart';
import { PartDrawing } from './PartDrawing';

/** The shop: every sheet-metal part of this system, flat and folded, its drawing asked and answered. */
export default function MetalPage(view: JobView) {
  const { sheet } = view;
  const [form, setForm] = useState<{ kind: EntryKind; preset: Answers }>();
  const parts = metalParts(sheet);
  const [chosen, setChosen] = useState<string>();
  const shown = parts.find((p) => p.part.id === chosen) ?? parts.at(-1);
  const starts = partStarts(sheet.fits);
  const { press, busy } = usePress(view, 'plan', {
    write: ({ entry, preset }) => setForm({ kind: entry, preset: preset ?? {} }),
  });
  return (
    <JobFrame
      sheet={sheet}
      active="fit"
      side={
        <div className="grid gap-5 p-4 lg:p-5">
          <Part name={t('web.new-part')}>
            <div className="mt-1 grid justify-items-start gap-2">
              {starts.map((s) => (
                <Button
                  key={`${s.part}${s.of}`}
                  onClick={() => setForm({ kind: 'metal-part', preset: { part: s.part, ...s.figures } })}
                >
                  {t('web.part-from-the-fit', { part: value(s.part), of: value(s.of) })}
                </Button>
              ))}
              <Button tone="quiet" onClick={() => setForm({ kind: 'metal-part', preset: {} })}>
                {t('web.part-typed')}
              </Button>
            </div>
          </Part>
          <NestPart parts={parts} />
          <EntryLog view={view} phase="plan" ofSystem kinds={['metal-part', 'shop-drawing']} />
        </div>
      }
      next={<NextMove move={metalMove(parts)} busy={busy} press={press} />}
    >
      <div className="px-4 py-3.5 lg:px-7">
        <h1 className="text-[23px]">{t('web.sheet-metal')}</h1>
        {parts.length === 0 ? <p className="mt-2 max-w-[48ch] text-ink2">{t('web.no-parts-yet')}</p> : null}
        {parts.length > 1 ? (
          <div className="mt-2 flex flex-wrap gap-2" role="tablist" aria-label={t('web.parts')}>
            {parts.map((p) => (
              <button
                key={p.part.id}
                type="button"
                role="tab"
                aria-selected={p === shown}
                onClick={() => setChosen(p.part.id)}
                className="touch cursor-pointer border-[1.5px] border-rule px-3 aria-selected:border-ink aria-selected:bg-sheet aria-selected:font-[650] aria-selected:shadow-[inset_0_-4px_0_var(--copper)]"
              >
                {p.part.body.name}
              </button>
            ))}
          </div>
        ) : null}
        {shown ? <PartDrawing key={shown.part.id} view={view} of={shown} /> : null}
      </div>
      {form ? (
        <EntrySheet
          key={form.kind}
          view={view}
          kind={form.kind}
          preset={form.preset}
          onClose={() => setForm(undefined)}
        />
      ) : null}
    </JobFrame>
  );
}
