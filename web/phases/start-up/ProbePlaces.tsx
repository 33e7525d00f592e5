import { ENTRIES } from '@/core/phases/log/entries';
import { placesOf } from '@/core/phases/start-up/probe-place';
import { CLAMP_WAYS, SUPPLY_PLACES } from '@/core/startup/probe-place';
import { Choice } from '@/web/kit/Choice';
import { useAct } from '@/web/kit/use-act';
import type { EquippedView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';

/** Where the air and the lines are read: from the tap on every reading of them carries its place. */
export function ProbePlaces({ view }: { view: EquippedView }) {
  const write = useEntries(view);
  const { act, problem } = useAct();
  const { supply, clamps } = placesOf(view.sheet);
  return (
    <div className="mt-4 grid max-w-[64ch] gap-3" data-testid="probe-places">
      <Choice
        label={say(ENTRIES['supply-place'].title)}
        value={(supply ?? '') as string}
        options={SUPPLY_PLACES.map((p) => ({ value: p, label: say(ENTRIES['supply-place'].line({ place: p })) }))}
        onChange={(p) => void act(async () => void (p !== supply && (await write('supply-place', { place: p }))))}
      />
      {supply === 'register' ? (
        <p className="text-[14px] text-ink2">{t('web.the-nearest-register-reads-low')}</p>
      ) : null}
      <Choice
        label={say(ENTRIES.clamps.title)}
        value={(clamps ?? '') as string}
        options={CLAMP_WAYS.map((how) => ({ value: how, label: say(ENTRIES.clamps.line({ how })) }))}
        onChange={(how) => void act(async () => void (how !== clamps && (await write('clamps', { how }))))}
      />
      {clamps === 'one moved' ? <p className="text-[14px] text-ink2">{t('web.let-a-moved-clamp-settle')}</p> : null}
      {problem ? <p className="text-[13px] text-oxide">{problem.message}</p> : null}
    </div>
  );
}
