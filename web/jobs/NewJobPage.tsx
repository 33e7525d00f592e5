import { format } from 'date-fns';
import { useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import { may, type Role } from '@/core/job/permissions';
import type { Language } from '@/core/words/render';
import { useConnection } from '@/web/api/connection';
import { get } from '@/web/api/http';
import { write } from '@/web/api/outbox/our-outbox';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Field } from '@/web/kit/Field';
import { Trouble } from '@/web/kit/Notice';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';
import { useAct } from '@/web/kit/use-act';
import { PlateFields, showProblems } from '@/web/phases/equipment/PlateFields';
import { EMPTY_PLATE, type PlateText } from '@/web/phases/equipment/plate-form';
import { LANGUAGE_CHOICES, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Person = { id: string; fullName: string; role: Role };

/** A new job: who, where, when; the survey comes first, or the short equipment form when the unit is known. */
export default function NewJobPage() {
  const { me } = useMe();
  const { data } = useSWR<{ people: Person[] }>('/people', get);
  const leads = data?.people.filter((p) => may(p.role, 'lead-job')) ?? [];
  const form = useForm<PlateText>({ defaultValues: EMPTY_PLATE });
  const [head, setHead] = useState({
    customerName: '',
    phone: '',
    address: '',
    town: '',
    elevationFt: '',
    systemName: '',
    leadId: '',
    scheduledFor: format(new Date(), 'yyyy-MM-dd'),
  });
  const [known, setKnown] = useState<'survey' | 'plate'>('survey');
  const [customerLanguage, setCustomerLanguage] = useState<Language>('en');
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const navigate = useNavigate();
  const connection = useConnection();
  // One id for one job, however often it is sent.
  const id = useRef(uuid());
  const leadId = head.leadId || leads.find((p) => p.id === me?.id)?.id || leads[0]?.id || '';
  const missing = (v: string): string | undefined => (asked && v.trim() === '' ? say(tell('web.missing')) : undefined);
  const elevation = asked ? typedTrouble(head.elevationFt, -1000, 15000, 'ft') : undefined;
  const put = (key: keyof typeof head) => (e: { target: { value: string } }) =>
    setHead({ ...head, [key]: e.target.value });

  async function save(text: PlateText): Promise<void> {
    setAsked(true);
    const plate = known === 'plate' ? showProblems(form, text) : null;
    const incomplete =
      !head.customerName.trim() ||
      !head.address.trim() ||
      !head.town.trim() ||
      !head.systemName.trim() ||
      typedTrouble(head.elevationFt, -1000, 15000, 'ft');
    if (plate === undefined || incomplete) return;
    const done = await act(() =>
      write('POST', '/jobs', {
        ...head,
        id: id.current,
        leadId,
        customerLanguage,
        phone: head.phone.trim() || null,
        elevationFt: numberFromText(head.elevationFt),
        plate,
      }),
    );
    if (done) navigate(connection.lost ? '/jobs' : `/jobs/${id.current}/${plate ? 'recover' : 'survey'}`);
  }

  return (
    <form className="mx-auto max-w-[980px] px-4 pb-28 lg:px-7" onSubmit={form.handleSubmit(save)} noValidate>
      <header className="flex items-center gap-4 border-b-[1.5px] border-ink py-2.5">
        <Link to="/jobs" className="touch inline-flex items-center text-copper underline underline-offset-4">
          {say(tell('web.jobs'))}
        </Link>
        <h1 className="text-[23px]">{say(tell('web.new-job'))}</h1>
      </header>
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
            value={customerLanguage}
            options={LANGUAGE_CHOICES}
            onChange={setCustomerLanguage}
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
      <div className="mt-6">
        <Choice
          label={say(tell('web.new-equipment'))}
          value={known}
          options={[
            { value: 'survey', label: say(tell('web.survey-first-it-follows-from-scope')) },
            { value: 'plate', label: say(tell('web.known-already-type-its-plate')) },
          ]}
          onChange={setKnown}
        />
      </div>
      {known === 'plate' ? (
        <div className="mt-5">
          <PlateFields form={form} />
        </div>
      ) : null}
      <div className="sticky bottom-0 mt-6 grid gap-2 border-t-[1.5px] border-ink bg-paper py-3">
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy}>
          {say(tell('web.create-job'))}
        </Button>
      </div>
    </form>
  );
}
