/** A figure that more than one place judges by: what it is, from where, and who may set another. */
export type PolicyFigure = {
  readonly value: number;
  readonly unit: string;
  readonly source: string;
  /** Ours, the company's (this is its default), or the maker's plate where it has one. */
  readonly owner: 'constant' | 'company' | 'plate';
};

export const POLICY = {
  /** A standing-vacuum test is watched at least this long. */
  standingMin: { value: 10, unit: 'min', source: 'common practice', owner: 'constant' },
  /** What a standing-vacuum test must stay under at its end. */
  decayLimitMicrons: { value: 500, unit: 'µm', source: 'common practice', owner: 'company' },
  /** Share of a duct opening that lies over the unit's: from here good, and from here with an adapter. */
  overlapGoodPct: { value: 95, unit: '%', source: 'design default', owner: 'constant' },
  overlapLeastPct: { value: 80, unit: '%', source: 'design default', owner: 'constant' },
  /** Air over an indoor coil where nobody says otherwise. */
  cfmPerTon: { value: 400, unit: 'CFM/ton', source: 'common practice: 350 humid, 450 dry', owner: 'company' },
  /** The hottest a cylinder is expected to get. */
  cylinderHotF: { value: 130, unit: '°F', source: '49 CFR, edition not checked', owner: 'constant' },
  /** A reading of an instrument is the mean of this long. */
  readingMeanS: { value: 15, unit: 's', source: 'design default', owner: 'constant' },
  /** From this current on a motor runs. */
  runningA: { value: 0.5, unit: 'A', source: 'design default', owner: 'constant' },
} as const satisfies Record<string, PolicyFigure>;
