import { v4 as uuid } from 'uuid';
import type { KnownSite } from '@/contract/customers';
import type { Role } from '@/core/job/permissions';
import type { Language } from '@/core/words/render';
import { todayAt } from '@/web/api/clock';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { typedTrouble } from '@/web/kit/number-text';
import { LANGUAGE_CHOICES, readerNow } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { KnownElevation } from './KnownElevation';
import { KnownHouses } from './KnownHouses';

export type Person = { id: string; fullName: string; role: Role };

/** A job as it is typed. Its id is made with it: one id for one job, however often it is sent, also after a reload. */
export const noSite = () => ({
  id: uuid(),
  customerName: '',
  phone: '',
  /** As the company's customers read, until somebody says otherwise. */
  customerLanguage: undefined as Language | undefined,
  address: '',
  town: '',
  elevationFt: '',
  systemName: '',
  leadId: '',
  scheduledFor: todayAt(readerNow().timeZone),
  known: 'survey' as 'survey' | 'plate',
  /** A house the company knows, with its systems; what is typed of it stays as it is there. */
  house: undefined as KnownSite | undefined,
  systemId: undefined as string | undefined,
});
export type SiteText = ReturnType<typeof noSite>;

type Props = {
  head: SiteText;
  asked: boolean;
  leads: readonly Person[];
  leadId: string;
  language: Language;
  onChange: (change: Partial<SiteText>) => void;
};

/** What a known house brings: who lives there, where it stands, and its one system where it has only one. */
const taken = (house: KnownSite): Partial<SiteText> => ({
  house,
  customerName: house.customerName,
  phone: house.phone ?? '',
  customerLanguage: house.language,
  address: house.address,
  town: house.town,
  elevationFt: String(house.elevationFt),
  ...(house.systems.length === 1 ? { systemId: house.systems[0]!.id, systemName: house.systems[0]!.name } : {}),
});

/** Who the customer is, where the system stands, who leads and when. */
export function SiteFields({ head, asked, leads, leadId, language, onChange }: Props) {
  const { house } = head;
  const missing = (v: string): string | undefined => (asked && v.trim() === '' ? t('web.missing') : undefined);
  const elevation = asked ? typedTrouble(head.elevationFt, -1000, 15000, 'ft') : undefined;
  const put = (key: keyof typeof head) => (e: { target: { value: string } }) => onChange({ [key]: e.target.value });
  return (
    <fieldset className="mt-4">
      <legend className="mb-2 text-[17px] font-[680]">{t('web.customer-and-site')}</legend>
      <div className="grid gap-x-5 gap-y-1.5 sm:grid-cols-2 xl:grid-cols-3">
        <div>
          <Field
            label={t('web.customer')}
            value={head.customerName}
            onChange={put('customerName')}
            error={missing(head.customerName)}
            readOnly={house !== undefined}
          />
          {house ? (
            <Button tone="quiet" className="mb-2" onClick={() => onChange({ house: undefined, systemId: undefined })}>
              {t('web.another-customer')}
            </Button>
          ) : (
            <KnownHouses text={head.customerName} onPick={(site) => onChange(taken(site))} />
          )}
        </div>
        <Field
          label={t('web.phone')}
          value={head.phone}
          onChange={put('phone')}
          readOnly={house !== undefined}
          hint={t('web.may-stay-empty')}
        />
        <Choice
          label={t('web.customer-reads')}
          value={language}
          options={LANGUAGE_CHOICES}
          onChange={(customerLanguage) => onChange({ customerLanguage })}
        />
        <Field
          label={t('web.street-and-number')}
          value={head.address}
          onChange={put('address')}
          readOnly={house !== undefined}
          error={missing(head.address)}
        />
        <Field
          label={t('web.town')}
          value={head.town}
          onChange={put('town')}
          error={missing(head.town)}
          readOnly={house !== undefined}
        />
        <div>
          <Field
            label={t('web.elevation')}
            unit="ft"
            inputMode="decimal"
            value={head.elevationFt}
            onChange={put('elevationFt')}
            readOnly={house !== undefined}
            error={elevation?.message}
            allowed={elevation?.allowed}
            hint={t('web.sets-station-pressure-that-gauges-read')}
          />
          {house || head.elevationFt ? null : (
            <KnownElevation town={head.town} onTake={(ft) => onChange({ elevationFt: String(ft) })} />
          )}
        </div>
        <div>
          <Field
            label={t('web.which-system')}
            value={head.systemName}
            onChange={(e) => onChange({ systemName: e.target.value, systemId: undefined })}
            error={missing(head.systemName)}
            hint={t('web.upstairs-shop-front')}
          />
          {house?.systems.length ? (
            <span className="mb-2 flex flex-wrap gap-2">
              {house.systems.map((y) => (
                <button
                  key={y.id}
                  type="button"
                  aria-pressed={head.systemId === y.id}
                  onClick={() => onChange({ systemId: y.id, systemName: y.name })}
                  className="touch cursor-pointer border-[1.5px] border-rule px-3 font-[560] aria-pressed:border-ink aria-pressed:bg-sheet aria-pressed:font-[700]"
                >
                  {y.name}
                </button>
              ))}
            </span>
          ) : null}
        </div>
        <Field
          label={t('web.day')}
          type="date"
          value={head.scheduledFor}
          onChange={put('scheduledFor')}
          error={missing(head.scheduledFor)}
        />
        <div>
          <label className="block text-[13px] font-[600]" htmlFor="lead">
            {t('web.lead')}
          </label>
          <select
            id="lead"
            value={leadId}
            onChange={put('leadId')}
            className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-2 text-[17px] font-[600]"
          >
            {leads.map((p) => (
              <option key={p.id} value={p.id}>
                {p.fullName}
              </option>
            ))}
          </select>
        </div>
      </div>
    </fieldset>
  );
}
