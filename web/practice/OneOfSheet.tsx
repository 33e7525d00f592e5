import { useState } from 'react';
import type { Said } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props<T extends string> = {
  title: string;
  note: string;
  names: readonly T[];
  words: (name: T) => Said;
  onChoose: (name: T) => void;
  onClose: () => void;
};

/** One of several, chosen and then said: it counts once. */
export function OneOfSheet<T extends string>({ title, note, names, words, onChoose, onClose }: Props<T>) {
  const [chosen, setChosen] = useState<T | ''>('');
  return (
    <Sheet open onClose={onClose} title={title}>
      <div className="mt-1 grid gap-3" data-testid="one-of-sheet">
        <p className="text-[14px] text-ink2">{note}</p>
        <Choice<T | ''>
          label={title}
          stacked
          value={chosen}
          options={names.map((n) => ({ value: n, label: say(words(n)) }))}
          onChange={setChosen}
        />
        <Button tone="primary" disabled={chosen === ''} onClick={() => chosen !== '' && onChoose(chosen)}>
          {t('web.that-is-it')}
        </Button>
      </div>
    </Sheet>
  );
}
