import useSWR from 'swr';
import type { Language } from '@/core/words/render';
import { type ApiProblem, get } from './http';

export type Company = { name: string; timeZone: string; customerLanguage: Language; version: number };

/** The company a person belongs to, as it is set. */
export const useCompany = () => useSWR<Company, ApiProblem>('/company', get);
