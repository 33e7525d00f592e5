import { liquidMargin } from '@/core/circuit/join/liquid-margin';
import { linePressureDrop } from '@/core/circuit/line/line-pressure-drop';
import { riserMinimum } from '@/core/circuit/line/riser-minimum';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { EntryBody } from '@/core/phases/log/entries';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';

/** An elbow counts as this much pipe where the maker's table is not at hand (common practice), ft. */
const ELBOW_FT = 1.5;
/** The state at which the lines are judged (common practice; not the day's reading), °F. */
const DESIGN = { evaporatingF: 45, condensingF: 105, subcoolingF: 10 } as const;

export type JoinContext = {
  refrigerant: Refrigerant;
  tons: number;
  heatPump: boolean;
  fixedOrifice: boolean;
  /** The orifice that the outdoor unit lists, where its plate says so. */
  listedOrifice?: string | null | undefined;
  subcoolingF: number | null;
  schools: CircuitSchools;
  testPsig: number | undefined;
  volumeFt3: number | undefined;
  /** What the signed scope says of the old line set; undefined where no scope is signed. */
  scopeKeepsLines?: boolean | undefined;
  /** Line sizes that the chosen unit lists. */
  listed?: { liquidOdIn: number | null; vaporOdIn: number | null } | undefined;
};

export type RunFigures = {
  lengthFt: number;
  equivalentFt: number;
  /** Height of the coil over the outdoor unit. */
  liftFt: number;
  /** Longest stretch the vapour climbs in one go on its way to the outdoor unit. */
  vapourRiseFt: number;
  suction: { psi: number; saturationLossF: number; velocityFpm: number } | undefined;
  liquid: { lossF: number; marginF: number; reading: string } | undefined;
  riserTons: number | undefined;
};

export const lengthOf = (body: Pick<EntryBody<'line-run'>, 'pieces'>): number =>
  body.pieces.reduce((s, p) => s + p.ft, 0);

export function runFigures(body: EntryBody<'line-run'>, context: JoinContext): RunFigures {
  const lengthFt = lengthOf(body);
  const equivalentFt = Math.min(500, lengthFt + body.elbows * ELBOW_FT);
  const heights = body.pieces.map((p) => (p.way === 'up' ? p.ft : p.way === 'down' ? -p.ft : 0));
  const liftFt = heights.reduce((s, h) => s + h, 0);
  // Written from the outdoor unit to the coil: where the way goes down, vapour climbs on its way back.
  let climb = 0;
  let vapourRiseFt = 0;
  for (const h of heights) {
    climb = h < 0 ? climb - h : h > 0 ? 0 : climb;
    vapourRiseFt = Math.max(vapourRiseFt, climb);
  }
  const { refrigerant, tons } = context;
  const { evaporatingF, condensingF } = DESIGN;
  const suction = linePressureDrop({
    refrigerant,
    line: 'suction',
    odIn: body.vaporOdIn,
    equivalentFt: Math.max(1, equivalentFt),
    capacityTons: tons,
    evaporatingF,
    condensingF,
  });
  const liquid = liquidMargin({
    refrigerant,
    odIn: body.liquidOdIn,
    equivalentFt: Math.max(1, equivalentFt),
    capacityTons: tons,
    liftFt: Math.max(-150, Math.min(150, liftFt)),
    subcoolingF: context.subcoolingF ?? DESIGN.subcoolingF,
  });
  const riser = vapourRiseFt > 0 ? riserMinimum({ refrigerant, odIn: body.vaporOdIn, evaporatingF }) : undefined;
  return {
    lengthFt,
    equivalentFt,
    liftFt,
    vapourRiseFt,
    suction: suction.ok ? suction.value : undefined,
    liquid: liquid.ok ? liquid.value : undefined,
    riserTons: riser?.ok ? riser.value.minimumTons : undefined,
  };
}
