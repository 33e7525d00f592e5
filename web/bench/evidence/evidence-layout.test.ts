import { describe, expect, it } from 'vitest';
import {
  EVIDENCE_WORDS,
  type Evidence,
  evidenceMark,
  evidenceSchema,
  tonnageEstimate,
} from '@/core/scope/tonnage/tonnage-estimate';
import { told } from '@/core/words/testing/english';
import { layoutEvidence } from './evidence-layout';

function lay(evidence: Evidence[], width = 640) {
  const estimate = tonnageEstimate({ evidence });
  if (!estimate.ok) throw new Error('refused');
  return layoutEvidence({
    width,
    marks: evidence.map((e) => evidenceMark(evidenceSchema.parse(e))),
    words: told(EVIDENCE_WORDS) as unknown as Record<keyof typeof EVIDENCE_WORDS, string>,
    ...estimate.value,
  });
}

describe('evidence on one axis', () => {
  const agreeing: Evidence[] = [
    { kind: 'compressor-model', tons: 10 },
    { kind: 'expansion-valve', tons: 12 },
  ];
  it.each([320, 640, 1100])('everything stays inside %d px and larger tons lie further right', (width) => {
    const l = lay(agreeing, width);
    for (const r of l.rows) {
      expect(r.x0).toBeGreaterThanOrEqual(l.left);
      expect(r.x1).toBeLessThanOrEqual(l.right);
      expect(r.x0).toBeLessThan(r.x);
      expect(r.x).toBeLessThan(r.x1);
    }
    expect(l.rows[0]!.x).toBeLessThan(l.rows[1]!.x);
    expect(l.rows[0]!.y).toBeLessThan(l.rows[1]!.y);
    expect(l.band.x0).toBeLessThan(l.band.x1);
    for (let i = 1; i < l.ticks.length; i++) expect(l.ticks[i]!.x - l.ticks[i - 1]!.x).toBeGreaterThanOrEqual(30);
  });
  it('the item that disagrees is the one marked apart', () => {
    const l = lay([...agreeing, { kind: 'order', tons: 10 }, { kind: 'expansion-valve', tons: 20 }]);
    expect(l.rows.map((r) => r.apart)).toEqual([false, false, false, true]);
    expect(lay(agreeing).rows.some((r) => r.apart)).toBe(false);
  });
});
