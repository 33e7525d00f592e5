import type { FaultName } from '@/core/plant/unit/faults';
import { quickestFor } from '@/core/practice/acts';
import { LEVEL, type LevelId, SEEDS } from '@/core/practice/levels';
import type { Move } from '@/core/practice/moves';
import { judgeRound } from '@/core/practice/practice';
import { BASE_PROBES } from '@/core/practice/probes';
import { drawSystemRound } from '@/core/practice/system-round';
import type { Database } from '@/server/db/pool';
import { peopleStore } from '@/server/features/people/people-store';
import { keepRound } from '@/server/features/practice/practice-service';
import { DEMO_PEOPLE } from './company';

type Played = { signIn: string; level: LevelId; nth: number; daysAgo: number; named?: FaultName; mended: boolean };

/** What the helper and a lead of the demo company played so far: right and wrong, put right and left. */
const PLAYED: readonly Played[] = [
  { signIn: 'pim', level: 'ladder', nth: 0, daysAgo: 9, named: 'overcharge', mended: false },
  { signIn: 'pim', level: 'ladder', nth: 1, daysAgo: 8, mended: false },
  { signIn: 'pim', level: 'ladder', nth: 2, daysAgo: 6, mended: true },
  { signIn: 'pim', level: 'faults', nth: 0, daysAgo: 5, mended: true },
  { signIn: 'pim', level: 'faults', nth: 1, daysAgo: 2, named: 'undercharge', mended: false },
  { signIn: 'jory', level: 'faults', nth: 0, daysAgo: 4, mended: true },
  { signIn: 'jory', level: 'two', nth: 0, daysAgo: 1, mended: true },
];

function movesOf({ level, nth, named, mended }: Played): Move[] {
  const of = LEVEL[level];
  const hidden = of.kind === 'system' ? drawSystemRound(of, SEEDS[level][nth]!).hidden.map((h) => h.fault) : [];
  const right: FaultName[] = hidden.length ? hidden : ['healthy'];
  return [
    { kind: 'place', probes: [...BASE_PROBES] },
    { kind: 'follow', id: 'airflow' },
    { kind: 'name', faults: named ? [named] : right },
    ...(mended ? hidden.flatMap((f): Move[] => cured(f)) : []),
    { kind: 'finish' },
  ];
}

function cured(fault: FaultName): Move[] {
  const id = quickestFor(fault);
  return id ? [{ kind: 'act', id }] : [];
}

const DAY_MS = 86_400_000;

/** Plays the demo's rounds by the same command as anybody's. */
export async function loadPractice(database: Database): Promise<void> {
  for (const [n, one] of PLAYED.entries()) {
    const person = await peopleStore.byId(database, DEMO_PEOPLE.find((p) => p.signIn === one.signIn)!.id);
    if (!person) continue;
    await keepRound({ database, umpire: { judge: async (o) => judgeRound(o.level, o.seed, o.moves) } }, person, {
      id: `0198a000-0000-7000-8000-0000000003${String(n).padStart(2, '0')}`,
      level: one.level,
      seed: SEEDS[one.level][one.nth]!,
      moves: movesOf(one),
      finishedAt: new Date(Date.now() - one.daysAgo * DAY_MS).toISOString(),
    });
  }
}
