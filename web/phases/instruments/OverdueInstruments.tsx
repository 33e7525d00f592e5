import useSWR from 'swr';
import { datesOn, type Instrument } from '@/core/instrument/register';
import { day, list, type Said } from '@/core/words/said';
import { todayAt } from '@/web/api/clock';
import { get } from '@/web/api/http';
import { useMe } from '@/web/api/use-me';
import { Notice } from '@/web/kit/Notice';
import { readerNow } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

/** Instruments in this reader's hands whose calibration has run out: what is read with them is marked on the report. */
export function OverdueInstruments() {
  const { me } = useMe();
  const { data } = useSWR<{ instruments: Instrument[] }>('/register', get);
  const today = todayAt(readerNow().timeZone);
  const over = (data?.instruments ?? []).flatMap((i): Said[] =>
    me && i.keptBy === me.id && !i.retired && i.calibratedTo && datesOn(i, today).calibration === 'overdue'
      ? [tell('web.instrument-since', { name: i.name, day: day(i.calibratedTo) })]
      : [],
  );
  return over.length ? (
    <Notice kind="look-again">{t('web.calibration-overdue-of', { instruments: list(over) })}</Notice>
  ) : null;
}
