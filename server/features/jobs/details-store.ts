import type { JobSheet } from '@/core/job/sheet';
import type { Db } from '@/server/db/pool';
import type { Person } from '@/server/features/people/people-store';

type Details = {
  customerName: string;
  phone: string | null;
  address: string;
  town: string;
  elevationFt: number;
  systemName: string;
  leadId: string;
  scheduledFor: string;
};

export const detailsStore = {
  async put(db: Db, companyId: string, { job, customer, site, system }: JobSheet, details: Details): Promise<void> {
    const values = {
      companyId,
      ...details,
      jobId: job.id,
      customerId: customer.id,
      siteId: site.id,
      systemId: system.id,
    };
    await db.run(
      'update customers set name = :customerName, phone = :phone, version = version + 1 where company_id = :companyId and id = :customerId',
      values,
    );
    await db.run(
      'update sites set address = :address, town = :town, elevation_ft = :elevationFt, version = version + 1 where company_id = :companyId and id = :siteId',
      values,
    );
    await db.run(
      'update systems set name = :systemName, version = version + 1 where company_id = :companyId and id = :systemId',
      values,
    );
    await db.run(
      'update jobs set lead_id = :leadId, scheduled_for = :scheduledFor, version = version + 1 where company_id = :companyId and id = :jobId',
      values,
    );
  },

  /** Whether instruments run on any circuit of the job. */
  async isRunning(db: Db, companyId: string, jobId: string): Promise<boolean> {
    const running = await db.rows(
      "select 1 from runs where company_id = :companyId and job_id = :jobId and state = 'running' limit 1",
      { companyId, jobId },
    );
    return running.length > 0;
  },

  async cancel(db: Db, { id, companyId }: Person, jobId: string, reason: string, at: Date): Promise<void> {
    await db.run(
      'update jobs set cancelled_at = :at, cancelled_by = :id, cancel_reason = :reason, version = version + 1 where company_id = :companyId and id = :jobId',
      { companyId, jobId, reason, at, id },
    );
  },

  async reopen(db: Db, companyId: string, jobId: string): Promise<void> {
    await db.run(
      'update jobs set cancelled_at = null, cancelled_by = null, cancel_reason = null, version = version + 1 where company_id = :companyId and id = :jobId',
      { companyId, jobId },
    );
  },
};
