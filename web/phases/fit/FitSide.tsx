import type { Finding } from '@/core/finding/finding';
import { FIT_WORDS, type FitKind } from '@/core/fit/sheets';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from '../survey/PhotoButton';
import { CheckList } from './CheckList';
import { PatternPart } from './PatternPart';
import type { FitEdit } from './use-fit';

type Props = { view: JobView; kind: FitKind; edit: FitEdit; checks: readonly Finding[] };

/** What the sheet says, its pictures, and whether it is saved. */
export function FitSide({ view, kind, edit, checks }: Props) {
  const { sheet } = view;
  const subject = `fit:${kind}`;
  return (
    <div className="grid gap-5 p-4 lg:p-5">
      <CheckList checks={checks} />
      {kind === 'stack' && sheet.fits.stack ? (
        <PatternPart record={sheet.fits.stack.record} number={sheet.job.number} />
      ) : null}
      <section aria-label={say(tell('web.pictures'))}>
        <h2 className="text-[15px] font-[680]">{say(tell('web.pictures-of-it'))}</h2>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <Thumbs view={view} subject={subject} />
          <PhotoButton view={view} subject={subject} label={say(tell('web.picture', { fitWords: FIT_WORDS[kind] }))} />
        </div>
      </section>
      <p className="text-[12.5px] text-ink2">
        {say(
          tell('web.makers-instructions-and-local-code-come', {
            saving:
              edit.saving !== 'no'
                ? say(tell('web.saving'))
                : edit.stored
                  ? say(tell('web.saved-last-by', { by: sheet.fits[kind]?.by }))
                  : say(tell('web.nothing-saved-yet-first-figure-you')),
          }),
        )}
      </p>
    </div>
  );
}
