import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import useSWR from 'swr';
import { may } from '@/core/job/permissions';
import { useConnection } from '@/web/api/connection';
import { get } from '@/web/api/http';
import { write } from '@/web/api/outbox/our-outbox';
import { useCompany } from '@/web/api/use-company';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Trouble } from '@/web/kit/Notice';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';
import { useAct } from '@/web/kit/use-act';
import { AsLeft, useDraft } from '@/web/kit/use-draft';
import { useKept } from '@/web/kit/use-kept';
import { PlateFields, showProblems } from '@/web/phases/equipment/PlateFields';
import { EMPTY_PLATE, type PlateText } from '@/web/phases/equipment/plate-form';
import { t } from '@/web/words/tell';
import { noSite, type Person, SiteFields } from './SiteFields';

/** A new job: who, where, when; the survey comes first, or the short equipment form when the unit is known. */
export default function NewJobPage() {
  const { me } = useMe();
  const { data, isLoading } = useSWR<{ people: Person[] }>('/people', get);
  const leads = data?.people.filter((p) => may(p.role, 'lead-job')) ?? [];
  const form = useForm<PlateText>({ defaultValues: EMPTY_PLATE });
  const half = useKept(`${me?.id}-new-job`, noSite);
  const head = half.value;
  const setHead = half.keep;
  const { data: company } = useCompany();
  const draft = useDraft(form, `${me?.id}-new-job-plate`);
  const [asked, setAsked] = useState(false);
  const { busy, problem, act } = useAct();
  const navigate = useNavigate();
  const connection = useConnection();
  // Who leads is known of a lead at once; else the list of people is waited for before anything is sent.
  const own = me && may(me.role, 'lead-job') ? me.id : undefined;
  const leadId = head.leadId || own || leads[0]?.id || '';

  const customerLanguage = head.customerLanguage ?? company?.customerLanguage ?? 'en';

  async function save(text: PlateText): Promise<void> {
    setAsked(true);
    const { known, house, systemId, ...site } = head;
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
        ...site,
        customerLanguage,
        leadId,
        phone: head.phone.trim() || null,
        elevationFt: numberFromText(head.elevationFt),
        ...(house ? { siteId: house.siteId, ...(systemId ? { systemId } : {}) } : {}),
        plate,
      }),
    );
    if (!done) return;
    half.drop();
    draft.drop();
    navigate(connection.lost ? '/jobs' : `/jobs/${site.id}/${plate ? 'recover' : 'survey'}`);
  }

  return (
    <form className="mx-auto max-w-[980px] px-4 pb-28 lg:px-7" onSubmit={form.handleSubmit(save)} noValidate>
      <header className="flex items-center gap-4 border-b-[1.5px] border-ink py-2.5">
        <Link to="/jobs" className="touch inline-flex items-center text-copper underline underline-offset-4 lg:hidden">
          {t('web.jobs')}
        </Link>
        <h1 className="text-[23px]">{t('web.new-job')}</h1>
      </header>
      <AsLeft
        left={half.left}
        onEmpty={() => {
          setHead(noSite());
          draft.empty();
        }}
      />
      <SiteFields
        head={head}
        asked={asked}
        leads={leads}
        leadId={leadId}
        language={customerLanguage}
        onChange={(change) => setHead({ ...head, ...change })}
      />
      <div className="mt-6">
        <Choice
          label={t('web.new-equipment')}
          value={head.known}
          options={[
            { value: 'survey', label: t('web.survey-first-it-follows-from-scope') },
            { value: 'plate', label: t('web.known-already-type-its-plate') },
          ]}
          onChange={(known) => setHead({ ...head, known })}
        />
      </div>
      {head.known === 'plate' ? (
        <div className="mt-5">
          <PlateFields form={form} />
        </div>
      ) : null}
      <div className="sticky bottom-0 mt-6 grid gap-2 border-t-[1.5px] border-ink bg-paper py-3">
        <Trouble problem={problem} />
        <Button type="submit" tone="primary" disabled={busy || (!leadId && isLoading)}>
          {t('web.create-job')}
        </Button>
      </div>
    </form>
  );
}
