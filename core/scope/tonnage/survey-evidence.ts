import { type ModelPattern, sizeOfModel } from '@/core/equipment/model-pattern';
import { is, type KnownFacts, numberOf } from '@/core/scope/survey/facts';
import { A_COIL_FACE_FPM, type Evidence, MCA_PER_TON, SLAB_FACE_FPM, tonnageEstimate } from './tonnage-estimate';

/** Vapor line OD to the size it usually serves (common practice, rough), tons. */
const LINE_TONS: Record<string, number> = { '0.625': 1.75, '0.75': 2.5, '0.875': 4, '1.125': 6.5, '1.375': 10 };

/** Tons off a plate that can be read. */
export const plateTons = (known: KnownFacts): number | undefined =>
  is(known, 'outdoorPlate', 'readable') ? numberOf(known, 'oldTons') : undefined;

/** The evidence of the size that this survey holds; one item a part. */
export function surveyEvidence(known: KnownFacts, patterns: readonly ModelPattern[] = []): Evidence[] {
  const out: Evidence[] = [];
  const order = numberOf(known, 'orderTons');
  if (order !== undefined) out.push({ kind: 'order', tons: order });
  const unit = sizeOfModel(patterns, 'outdoor', known.outdoorModel);
  if (unit) out.push({ kind: 'unit-model', tons: unit.tons, confidence: unit.pattern.confidence });
  const compressor = numberOf(known, 'compressorTons');
  const read = sizeOfModel(patterns, 'compressor', known.compressorModel);
  if (compressor !== undefined) out.push({ kind: 'compressor-model', tons: compressor });
  else if (read) out.push({ kind: 'compressor-model', tons: read.tons, confidence: read.pattern.confidence });
  const valve = numberOf(known, 'valveTons');
  if (valve !== undefined) out.push({ kind: 'expansion-valve', tons: valve });
  const width = numberOf(known, 'coilFaceWidthIn');
  const height = numberOf(known, 'coilFaceHeightIn');
  if (width !== undefined && height !== undefined)
    out.push({
      kind: 'coil-face',
      widthIn: width,
      heightIn: height,
      faceFpm: is(known, 'coilShape', 'a-coil') ? A_COIL_FACE_FPM : SLAB_FACE_FPM,
    });
  const mca = numberOf(known, 'mcaA');
  // The rule of thumb is for 240 V single-phase only.
  if (mca !== undefined && is(known, 'phases', '1')) out.push({ kind: 'mca', tons: Math.max(0.5, mca / MCA_PER_TON) });
  const line = LINE_TONS[String(known.vaporOdIn ?? '')];
  if (line !== undefined) out.push({ kind: 'line-size', tons: line });
  return out;
}

/** Size from evidence; a plate that can be read says it, and nothing is pieced together beside it. */
export function surveyTonnage(known: KnownFacts, patterns: readonly ModelPattern[] = []) {
  if (plateTons(known) !== undefined) return undefined;
  const evidence = surveyEvidence(known, patterns);
  if (evidence.length === 0) return undefined;
  const estimate = tonnageEstimate({ evidence });
  return estimate.ok ? { evidence, ...estimate.value } : undefined;
}
