import { describe, expect, it } from 'vitest';
import type { Report } from '@/core/job/report-parts';
import { tell } from '@/core/phases/words';
import { english } from '@/core/words/testing/english';
import { READINGS, readAs } from './readings';

const table = (title: Report['tables'][number]['title']) => ({ title, columns: ['a'], rows: [['b']] });
const FIGURES = { id: 'job.figures' } as const;
const REPORT: Report = {
  title: { id: 'job.commissioning-report' },
  status: 'signed',
  statusSay: tell('job.not-on-record'),
  simulated: { id: 'job.simulated' },
  facts: [],
  tables: [
    table(FIGURES),
    table(tell('job.circuit-table', { circuit: 'Upstairs', title: FIGURES })),
    table(tell('job.overrides')),
    table({ id: 'serial.serials' } as never),
    table({ id: 'wire.power' } as never),
  ],
  notes: ['formulas', 'disclaimer'],
};
const FROM = { from: '2026-06-01', days: 60 };
const titles = (r: Report): string[] => r.tables.map((t) => t.title.id);

describe('one report for four readers', () => {
  it('the file has all of it, each other reader some of it, and none has what the file has not', () => {
    expect(readAs(REPORT, 'file', FROM)).toBe(REPORT);
    for (const reading of READINGS) {
      const r = readAs(REPORT, reading, FROM);
      for (const t of r.tables) expect(REPORT.tables).toContain(t);
      expect(r.simulated).toBe(REPORT.simulated);
    }
  });
  it('an override is for the inspector, not for the customer; a table of a circuit goes by its own title', () => {
    expect(titles(readAs(REPORT, 'inspector', FROM))).toEqual(['job.overrides', 'wire.power']);
    expect(titles(readAs(REPORT, 'customer', FROM))).toEqual(['job.figures', 'job.circuit-table', 'serial.serials']);
  });
  it('the warranty desk reads by when it is registered: sixty days', () => {
    const [note] = readAs(REPORT, 'warranty', FROM).notes;
    expect(english(note!)).toContain('Jul 31, 2026');
  });
});
