import { type Piece, type PieceData, pieceFrom, type Surface, surfaceFrom } from '@/core/numeric/chebyshev';
import r22 from './expansions/r22.json' with { type: 'json' };
import r32 from './expansions/r32.json' with { type: 'json' };
import r134a from './expansions/r134a.json' with { type: 'json' };
import r407c from './expansions/r407c.json' with { type: 'json' };
import r410a from './expansions/r410a.json' with { type: 'json' };
import r454b from './expansions/r454b.json' with { type: 'json' };
import { VAPOUR_DEW_F, VAPOUR_SUPERHEAT_F } from './ranges';
import type { Refrigerant } from './refrigerants';

/** Series over °F; the two inverse ones over psia. */
export const CURVES = [
  'bubblePsia',
  'dewPsia',
  'liquidMolM3',
  'vapourMolM3',
  'liquidBtuLb',
  'vapourBtuLb',
  'liquidBtuLbR',
  'vapourBtuLbR',
  'liquidJoin',
  'vapourJoin',
  'bubbleF',
  'dewF',
] as const;
export type Curve = (typeof CURVES)[number];

export type ExpansionData = {
  zero: { h: number; s: number };
  curves: Record<Curve, PieceData[]>;
  /** Density over that of the dew vapor, and enthalpy above it, over dew point × superheat. */
  vapourRatio: number[][];
  vapourRise: number[][];
};

type Expansion = {
  zero: { h: number; s: number };
  curves: Record<Curve, Piece[]>;
  vapourRatio: Surface;
  vapourRise: Surface;
};

const surface = (rows: number[][]): Surface => surfaceFrom(VAPOUR_DEW_F, VAPOUR_SUPERHEAT_F, rows);

const read = (data: ExpansionData): Expansion => ({
  zero: data.zero,
  curves: Object.fromEntries(CURVES.map((c) => [c, data.curves[c].map(pieceFrom)])) as Record<Curve, Piece[]>,
  vapourRatio: surface(data.vapourRatio),
  vapourRise: surface(data.vapourRise),
});

/**
 * Saturation as Chebyshev expansions over °F, made once from the equations by `npm run expansions` and held to 1e-8 of
 * what the equations give (expansions.test.ts).
 */
export const EXPANSIONS: Record<Refrigerant, Expansion> = {
  'R-410A': read(r410a),
  'R-32': read(r32),
  'R-454B': read(r454b),
  'R-22': read(r22),
  'R-407C': read(r407c),
  'R-134a': read(r134a),
};

/** One curve of every refrigerant. */
export const piecesOf = (curve: Curve): Record<Refrigerant, Piece[]> =>
  Object.fromEntries(Object.entries(EXPANSIONS).map(([r, e]) => [r, e.curves[curve]])) as Record<Refrigerant, Piece[]>;
