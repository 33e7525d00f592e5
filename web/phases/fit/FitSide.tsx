import { Link } from 'react-router';
import type { Finding } from '@/core/finding/finding';
import { FIT_WORDS, type FitKind } from '@/core/fit/sheets';
import { pagesOf } from '@/web/api/circuit-path';
import { Part } from '@/web/kit/Part';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from '../survey/PhotoButton';
import { CheckList } from './CheckList';
import type { FitEdit } from './use-fit';

/** Sheets whose figures a part of sheet metal is drawn from. */
const MADE_OF_METAL: readonly FitKind[] = ['stack', 'packaged', 'curb', 'air'];

type Props = { view: JobView; kind: FitKind; edit: FitEdit; checks: readonly Finding[] };

/** What the sheet says, its pictures, and whether it is saved. */
export function FitSide({ view, kind, edit, checks }: Props) {
  const { sheet } = view;
  const subject = `fit:${kind}`;
  return (
    <div className="grid gap-5 p-4 lg:p-5">
      <CheckList checks={checks} />
      {MADE_OF_METAL.includes(kind) ? (
        <Link
          to={`${pagesOf(sheet)}/metal`}
          className="touch inline-flex w-fit items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
        >
          {t('web.to-the-sheet-metal')}
        </Link>
      ) : null}
      <Part name={t('web.pictures')} title={t('web.pictures-of-it')}>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <Thumbs view={view} subject={subject} />
          <PhotoButton view={view} subject={subject} label={t('web.picture', { fitWords: FIT_WORDS[kind] })} />
        </div>
      </Part>
      <p className="text-[12.5px] text-ink2">
        {t('web.makers-instructions-and-local-code-come', {
          saving:
            edit.saving !== 'no'
              ? t('web.saving')
              : edit.stored
                ? t('web.saved-last-by', { by: sheet.fits[kind]?.by })
                : t('web.nothing-saved-yet-first-figure-you'),
        })}
      </p>
    </div>
  );
}
