import { useNow } from '@/web/api/use-now';
import { t } from '@/web/words/tell';

const MS_PER_S = 1000;
const S_PER_MIN = 60;

/** A wait that runs by the clock: how long it has lasted, of how long. */
export function WaitClock({ since, forMin }: { since: string; forMin: number }) {
  const now = useNow();
  const goneS = Math.max(0, Math.floor((now - Date.parse(since)) / MS_PER_S));
  const over = goneS >= forMin * S_PER_MIN;
  return (
    <span
      data-testid="wait-clock"
      className={`text-[21px] leading-none font-[660] whitespace-nowrap ${over ? 'text-pine' : ''}`}
    >
      {Math.floor(goneS / S_PER_MIN)}:{String(goneS % S_PER_MIN).padStart(2, '0')}
      <small className="block text-[12.5px] font-[450] text-ink2">
        {over ? t('web.min-are-over', { forMin }) : t('web.of-min', { forMin })}
      </small>
    </span>
  );
}
