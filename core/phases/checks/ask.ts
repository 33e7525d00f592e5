import type { Said } from '@/core/words/said';

/** How a check is answered: by a tap, by a tap with its picture, by how a joint was closed, by a reading in its unit. */
export type AnsweredBy = 'tap' | 'picture' | 'seal' | 'in' | 'in/ft' | 'ft' | 'dBA' | 'A' | 'V' | 's';

/** One thing that is looked at or measured: what is asked, what is done where it fails, whose rule it is. */
export type Ask<Group extends string = string> = {
  group: Group;
  by: AnsweredBy;
  ask: Said;
  fails: Said;
  source: Said;
  /** Can hurt somebody or ruin the unit: not so is a stop. */
  hazard?: true;
};

type Row<Group extends string> = readonly [
  group: Group,
  by: AnsweredBy,
  ask: Said,
  fails: Said,
  source: Said,
  hazard?: true,
];
export const askRow = <const Group extends string>([
  group,
  by,
  ask,
  fails,
  source,
  hazard,
]: Row<Group>): Ask<Group> => ({
  group,
  by,
  ask,
  fails,
  source,
  ...(hazard ? { hazard } : {}),
});

/** Largest reading of each unit that can be meant. */
export const READS: Readonly<Partial<Record<AnsweredBy, { most: number; unit: string }>>> = {
  in: { most: 600, unit: 'in' },
  'in/ft': { most: 6, unit: 'in/ft' },
  ft: { most: 400, unit: 'ft' },
  dBA: { most: 130, unit: 'dBA' },
  A: { most: 600, unit: 'A' },
  V: { most: 700, unit: 'V' },
  s: { most: 600, unit: 's' },
};

/** How a joint may be closed (UL 181 A and B, edition not checked). */
export const SEALS = ['mastic', 'rated tape pressed', 'gasket', 'mastic with mesh'] as const;
