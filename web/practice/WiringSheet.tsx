import { useState } from 'react';
import type { FaultCode } from '@/core/controls/fault-codes';
import { wiringWords } from '@/core/practice/labels';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Sheet } from '@/web/kit/Sheet';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Code = FaultCode | 'none';
type Props = {
  title: string;
  note: string;
  names: readonly Code[];
  onChoose: (code: Code) => void;
  onClose: () => void;
};

/** One fault of the wiring, chosen and then said. */
export function WiringSheet({ title, note, names, onChoose, onClose }: Props) {
  const [code, setCode] = useState<Code | ''>('');
  return (
    <Sheet open onClose={onClose} title={title}>
      <div className="mt-1 grid gap-3" data-testid="wiring-sheet">
        <p className="text-[14px] text-ink2">{note}</p>
        <Choice<Code | ''>
          label={title}
          stacked
          value={code}
          options={names.map((n) => ({ value: n, label: say(wiringWords(n)) }))}
          onChange={setCode}
        />
        <Button tone="primary" disabled={code === ''} onClick={() => code !== '' && onChoose(code)}>
          {say(tell('web.that-is-it'))}
        </Button>
      </div>
    </Sheet>
  );
}
