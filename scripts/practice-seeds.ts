import { writeFileSync } from 'node:fs';
import { drawCabinetRound, retraceCabinet } from '@/core/practice/cabinet-round';
import { LEVEL, LEVELS, type SystemLevel } from '@/core/practice/levels';
import { retrace } from '@/core/practice/retrace';
import { startSystem } from '@/core/practice/system-play';
import { drawSystemRound, type SystemRound } from '@/core/practice/system-round';

/**
 * Looks for the rounds of the practice yard: those that run when the crew comes and that the reasoning clears by what a crew can
 * measure. Each level gets its faults evenly. Written to core/practice/seeds.json; the tests go over all of them.
 */
const WANTED = 24;
const TRIES = 4000;

function fair(round: SystemRound): boolean {
  const solved = retrace(round);
  return solved.solved || (round.hidden.length === 0 && solved.steps.at(-1)?.did !== 'cure');
}

const nameOf = (round: SystemRound): string =>
  round.spoilt
    ? `probe ${round.spoilt.why}`
    : round.hidden
        .map((h) => h.fault)
        .sort()
        .join('+') || 'healthy';

function systems(level: SystemLevel): number[] {
  const counts = new Map<string, number>();
  const seeds: number[] = [];
  const kinds = level.together === 2 ? 6 : level.faults.includes('probe-doubt') ? 10 : new Set(level.faults).size;
  for (let seed = 1; seed < TRIES && seeds.length < WANTED; seed++) {
    const round = drawSystemRound(level, seed);
    const name = nameOf(round);
    if ((counts.get(name) ?? 0) >= Math.ceil(WANTED / kinds)) continue;
    if (!runsWhenFound(round) || !fair(round)) continue;
    counts.set(name, (counts.get(name) ?? 0) + 1);
    seeds.push(seed);
  }
  console.log([...counts].map(([n, c]) => `${n} ${c}`).join(', '));
  return seeds;
}

const runsWhenFound = (round: SystemRound): boolean => startSystem(round).state.running;

function cabinets(): number[] {
  const level = LEVEL.wires;
  if (level.kind !== 'cabinet') return [];
  const seen = new Set<string>();
  const seeds: number[] = [];
  for (let seed = 0; seed < TRIES && seeds.length < WANTED; seed++) {
    // Every system in turn, its faults in an order of no meaning.
    const mixed = (seed * 37) % 101;
    const round = drawCabinetRound(level, mixed);
    const name = `${round.system} ${round.hidden}`;
    if (seen.has(name) || seeds.includes(mixed) || !retraceCabinet(round).left.includes(round.hidden)) continue;
    seen.add(name);
    seeds.push(mixed);
  }
  return seeds;
}

/** Every bench and everything that it hides as often as the others, in an order of no meaning. */
const lines = (): number[] => Array.from({ length: WANTED }, (_, i) => ((i * 7) % WANTED) + 1);

const seeds = Object.fromEntries(
  LEVELS.map((id) => {
    const level = LEVEL[id];
    return [id, level.kind === 'system' ? systems(level) : level.kind === 'cabinet' ? cabinets() : lines()];
  }),
);
writeFileSync('core/practice/seeds.json', `${JSON.stringify(seeds)}\n`);
console.log(
  Object.entries(seeds)
    .map(([id, s]) => `${id}: ${s.length}`)
    .join(', '),
);
