import type { PhaseDescriptor } from '@/core/phases/phase';
import { beforeSnapshotOf } from '@/core/phases/snapshot';
import { clock, list } from '@/core/words/said';
import { dayPlanOf } from './days';
import { type DayFacts, planMove } from './move';
import { PLAN_RULES } from './rules';
import { tell } from './words';

/** The day: who does what when. It is made from the work and follows it; nobody signs it, and nothing waits for it. */
export const plan: PhaseDescriptor<DayFacts> = {
  id: 'plan',
  owner: 'job',
  signedBy: 'sign-before',
  unsigned: true,
  key: 'd',
  equipped: false,
  always: true,
  needsReadings: false,
  needed: () => false,
  gates: () => [],
  gateWords: {},
  move: (sheet, asked) => planMove(sheet, asked.facts),
  note: (sheet) => {
    const { plan: day, said } = dayPlanOf(sheet);
    return said
      ? {
          say: tell('dayplan.from-with', { begins: clock(day.begins), who: list(day.crew.map(firstName)) }),
          mark: 'good',
        }
      : { say: tell('dayplan.nobody-said-who-comes') };
  },
  rules: PLAN_RULES,
  snapshot: (sheet, gates) => beforeSnapshotOf(sheet, 'plan', gates),
};

const firstName = (name: string): string => name.split(' ')[0]!;
