import type { UseFormReturn } from 'react-hook-form';
import { ACR_INSIDE_IN, odText } from '@/core/circuit/acr-tube';
import { UNIT_STATE_WORDS, UNIT_STATES } from '@/core/circuit/total-charge';
import type { Plate } from '@/core/equipment/plate';
import { plateWarnings } from '@/core/equipment/plate-checks';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { type PlateText, plateOf } from './plate-form';

const SIZES = [...ACR_INSIDE_IN.keys()].map((od) => ({ value: String(od), label: odText(od).replace(' in', '') }));
const yesNo = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
] as const;

/** The short equipment form: only what feeds the charge, a verdict or the record. */
export function PlateFields({ form }: { form: UseFormReturn<PlateText> }) {
  const values = form.watch();
  const { plate } = plateOf(values);
  const packaged = values.packaged === 'yes';
  const warnings = new Map((plate ? plateWarnings(plate) : []).map((w) => [w.field, w.say]));
  const field = (name: keyof Plate, label: string, unit?: string, hint?: string) => {
    const error = form.formState.errors[name];
    const [message, allowed] = (error?.message ?? '').split('\n');
    return (
      <Field
        label={label}
        unit={unit}
        hint={hint}
        inputMode={unit ? 'decimal' : 'text'}
        error={message || undefined}
        allowed={allowed}
        warning={warnings.get(name)}
        {...form.register(name)}
      />
    );
  };
  const choice = (
    name: keyof Plate,
    label: string,
    options: readonly { value: string; label: string }[],
    stacked = false,
  ) => (
    <Choice
      label={label}
      value={values[name]}
      options={options}
      stacked={stacked}
      onChange={(v) => form.setValue(name, v, { shouldDirty: true })}
    />
  );
  const group = 'grid gap-x-5 gap-y-1.5 sm:grid-cols-2 xl:grid-cols-3';
  return (
    <div className="grid gap-6">
      <fieldset>
        <legend className="mb-2 text-[17px] font-[680]">Outdoor unit, from its plate</legend>
        <div className={group}>
          {field('maker', 'Maker')}
          {field('model', 'Model')}
          {field('serial', 'Serial', undefined, 'optional')}
          {field('nominalTons', 'Nominal size', 'tons')}
          {field('compressorRlaA', 'Compressor RLA', 'A')}
          {field('outdoorFanFlaA', 'Outdoor fan FLA', 'A')}
        </div>
        <div className="mt-1 flex flex-wrap gap-x-6 gap-y-3">
          {choice(
            'plateVolts',
            'Plate voltage',
            ['208/230', '240', '208', '460'].map((v) => ({ value: v, label: v })),
          )}
          {choice('packaged', 'Built as', [
            { value: 'no', label: 'Split' },
            { value: 'yes', label: 'Packaged, sealed' },
          ])}
          {choice('heatPump', 'Heat pump', yesNo)}
          {choice('inverter', 'Inverter', yesNo)}
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-2 text-[17px] font-[680]">Refrigerant circuit</legend>
        <div className="mb-3 flex flex-wrap gap-x-6 gap-y-3">
          {choice(
            'refrigerant',
            'Refrigerant',
            REFRIGERANTS.map((r) => ({ value: r, label: r })),
          )}
          {choice('metering', 'Metering device', [
            { value: 'txv', label: 'TXV' },
            { value: 'eev', label: 'EEV' },
            { value: 'fixed-orifice', label: 'Fixed orifice' },
          ])}
        </div>
        <div className={group}>
          {field('factoryChargeOz', 'Factory charge', 'oz', '16 oz to the pound')}
          {packaged ? null : field('includedLineFt', 'Line length it includes', 'ft')}
          {field(
            'targetSubcoolingF',
            'Target subcooling',
            '°F',
            values.metering === 'fixed-orifice' ? 'not used for a fixed orifice' : 'from the plate',
          )}
        </div>
        <div className="mt-1 flex flex-wrap gap-x-6 gap-y-3">
          {choice('targetSource', 'The target comes from', [
            { value: 'plate', label: 'Plate' },
            { value: 'maker', label: 'Maker’s table' },
            { value: 'technician', label: 'My own choice' },
          ])}
        </div>
        {packaged ? (
          <p className="mt-3 text-[14px] text-ink2">
            A packaged unit comes sealed with its whole charge: no line set is joined, tested or evacuated here.
          </p>
        ) : (
          <div className="mt-3">
            {choice(
              'unitState',
              'What is in the unit before weighing',
              UNIT_STATES.map((s) => ({ value: s, label: UNIT_STATE_WORDS[s] })),
              true,
            )}
          </div>
        )}
      </fieldset>
      {packaged ? null : lineFields()}
    </div>
  );

  function lineFields() {
    return (
      <fieldset>
        <legend className="mb-2 text-[17px] font-[680]">Line set and additions</legend>
        <div className="mb-3 flex flex-wrap gap-x-6 gap-y-3">
          {choice('liquidLineOdIn', 'Liquid line OD, in', SIZES.slice(0, 5))}
          {choice('vaporLineOdIn', 'Vapor line OD, in', SIZES.slice(2))}
        </div>
        {form.formState.errors.vaporLineOdIn ? (
          <p className="mb-2 text-[13px] font-[600] text-oxide">
            Vapor line: {form.formState.errors.vaporLineOdIn.message?.split('\n')[0]}
          </p>
        ) : null}
        <div className={group}>
          {field('lineLengthFt', 'Line length, one way', 'ft', 'leave empty if unknown')}
          {field('makerOzPerFt', 'Maker’s adder', 'oz/ft', 'optional; it wins over the computed one')}
          {field('drierOz', 'Drier adder', 'oz')}
          {field('coilOz', 'Indoor coil adder', 'oz')}
        </div>
      </fieldset>
    );
  }
}

/** Puts every problem under its field and goes to the first. */
export function showProblems(form: UseFormReturn<PlateText>, text: PlateText): Plate | undefined {
  form.clearErrors();
  const { plate, problems } = plateOf(text);
  problems.forEach((p, i) => {
    form.setError(p.field, { message: `${p.message}\n${p.allowed}` }, { shouldFocus: i === 0 });
  });
  return plate;
}
