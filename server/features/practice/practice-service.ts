import type { PracticeHistory } from '@/contract/answers/practice';
import type { PracticeBody } from '@/contract/practice';
import { may } from '@/core/job/permissions';
import type { Database } from '@/server/db/pool';
import { refusedWith } from '@/server/errors/problem';
import type { Person } from '@/server/features/people/people-store';
import { isWritten, writesFirst } from '@/server/write-once';
import { practiceStore } from './practice-store';
import type { Umpire } from './umpire';

type Judging = { database: Database; umpire: Pick<Umpire, 'judge'> };

/** Keeps a round that was played to its end, with the score that comes of playing its moves again. */
export async function keepRound({ database, umpire }: Judging, person: Person, body: PracticeBody) {
  const { id, level, seed, moves, finishedAt } = body;
  const write = { id, what: 'practice round', jobId: null, body };
  if (await isWritten(database, person, write)) return;
  const judged = await umpire.judge({ level, seed, moves });
  if (!judged.ok) throw refusedWith(judged.refused);
  await database.transaction(async (db) => {
    if (!(await writesFirst(db, person, write))) return;
    await practiceStore.insert(db, {
      id,
      companyId: person.companyId,
      personId: person.id,
      level,
      seed,
      moves,
      finishedAt,
      receivedAt: new Date(),
      ...judged.value,
    });
  });
}

/** A person's own rounds; everybody's for who leads. */
export async function historyFor(database: Database, { companyId, id, role }: Person): Promise<PracticeHistory> {
  return { rounds: await practiceStore.list(database, companyId, may(role, 'see-practice') ? undefined : id) };
}
