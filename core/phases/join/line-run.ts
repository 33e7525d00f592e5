import { liquidMargin } from '@/core/circuit/join/liquid-margin';
import { LINE_DESIGN } from '@/core/circuit/line/design-state';
import { linePressureDrop } from '@/core/circuit/line/line-pressure-drop';
import { riserMinimum } from '@/core/circuit/line/riser-minimum';
import type { CircuitSchools } from '@/core/circuit/schools';
import type { EntryBody } from '@/core/phases/log/entries';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { type HeatingFigures, heatingFigures } from './heating-checks';
import { TRAP_FT } from './trap-checks';

/** An elbow counts as this much pipe where the maker's table is not at hand (common practice), ft. */
const ELBOW_FT = 1.5;

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
  listed?:
    | {
        liquidOdIn: number | null;
        vaporOdIn: number | null;
        liquidSizes?: string | null | undefined;
        vaporSizes?: string | null | undefined;
      }
    | undefined;
};

export type RunFigures = {
  lengthFt: number;
  equivalentFt: number;
  /** Height of the coil over the outdoor unit. */
  liftFt: number;
  /** Longest stretch the vapour climbs in one go on its way to the outdoor unit. */
  vapourRiseFt: number;
  /** The same of the hot gas in heating, on its way to the coil. */
  hotRiseFt: number;
  heating: HeatingFigures | undefined;
  suction: { psi: number; saturationLossF: number; velocityFpm: number } | undefined;
  liquid: { lossF: number; marginF: number; reading: string } | undefined;
  riserTons: number | undefined;
};

export const lengthOf = (body: Pick<EntryBody<'line-run'>, 'pieces'>): number =>
  body.pieces.reduce((s, p) => s + p.ft, 0);

export function runFigures(body: EntryBody<'line-run'>, context: JoinContext): RunFigures {
  const lengthFt = lengthOf(body);
  const bends = body.elbows * ELBOW_FT + (body.traps ?? 0) * TRAP_FT + (body.invertedTrap ? TRAP_FT : 0);
  const equivalentFt = Math.min(500, lengthFt + bends);
  const heights = body.pieces.map((p) => (p.way === 'up' ? p.ft : p.way === 'down' ? -p.ft : 0));
  const liftFt = heights.reduce((s, h) => s + h, 0);
  // Written from the outdoor unit to the coil: where the way goes down, vapour climbs on its way back.
  const vapourRiseFt = longestClimb(heights.map((h) => -h));
  const hotRiseFt = longestClimb(heights);
  const { refrigerant, tons } = context;
  const { evaporatingF, condensingF } = LINE_DESIGN;
  const through = (odIn: number, ft: number) =>
    linePressureDrop({
      refrigerant,
      line: 'suction',
      odIn,
      equivalentFt: Math.max(1, ft),
      capacityTons: tons,
      evaporatingF,
      condensingF,
    });
  // A riser of another size is its own stretch whichever way it is climbed: the rest of the run at the line's size.
  const riserOdIn = body.riserOdIn ?? body.vaporOdIn;
  const riserFt =
    riserOdIn === body.vaporOdIn ? 0 : Math.min(Math.max(vapourRiseFt, hotRiseFt), Math.max(0, equivalentFt - 1));
  const whole = through(body.vaporOdIn, equivalentFt - riserFt);
  const own = riserFt > 0 ? through(riserOdIn, riserFt) : undefined;
  const liquid = liquidMargin({
    refrigerant,
    odIn: body.liquidOdIn,
    equivalentFt: Math.max(1, equivalentFt),
    capacityTons: tons,
    liftFt: Math.max(-150, Math.min(150, liftFt)),
    subcoolingF: context.subcoolingF ?? LINE_DESIGN.subcoolingF,
  });
  const riser = vapourRiseFt > 0 ? riserMinimum({ refrigerant, odIn: riserOdIn, evaporatingF }) : undefined;
  return {
    lengthFt,
    equivalentFt,
    liftFt,
    vapourRiseFt,
    hotRiseFt,
    heating: heatingFigures(body, { equivalentFt, liftFt, riserOdIn, riserFt }, context),
    suction: whole.ok
      ? {
          ...whole.value,
          psi: whole.value.psi + (own?.ok ? own.value.psi : 0),
          saturationLossF: whole.value.saturationLossF + (own?.ok ? own.value.saturationLossF : 0),
        }
      : undefined,
    liquid: liquid.ok ? liquid.value : undefined,
    riserTons: riser?.ok ? riser.value.minimumTons : undefined,
  };
}

/** The longest stretch that something climbs in one go along these heights; a level stretch does not end it, a way down does. */
function longestClimb(heights: readonly number[]): number {
  let climb = 0;
  let most = 0;
  for (const h of heights) {
    climb = h > 0 ? climb + h : h < 0 ? 0 : climb;
    most = Math.max(most, climb);
  }
  return most;
}
