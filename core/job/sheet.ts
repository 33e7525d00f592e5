import type { Plate } from '@/core/equipment/plate';
import type { Certification, Override, VacuumRecord } from '@/core/job/gates';
import type { BuiltPhase, Phase } from '@/core/job/phases';
import type { ReadingSource } from '@/core/startup/quantities';
import type { Confirmations, StartUpSchools } from '@/core/startup/system';

/** A stored measurement as the job sheet reads it. */
export type SheetMeasurement = {
  id: string;
  setId: string;
  phase: string;
  stage: string;
  quantity: string;
  value: number;
  uncertainty: number;
  source: ReadingSource;
  instrument: string;
  location: string;
  person: string;
  runId: string | null;
  runSeconds: number | null;
  detail: Record<string, unknown> | null;
  supersedesId: string | null;
  occurredAt: string;
};

export type SheetRun = {
  id: string;
  phase: string;
  source: ReadingSource;
  speed: number;
  state: 'running' | 'stopped' | 'interrupted';
  startedAt: string;
};

export type SheetSignOff = {
  id: string;
  phase: BuiltPhase;
  by: string;
  certificate: string | null;
  at: string;
  contentHash: string;
};

export type StartUpRecord = { confirmations: Partial<Record<keyof Confirmations, { by: string; at: string }>> };

/** Everything that one job's screens and judgements need, except the samples of its runs. */
export type JobSheet = {
  job: {
    id: string;
    number: number;
    mode: 'cooling' | 'heating';
    scheduledFor: string;
    leadId: string;
    lead: string;
    version: number;
  };
  customer: { id: string; name: string; phone: string | null };
  site: { id: string; address: string; town: string; elevationFt: number; barometerPsia: number };
  system: { id: string; name: string; kind: string };
  equipmentId: string;
  circuit: { id: string; name: string; version: number; plate: Plate };
  vacuum: (VacuumRecord & { version: number }) | null;
  startUp: StartUpRecord;
  measurements: SheetMeasurement[];
  overrides: (Override & { id: string; phase: Phase })[];
  signOffs: SheetSignOff[];
  runs: SheetRun[];
  schools: StartUpSchools;
  certification: Certification;
};
