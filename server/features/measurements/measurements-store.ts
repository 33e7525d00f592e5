import type { ReadingSource } from '@/core/startup/quantities';
import type { Db } from '@/server/db/pool';

export type NewMeasurement = {
  id: string;
  companyId: string;
  jobId: string;
  equipmentId: string;
  circuitId: string;
  phase: string;
  mode: string;
  stage: string;
  setId: string;
  quantity: string;
  value: number;
  uncertainty: number;
  location: string;
  barometerPsia: number | null;
  source: ReadingSource;
  instrument: string;
  personId: string;
  runId: string | null;
  runSeconds: number | null;
  detail: Record<string, unknown> | null;
  supersedesId: string | null;
  occurredAt: Date;
};

export const measurementsStore = {
  async find(
    db: Db,
    ids: string[],
  ): Promise<{ id: string; companyId: string; jobId: string; quantity: string; value: number }[]> {
    if (ids.length === 0) return [];
    return db.rows(
      'select id, company_id as companyId, job_id as jobId, quantity, value from measurements where id in (:ids)',
      { ids },
    );
  },

  async insert(db: Db, m: NewMeasurement): Promise<void> {
    await db.run(
      `insert into measurements (id, company_id, job_id, equipment_id, circuit_id, phase, mode, stage, set_id, quantity, value, uncertainty,
       location, gauge_reference, barometer_psia, source, instrument, person_id, run_id, run_seconds, detail, supersedes_id, occurred_at)
       values (:id, :companyId, :jobId, :equipmentId, :circuitId, :phase, :mode, :stage, :setId, :quantity, :value, :uncertainty,
       :location, :gaugeReference, :barometerPsia, :source, :instrument, :personId, :runId, :runSeconds, :detail, :supersedesId, :occurredAt)`,
      {
        ...m,
        gaugeReference: m.quantity.endsWith('Psig') ? 'vented' : null,
        detail: m.detail === null ? null : JSON.stringify(m.detail),
      },
    );
  },
};
