import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { uniform } from '../../core/numeric/random';
import { EQUIVALENTS } from './equivalents';
import { type Mutant, mutantsIn } from './mutants';

/** Where the mutants are drawn from, and how many of each. */
export const AREAS = [
  { name: 'startup', from: 'core/startup/', count: 50 },
  { name: 'fit', from: 'core/fit/', count: 50 },
  { name: 'scope', from: 'core/scope/', count: 50 },
  { name: 'circuit', from: 'core/circuit/', count: 55 },
  { name: 'controls', from: 'core/controls/', count: 40 },
  { name: 'power', from: 'core/power/', count: 20 },
  { name: 'diagnosis', from: 'core/diagnosis/', count: 25 },
  { name: 'practice', from: 'core/practice/', count: 30 },
  { name: 'plant', from: 'core/plant/', count: 25 },
  { name: 'furnace', from: 'core/furnace/', count: 15 },
  { name: 'plan', from: 'core/plan/', count: 15 },
  { name: 'metal', from: 'core/metal/', count: 20 },
  { name: 'money', from: 'core/money/', count: 10 },
  { name: 'instrument', from: 'core/instrument/', count: 15 },
  { name: 'refrigerant', from: 'core/refrigerant/', count: 15 },
  { name: 'phases', from: 'core/phases/', count: 55 },
  { name: 'offer', from: 'core/phases/scope/offer/', count: 15 },
  { name: 'hand-over', from: 'core/phases/hand-over/', count: 15 },
  { name: 'bundles', from: 'server/features/bundles/', count: 12 },
  { name: 'server', from: 'server/features/', count: 40, only: /-(service|rules)\.ts$/ },
] as const;

const isCode = (file: string): boolean =>
  /\.tsx?$/.test(file) && !/\.test\.|\.d\.ts$|\/testing\/|words\.|schools\.ts$/.test(file);

/** The source as the equivalents name it: without line numbers, so that a list by hand outlives a change. */
export const lineOf = (m: Pick<Mutant, 'file' | 'line'>): string =>
  readFileSync(m.file, 'utf8').split('\n')[m.line - 1]!.trim();

/** A seeded draw of mutants that do not overlap, of all areas or those named; those listed as equivalent are left out. */
export function sampleOf(seed: number, share = 1, named?: readonly string[]): Mutant[] {
  const files = execFileSync('git', ['ls-files'], { encoding: 'utf8' }).split('\n').filter(isCode);
  const state = { seed };
  let id = 0;
  return AREAS.filter((area) => named?.includes(area.name) ?? true).flatMap((area) => {
    const pool = files
      .filter((f) => f.startsWith(area.from) && (!('only' in area) || area.only.test(f)))
      .flatMap((f) => mutantsIn(f, readFileSync(f, 'utf8')));
    const drawn: Mutant[] = [];
    while (pool.length > 0 && drawn.length < Math.round(area.count * share)) {
      const [m] = pool.splice(Math.floor(uniform(state) * pool.length), 1);
      const overlaps = drawn.some((d) => d.file === m!.file && d.start < m!.end && m!.start < d.end);
      if (overlaps || isEquivalent(m!)) continue;
      drawn.push({ ...m!, id: ++id });
    }
    return drawn;
  });
}

const isEquivalent = (m: Omit<Mutant, 'id'>): boolean =>
  EQUIVALENTS.some((e) => e.file === m.file && e.kind === m.kind && lineOf(m).includes(e.line));
