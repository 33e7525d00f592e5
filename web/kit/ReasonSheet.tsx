import { type ReactNode, useId, useState } from 'react';
import { t } from '@/web/words/tell';
import { Button } from './Button';
import { Trouble } from './Notice';
import { Sheet } from './Sheet';
import { useAct } from './use-act';

type Props = {
  title: string;
  /** What is about to happen, and what the words are kept for. */
  children?: ReactNode;
  label: string;
  least: number;
  send: string;
  tone?: 'primary' | 'stop';
  rows?: number;
  onSend: (words: string) => Promise<unknown>;
  onClose: () => void;
};

/** Asks for words that are kept with what is done: why something is waived, declined, overridden or amended. */
export function ReasonSheet({
  title,
  children,
  label,
  least,
  send,
  tone = 'primary',
  rows = 3,
  onSend,
  onClose,
}: Props) {
  const id = useId();
  const [words, setWords] = useState('');
  const { busy, problem, act } = useAct();
  return (
    <Sheet open onClose={onClose} title={title} unsaved={words.trim() !== '' && !busy} onDiscard={() => setWords('')}>
      <div className="mt-2">{children}</div>
      <label className="mt-3 block text-[13px] font-[600]" htmlFor={id}>
        {label}
      </label>
      <textarea
        id={id}
        rows={rows}
        value={words}
        onChange={(e) => setWords(e.target.value)}
        className="mt-0.5 w-full border-[1.5px] border-rule bg-sheet p-2.5 text-[16px] outline-none focus:border-ink"
      />
      <p className="text-[12.5px] text-ink2">{t('web.at-least-characters', { least })}</p>
      <div className="mt-3 grid gap-3">
        <Trouble problem={problem} />
        <Button
          tone={tone}
          disabled={busy || words.trim().length < least}
          onClick={async () => {
            if (await act(() => onSend(words.trim()))) onClose();
          }}
        >
          {send}
        </Button>
      </div>
    </Sheet>
  );
}
