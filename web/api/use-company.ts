import useSWR from 'swr';
import type { Company } from '@/contract/company';
import { type ApiProblem, get } from './http';

/** The company a person belongs to, as it is set. */
export const useCompany = () => useSWR<Company, ApiProblem>('/company', get);
