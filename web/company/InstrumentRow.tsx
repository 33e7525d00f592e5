import { datesOn, INSTRUMENT_KIND_WORDS, type Instrument } from '@/core/instrument/register';
import { day } from '@/core/words/said';
import { todayAt } from '@/web/api/clock';
import { Button } from '@/web/kit/Button';
import { Mark } from '@/web/kit/Mark';
import { readerNow, say } from '@/web/words/say';
import { t } from '@/web/words/tell';

type Props = {
  instrument: Instrument;
  mine: boolean;
  busy: boolean;
  onEdit: (() => void) | undefined;
  onTake: () => void;
};

/** One instrument in a line: whether its dates hold, and whether it is in this reader's hands. */
export function InstrumentRow({ instrument: i, mine, busy, onEdit, onTake }: Props) {
  const { calibration, zero } = datesOn(i, todayAt(readerNow().timeZone));
  const over = calibration === 'overdue' || zero === 'overdue';
  return (
    <li
      data-testid={`instrument-${i.name}`}
      className="grid grid-cols-[24px_minmax(0,1fr)] items-start gap-x-2 border-b border-rule py-2.5 md:grid-cols-[24px_minmax(0,1fr)_minmax(0,1fr)_220px] md:items-center"
    >
      <span className="pt-1 md:pt-0">
        <Mark kind={i.retired ? 'to-come' : over ? 'look-again' : calibration === 'current' ? 'good' : 'not-proven'} />
      </span>
      <span className="min-w-0">
        <b className={`block truncate text-[17px] font-[650] ${i.retired ? 'text-ink2 line-through' : ''}`}>{i.name}</b>
        <span className="block truncate text-[13.5px] text-ink2">
          {say(INSTRUMENT_KIND_WORDS[i.kind])}
          {i.serial ? ` · ${i.serial}` : ''}
        </span>
      </span>
      <span className="col-start-2 text-[13.5px] md:col-start-auto">
        <span className={`block ${calibration === 'overdue' ? 'font-[650] text-ochre' : ''}`}>
          {i.calibratedTo
            ? t(calibration === 'overdue' ? 'web.calibration-ran-out' : 'web.calibrated-until', {
                day: day(i.calibratedTo),
              })
            : t('web.calibration-not-on-file')}
        </span>
        <span className={`block ${zero === 'overdue' ? 'font-[650] text-ochre' : 'text-ink2'}`}>
          {i.zeroedOn ? t('web.zeroed-on-day', { day: day(i.zeroedOn) }) : t('web.not-zeroed')}
        </span>
      </span>
      <span className="col-start-2 mt-1 flex flex-wrap gap-2 md:col-start-auto md:mt-0">
        {i.retired ? null : (
          <Button disabled={busy} onClick={onTake}>
            {t(mine ? 'web.lay-it-down' : 'web.i-have-it')}
          </Button>
        )}
        {onEdit ? <Button onClick={onEdit}>{t('web.edit')}</Button> : null}
      </span>
    </li>
  );
}
