import { ENTRIES } from '@/core/phases/log/entries';
import { supplyPlaceOf } from '@/core/phases/start-up/supply-place';
import { SUPPLY_PLACES } from '@/core/startup/supply-place';
import { Choice } from '@/web/kit/Choice';
import { useAct } from '@/web/kit/use-act';
import type { EquippedView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';

/** Where the supply air is read: from the tap on every reading of it carries the place. */
export function SupplyPlace({ view }: { view: EquippedView }) {
  const write = useEntries(view);
  const { act, problem } = useAct();
  const place = supplyPlaceOf(view.sheet);
  return (
    <div className="mt-4 max-w-[60ch]" data-testid="supply-place">
      <Choice
        label={say(ENTRIES['supply-place'].title)}
        value={place ?? ''}
        options={SUPPLY_PLACES.map((p) => ({
          value: p as string,
          label: say(ENTRIES['supply-place'].line({ place: p })),
        }))}
        onChange={(p) => void act(async () => void (p !== place && (await write('supply-place', { place: p }))))}
      />
      {place === 'register' ? (
        <p className="mt-1 text-[14px] text-ink2">{say(tell('web.the-nearest-register-reads-low'))}</p>
      ) : null}
      {problem ? <p className="text-[13px] text-oxide">{problem.message}</p> : null}
    </div>
  );
}
