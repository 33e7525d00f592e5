import { v4 as uuid } from 'uuid';
import type { Role } from '@/core/job/permissions';
import { dayAt } from '@/core/words/calendar';
import type { Language } from '@/core/words/render';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { typedTrouble } from '@/web/kit/number-text';
import { LANGUAGE_CHOICES, readerNow, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

export type Person = { id: string; fullName: string; role: Role };

/** A job as it is typed. Its id is made with it: one id for one job, however often it is sent, also after a reload. */
export const noSite = () => ({
  id: uuid(),
  customerName: '',
  phone: '',
  customerLanguage: 'en' as Language,
  address: '',
  town: '',
  elevationFt: '',
  systemName: '',
  leadId: '',
  scheduledFor: dayAt(new Date(), readerNow().timeZone),
  known: 'survey' as 'survey' | 'plate',
});
export type SiteText = ReturnType<typeof noSite>;

type Props = {
  head: SiteText;
  asked: boolean;
  leads: readonly Person[];
  leadId: string;
  onChange: (change: Partial<SiteText>) => void;
};

/** Who the customer is, where the system stands, who leads and when. */
export function SiteFields({ head, asked, leads, leadId, onChange }: Props) {
  const missing = (v: string): string | undefined => (asked && v.trim() === '' ? say(tell('web.missing')) : undefined);
  const elevation = asked ? typedTrouble(head.elevationFt, -1000, 15000, 'ft') : undefined;
  const put = (key: keyof typeof head) => (e: { target: { value: string } }) => onChange({ [key]: e.target.value });
  return (
    <fieldset className="mt-4">
      <legend className="mb-2 text-[17px] font-[680]">{say(tell('web.customer-and-site'))}</legend>
      <div className="grid gap-x-5 gap-y-1.5 sm:grid-cols-2 xl:grid-cols-3">
        <Field
          label={say(tell('web.customer'))}
          value={head.customerName}
          onChange={put('customerName')}
          error={missing(head.customerName)}
        />
        <Field
          label={say(tell('web.phone'))}
          value={head.phone}
          onChange={put('phone')}
          hint={say(tell('web.may-stay-empty'))}
        />
        <Choice
          label={say(tell('web.customer-reads'))}
          value={head.customerLanguage}
          options={LANGUAGE_CHOICES}
          onChange={(customerLanguage) => onChange({ customerLanguage })}
        />
        <Field
          label={say(tell('web.street-and-number'))}
          value={head.address}
          onChange={put('address')}
          error={missing(head.address)}
        />
        <Field label={say(tell('web.town'))} value={head.town} onChange={put('town')} error={missing(head.town)} />
        <Field
          label={say(tell('web.elevation'))}
          unit="ft"
          inputMode="decimal"
          value={head.elevationFt}
          onChange={put('elevationFt')}
          error={elevation?.message}
          allowed={elevation?.allowed}
          hint={say(tell('web.sets-station-pressure-that-gauges-read'))}
        />
        <Field
          label={say(tell('web.which-system'))}
          value={head.systemName}
          onChange={put('systemName')}
          error={missing(head.systemName)}
          hint={say(tell('web.upstairs-shop-front'))}
        />
        <Field
          label={say(tell('web.day'))}
          type="date"
          value={head.scheduledFor}
          onChange={put('scheduledFor')}
          error={missing(head.scheduledFor)}
        />
        <div>
          <label className="block text-[13px] font-[600]" htmlFor="lead">
            {say(tell('web.lead'))}
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
