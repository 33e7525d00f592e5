import useSWR from 'swr';
import type { WeekSlot } from '@/core/phases/plan/week';
import { type ApiProblem, get } from './http';

export type LeftOver = { jobId: string; number: number; customer: string; leadName: string; scheduledFor: string };
export type Week = { from: string; to: string; slots: WeekSlot[]; leftOver: LeftOver[] };

/** The week of the office; read again while it is looked at. */
export const useWeek = (from: string) =>
  useSWR<Week, ApiProblem>(`/week?from=${from}`, get, { refreshInterval: 20_000, keepPreviousData: true });
