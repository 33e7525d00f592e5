import type { Db } from '@/server/db/pool';
import { memoryOf } from '@/server/who-memory';
import { type Person, peopleStore } from './people-store';

/** The person of a session, as known a moment ago. */
export async function personKnown(db: Db, id: string): Promise<Person | undefined> {
  const { people } = memoryOf(db);
  const known = people.get(id) as Person | undefined;
  if (known) return known;
  const person = await peopleStore.byId(db, id);
  if (person) people.set(id, person);
  return person;
}
