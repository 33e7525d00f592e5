import type { RunMode } from '@/core/finding/run-mode';
import type { MeasuredAir } from './airflow-compared';
import type { Readings } from './quantities';
import type { SteadyResult } from './steady-state';
import type { Airflow, Confirmations, StartUpSchools, StartUpSystem } from './system';

/** Everything a start-up is judged on. */
export type JudgeInput = {
  system: StartUpSystem;
  readings: Readings;
  steady: SteadyResult;
  airflow?: Airflow;
  /** The newest by each method, where there are several. */
  airflows?: readonly MeasuredAir[];
  confirmations: Confirmations;
  schools: StartUpSchools;
  mode: RunMode;
  /** Amps of the compressor at its full stage, as recorded in this call: what a low stage is held against. */
  fullStageA?: number;
  /** Minutes the compressor has run without a break; undefined when nobody knows. */
  ranMin?: number;
  /** Look-agains by id that the lead and the customer let stand: what comes after them is judged all the same. */
  accepted?: readonly string[];
  /** Minutes for which superheat has stood below the flooding limit until now. */
  floodingMin?: number;
  /** Minutes for which the compressor has held its speed until now. */
  speedHeldMin?: number;
};
