import useSWR from 'swr';
import type { Role } from '@/core/job/permissions';
import { type ApiProblem, get } from './http';

export type Colleague = { id: string; fullName: string; role: Role; certification: string | null };

/** Everybody of the company. */
export const usePeople = () => useSWR<{ people: Colleague[] }, ApiProblem>('/people', get).data?.people ?? [];
