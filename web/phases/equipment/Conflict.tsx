import type { Said } from '@/core/words/said';
import { ConflictTable } from '@/web/kit/ConflictTable';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { type PlateText, textOf } from './plate-form';
import { PLATE_LABELS } from './plate-labels';
import type { Stored } from './stored-plate';

const YES_NO: Record<string, Said> = { yes: tell('web.yes'), no: tell('web.no') };
const shown = (text: string): string => say(YES_NO[text]) || text || '–';

type Props = { stored: Stored; mine: PlateText; onMine: () => void; onTheirs: () => void };

/** Two people changed the same equipment. */
export function Conflict({ stored, mine, onMine, onTheirs }: Props) {
  const theirs = textOf(stored.plate);
  const differ = (Object.keys(theirs) as (keyof PlateText)[])
    .filter((k) => theirs[k] !== mine[k])
    .map((k) => ({ label: say(PLATE_LABELS[k]), mine: shown(mine[k]), stored: shown(theirs[k]) }));
  return <ConflictTable differ={differ} onMine={onMine} onTheirs={onTheirs} />;
}
