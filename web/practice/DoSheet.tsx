import { useState } from 'react';
import { ACTS, type ActId, actOf, HOSES_MIN } from '@/core/practice/acts';
import { ACT_WORDS } from '@/core/practice/labels';
import type { Move } from '@/core/practice/moves';
import { q } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { NumberCell } from '@/web/kit/NumberCell';
import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type What = 'add' | 'recover' | ActId;
type Props = {
  acts: readonly ActId[];
  oz: { least: number; most: number };
  onDo: (move: Move) => void;
  onClose: () => void;
};

/** What can be done to the system; nothing is done before it is chosen and confirmed. */
export function DoSheet({ acts, oz: allowed, onDo, onClose }: Props) {
  const [what, setWhat] = useState<What>();
  const [oz, setOz] = useState<number | null>(null);
  const charging = what === 'add' || what === 'recover';
  const minutes = (id: ActId): string => say(q(ACTS[id].minutes, 'min', 0));
  const ready = what !== undefined && (!charging || oz !== null);
  const go = (): void => {
    if (what === undefined) return;
    if (what !== 'add' && what !== 'recover') onDo({ kind: 'act', id: what });
    else if (oz !== null) onDo({ kind: 'charge', way: what, oz });
  };
  return (
    <Sheet open onClose={onClose} title={t('web.do-something-to-it')}>
      <div className="mt-3 grid gap-4" data-testid="do-sheet">
        <Choice<What | ''>
          label={t('web.what-is-done')}
          value={what ?? ''}
          stacked
          options={[
            { value: 'add', label: t('web.add-charge-by-the-scale', { minutes: q(HOSES_MIN, 'min', 0) }) },
            { value: 'recover', label: t('web.recover-charge', { minutes: q(HOSES_MIN, 'min', 0) }) },
            ...acts.map((id) => ({ value: id, label: `${say(ACT_WORDS[id])} · ${minutes(id)}` })),
          ]}
          onChange={(v) => v !== '' && setWhat(v)}
        />
        {charging ? (
          <NumberCell
            label={t('web.how-much')}
            unit="oz"
            value={oz}
            nullable
            onCommit={(v) => {
              if (v !== null && (v < allowed.least || v > allowed.most))
                return t('web.reading-from-to', { least: allowed.least, most: allowed.most, unit: 'oz' });
              setOz(v);
              return undefined;
            }}
          />
        ) : null}
        {what && !charging && actOf(what).opens ? (
          <p className="text-[14px] text-ink2">{t('web.it-is-opened-and-weighed-in-anew')}</p>
        ) : null}
        <Button tone="primary" disabled={!ready} onClick={go}>
          {t('web.do-it')}
        </Button>
      </div>
    </Sheet>
  );
}
