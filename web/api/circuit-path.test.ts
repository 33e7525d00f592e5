import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { sampleSheet, standing } from '@/core/job/testing/sample-sheet';
import { PHASES_BUILT } from '@/core/phases/registry';
import { forCircuit, ownerOfWrite, pagesOf, paperOf, pathOfSheet, sheetPath, showsOn, splitPath } from './circuit-path';
import { withWaiting } from './outbox/overlay';
import type { Waiting } from './outbox/waiting';
import type { Me } from './use-me';

const first = sampleSheet();
const circuits = [
  ...first.circuits,
  standing({ id: 'k2', name: 'Circuit 2' }),
  standing({ id: 'k3', systemId: 'z', systemName: 'Downstairs system' }),
];
const one = { ...first, circuits };
const two = { ...one, circuit: { ...first.circuit, id: 'k2' } };
/** Of the other system of the house. */
const three = { ...one, circuit: { ...first.circuit, id: 'k3' }, system: { ...first.system, id: 'z' } };

/** Writes of a job that one circuit answers for; the server reads the circuit of every other one too, and does not mind. */
const OF_A_CIRCUIT = [
  // It names the system of the circuit that is looked at.
  'details',
  'plate',
  'vacuum',
  'confirmations',
  'circuit-entries',
  'acceptances',
  'measurements',
  'rounds',
  'runs',
  'instrument-runs',
  'device-runs',
  'movements/:measurementId/withdrawal',
];
/** Those of one system: what was found, chosen, agreed before the work, and the proof of a furnace alone. */
const OF_A_SYSTEM = [
  'observations',
  'photos',
  'waivers',
  'choice',
  'decisions',
  'scope-lines',
  'option',
  'customer-signatures',
  'removal',
  'furnace',
  'fits/:kind',
];
const routes = readdirSync('server/features')
  .flatMap((folder) => readdirSync(`server/features/${folder}`).map((file) => `server/features/${folder}/${file}`))
  .filter((file) => file.endsWith('-routes.ts'))
  .flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/router?\.(?:post|put)\(\s*'\/jobs\/:jobId\/([^']+)'/g)].map((m) => m[1]!),
  );

describe('which circuit a write is for', () => {
  it('every write of a job is told apart: the circuit’s, the system’s, or the job’s', () => {
    expect(routes.length).toBeGreaterThan(20);
    for (const route of routes) {
      if (route.includes(':phase')) continue;
      const path = `/jobs/job/${route.replace(/:\w+/g, 'x')}`;
      const owner = OF_A_CIRCUIT.includes(route) ? 'circuit' : OF_A_SYSTEM.includes(route) ? 'system' : 'job';
      expect(ownerOfWrite(path), route).toBe(owner);
    }
    for (const phase of PHASES_BUILT)
      for (const what of ['overrides', 'sign-offs'])
        expect(ownerOfWrite(`/jobs/job/phases/${phase.id}/${what}`), phase.id).toBe(phase.owner);
  });
  it('what is the circuit’s or the system’s carries it, unless it is the first; what is the job’s never does', () => {
    expect(forCircuit(one, '/jobs/job/vacuum')).toBe('/jobs/job/vacuum');
    expect(forCircuit(two, '/jobs/job/vacuum')).toBe('/jobs/job/vacuum?circuit=k2');
    expect(forCircuit(three, '/jobs/job/observations')).toBe('/jobs/job/observations?circuit=k3');
    expect(forCircuit(three, '/jobs/job/mode')).toBe('/jobs/job/mode');
    expect(splitPath('/jobs/job/vacuum?circuit=k2')).toEqual({ path: '/jobs/job/vacuum', circuitId: 'k2' });
    expect(splitPath('/jobs/job/vacuum')).toEqual({ path: '/jobs/job/vacuum', circuitId: undefined });
  });
  it('a sheet has one address, and its pages one each', () => {
    expect([pathOfSheet(one), pathOfSheet(two)]).toEqual(['/jobs/job', '/jobs/job?circuit=k2']);
    expect(sheetPath('job', 'k2')).toBe(pathOfSheet(two));
    expect([pagesOf(one), pagesOf(two)]).toEqual(['/jobs/job', '/jobs/job/circuits/k2']);
    expect([paperOf(one, 'scope.pdf'), paperOf(three, 'scope.pdf')]).toEqual([
      '/api/jobs/job/scope.pdf',
      '/api/jobs/job/scope.pdf?circuit=k3',
    ]);
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
  const told = (fact: string, value: string | boolean) =>
    waiting('/jobs/job/observations?circuit=k2', {
      observations: [
        {
          id: fact,
          fact,
          value,
          method: 'seen',
          source: 'x',
          confidence: 'high',
          note: null,
          photoId: null,
          occurredAt: '2026-06-01T12:00:00.000Z',
        },
      ],
    });
  it('what was found of a system stands on all of its circuits and on no other system’s; what is the house’s, on all', () => {
    const facts = (write: Waiting) =>
      [one, two, three].map((sheet) => withWaiting(sheet, [write], me).survey.observations.map((o) => o.value));
    expect(facts(told('oldRefrigerant', 'R-22'))).toEqual([['R-22'], ['R-22'], []]);
    expect(facts(told('asbestos', 'suspect'))).toEqual([['suspect'], ['suspect'], ['suspect']]);
    expect(showsOn(one, '/jobs/job/decisions?circuit=k2')).toBe(true);
    expect(showsOn(three, '/jobs/job/decisions')).toBe(false);
    expect(showsOn(three, '/jobs/job/decisions?circuit=k3')).toBe(true);
  });
  it('what is the job’s stands on both', () => {
    const write = waiting('/jobs/job/mode', { version: 1, mode: 'heating' });
    for (const sheet of [one, two])
      expect(withWaiting(sheet, [{ ...write, method: 'PUT' }], me).job.mode).toBe('heating');
    for (const sheet of [one, two, three]) expect(showsOn(sheet, '/jobs/job/cancellation')).toBe(true);
  });
});
