import type { UseFormReturn } from 'react-hook-form';
import { ACR_INSIDE_IN, odText } from '@/core/circuit/acr-tube';
import { UNIT_STATE_WORDS, UNIT_STATES } from '@/core/circuit/total-charge';
import type { Plate } from '@/core/equipment/plate';
import { plateWarnings } from '@/core/equipment/plate-checks';
import { REFRIGERANTS } from '@/core/refrigerant/refrigerants';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { ChartField } from '@/web/kit/form/ChartField';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { type PlateText, plateOf } from './plate-form';
import { PLATE_LABELS } from './plate-labels';

const SIZES = [...ACR_INSIDE_IN.keys()].map((od) => ({ value: String(od), label: odText(od).replace(' in', '') }));
const yesNo = [
  { value: 'yes', label: t('web.yes') },
  { value: 'no', label: t('web.no') },
] as const;

/** The short equipment form: only what feeds the charge, a verdict or the record. */
export function PlateFields({ form }: { form: UseFormReturn<PlateText> }) {
  const values = form.watch();
  const { plate } = plateOf(values);
  const packaged = values.packaged === 'yes';
  const warnings = new Map((plate ? plateWarnings(plate) : []).map((w) => [w.field, w.say]));
  const field = (name: keyof Plate, unit?: string, hint?: string) => {
    const error = form.formState.errors[name];
    const [message, allowed] = (error?.message ?? '').split('\n');
    return (
      <Field
        label={say(PLATE_LABELS[name])}
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
  const choice = (name: keyof Plate, options: readonly { value: string; label: string }[], stacked = false) => (
    <div>
      <Choice
        label={say(PLATE_LABELS[name])}
        value={values[name]}
        options={options}
        stacked={stacked}
        onChange={(v) => {
          form.setValue(name, v, { shouldDirty: true });
          form.clearErrors(name);
        }}
      />
      {form.formState.errors[name] ? (
        <p className="mt-0.5 text-[12.5px] font-[600] text-oxide">
          {form.formState.errors[name]?.message?.split('\n')[0]}
        </p>
      ) : null}
    </div>
  );
  const group = 'grid gap-x-5 gap-y-1.5 sm:grid-cols-2 xl:grid-cols-3';
  return (
    <div className="grid gap-6">
      <fieldset>
        <legend className="mb-2 text-[17px] font-[680]">{t('web.outdoor-unit-from-its-plate')}</legend>
        <div className={group}>
          {field('maker')}
          {field('model')}
          {field('serial', undefined, t('web.may-stay-empty'))}
          {field('nominalTons', 'tons')}
          {field('compressorRlaA', 'A')}
          {field('outdoorFanFlaA', 'A')}
          {field('compressorLraA', 'A', t('web.may-stay-empty'))}
          {field('lowestOutdoorF', '°F', t('web.may-stay-empty'))}
          {field('soundPowerDb', 'dB', t('web.may-stay-empty'))}
          {field('bookPage', undefined, t('web.where-its-figures-stand'))}
        </div>
        <div className="mt-1 flex flex-wrap gap-x-6 gap-y-3">
          {choice(
            'plateVolts',
            ['120', '208/230', '240', '208', '460'].map((v) => ({ value: v, label: v })),
          )}
          {choice(
            'phases',
            ['1', '3'].map((v) => ({ value: v, label: v })),
          )}
          {choice('packaged', [
            { value: 'no', label: t('web.split') },
            { value: 'yes', label: t('web.packaged-sealed') },
          ])}
          {choice('heatPump', yesNo)}
          {choice('inverter', yesNo)}
          {choice('stages', [
            { value: 'single', label: t('web.one-stage') },
            { value: 'two', label: t('web.two-stages') },
            { value: 'variable', label: t('web.variable') },
          ])}
        </div>
        {values.inverter === 'yes' ? (
          <div className="mt-3">
            <ChartField
              label={say(PLATE_LABELS.makerChart)}
              hint={t('web.makers-chart-hint')}
              value={values.makerChart}
              error={form.formState.errors.makerChart?.message?.split('\n')[0]}
              onValue={(v) => {
                form.setValue('makerChart', v, { shouldDirty: true });
                form.clearErrors('makerChart');
              }}
            />
          </div>
        ) : null}
      </fieldset>
      <fieldset>
        <legend className="mb-2 text-[17px] font-[680]">{t('web.refrigerant-circuit')}</legend>
        <div className="mb-3 flex flex-wrap gap-x-6 gap-y-3">
          {choice(
            'refrigerant',
            REFRIGERANTS.map((r) => ({ value: r, label: r })),
          )}
          {choice('metering', [
            { value: 'txv', label: 'TXV' },
            { value: 'eev', label: 'EEV' },
            { value: 'fixed-orifice', label: t('web.fixed-orifice') },
          ])}
        </div>
        <div className={group}>
          {form.watch('metering') === 'fixed-orifice'
            ? field('orificeStamp', undefined, t('web.may-stay-empty'))
            : null}
          {field('factoryChargeOz', 'oz', t('web.16-oz-to-pound'))}
          {packaged ? null : field('includedLineFt', 'ft')}
          {field(
            'targetSubcoolingF',
            '°F',
            values.metering === 'fixed-orifice' ? t('web.not-used-for-fixed-orifice') : t('web.from-plate'),
          )}
        </div>
        <div className="mt-1 flex flex-wrap gap-x-6 gap-y-3">
          {choice('targetSource', [
            { value: 'plate', label: t('web.plate-2') },
            { value: 'maker', label: t('web.makers-table') },
            { value: 'technician', label: t('web.my-own-choice') },
          ])}
        </div>
        {packaged ? (
          <p className="mt-3 text-[14px] text-ink2">{t('web.packaged-unit-comes-sealed-with-its')}</p>
        ) : (
          <div className="mt-3">
            {choice(
              'unitState',
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
        <legend className="mb-2 text-[17px] font-[680]">{t('web.line-set-and-additions')}</legend>
        <div className="mb-3 flex flex-wrap gap-x-6 gap-y-3">
          {choice('liquidLineOdIn', SIZES.slice(0, 5))}
          {choice('vaporLineOdIn', SIZES.slice(2))}
        </div>
        <div className={group}>
          {field('liquidSizes', undefined, t('web.sizes-in-a-row'))}
          {field('vaporSizes', undefined, t('web.sizes-in-a-row'))}
          {field('lineLengthFt', 'ft', t('web.leave-empty-if-unknown'))}
          {field('makerOzPerFt', 'oz/ft', t('web.optional-it-wins-over-computed-one'))}
          {field('drierOz', 'oz')}
          {field('coilOz', 'oz')}
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
