import type { ReactNode } from 'react';
import { QUANTITIES, QUANTITY_NAMES, type Quantity, type Readings } from '@/core/startup/quantities';
import { shown } from '@/core/units/format';
import { list, value } from '@/core/words/said';
import { Field } from '@/web/kit/Field';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { Typed } from './use-typed';

type Props = {
  readings: Readings;
  typed: Typed;
  streaming: boolean;
  inverter: boolean;
  suspects: ReadonlySet<string>;
  staleForS: number;
  /** Where a reading was taken, to choose. */
  place: ReactNode;
};

/** Every reading with where it comes from, and a place to type it instead. */
export function ReadingsTable({ readings, typed, streaming, inverter, suspects, staleForS, place }: Props) {
  const names = QUANTITY_NAMES.filter(
    (n) =>
      QUANTITIES[n].required ||
      (n === 'runMinutes' && !streaming) ||
      (n === 'compressorSpeed' && inverter) ||
      n === 'dischargeLineF',
  );
  return (
    <div className="px-4 pb-6 lg:px-5">
      <p className="mt-3 mb-3 text-[14px] text-ink2">
        {streaming
          ? t('web.instruments-stream-typed-value-replaces-its')
          : t('web.no-instruments-type-each-reading-two')}
      </p>
      <div className="grid gap-x-5 gap-y-1.5 sm:grid-cols-2 xl:grid-cols-3">
        {names.map((name) => (
          <Entry
            key={name}
            name={name}
            reading={readings[name]}
            typed={typed}
            suspect={suspects.has(name)}
            staleForS={staleForS}
          />
        ))}
      </div>
      {place}
    </div>
  );
}

/** One reading: where it comes from, and its box to type it in. */
export function Entry({
  name,
  reading,
  typed,
  suspect,
  staleForS,
}: {
  name: Quantity;
  reading: Readings[Quantity];
  typed: Typed;
  suspect: boolean;
  staleForS: number;
}) {
  const spec = QUANTITIES[name];
  const text = typed.texts[name] ?? '';
  const trouble = typed.troubles[name];
  const streamed = reading && reading.source !== 'typed' ? reading : undefined;
  const hint = streamed
    ? streamed.trouble === 'lost'
      ? t('web.instrument-lost-type-reading')
      : streamed.trouble === 'stuck'
        ? t('web.has-not-moved-for-minute-type')
        : streamed.trouble === 'stale'
          ? t('web.stale-for-s', { staleForS })
          : say(list([value(streamed.source), spec.location]))
    : text && !trouble
      ? say(value('typed'))
      : say(spec.location);
  return (
    <Field
      label={say(spec.label)}
      unit={spec.unit}
      name={name}
      inputMode="decimal"
      value={text}
      placeholder={
        streamed && !streamed.trouble
          ? shown(streamed.value, spec.unit)
          : streamed?.trouble === 'stale'
            ? t('web.value-is-old', { value: shown(streamed.value, spec.unit) })
            : '–'
      }
      onChange={(e) => typed.set(name, e.target.value)}
      error={trouble?.message}
      allowed={trouble?.allowed}
      warning={suspect ? t('web.suspect-see-findings') : streamed?.trouble ? hint : undefined}
      hint={say(hint)}
    />
  );
}
