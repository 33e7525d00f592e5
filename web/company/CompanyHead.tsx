import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Company } from '@/contract/company';
import { formOf } from '@/core/form/field';
import { companyFields, placeOfZone } from '@/core/job/company-form';
import { may } from '@/core/job/permissions';
import { put } from '@/web/api/http';
import { useCompany } from '@/web/api/use-company';
import type { Me } from '@/web/api/use-me';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { t } from '@/web/words/tell';
import { CompanyLogo } from './CompanyLogo';

/** Whose house this is: its name and clock, and the way to its people. */
export function CompanyHead({ me }: { me: Me }) {
  const { data, mutate } = useCompany();
  const { refresh } = useMe();
  const [editing, setEditing] = useState<Company>();
  const form = useMemo(() => formOf(companyFields()), []);
  return (
    <section
      aria-label={t('web.company')}
      className="mt-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-b-[1.5px] border-ink pb-3"
    >
      <div className="min-w-0">
        <h1 className="truncate text-[26px]">{data?.name ?? me.companyName}</h1>
        <p className="text-[14px] text-ink2">{data ? t('web.clock-of', { place: placeOfZone(data.timeZone) }) : ''}</p>
      </div>
      <CompanyLogo mayChange={may(me.role, 'keep-company')} />
      <span className="ml-auto flex flex-wrap gap-2">
        {may(me.role, 'keep-company') && data ? (
          <Button onClick={() => setEditing(data)}>{t('web.edit')}</Button>
        ) : null}
        <Link
          to="/settings/instruments"
          className="touch inline-flex items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
        >
          {t('web.instruments-of-the-company')}
        </Link>
        {may(me.role, 'keep-people') ? (
          <Link
            to="/settings/people"
            className="touch inline-flex items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
          >
            {t('web.people')}
          </Link>
        ) : null}
        {may(me.role, 'see-trail') ? (
          <Link
            to="/settings/trail"
            className="touch inline-flex items-center rounded-[3px] border-[1.5px] border-ink px-4 font-[600]"
          >
            {t('web.who-saw-and-changed')}
          </Link>
        ) : null}
      </span>
      {editing ? (
        <FieldSheet
          title={t('web.company')}
          form={form}
          known={editing}
          draft={`${me.id}-company-${editing.version}`}
          send={async (body) => {
            await mutate(await put<Company>('/company', { ...body, version: editing.version }), { revalidate: false });
            await refresh();
          }}
          save={t('web.save')}
          onClose={() => setEditing(undefined)}
        />
      ) : null}
    </section>
  );
}
