import { describe, expect, it } from 'vitest';
import type { Curve, Ladder } from '@/core/job/chart';
import type { EquippedSheet } from '@/core/job/sheet';
import { HEALTHY, measured, moved, round, sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { buildReport } from '@/core/phases/report';
import { snapshotOf } from '@/core/phases/snapshot';
import { sheetGates } from '@/core/phases/standing';
import { recordedStartUp } from '@/core/phases/start-up/start-up-sheet';
import { english } from '@/core/words/testing/english';
import { LINE_RUN, PUMP_SETUP, TEST_PLAN } from '@/demo/sample-entries';

const EARLY = '2026-06-01T15:00:00.000Z';
const LATE = '2026-06-01T15:08:00.000Z';
const seen = { by: 'Tess Orlan', at: LATE };
const ALL = { filterClean: seen, indoorCoilClean: seen, outdoorCoilCleanDry: seen, enclosureRestored: seen };

function proven(change: Partial<EquippedSheet> = {}): EquippedSheet {
  return sampleSheet({
    startUp: { confirmations: ALL },
    signOffs: [signedOff('charge', { at: LATE })],
    measurements: [
      moved(25.7),
      measured('airflowCfm', 1204, { stage: 'airflow', detail: { method: 'flow grid or hood' } }),
      ...round(HEALTHY, 'a', EARLY),
      ...round(HEALTHY, 'b', LATE),
    ],
    ...change,
  });
}
function reportOf(sheet: EquippedSheet) {
  const recorded = recordedStartUp(sheet, () => undefined);
  return buildReport({
    company: 'Dray & Pell',
    snapshot: snapshotOf(sheet, 'start-up', sheetGates(sheet, 'start-up', recorded), recorded),
    signOffs: sheet.signOffs,
    amendments: [],
    jobLog: sheet.jobLog,
  });
}
const said = (sheet: EquippedSheet, id: string): string =>
  reportOf(sheet)
    .five!.find((l) => l.id === id)!
    .said.map((it) => english(it))
    .join(' ');

/** Rises and levels off: tight and dry. */
const DECAY = Array.from({ length: 121 }, (_, i): [number, number] => [i / 10, 260 + 40 * (1 - Math.exp(-i / 10))]);

/** Tested tight at 450 psig for half an hour, dry at 300 µm after twelve minutes. */
function proofs(): LogBuilder {
  const b = new LogBuilder().add('line-run', LINE_RUN).add('test-plan', { ...TEST_PLAN, targetPsig: 450 });
  b.add('hold-start', { psig: 450, pipeF: 70, runId: null, runSeconds: null });
  const startId = b.lastId;
  b.wait(44).add('hold-end', { startId, psig: 450, pipeF: 70, runId: null, runSeconds: null });
  b.add('pump-setup', PUMP_SETUP).add('isolated', { microns: 220, runId: null, runSeconds: null });
  return b.wait(12).add('standing', {
    samples: DECAY,
    coldestPipeF: 70,
    runId: null,
    fromS: null,
    toS: null,
  });
}

describe('the first page', () => {
  it('has five lines in their order, and says nothing of what nobody wrote down', () => {
    const sheet = sampleSheet();
    const { five } = reportOf(sheet);
    expect(five!.map((l) => l.id)).toEqual(['done', 'proved', 'not-proved', 'owed', 'yours']);
    expect(said(sheet, 'done')).not.toMatch(/recovered|line set/i);
    expect(said(sheet, 'proved')).not.toMatch(/Tight|Dry|Charge/);
    expect(said(sheet, 'not-proved')).toContain('It has not been started up.');
    expect(said(sheet, 'owed')).toBe('Known once it has been started up.');
  });
  it('says what was proved, with its figures', () => {
    const sheet = proven({ circuitLog: proofs().log });
    expect(said(sheet, 'done')).toMatch(/line set/i);
    expect(said(sheet, 'proved')).toMatch(/Dry: 300 µm after 12 min/);
    expect(said(sheet, 'proved')).toMatch(/Charge by the scale: \d+ lb/);
    expect(said(sheet, 'proved')).toMatch(/ubcooling/);
    expect(said(sheet, 'not-proved')).not.toContain('It has not been started up.');
  });
  it('a first filter is owed with its day; what burns gas has its own line for the owner', () => {
    const jobLog = new LogBuilder().add('filter-fitted', {
      kind: 'first',
      size: '16 × 25 × 1',
      changeOn: '2027-01-10',
    } as never).log;
    expect(said(proven({ jobLog }), 'owed')).toContain('First filter changed on Jan 10, 2027.');
    expect(said(proven(), 'yours')).not.toContain('gas');
  });
});

describe('curves of the report', () => {
  it('draws what was read and nothing else', () => {
    expect(reportOf(sampleSheet()).charts).toEqual([]);
    const charts = reportOf(proven({ circuitLog: proofs().log })).charts!;
    const [ladder, vacuum] = charts as [Ladder, Curve];
    const at = (say: string) => ladder.rungs.find((r) => english(r.say) === say)!;
    expect(at('outdoor').at).toBe(HEALTHY.outdoorDryBulbF);
    // Subcooling and superheat as brackets: their targets off the computed temperatures.
    const liquid = at('liquid');
    expect(liquid.high! - liquid.low!).toBeCloseTo(6, 6);
    expect(at('cond.')).toMatchObject({ computed: true });
    expect(at('cond.').at - liquid.at).toBeGreaterThan(5);
    expect(vacuum.points).toEqual(DECAY);
    expect(vacuum.bounds[0]!.at).toBe(500);
    expect(english(vacuum.last)).toBe('300 µm');
  });
});
