import type { Finding, TypedProof } from '@/core/finding/finding';
import type { EquippedSheet } from '@/core/job/sheet';
import { entriesOf } from '@/core/phases/log/circuit-log';
import { tell } from '@/core/phases/start-up/words';
import { judgeElectricalRun } from '@/core/startup/acceptance/electrical-run';
import { judgeMakerCharge } from '@/core/startup/acceptance/maker-charge';
import { judgeSightGlass } from '@/core/startup/acceptance/sight-glass';
import { judgeStaticBudget } from '@/core/startup/acceptance/static-budget';
import { judgeValve } from '@/core/startup/valve-turns';
import type { Said } from '@/core/words/said';
import { ofCircuit } from './of-circuit';

/** One proof that is typed as it is seen: what it is called, its form, and what it says so far; undefined before it is made. */
export type Acceptance = {
  id: string;
  name: Said;
  entry: TypedProof;
  ask: Said;
  because: Said;
  findings: readonly Finding[] | undefined;
};

/** A proof of the running circuit, and whether this equipment may have it and owes it. */
type BenchProof = Acceptance & { has: boolean; owed: boolean };

function all(sheet: EquippedSheet): BenchProof[] {
  const { plate } = sheet.circuit;
  const { refrigerant } = plate;
  const electrical = ofCircuit(sheet, 'electrical-run').at(-1);
  const budget = entriesOf(sheet.systemLog, 'static-budget').at(-1);
  const glass = ofCircuit(sheet, 'sight-glass').at(-1);
  const maker = ofCircuit(sheet, 'maker-charge').at(-1);
  const turns = ofCircuit(sheet, 'valve-turn').map((e) => e.body);
  return [
    {
      id: 'electrical',
      name: tell('job.electrical-under-load'),
      entry: 'electrical-run',
      ask: tell('job.read-what-the-meter-shows-under-load'),
      because: tell('job.three-phases-that-lie-apart-burn-a-motor'),
      findings: electrical && judgeElectricalRun(electrical.body, { threePhase: plate.phases === '3' }),
      has: true,
      // One phase of three that is weak shows in no pressure.
      owed: plate.phases === '3',
    },
    {
      id: 'static-budget',
      name: tell('job.static-budget'),
      entry: 'static-budget',
      ask: tell('job.read-static-where-the-air-goes'),
      because: tell('job.it-shows-which-part-costs-the-air'),
      findings: budget && judgeStaticBudget(budget.body),
      has: true,
      owed: false,
    },
    {
      id: 'sight-glass',
      name: tell('job.sight-glass'),
      entry: 'sight-glass',
      ask: tell('job.look-at-the-glass-while-it-runs'),
      because: tell('job.a-hint-beside-the-subcooling'),
      findings: glass && judgeSightGlass(glass.body, { refrigerant }),
      has: true,
      owed: false,
    },
    {
      id: 'maker-charge',
      name: tell('job.makers-own-procedure'),
      entry: 'maker-charge',
      ask: tell('job.follow-the-makers-charging-procedure'),
      because: tell('job.maker-knows-how-it-is-charged'),
      findings: maker && judgeMakerCharge(maker.body),
      has: plate.inverter || plate.metering === 'eev',
      owed: false,
    },
    {
      // Only a thermostatic valve is turned by hand; one that reads right at the unit is left as its maker set it.
      id: 'valve-turns',
      name: tell('job.valve-turned'),
      entry: 'valve-turn',
      ask: tell('job.read-the-outlet-and-turn-by-quarters'),
      because: tell('job.only-a-valve-that-its-maker-lets-be-turned'),
      findings: turns.length ? judgeValve(turns, { refrigerant, barometerPsia: sheet.site.barometerPsia }) : undefined,
      has: plate.metering === 'txv',
      owed: false,
    },
  ];
}

/** Proofs of the running circuit that are owed or were begun. */
export const benchProofsOf = (sheet: EquippedSheet): Acceptance[] => all(sheet).filter((p) => p.owed || p.findings);

/** Those that nobody owes, for who wants to make one. */
export const offeredProofsOf = (sheet: EquippedSheet): Acceptance[] =>
  all(sheet).filter((p) => p.has && !p.owed && !p.findings);
