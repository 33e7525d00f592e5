import { latestOf } from '@/core/phases/log/circuit-log';
import { starterFor } from '@/core/phases/wire/starter';
import { q } from '@/core/words/said';
import { useLibrary } from '@/web/api/use-library';
import { Button } from '@/web/kit/Button';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';

type Props = { view: JobView; onTake: (preset: { model: string; maxRlaA: number; maxLraA: number }) => void };

/** The smallest soft starter of the company's library that carries this compressor, until one is written down. */
export function StarterChoice({ view, onTake }: Props) {
  const { library } = useLibrary();
  const chosen = library && starterFor(view.sheet, library.items);
  if (latestOf(view.sheet.systemLog, 'soft-starter') || !library) return null;
  if (!chosen) return <p className="mt-1 text-[14px] text-ink2">{t('web.no-starter-of-the-library')}</p>;
  const { maker, model, rlaA, lraA } = chosen;
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-3">
      <span>
        {t('web.smallest-that-carries-it', {
          model: `${maker} ${model}`,
          rlaA: q(rlaA, 'A', 0),
          lraA: q(lraA, 'A', 0),
        })}
      </span>
      <Button onClick={() => onTake({ model: `${maker} ${model}`, maxRlaA: rlaA!, maxLraA: lraA! })}>
        {t('web.take-it')}
      </Button>
    </div>
  );
}
