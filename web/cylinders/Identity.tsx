import { useState } from 'react';
import { cylinderIdentity } from '@/core/circuit/recovery/cylinder-identity';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { value } from '@/core/words/said';
import { Field } from '@/web/kit/Field';
import { numberFromText } from '@/web/kit/number-text';
import { Part } from '@/web/kit/Part';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** Does the pressure of the cylinder at rest fit its label? */
export function Identity({ refrigerant }: { refrigerant: Refrigerant }) {
  const [temperature, setTemperature] = useState('');
  const [pressure, setPressure] = useState('');
  const temperatureF = numberFromText(temperature);
  const psig = numberFromText(pressure);
  const found =
    temperatureF !== undefined && psig !== undefined
      ? cylinderIdentity({ refrigerant, temperatureF, psig })
      : undefined;
  return (
    <Part
      name={t('web.pressure-at-rest')}
      title={t('web.does-pressure-fit-label')}
      className="mt-4 border-t border-rule pt-3"
    >
      <p className="text-[13px] text-ink2">{t('web.after-hours-at-one-temperature-valve')}</p>
      <div className="mt-1 grid grid-cols-2 gap-3">
        <Field
          label={t('web.cylinder-2')}
          unit="°F"
          inputMode="decimal"
          value={temperature}
          onChange={(e) => setTemperature(e.target.value)}
        />
        <Field
          label={t('web.its-pressure')}
          unit="psig"
          inputMode="decimal"
          value={pressure}
          onChange={(e) => setPressure(e.target.value)}
        />
      </div>
      {found ? (
        <p className="text-[14px] leading-snug" data-testid="identity">
          {found.ok ? (
            <>
              <b className="font-[650] first-letter:uppercase inline-block">{say(value(found.value.reading))}</b>
              {t('web.stands-at-psig-here', {
                refrigerant,
                saturationPsig: found.value.saturationPsig.toFixed(0),
                tolerancePsi: found.value.tolerancePsi.toFixed(0),
                alsoFits: found.value.alsoFits
                  ? t('web.would-fit-as-well-pressure-cannot', { alsoFits: found.value.alsoFits })
                  : '',
              })}
            </>
          ) : (
            t('web.allowed', { message: found.refused.message, allowed: found.refused.allowed })
          )}
        </p>
      ) : null}
    </Part>
  );
}
