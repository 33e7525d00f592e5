import useSWR from 'swr';
import type { Certification } from '@/core/job/gates';
import type { Role } from '@/core/job/permissions';
import { type ApiProblem, get } from './http';

export type Colleague = { id: string; fullName: string; role: Role; certification: Certification };

/** Everybody of the company. */
export const usePeople = () => useSWR<{ people: Colleague[] }, ApiProblem>('/people', get).data?.people ?? [];
