import { certificationCovers } from '@/core/job/gates';
import type { Db } from '@/server/db/pool';
import { badInput } from '@/server/errors/problem';
import { tell } from '@/server/words/tell';
import { type Person, peopleStore } from './people-store';

/**
 * Who answers for refrigerant that is weighed or delivered: a person certified Type II or Universal answers for
 * themselves, anybody else names one of the company (40 CFR 82.161, edition not checked).
 */
export async function answersFor(db: Db, person: Person, certifiedId: string | undefined): Promise<Person> {
  if (certificationCovers(person.certification)) return person;
  const named = certifiedId ? await peopleStore.byId(db, certifiedId) : undefined;
  if (named?.companyId === person.companyId && certificationCovers(named.certification)) return named;
  throw badInput(
    'certifiedId',
    certifiedId ? tell('server.that-person-is-not-certified') : tell('server.name-who-is-certified'),
    tell('server.certified-person-of-your-company'),
  );
}
