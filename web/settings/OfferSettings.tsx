import { BIN_FIGURES } from '@/core/money/bin-hours';
import { OFFER_FIGURES, TAX_ON } from '@/core/money/figures';
import { t } from '@/web/words/tell';
import { Figure } from './Figure';
import { School } from './School';

type Props = {
  settings: Record<string, string | number>;
  may: boolean;
  onSave: (change: Record<string, string | number>) => Promise<boolean>;
};

/** What an offer asks for beside its items: tax, deposit, prices of later work, energy and the hours of a winter. */
export function OfferSettings({ settings, may, onSave }: Props) {
  return (
    <>
      <h2 className="mt-5 border-b-[1.5px] border-ink pb-1 text-[16px]">{t('web.offers')}</h2>
      <School school={TAX_ON} stored={settings[TAX_ON.id]} may={may} onSave={onSave} />
      {OFFER_FIGURES.map((f) => (
        <Figure key={f.id} figure={f} sign="" stored={settings[f.id]} may={may} onSave={onSave} />
      ))}
      <details className="mt-2">
        <summary className="touch cursor-pointer py-2 font-[620]">{t('web.hours-of-a-usual-winter')}</summary>
        {BIN_FIGURES.map((f) => (
          <Figure key={f.id} figure={f} sign="" stored={settings[f.id]} may={may} onSave={onSave} />
        ))}
      </details>
    </>
  );
}
