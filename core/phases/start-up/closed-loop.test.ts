import { describe, expect, it } from 'vitest';
import type { Plate } from '@/core/equipment/plate';
import type { EquippedSheet } from '@/core/job/sheet';
import { measured, moved, sampleSheet } from '@/core/job/testing/sample-sheet';
import { buildUp } from '@/core/phases/charge/charge-sheet';
import { advance, command, newRig, type RigConfig, sample } from '@/core/plant/rig';
import { type RunSample, readingsFromRun } from '@/core/startup/live';
import type { RunEvent } from '@/core/startup/steady-state';
import { english, told } from '@/core/words/testing/english';
import { steadinessOf } from './held';
import { judgeSheet } from './start-up-sheet';

/**
 * The advice against the physics: a system with a wrong charge is started, the sheet's own next moves are followed, and
 * the system must end proven. Nobody tells the judge what the true charge is.
 */
const BY = { by: 'test', at: '2026-06-01T15:00:00.000Z' };
const MOST_STEPS = 14;

type Case = { plate: Partial<Plate>; errorOz: number; outdoorF?: number; indoorWetBulbF?: number };

function follow({ plate: change, errorOz, outdoorF = 94, indoorWetBulbF = 65 }: Case) {
  const base = sampleSheet();
  const plate: Plate = { ...base.circuit.plate, ...change };
  const build = buildUp(plate);
  if (!build.ok) throw new Error(english(build.refused.message));
  const { totalOz, toWeighInOz } = build.value;
  const config: RigConfig = {
    seed: 11,
    refrigerant: plate.refrigerant,
    metering: plate.metering === 'fixed-orifice' ? 'fixed-orifice' : 'txv',
    tons: plate.nominalTons,
    mode: 'cooling',
    volts: 240,
    elevationFt: base.site.elevationFt,
    outdoorF,
    indoorF: 77,
    indoorWetBulbF,
    indoorEndF: 76,
    // The system wants something else than the build-up says.
    nominalChargeOz: totalOz - errorOz,
    outdoorFanA: 1.05,
    indoorAir: 1,
    outdoorAir: 1,
    condenserClean: 1,
    meterOpening: 1,
    compressorHealth: 1,
    nonCondensablePsi: 0,
    probeFaults: {},
  };
  const sheet: EquippedSheet = {
    ...base,
    circuit: { ...base.circuit, plate },
    startUp: {
      confirmations: { filterClean: BY, indoorCoilClean: BY, outdoorCoilCleanDry: BY, enclosureRestored: BY },
    },
    measurements: [moved(toWeighInOz), measured('airflowCfm', plate.nominalTons * 400, { stage: 'airflow' })],
  };
  let { state } = command(config, newRig(config, totalOz), { kind: 'start' });
  const samples: RunSample[] = [];
  const events: RunEvent[] = [{ runSeconds: 0, kind: 'compressor-start' }];
  let now = 0;
  const run = (seconds: number): void => {
    for (let i = 0; i < seconds; i++) {
      advance(config, state, 1);
      now += 1;
      samples.push({ runSeconds: now, values: sample(config, state) });
    }
  };
  run(1500);
  const moves: { kind: string; oz: number }[] = [];
  for (let step = 0; step < MOST_STEPS; step++) {
    const data = { samples, events };
    const steady = steadinessOf(sheet, data);
    const judgement = judgeSheet(sheet, readingsFromRun(samples, 'simulated', 0), steady, data);
    const { action } = judgement.next;
    if (action?.kind === 'wait') {
      run(300);
      continue;
    }
    if (action?.kind !== 'weigh-in' && action?.kind !== 'recover')
      return {
        moves,
        judgement,
        state,
        config,
        trimmed: moves.reduce((s, m) => s + (m.kind === 'recover' ? -m.oz : m.oz), 0),
      };
    moves.push({ kind: action.kind, oz: action.oz });
    const startS = now;
    const before = state.chargeOz;
    events.push({ runSeconds: now, kind: 'refrigerant' });
    state = command(config, state, { kind: action.kind, oz: action.oz }).state;
    while (state.cylinder.valveOpen) run(1);
    events.push({ runSeconds: now, kind: 'refrigerant' });
    sheet.measurements.push(
      moved(state.chargeOz - before, { phase: 'start-up', stage: 'trim', runSeconds: now, detail: { startS } }),
    );
    run(660);
  }
  throw new Error(`no end after ${moves.map((m) => `${m.kind} ${m.oz.toFixed(1)}`).join(', ')}`);
}

const TXV: Partial<Plate> = {};
const ORIFICE: Partial<Plate> = { metering: 'fixed-orifice', targetSubcoolingF: null, refrigerant: 'R-410A' };

describe('following the advice ends at a proven system', () => {
  it.each<[string, Case]>([
    ['TXV, 14 oz short', { plate: TXV, errorOz: -14 }],
    ['TXV, 8 oz short, R-410A', { plate: { refrigerant: 'R-410A' }, errorOz: -8 }],
    ['TXV, right', { plate: TXV, errorOz: 0 }],
    ['TXV, 16 oz over', { plate: TXV, errorOz: 16 }],
    [
      'TXV, 5 tons, 18 oz short',
      { plate: { nominalTons: 5, factoryChargeOz: 186, compressorRlaA: 23.5 }, errorOz: -18 },
    ],
    ['TXV, short on a cooler day', { plate: TXV, errorOz: -12, outdoorF: 82 }],
    ['orifice, 9 oz short', { plate: ORIFICE, errorOz: -9, indoorWetBulbF: 67 }],
  ])('%s', (_name, c) => {
    const { moves, judgement, trimmed } = follow(c);
    expect(judgement.next.action?.kind, JSON.stringify(judgement.next)).toBe('sign');
    // Never back and forth: one direction to the end.
    expect(new Set(moves.map((m) => m.kind)).size).toBeLessThanOrEqual(1);
    // Never past the truth by more than one ordinary step.
    if (c.errorOz < 0) expect(trimmed).toBeLessThanOrEqual(-c.errorOz + 4.3);
    else expect(trimmed).toBeGreaterThanOrEqual(-c.errorOz - 4.3);
    for (const m of moves) expect(m.oz).toBeLessThanOrEqual(4);
  });

  it('a blocked indoor coil is never answered with refrigerant', () => {
    const base = follow({ plate: TXV, errorOz: 0 });
    const config = { ...base.config, indoorAir: 0.65 };
    const { state } = base;
    const samples: RunSample[] = [];
    for (let t = 1; t <= 1500; t++) {
      advance(config, state, 1);
      samples.push({ runSeconds: t, values: sample(config, state) });
    }
    const sheet = sampleSheet({
      startUp: { confirmations: { filterClean: BY, indoorCoilClean: BY, outdoorCoilCleanDry: BY } },
      measurements: [moved(25.7), measured('airflowCfm', 780, { stage: 'airflow' })],
    });
    const data = { samples, events: [{ runSeconds: 0, kind: 'compressor-start' as const }] };
    const { next, findings } = judgeSheet(
      sheet,
      readingsFromRun(samples, 'simulated', 0),
      steadinessOf(sheet, data),
      data,
    );
    expect(next.action?.kind).toBe('prove-airflow');
    expect(told(findings.find((f) => f.id === 'air-split'))).toMatchObject({
      verdict: 'look-again',
      because: 'Too little air over the coil.',
    });
    expect(findings.some((f) => f.next?.action?.kind === 'weigh-in' || f.next?.action?.kind === 'recover')).toBe(false);
  });
});
