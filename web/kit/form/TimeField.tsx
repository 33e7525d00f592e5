import { format, parseISO } from 'date-fns';
import { serverNow } from '@/web/api/clock';
import { Field } from '@/web/kit/Field';
import { t } from '@/web/words/tell';

type Props = { label: string; value: unknown; error: string | undefined; onValue: (iso: string) => void };

const DAY_MS = 86_400_000;
/** A clock time a little ahead of this device is its own drift; further ahead it was yesterday. */
const AHEAD_MS = 5 * 60_000;

/** The clock time of a reading; it stands at now until a person sets it back to when it was read. */
export function TimeField({ label, value, error, onValue }: Props) {
  const at = typeof value === 'string' ? parseISO(value) : undefined;
  return (
    <Field
      label={label}
      type="time"
      value={at ? format(at, 'HH:mm') : ''}
      hint={t('web.now-set-it-back-when-gauge')}
      error={error}
      onChange={(e) => {
        const [hours, minutes] = e.target.value.split(':').map(Number);
        if (hours === undefined || minutes === undefined || Number.isNaN(hours + minutes)) return;
        const day = new Date(serverNow());
        day.setHours(hours, minutes, 0, 0);
        const past = day.getTime() > serverNow() + AHEAD_MS ? new Date(day.getTime() - DAY_MS) : day;
        onValue(past.toISOString());
      }}
    />
  );
}
