import argon2 from 'argon2';
import type { Db } from '@/server/db/pool';
import { Problem } from '@/server/errors/problem';
import { type Person, peopleStore } from './people-store';

/** argon2id with the library's defaults (64 MiB, 3 passes, 4 lanes). */
export const hashPassword = (password: string): Promise<string> => argon2.hash(password, { type: argon2.argon2id });

/** A hash of no one's password: an unknown name takes as long to refuse as a wrong password. */
let nobody: Promise<string> | undefined;

export async function signIn(db: Db, name: string, password: string): Promise<Person> {
  const found = await peopleStore.bySignIn(db, name.toLowerCase());
  nobody ??= hashPassword('no one has this password');
  // Whoever was invited and has not come yet has no password: nothing opens.
  const matches = await argon2.verify(found?.passwordHash ?? (await nobody), password);
  if (!found?.passwordHash || !matches) throw new Problem('wrong-sign-in');
  return found.person;
}
