import type { Said } from '@/core/words/said';
import { Button } from '@/web/kit/Button';
import { Notice } from '@/web/kit/Notice';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { type PlateText, textOf } from './plate-form';
import { PLATE_LABELS } from './plate-labels';
import type { Stored } from './stored-plate';

const YES_NO: Record<string, Said> = { yes: tell('web.yes'), no: tell('web.no') };
const shown = (text: string): string => say(YES_NO[text]) || text || '–';

/** Two people changed the same equipment: both values side by side, and a choice. */
export function Conflict({
  stored,
  mine,
  onMine,
  onTheirs,
}: {
  stored: Stored;
  mine: PlateText;
  onMine: () => void;
  onTheirs: () => void;
}) {
  const theirs = textOf(stored.plate);
  const differ = (Object.keys(theirs) as (keyof PlateText)[]).filter((k) => theirs[k] !== mine[k]);
  return (
    <div role="alert" className="grid gap-3">
      <Notice kind="look-again">
        <b>{say(tell('web.someone-changed-this-after-you-read'))}</b>
        <table className="mt-2">
          <thead>
            <tr className="text-left text-[12.5px] text-ink2">
              <th className="pr-6 font-[550]">{say(tell('web.field'))}</th>
              <th className="pr-6 font-[550]">{say(tell('web.yours'))}</th>
              <th className="font-[550]">{say(tell('web.stored-now'))}</th>
            </tr>
          </thead>
          <tbody>
            {differ.map((k) => (
              <tr key={k}>
                <td className="pr-6">{say(PLATE_LABELS[k])}</td>
                <td className="pr-6 font-[640]">{shown(mine[k])}</td>
                <td className="font-[640]">{shown(theirs[k])}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Notice>
      <div className="flex gap-3">
        <Button tone="primary" onClick={onMine}>
          {say(tell('web.save-mine-over-it'))}
        </Button>
        <Button onClick={onTheirs}>{say(tell('web.take-stored-one'))}</Button>
      </div>
    </div>
  );
}
