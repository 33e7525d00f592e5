import useSWR from 'swr';
import type { Certification } from '@/core/job/gates';
import type { Role } from '@/core/job/permissions';
import type { Language } from '@/core/words/render';
import { speakFromNow } from '@/web/words/say';
import { type ApiProblem, get } from './http';

export type Me = {
  id: string;
  fullName: string;
  companyName: string;
  demo: boolean;
  role: Role;
  certification: Certification;
  language: Language;
};

export function useMe() {
  const { data, error, isLoading, mutate } = useSWR<{ person: Me }, ApiProblem>('/me', get, {
    shouldRetryOnError: false,
    revalidateOnFocus: false,
    // A person who reads another language than this device last did sees their own.
    onSuccess: ({ person }) => void speakFromNow(person.language),
  });
  return { me: data?.person, signedOut: error?.status === 401, trouble: error, isLoading, refresh: mutate };
}
