import type { Request } from 'express';
import { type Act, MAY, may } from '@/core/job/permissions';
import { list, value } from '@/core/words/said';
import { tell } from '@/server/words/tell';
import { Problem } from './errors/problem';
import type { Person } from './features/people/people-store';

declare module 'express-session' {
  interface SessionData {
    personId: string;
    /** When, where and with what it was opened, for the person to recognise. */
    since: string;
    address: string;
    agent: string;
  }
}
declare global {
  namespace Express {
    interface Request {
      person?: Person;
    }
  }
}

/** The signed-in person, or a refusal. */
export function who(request: Request): Person {
  if (!request.person) throw new Problem('not-signed-in');
  return request.person;
}

export function must(person: Person, act: Act): void {
  if (!may(person.role, act))
    throw new Problem('not-allowed', {
      message: tell('server.only-may-do-this-you-are', {
        may: list(MAY[act].map(value), value('or')),
        role: value(person.role),
      }),
    });
}
