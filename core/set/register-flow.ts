/** How a register is measured (common practice). */
export const REGISTER_MEANS = ['hood', 'face velocity'] as const;
export type RegisterReading = {
  means: (typeof REGISTER_MEANS)[number];
  /** CFM off a hood, fpm off a vane or hot wire. */
  reading: number;
  /** Of a hood: its factor for this kind of grille; of a face: free area times factor over the gross one. None: assumed 1. */
  factor: number | null;
  /** Of a face: effective area from its maker, or the gross area, ft². */
  areaFt2: number | null;
  /** Whether the area is the maker's effective one. */
  effective: boolean;
};

/** Uncertainty of each way (house rules): a hood, one whose factor nobody took, a face with its effective area, one without. */
const HOOD = 0.05;
const HOOD_LEAST_CFM = 5;
const HOOD_ASSUMED = 0.1;
const FACE = 0.08;
const FACE_GROSS = 0.2;

/**
 * Flow of one register from its reading.
 *
 * @returns cfm with its uncertainty, CFM
 * @example registerFlow({ means: 'face velocity', reading: 510, areaFt2: 0.42, effective: true, factor: null }) // 214 ± 17 CFM
 */
export function registerFlow(r: RegisterReading): { cfm: number; uncertainty: number } {
  if (r.means === 'hood') {
    const cfm = r.reading * (r.factor ?? 1);
    return { cfm, uncertainty: Math.max(HOOD_LEAST_CFM, cfm * (r.factor === null ? HOOD_ASSUMED : HOOD)) };
  }
  const cfm = r.reading * (r.areaFt2 ?? 0) * (r.effective ? 1 : (r.factor ?? 1));
  return { cfm, uncertainty: cfm * (r.effective ? FACE : FACE_GROSS) };
}
