import useSWR from 'swr';
import type { Certification } from '@/core/job/gates';
import type { Role } from '@/core/job/permissions';
import type { Language } from '@/core/words/render';
import { readAtHome, speakFromNow } from '@/web/words/say';
import { type ApiProblem, get } from './http';

export type Me = {
  id: string;
  fullName: string;
  companyName: string;
  timeZone: string;
  demo: boolean;
  role: Role;
  certification: Certification;
  language: Language;
};

export function useMe() {
  const { data, error, isLoading, mutate } = useSWR<{ person: Me }, ApiProblem>('/me', get, {
    shouldRetryOnError: false,
    revalidateOnFocus: false,
    onSuccess: ({ person }) => {
      readAtHome(person.timeZone);
      // A person who reads another language than this device last did sees their own.
      speakFromNow(person.language);
    },
  });
  return { me: data?.person, signedOut: error?.status === 401, trouble: error, isLoading, refresh: mutate };
}
