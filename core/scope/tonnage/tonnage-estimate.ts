import { z } from 'zod';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num, oneOf } from '@/core/finding/quantity-field';
import { POLICY } from '@/core/policy/figures';
import { tell } from '@/core/scope/tonnage/words';
import { IN2_PER_FT2 } from '@/core/units/units';
import type { Said } from '@/core/words/said';

/** Log standard deviation of each kind of evidence (design defaults): how far off one such item usually is. */
export const EVIDENCE_SIGMA = {
  order: 0.05,
  'unit-model': 0.08,
  'compressor-model': 0.08,
  'expansion-valve': 0.2,
  'coil-face': 0.25,
  mca: 0.35,
  'line-size': 0.35,
} as const;
export type EvidenceKind = keyof typeof EVIDENCE_SIGMA;
export const EVIDENCE_WORDS: Record<EvidenceKind, Said> = {
  order: tell('size.order-or-submittal'),
  'unit-model': tell('size.unit-model'),
  'compressor-model': tell('size.compressor-model'),
  'expansion-valve': tell('size.expansion-valve'),
  'coil-face': tell('size.coil-face'),
  mca: tell('size.mca'),
  'line-size': tell('size.line-size'),
};
/** A row of the table of model numbers that is less sure spreads so many times wider (design default). */
const DOUBT = { high: 1, medium: 2, low: 4 } as const;
/** A coil face taken at this speed or slower is an A coil: its evidence is weaker. */
const SLOW_FACE_FPM = 300;
const SLOW_FACE_SIGMA = 0.35;
export const SLAB_FACE_FPM = 500;
export const A_COIL_FACE_FPM = 250;
/** 240 V single-phase: A of MCA per ton (common practice, rough). */
export const MCA_PER_TON = 6.8;
/** Nobody knows a size better than this, however well the items agree. */
const LEAST_SIGMA = 0.05;
/** 90 % of a normal distribution. */
const Z_90 = 1.645;
/** Birge ratio above which the items contradict each other. */
const CONFLICT_RATIO = 1.5;
const HIGH_SIGMA = 0.1;
const MEDIUM_SIGMA = 0.2;

const tons = num(0.5, 60, 'tons');
const byTons = z.strictObject({
  kind: oneOf(['order', 'unit-model', 'compressor-model', 'expansion-valve', 'mca', 'line-size']),
  tons,
  /** How sure the table is that a model number was read by. */
  confidence: oneOf(['high', 'medium', 'low']).optional(),
});
const byFace = z.strictObject({
  kind: z.literal('coil-face'),
  widthIn: num(4, 400, 'in'),
  heightIn: num(4, 200, 'in'),
  faceFpm: num(100, 700, 'fpm').default(SLAB_FACE_FPM),
  cfmPerTon: num(250, 600, 'CFM per ton').default(POLICY.cfmPerTon.value),
});
export const evidenceSchema = z.discriminatedUnion('kind', [byTons, byFace]);
export type Evidence = z.input<typeof evidenceSchema>;
type Read = z.output<typeof evidenceSchema>;

/** What one item says: its tons and its spread. */
export type EvidenceMark = { kind: EvidenceKind; tons: number; sigma: number; lowTons: number; highTons: number };

export function evidenceMark(e: Read): EvidenceMark {
  const t = e.kind === 'coil-face' ? (((e.widthIn * e.heightIn) / IN2_PER_FT2) * e.faceFpm) / e.cfmPerTon : e.tons;
  const doubt = e.kind === 'coil-face' ? 1 : DOUBT[e.confidence ?? 'high'];
  const sigma =
    doubt * (e.kind === 'coil-face' && e.faceFpm <= SLOW_FACE_FPM ? SLOW_FACE_SIGMA : EVIDENCE_SIGMA[e.kind]);
  return { kind: e.kind, tons: t, sigma, lowTons: t * Math.exp(-Z_90 * sigma), highTons: t * Math.exp(Z_90 * sigma) };
}

/**
 * Size of a system without its nameplate, from several kinds of evidence: a weighted mean of logarithms, its spread
 * widened when the items disagree. An estimate, never a selection.
 *
 * @param evidence 1 to 20 items; two readings off one part count once, so enter one of them
 * @returns tons, lowTons to highTons (about 90 %), confidence, conflict (the items contradict each other), ratio (Birge)
 * @example tonnageEstimate({ evidence: [{ kind: 'compressor-model', tons: 10 }, { kind: 'expansion-valve', tons: 12 }, { kind: 'coil-face', widthIn: 30, heightIn: 44 }] }) // 10.3 t, 9.2–11.6, high
 */
export const tonnageEstimate = calculation({
  id: 'tonnage-estimate',
  title: 'Size without a nameplate',
  what: 'Pieces the size of an old unit together from several kinds of evidence, and says when they contradict each other.',
  formula: 'weighted mean of ln(tons), w = 1/σ²; spread √(1/Σw) widened by √(χ²/(n−1)); range t·exp(±1.645 s)',
  source: 'weighted mean with Birge ratio (metrology textbooks); the σ of each kind are design defaults',
  notCovered: 'An estimate only, not a selection: size by a load calculation.',
  input: z.strictObject({ evidence: z.array(evidenceSchema).min(1).max(20).describe('1 to 20 pieces of evidence') }),
  compute: ({ evidence }) => {
    const marks = evidence.map(evidenceMark);
    const weight = (m: EvidenceMark): number => 1 / m.sigma ** 2;
    const sum = marks.reduce((s, m) => s + weight(m), 0);
    const mean = marks.reduce((s, m) => s + weight(m) * Math.log(m.tons), 0) / sum;
    const spread = Math.sqrt(1 / sum);
    const chi2 = marks.reduce((s, m) => s + ((Math.log(m.tons) - mean) / m.sigma) ** 2, 0);
    const ratio = marks.length > 1 ? Math.sqrt(chi2 / (marks.length - 1)) : 0;
    const s = marks.length > 1 ? Math.max(LEAST_SIGMA, spread * Math.max(1, ratio)) : spread;
    const documented = evidence.some(
      (e) =>
        e.kind !== 'coil-face' &&
        ['order', 'unit-model', 'compressor-model'].includes(e.kind) &&
        (e.confidence ?? 'high') !== 'low',
    );
    const confidence = s <= HIGH_SIGMA && documented ? 'high' : s <= MEDIUM_SIGMA ? 'medium' : 'low';
    return ok({
      tons: Math.exp(mean),
      lowTons: Math.exp(mean - Z_90 * s),
      highTons: Math.exp(mean + Z_90 * s),
      confidence,
      conflict: ratio > CONFLICT_RATIO,
      ratio,
    });
  },
  example: {
    input: {
      evidence: [
        { kind: 'compressor-model', tons: 10 },
        { kind: 'expansion-valve', tons: 12 },
        { kind: 'coil-face', widthIn: 30, heightIn: 44 },
      ],
    },
    expected: { tons: 10.3, lowTons: 9.2, highTons: 11.6, confidence: 'high', conflict: false },
    tolerance: 0.06,
  },
});
