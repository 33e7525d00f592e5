import { QUANTITIES, QUANTITY_NAMES, type Quantity, type Readings } from '@/core/startup/quantities';
import { shown } from '@/core/units/format';
import { Field } from '@/web/kit/Field';
import type { Typed } from './use-typed';

type Props = { readings: Readings; typed: Typed; streaming: boolean; suspects: ReadonlySet<string>; staleForS: number };

/** Every reading with where it comes from, and a place to type it instead. */
export function ReadingsTable({ readings, typed, streaming, suspects, staleForS }: Props) {
  const names = QUANTITY_NAMES.filter(
    (n) => QUANTITIES[n].required || (n === 'runMinutes' && !streaming) || n === 'dischargeLineF',
  );
  return (
    <div className="px-4 pb-6 lg:px-5">
      <p className="mt-3 mb-3 text-[14px] text-ink2">
        {streaming
          ? 'Instruments stream. A typed value replaces its instrument until you clear it.'
          : 'No instruments. Type each reading; two rounds 5 min apart that agree count as steady.'}
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
    </div>
  );
}

function Entry({
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
      ? 'instrument lost: type the reading'
      : streamed.trouble === 'stuck'
        ? 'has not moved for a minute: type the reading'
        : streamed.trouble === 'stale'
          ? `stale for ${staleForS} s`
          : `${streamed.source}, ${spec.location}`
    : text && !trouble
      ? 'typed'
      : spec.location;
  return (
    <Field
      label={spec.label}
      unit={spec.unit}
      name={name}
      inputMode="decimal"
      value={text}
      placeholder={
        streamed && !streamed.trouble
          ? shown(streamed.value, spec.unit)
          : streamed?.trouble === 'stale'
            ? `${shown(streamed.value, spec.unit)} (old)`
            : '–'
      }
      onChange={(e) => typed.set(name, e.target.value)}
      error={trouble?.message}
      allowed={trouble?.allowed}
      warning={suspect ? 'Suspect: see the findings.' : streamed?.trouble ? hint : undefined}
      hint={hint}
    />
  );
}
