import { SPEEDS } from '@/contract/requests';
import { Choice } from '@/web/kit/Choice';
import { t } from '@/web/words/tell';

/** How fast the time of simulated instruments goes. */
export function SpeedChoice({ speed, send }: { speed: number; send: (command: object) => unknown }) {
  return (
    <Choice
      label={t('web.speed-times-real-time')}
      value={speed}
      options={SPEEDS.map((s) => ({ value: s as number, label: `${s}×` }))}
      onChange={(chosen) => void send({ kind: 'speed', speed: chosen })}
    />
  );
}
