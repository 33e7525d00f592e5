import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { PHASES_BUILT } from '@/core/phases/registry';
import { belongsToCircuit, forCircuit, pagesOf, pathOfSheet, sheetPath, showsOn, splitPath } from './circuit-path';
import { withWaiting } from './outbox/overlay';
import type { Waiting } from './outbox/waiting';
import type { Me } from './use-me';

const first = sampleSheet();
const circuits = [
  ...first.circuits,
  { id: 'k2', name: 'Circuit 2', systemId: 'y', systemName: 'Upstairs system', equipped: true, signed: [] },
];
const one = { ...first, circuits };
const two = { ...one, circuit: { ...first.circuit, id: 'k2' } };

/** Writes of a job that one circuit answers for; the server reads the circuit of every other one too, and does not mind. */
const OF_A_CIRCUIT = [
  // It names the system of the circuit that is looked at.
  'details',
  'plate',
  'vacuum',
  'confirmations',
  'circuit-entries',
  'measurements',
  'rounds',
  'runs',
  'instrument-runs',
  'movements/:measurementId/withdrawal',
];
const routes = readdirSync('server/features')
  .flatMap((folder) => readdirSync(`server/features/${folder}`).map((file) => `server/features/${folder}/${file}`))
  .filter((file) => file.endsWith('-routes.ts'))
  .flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/router\.(?:post|put)\(\s*'\/jobs\/:jobId\/([^']+)'/g)].map((m) => m[1]!),
  );

describe('which circuit a write is for', () => {
  it('every write of a job is told apart: the circuit’s, or the job’s', () => {
    expect(routes.length).toBeGreaterThan(20);
    for (const route of routes) {
      if (route.includes(':phase')) continue;
      const path = `/jobs/job/${route.replace(/:\w+/g, 'x')}`;
      expect(belongsToCircuit(path), route).toBe(OF_A_CIRCUIT.includes(route));
    }
    for (const phase of PHASES_BUILT)
      for (const what of ['overrides', 'sign-offs'])
        expect(belongsToCircuit(`/jobs/job/phases/${phase.id}/${what}`), phase.id).toBe(phase.owner === 'circuit');
  });
  it('what is the circuit’s carries it, unless it is the first; what is the job’s never does', () => {
    expect(forCircuit(one, '/jobs/job/vacuum')).toBe('/jobs/job/vacuum');
    expect(forCircuit(two, '/jobs/job/vacuum')).toBe('/jobs/job/vacuum?circuit=k2');
    expect(forCircuit(two, '/jobs/job/observations')).toBe('/jobs/job/observations');
    expect(splitPath('/jobs/job/vacuum?circuit=k2')).toEqual({ path: '/jobs/job/vacuum', circuitId: 'k2' });
    expect(splitPath('/jobs/job/vacuum')).toEqual({ path: '/jobs/job/vacuum', circuitId: undefined });
  });
  it('a sheet has one address, and its pages one each', () => {
    expect([pathOfSheet(one), pathOfSheet(two)]).toEqual(['/jobs/job', '/jobs/job?circuit=k2']);
    expect(sheetPath('job', 'k2')).toBe(pathOfSheet(two));
    expect([pagesOf(one), pagesOf(two)]).toEqual(['/jobs/job', '/jobs/job/circuits/k2']);
  });
});

describe('what waits to be sent, on the sheets of both circuits', () => {
  const me = { fullName: 'Tess Orlan', role: 'lead' } as Me;
  const waiting = (path: string, body: object): Waiting =>
    ({ seq: 1, personId: 'p', method: 'POST', path, body, at: '2026-06-01T12:00:00.000Z' }) as Waiting;
  const reading = {
    measurements: [
      {
        id: 'm',
        setId: 's',
        phase: 'start-up',
        stage: 'reading',
        quantity: 'suctionPsig',
        value: 118,
        occurredAt: '2026-06-01T12:00:00.000Z',
      },
    ],
  };
  it('a reading stands on its own circuit only', () => {
    const write = waiting('/jobs/job/measurements?circuit=k2', reading);
    expect(withWaiting(one, [write], me).measurements).toEqual([]);
    expect(withWaiting(two, [write], me).measurements.map((m) => [m.value, m.circuitId])).toEqual([[118, 'k2']]);
    const mine = waiting('/jobs/job/measurements', reading);
    expect(withWaiting(one, [mine], me).measurements).toHaveLength(1);
    expect(withWaiting(two, [mine], me).measurements).toEqual([]);
  });
  it('an override too, and its phase is read whatever follows the path', () => {
    const write = waiting('/jobs/job/phases/evacuate/overrides?circuit=k2', {
      id: 'o',
      gate: 'level',
      reason: 'gauge lost',
    });
    expect(withWaiting(two, [write], me).overrides).toMatchObject([
      { phase: 'evacuate', ownerId: 'k2', gate: 'level' },
    ]);
    expect(withWaiting(one, [write], me).overrides).toEqual([]);
  });
  it('what is the job’s stands on both', () => {
    const write = waiting('/jobs/job/mode', { version: 1, mode: 'heating' });
    for (const sheet of [one, two])
      expect(withWaiting(sheet, [{ ...write, method: 'PUT' }], me).job.mode).toBe('heating');
    expect(showsOn(two, '/jobs/job/decisions')).toBe(true);
  });
});
