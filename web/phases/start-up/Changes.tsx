import { changesOf } from '@/core/phases/start-up/changes';
import { figureChange } from '@/core/phases/start-up/changes-report';
import { clock } from '@/core/words/said';
import { Part } from '@/web/kit/Part';
import type { EquippedView } from '@/web/phases/job-context';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** What was changed on the running system and what it did, newest first. */
export function Changes({ view }: { view: EquippedView }) {
  const changes = changesOf(view.sheet).reverse();
  if (changes.length === 0) return null;
  return (
    <Part name={t('web.changes')} data-testid="changes">
      <ul className="mt-1">
        {changes.map((c) => (
          <li key={c.id} className="border-b border-rule2 py-1.5 leading-snug">
            <b className="font-[620]">{say(c.what)}</b>{' '}
            <span className="text-[13px] text-ink2">
              {say(clock(c.at))}, {c.by}
            </span>
            <ul className="text-[14.5px]">
              {c.figures.map((f) => (
                <li key={say(f.label)}>{say(figureChange(f))}</li>
              ))}
            </ul>
            {c.figures.length ? null : (
              <span className="block text-[14px] text-ink2">{t('web.nothing-read-on-either-side')}</span>
            )}
          </li>
        ))}
      </ul>
    </Part>
  );
}
