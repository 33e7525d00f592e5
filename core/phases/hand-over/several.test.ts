import { describe, expect, it } from 'vitest';
import { passes } from '@/core/job/gates';
import type { Phase } from '@/core/job/phases';
import { circuitName } from '@/core/job/sheet';
import { sampleSheet, standing } from '@/core/job/testing/sample-sheet';
import { gatesIn, nextMoveOf } from '../phase';
import { handOver } from './phase';

const signed = (phase: Phase) => ({
  id: phase,
  ownerId: 'k',
  phase,
  by: 'Tess Orlan',
  certificate: 'T-1',
  at: '2026-06-01T15:00:00.000Z',
  contentHash: 'h',
});
const circuit = (id: string, name: string, phases: Phase[], system = 'Upstairs') =>
  standing({ id, name, systemId: system, systemName: system, signed: phases });
const sheet = (others: ReturnType<typeof circuit>[]) =>
  sampleSheet({
    signOffs: [signed('charge'), signed('start-up')],
    circuits: [circuit('k', 'Circuit 1', ['charge', 'start-up']), ...others],
  });
const held = (s: ReturnType<typeof sheet>) =>
  gatesIn(handOver, s)
    .filter((g) => !passes(g))
    .map((g) => g.id);

describe('the hand-over of a job of several circuits', () => {
  it('waits for each of them, and leads to the first that is open', () => {
    const two = sheet([circuit('k2', 'Circuit 2', ['charge']), circuit('k3', 'Circuit 3', [])]);
    expect(held(two)).toEqual(['circuits-signed']);
    const move = nextMoveOf(handOver, two, { maySign: true });
    expect(move).toMatchObject({
      kind: 'not-proven',
      because: { id: 'job.circuit-not-signed', with: { circuits: { list: ['Circuit 2', 'Circuit 3'] } } },
      button: { action: { kind: 'go', to: 'start-up', circuitId: 'k2' } },
    });
  });
  it('is signed when all are, and one circuit alone is asked nothing of others', () => {
    const done = sheet([circuit('k2', 'Circuit 2', ['charge', 'start-up'])]);
    expect(held(done)).toEqual([]);
    expect(nextMoveOf(handOver, done, { maySign: true }).button?.action).toEqual({ kind: 'sign' });
    expect(gatesIn(handOver, sheet([])).some((g) => g.id === 'circuits-signed')).toBe(false);
  });
  it('a furnace alone of another system is proven by its typed proof, on its own hand-over', () => {
    const furnace = standing({
      id: 'f',
      systemId: 'Shop',
      systemName: 'Shop',
      equipped: false,
      cooled: false,
      furnace: 'owed',
    });
    const open = sheet([furnace]);
    expect(held(open)).toEqual(['circuits-signed']);
    expect(nextMoveOf(handOver, open, { maySign: true }).button?.action).toEqual({
      kind: 'go',
      to: 'hand-over',
      circuitId: 'f',
    });
    expect(held(sheet([{ ...furnace, furnace: 'read' }]))).toEqual([]);
    // What is signed for a circuit says nothing of a furnace.
    expect(held(sheet([{ ...furnace, signed: ['start-up'] }]))).toEqual(['circuits-signed']);
  });
  it('names a circuit by what tells it from the others', () => {
    const name = (s: ReturnType<typeof sheet>) => s.circuits.map((c) => circuitName(s, c));
    expect(name(sheet([circuit('k2', 'Circuit 2', [])]))).toEqual(['Circuit 1', 'Circuit 2']);
    expect(name(sheet([circuit('d', 'Circuit 1', [], 'Downstairs')]))).toEqual(['Upstairs', 'Downstairs']);
    expect(name(sheet([circuit('k2', 'Circuit 2', []), circuit('d', 'Circuit 1', [], 'Downstairs')]))).toEqual([
      'Upstairs, Circuit 1',
      'Upstairs, Circuit 2',
      'Downstairs',
    ]);
  });
});
