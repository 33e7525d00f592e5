import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { speaker, talker } from '@/contract/words/speaker';
import { ENGLISH } from '@/core/catalogues';
import { SPANISH } from '@/core/catalogues.es';
import { furnaceReport } from '@/core/phases/furnace-report';
import { buildReport, type Report } from '@/core/phases/report';
import { FORMULA_VERSION } from '@/core/phases/snapshot';
import type { Label } from '@/core/words/said';
import { circuitSchema, readBefore, readCommissioning } from './snapshot';

type Stored = { frozenWith: string; commissioning: unknown; circuit?: unknown; before?: unknown };
const FOLDER = path.join('contract', 'snapshots');
const EXAMPLES = readdirSync(FOLDER).map((file): Stored => JSON.parse(readFileSync(path.join(FOLDER, file), 'utf8')));
const words = talker({ en: [ENGLISH], es: [SPANISH] });

/** Every text of a report, as its reader sees it. */
function texts(report: Report, language: 'en' | 'es'): string[] {
  const say = speaker({ language, timeZone: 'America/Chicago', currency: 'USD' }, words);
  const { title, statusSay, simulated, facts, tables, notes } = report;
  const cells = [...facts.flat(), ...tables.flatMap((t) => [t.title, ...t.columns, ...t.rows.flat()])];
  return [title, statusSay, ...(simulated ? [simulated] : []), ...cells, ...notes].map((c) => say(c as Label));
}
/** An id that no catalogue knows is shown as it is. */
const RAW_ID = /\b(job|work|recovery|join|pressure|vacuum|startup|scope|survey|fit|log|value|price)\.[a-z0-9-]+/;

describe('a signed record of every version', () => {
  it('has an example of the version that signs today', () => {
    expect(EXAMPLES.map((e) => e.frozenWith)).toContain(FORMULA_VERSION);
  });
  describe.each(EXAMPLES)('frozen with $frozenWith', (stored) => {
    it.each(['en', 'es'] as const)('renders its commissioning report in %s', (language) => {
      const snapshot = readCommissioning(stored.commissioning);
      const report = buildReport({ company: 'Alder Air', snapshot, signOffs: [], amendments: [] });
      const all = texts(report, language);
      expect(all.filter((t) => RAW_ID.test(t) || /undefined|NaN|\[object/.test(t))).toEqual([]);
      expect(all).toContain('Hollis residence');
      // 25.7 oz weighed in: the figure that was signed is the figure that is shown.
      expect(all.some((t) => t.includes('25.7'))).toBe(true);
      expect(report.tables.length).toBeGreaterThan(4);
    });
    it('reads what stood under a phase of the circuit and before the work', () => {
      if (stored.circuit) expect(circuitSchema.parse(stored.circuit).circuitRecord.log.length).toBeGreaterThan(0);
      if (!stored.before) return;
      const report = furnaceReport({
        company: 'Alder Air',
        snapshot: readBefore(stored.before),
        signOffs: [],
        amendments: [],
      });
      for (const language of ['en', 'es'] as const)
        expect(texts(report, language).filter((t) => RAW_ID.test(t) || /undefined|NaN/.test(t))).toEqual([]);
    });
  });
  it('that is not one is refused, not shown half', () => {
    expect(() => readCommissioning({ phase: 'charge' })).toThrow();
    expect(() => readBefore({ ...(EXAMPLES[0]!.commissioning as object) })).toThrow();
  });
});
