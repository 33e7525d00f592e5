import { describe, expect, it } from 'vitest';
import { type Gate, passes } from '@/core/job/gates';
import type { EquippedSheet, JobSheet } from '@/core/job/sheet';
import { HEALTHY, letPass, measured, moved, round, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { chargeChecks, chargeLabel } from '@/core/phases/charge/charge-record';
import { buildUpOf, judgeCharge } from '@/core/phases/charge/charge-sheet';
import { chargeMove } from '@/core/phases/charge/move';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { removalGates } from '@/core/phases/scope/gates';
import { scopeMove } from '@/core/phases/scope/move';
import { sheetGates } from '@/core/phases/standing';
import { startUpMove } from '@/core/phases/start-up/move';
import { recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { surveyMove } from '@/core/phases/survey/move';
import { DEAD_PROOF, OLD_CHARGE } from '@/demo/sample-entries';
import { CIRCUIT_PHASES } from './circuit-kept';
import { nextMoveOf } from './phase';
import { phaseById } from './registry';

/** Every subset of a short list, and of a long one the empty, the whole, each alone and each left out. */
function subsets<T>(all: readonly T[]): T[][] {
  if (all.length <= 7)
    return Array.from({ length: 2 ** all.length }, (_, n) => all.filter((_x, i) => (n >> i) % 2 === 1));
  return [[], [...all], ...all.map((x) => [x]), ...all.map((x) => all.filter((y) => y !== x))];
}

type Case = {
  phase: JobSheet['overrides'][number]['phase'];
  sheet: EquippedSheet;
  gates: (s: EquippedSheet) => readonly Gate[];
  /** What the bar does: the kind of its button. */
  does: (s: EquippedSheet) => string;
};

const started = new LogBuilder().add('old-charge', OLD_CHARGE).add('dead-proof', DEAD_PROOF);
const before = (['recover', 'join', 'pressure-test', 'evacuate'] as const).map((p) => signedOff(p));

function chargeDoes(s: EquippedSheet): string {
  const build = buildUpOf(s);
  if (!build.ok) throw new Error('the sample has a build-up');
  const gates = sheetGates(s, 'charge');
  const judged = judgeCharge(s, build.value);
  const checks = chargeChecks(s, build.value, '2026-06-01');
  return (
    chargeMove({
      sheet: s,
      judged,
      gates,
      checks,
      label: chargeLabel(s, build.value),
      live: undefined,
      scale: true,
      maySign: true,
    }).button?.action.kind ?? 'none'
  );
}

const startUpGates = (s: EquippedSheet): Gate[] =>
  sheetGates(
    s,
    'start-up',
    recordedStartUp(s, () => undefined),
  );

function startUpDoes(s: EquippedSheet): string {
  const recorded = recordedStartUp(s, () => undefined);
  const gates = startUpGates(s);
  return (
    startUpMove({
      signedBy: undefined,
      overridden: false,
      accepted: [],
      live: undefined,
      stale: false,
      staleForS: 0,
      setCleared: true,
      wireCleared: true,
      chargeCleared: gates.every((g) => g.id !== 'charge-signed' || passes(g)),
      connecting: false,
      streaming: false,
      speed: undefined,
      toldRunning: undefined,
      anyReading: recorded !== undefined,
      anyRound: recorded !== undefined,
      judgement: recorded!.judgement,
      selected: 'subcooling',
      maySign: true,
      gates,
      typing: false,
      mode: 'cooling',
      modeProven: false,
      roundInS: undefined,
    }).button?.action.kind ?? 'none'
  );
}

const readings = round(HEALTHY, 'a', '2026-06-01T15:00:00.000Z');
const CASES: Case[] = [
  ...CIRCUIT_PHASES.map(
    (phase): Case => ({
      phase,
      sheet: sampleSheet({
        vacuum: null,
        circuitLog: started.log,
        signOffs: before.slice(0, CIRCUIT_PHASES.indexOf(phase)),
      }),
      gates: (s) => sheetGates(s, phase),
      does: (s) => nextMoveOf(phaseById(phase)!, s, { maySign: true }).button?.action.kind ?? 'none',
    }),
  ),
  {
    phase: 'charge',
    sheet: sampleSheet({ vacuum: null }),
    gates: (s) => sheetGates(s, 'charge'),
    does: chargeDoes,
  },
  {
    phase: 'start-up',
    sheet: sampleSheet({ measurements: [moved(25), ...readings], signOffs: [signedOff('charge')] }),
    gates: startUpGates,
    does: startUpDoes,
  },
  {
    phase: 'start-up',
    // Winter: nothing can be proven today.
    sheet: sampleSheet({
      measurements: [
        moved(25),
        measured('airflowCfm', 1200, { stage: 'airflow' }),
        ...round({ ...HEALTHY, outdoorDryBulbF: 40 }, 'a', '2026-01-10T15:00:00.000Z'),
      ],
    }),
    gates: startUpGates,
    does: startUpDoes,
  },
  {
    phase: 'survey',
    sheet: sampleSheet(),
    gates: (s) => sheetGates(s, 'survey'),
    does: (s) => surveyMove(s).button?.action.kind ?? 'none',
  },
];

describe('whatever a lead lets pass', () => {
  it.each(CASES.map((c) => [`${c.phase}, ${c.sheet.measurements.length} readings`, c] as const))(
    '%s: the next move is the signature exactly when nothing holds it, and never asks for what was let pass',
    (_name, { phase, sheet, gates, does }) => {
      const open = gates(sheet).filter((g) => !passes(g));
      const may = open.filter((g) => g.overridable);
      expect(open.length, 'a case that proves something has a gate held').toBeGreaterThan(0);
      for (const set of subsets(may)) {
        const s: EquippedSheet = {
          ...sheet,
          overrides: set.map((g) => letPass(phase, g.id)),
        };
        const all = gates(s).every(passes);
        const said = `${set.map((g) => g.id).join(', ')} overridden; held: ${gates(s)
          .filter((g) => !passes(g))
          .map((g) => g.id)
          .join(', ')}`;
        if (all) expect(does(s), said).toBe('sign');
        else expect(['sign', 'recordAndSign'], said).not.toContain(does(s));
      }
    },
  );
  it('the removal waits for nothing but what nobody may let pass', () => {
    const sheet = sampleSheet();
    const overrides = removalGates(sheet)
      .filter((g) => g.overridable)
      .map((g) => letPass('recover', g.id));
    const s = { ...sheet, overrides };
    if (removalGates(s).every(passes)) expect(scopeMove(s).button!.action.kind).toBe('release-removal');
    else
      expect(
        removalGates(s)
          .filter((g) => !passes(g))
          .every((g) => !g.overridable),
      ).toBe(true);
  });
});
