import type { Remembered } from '@/core/phases/memory';

/** A circuit of a job as it is remembered, with the job it belongs to. */
export type Row = Remembered & {
  jobId: string;
  number: number;
  state: 'open' | 'done' | 'cancelled';
  lead: string;
  scheduledFor: string;
  customer: string;
  address: string;
  siteId: string;
  systemName: string;
};
export type House = {
  siteId: string;
  customer: string;
  phone: string | null;
  address: string;
  systems: { systemId: string; name: string; jobs: Row[] }[];
};
