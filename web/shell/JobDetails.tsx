import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import useSWR from 'swr';
import { v7 as uuid } from 'uuid';
import { formOf } from '@/core/form/field';
import { detailsFields } from '@/core/job/details-form';
import { may, type Role } from '@/core/job/permissions';
import { isHandedOver, type JobSheet } from '@/core/job/sheet';
import { moment } from '@/core/words/said';
import { forCircuit } from '@/web/api/circuit-path';
import { get } from '@/web/api/http';
import { write } from '@/web/api/outbox/our-outbox';
import { useMe } from '@/web/api/use-me';
import { Button } from '@/web/kit/Button';
import { FieldSheet } from '@/web/kit/form/FieldSheet';
import { ReasonSheet } from '@/web/kit/ReasonSheet';
import { t } from '@/web/words/tell';
import { NextMoveBar } from './NextMoveBar';

type Person = { id: string; fullName: string; role: Role };
/** Whose job it is, where, when and led by whom, and whether it goes ahead. */
export function JobDetails({ sheet, onClose }: { sheet: JobSheet; onClose: () => void }) {
  const { me } = useMe();
  const { data } = useSWR<{ people: Person[] }>('/people', get);
  const [cancelling, setCancelling] = useState(false);
  // The version that was read when the form was filled: a stale write must be noticed, not hidden by a refresh.
  const [version] = useState(sheet.job.version);
  const { job, customer, site, system } = sheet;
  const leads = data?.people.filter((p) => may(p.role, 'lead-job'));
  const form = useMemo(() => {
    // The lead who is on it stays a choice, whatever the company changed since.
    const all = leads ?? [];
    const fields = detailsFields(
      all.some((p) => p.id === job.leadId) ? all : [...all, { id: job.leadId, fullName: job.lead }],
    );
    return formOf(fields);
  }, [leads, job.leadId, job.lead]);
  if (!me || !leads) return null;
  const path = `/jobs/${job.id}`;
  if (cancelling)
    return (
      <ReasonSheet
        title={t('web.cancel-the-job')}
        label={t('web.why-it-does-not-go-ahead')}
        least={5}
        send={t('web.cancel-the-job')}
        tone="stop"
        onSend={(reason) => write('POST', `${path}/cancellation`, { id: uuid(), reason })}
        onClose={onClose}
      >
        <p className="text-ink2">{t('web.what-was-written-stays')}</p>
      </ReasonSheet>
    );
  return (
    <FieldSheet
      title={t('web.job-details', { number: String(job.number) })}
      form={form}
      known={{
        customerName: customer.name,
        phone: customer.phone ?? '',
        address: site.address,
        town: site.town,
        elevationFt: site.elevationFt,
        systemName: system.name,
        scheduledFor: job.scheduledFor,
        leadId: job.leadId,
      }}
      draft={`${me.id}-${sheet.circuit.id}-details-${version}`}
      testId="job-details"
      send={({ phone, ...body }) =>
        write('PUT', forCircuit(sheet, `${path}/details`), { ...body, phone: phone || null, version })
      }
      below={() =>
        may(me.role, 'cancel-job') ? (
          <div className="mt-2 flex flex-wrap gap-x-4">
            <Button tone="quiet" onClick={() => setCancelling(true)}>
              {t('web.cancel-the-job')}
            </Button>
            {may(me.role, 'see-trail') ? (
              <Link
                to={`/settings/trail?job=${job.id}`}
                className="touch inline-flex items-center font-[600] text-copper underline underline-offset-4"
              >
                {t('web.who-saw-and-changed')}
              </Link>
            ) : null}
          </div>
        ) : null
      }
      onClose={onClose}
    />
  );
}

/** The one move of a job that does not go ahead: who said so and why, and the way back. */
export function CancelledBar({ sheet, cancelled }: { sheet: JobSheet; cancelled: NonNullable<JobSheet['cancelled']> }) {
  const { me } = useMe();
  const [asking, setAsking] = useState(false);
  return (
    <NextMoveBar
      kind="stop"
      say={t('web.cancelled-by', { by: cancelled.by, at: moment(cancelled.at) })}
      because={cancelled.reason}
    >
      {may(me?.role, 'cancel-job') ? <Button onClick={() => setAsking(true)}>{t('web.open-it-again')}</Button> : null}
      {asking ? (
        <ReasonSheet
          title={t('web.open-it-again')}
          label={t('web.what-changed')}
          least={5}
          send={t('web.open-it-again')}
          onSend={(reason) => write('POST', `/jobs/${sheet.job.id}/reopening`, { id: uuid(), reason })}
          onClose={() => setAsking(false)}
        />
      ) : null}
    </NextMoveBar>
  );
}

export const mayEdit = (role: Role | undefined, sheet: JobSheet): boolean =>
  may(role, 'edit-job') && !isHandedOver(sheet) && !sheet.cancelled;
