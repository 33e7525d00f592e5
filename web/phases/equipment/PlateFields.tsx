import type { UseFormReturn } from 'react-hook-form';
import { ACR_INSIDE_IN, odText } from '@/core/circuit/acr-tube';
import { UNIT_STATE_WORDS, UNIT_STATES } from '@/core/circuit/total-charge';
import type { Plate } from '@/core/equipment/plate';
import { plateWarnings } from '@/core/equipment/plate-checks';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { type PlateText, plateOf } from './plate-form';

const SIZES = [...ACR_INSIDE_IN.keys()].map((od) => ({ value: String(od), label: odText(od).replace(' in', '') }));
const yesNo = [
  { value: 'yes', label: say(tell('web.yes')) },
  { value: 'no', label: say(tell('web.no')) },
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
        warning={say(warnings.get(name))}
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
        <legend className="mb-2 text-[17px] font-[680]">{say(tell('web.outdoor-unit-from-its-plate'))}</legend>
        <div className={group}>
          {field('maker', say(tell('web.maker')))}
          {field('model', say(tell('web.model')))}
          {field('serial', say(tell('web.serial')), undefined, say(tell('web.may-stay-empty')))}
          {field('nominalTons', say(tell('web.nominal-size')), 'tons')}
          {field('compressorRlaA', say(tell('web.compressor-rla')), 'A')}
          {field('outdoorFanFlaA', say(tell('web.outdoor-fan-fla')), 'A')}
        </div>
        <div className="mt-1 flex flex-wrap gap-x-6 gap-y-3">
          {choice(
            'plateVolts',
            say(tell('web.plate-voltage')),
            ['208/230', '240', '208', '460'].map((v) => ({ value: v, label: v })),
          )}
          {choice('packaged', say(tell('web.built-as')), [
            { value: 'no', label: say(tell('web.split')) },
            { value: 'yes', label: say(tell('web.packaged-sealed')) },
          ])}
          {choice('heatPump', say(tell('web.heat-pump')), yesNo)}
          {choice('inverter', say(tell('web.inverter-2')), yesNo)}
        </div>
      </fieldset>
      <fieldset>
        <legend className="mb-2 text-[17px] font-[680]">{say(tell('web.refrigerant-circuit'))}</legend>
        <div className="mb-3 flex flex-wrap gap-x-6 gap-y-3">
          {choice(
            'refrigerant',
            say(tell('web.refrigerant')),
            REFRIGERANTS.map((r) => ({ value: r, label: r })),
          )}
          {choice('metering', say(tell('web.metering-device')), [
            { value: 'txv', label: 'TXV' },
            { value: 'eev', label: 'EEV' },
            { value: 'fixed-orifice', label: say(tell('web.fixed-orifice')) },
          ])}
        </div>
        <div className={group}>
          {form.watch('metering') === 'fixed-orifice'
            ? field('orificeStamp', say(tell('web.orifice-listed')), undefined, say(tell('web.may-stay-empty')))
            : null}
          {field('factoryChargeOz', say(tell('web.factory-charge')), 'oz', say(tell('web.16-oz-to-pound')))}
          {packaged ? null : field('includedLineFt', say(tell('web.line-length-it-includes')), 'ft')}
          {field(
            'targetSubcoolingF',
            say(tell('web.target-subcooling')),
            '°F',
            values.metering === 'fixed-orifice'
              ? say(tell('web.not-used-for-fixed-orifice'))
              : say(tell('web.from-plate')),
          )}
        </div>
        <div className="mt-1 flex flex-wrap gap-x-6 gap-y-3">
          {choice('targetSource', say(tell('web.target-comes-from')), [
            { value: 'plate', label: say(tell('web.plate-2')) },
            { value: 'maker', label: say(tell('web.makers-table')) },
            { value: 'technician', label: say(tell('web.my-own-choice')) },
          ])}
        </div>
        {packaged ? (
          <p className="mt-3 text-[14px] text-ink2">{say(tell('web.packaged-unit-comes-sealed-with-its'))}</p>
        ) : (
          <div className="mt-3">
            {choice(
              'unitState',
              say(tell('web.what-is-in-unit-before-weighing')),
              UNIT_STATES.map((s) => ({ value: s, label: say(UNIT_STATE_WORDS[s]) })),
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
        <legend className="mb-2 text-[17px] font-[680]">{say(tell('web.line-set-and-additions'))}</legend>
        <div className="mb-3 flex flex-wrap gap-x-6 gap-y-3">
          {choice('liquidLineOdIn', say(tell('web.liquid-line-od-in')), SIZES.slice(0, 5))}
          {choice('vaporLineOdIn', say(tell('web.vapor-line-od-in')), SIZES.slice(2))}
        </div>
        {form.formState.errors.vaporLineOdIn ? (
          <p className="mb-2 text-[13px] font-[600] text-oxide">
            {say(tell('web.vapor-line', { x: form.formState.errors.vaporLineOdIn.message?.split('\n')[0] }))}
          </p>
        ) : null}
        <div className={group}>
          {field('lineLengthFt', say(tell('web.line-length-one-way')), 'ft', say(tell('web.leave-empty-if-unknown')))}
          {field(
            'makerOzPerFt',
            say(tell('web.makers-adder')),
            'oz/ft',
            say(tell('web.optional-it-wins-over-computed-one')),
          )}
          {field('drierOz', say(tell('web.drier-adder')), 'oz')}
          {field('coilOz', say(tell('web.indoor-coil-adder')), 'oz')}
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
