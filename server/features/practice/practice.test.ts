import { v7 as uuid } from 'uuid';
import { afterAll, describe, expect, it } from 'vitest';
import type { PlayedRound, PracticeHistory } from '@/contract/answers/practice';
import { LEVEL, SEEDS } from '@/core/practice/levels';
import type { Move } from '@/core/practice/moves';
import { drawSystemRound } from '@/core/practice/system-round';
import { type Client, startServer } from '@/server/testing/harness';

const server = await startServer();
const [helper, lead] = [await server.as('alder-helper'), await server.as('alder-lead')];
afterAll(() => server.stop());

const seed = SEEDS.ladder[0]!;
const level = LEVEL.ladder;
const hidden = level.kind === 'system' ? drawSystemRound(level, seed).hidden[0]!.fault : 'healthy';
const MOVES: Move[] = [
  { kind: 'place', probes: ['gauges', 'liquid-clamp'] },
  { kind: 'name', faults: [hidden] },
  { kind: 'finish' },
];
const round = (changes: object = {}) => ({
  id: uuid(),
  level: 'ladder',
  seed,
  moves: MOVES,
  finishedAt: '2026-11-29T10:00:00.000Z',
  ...changes,
});

const roundsOf = async (who: Client): Promise<PlayedRound[]> =>
  ((await who.get('/practice')).body as PracticeHistory).rounds;

describe('the practice yard', () => {
  it('keeps a round with the score that its moves come to, once', async () => {
    const body = round();
    const first = await helper.post('/practice/rounds', body);
    expect(first.status).toBe(201);
    const again = await helper.post('/practice/rounds', body);
    expect(again.status).toBe(201);
    const mine = await roundsOf(helper);
    expect(mine).toHaveLength(1);
    expect(mine[0]).toMatchObject({ level: 'ladder', seed, right: true, harm: 0, personName: expect.any(String) });
    // The fault was named and nothing put right: half for the name, all of measuring.
    expect(mine[0]?.total).toBe(65);
  });

  it('shows a person the own rounds, and who leads everybody’s', async () => {
    const own = round();
    await lead.post('/practice/rounds', own);
    const ids = async (who: Client): Promise<string[]> => (await roundsOf(who)).map((r) => r.id);
    expect(await ids(helper)).not.toContain(own.id);
    expect((await ids(lead)).length).toBeGreaterThan((await ids(helper)).length);
  });

  it.each([
    ['no end', { moves: MOVES.slice(0, 2) }, 'moves'],
    ['a move that cannot be made', { moves: [{ kind: 'finish' }] }, 'moves.0'],
    ['a probe twice', { moves: [MOVES[0], MOVES[0], ...MOVES.slice(1)] }, 'moves.1'],
    ['a seed that is no round of the level', { seed: 3.7 }, 'seed'],
    ['a seed of no cabinet', { level: 'wires', seed: 0.5 }, 'seed'],
    ['a level that is not there', { level: 'hard' }, 'level'],
    ['more ounces than a cylinder gives at once', { moves: [{ kind: 'charge', way: 'add', oz: 500 }] }, 'moves.0.oz'],
  ])('refuses %s with field, range and fix', async (_, changes, field) => {
    const { status, body } = await helper.post('/practice/rounds', round(changes));
    expect(status).toBe(400);
    expect(body).toMatchObject({ field, message: expect.any(String), allowed: expect.stringMatching(/./) });
  });

  it('is no job: neither the list of jobs nor the cylinders know of it', async () => {
    const before = (await lead.get('/jobs')).body;
    await helper.post('/practice/rounds', round());
    expect((await lead.get('/jobs')).body).toEqual(before);
  });
});
