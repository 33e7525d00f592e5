import useSWR from 'swr';
import { get } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { t } from '@/web/words/tell';

type Known = { known: { elevationFt: number; address: string; town: string } | null };

/** What stands for another house of the same town, with where it is from; a person takes it or types another. */
export function KnownElevation({ town, onTake }: { town: string; onTake: (elevationFt: number) => void }) {
  const { data } = useSWR<Known>(
    town.trim().length > 2 ? `/elevation?town=${encodeURIComponent(town.trim())}` : null,
    get,
  );
  const known = data?.known;
  if (!known) return null;
  return (
    <p className="-mt-1 mb-1.5 flex items-center gap-1 text-[13px] text-ink2">
      {t('web.elevation-as-at', { elevationFt: known.elevationFt, address: known.address })}
      <Button tone="quiet" onClick={() => onTake(known.elevationFt)}>
        {t('web.take-it')}
      </Button>
    </p>
  );
}
