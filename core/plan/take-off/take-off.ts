import type { Label, Said } from '@/core/words/said';
import { tell } from './words';

/** What a job's materials are counted from: figures that are known, and what of the scope is in. */
export type TakeOffFacts = {
  /** Length of the line set, as drawn; else as surveyed. */
  runFt: number | undefined;
  drawn: boolean;
  newLines: boolean;
  joints: number | undefined;
  /** Nitrogen for test and purge, scf. */
  nitrogenScf: number | undefined;
  chargeOz: number | undefined;
  refrigerant: string | undefined;
  /** Ids of the scope's items that are in. */
  items: ReadonlySet<string>;
  /** Single things with a name of their own: units, parts by the fit sheets. */
  pieces: readonly { id: string; how: 'buy' | 'make'; what: Label }[];
  opensCircuit: boolean;
  padPoints: number;
  /** Run of the drain as the fit sheet has it; undefined while nobody measured it. */
  drainFt?: number | undefined;
};

export type TakeOffLine = {
  code: string;
  say: Label;
  how: 'buy' | 'make';
  /** What the work takes, with its waste. */
  need: number;
  unit: string;
  /** In what size it is bought where the company says nothing. */
  pack: number;
  /** From what it was counted. */
  because: Said;
};

/** Beyond plan and rise: bends and the service loop of a line set (common practice), ft. */
const BENDS_FT = 3;
const SERVICE_FT = 4;
/** Waste of what is cut to length (common practice). */
const WASTE = 1.1;
/** A strap every so many feet, and one more (common practice). */
const STRAP_FT = 4;
/** Rods of silver solder a joint (design default). */
const RODS_A_JOINT = 0.5;
/** Joints of a split system where none are drawn: two at each end of two lines, drier and spare (design default). */
const USUAL_JOINTS = 8;
/** A drain from unit to outlet where nobody measured it (design default), ft. */
const USUAL_DRAIN_FT = 20;
const OZ_PER_LB = 16;
const STICK_FT = 10;
const LINE_PACK_FT = 10;

/**
 * What to take for a job: quantities counted from line drawing, charge, wiring and the scope's items, with their waste.
 *
 * @returns each material once; what cannot be counted yet is left out, never guessed at as if it were known
 * @source shares of waste and spacing are common practice or design defaults, each named at its constant
 */
export function takeOff(f: TakeOffFacts): TakeOffLine[] {
  const out: TakeOffLine[] = f.pieces.map((p) => ({
    code: p.id,
    say: p.what,
    how: p.how,
    need: 1,
    unit: 'each',
    pack: 1,
    because: tell('take.by-scope-and-fit'),
  }));
  const add = (code: string, say: Said, need: number, unit: string, pack: number, because: Said): void =>
    void out.push({ code, say, how: 'buy', need, unit, pack, because });
  const drawnOr = tell(f.drawn ? 'take.from-the-drawn-line-set' : 'take.from-the-survey');
  const has = (...ids: string[]): boolean => ids.some((id) => f.items.has(id));

  if (f.opensCircuit && f.runFt !== undefined) {
    const cut = WASTE * (f.runFt + BENDS_FT + SERVICE_FT);
    if (f.newLines) add('copper', tell('take.line-set-copper'), cut, 'ft', LINE_PACK_FT, drawnOr);
    if (f.newLines || has('line-insulation'))
      add('line-insulation', tell('take.line-insulation'), WASTE * f.runFt, 'ft', 6, drawnOr);
    if (f.newLines) add('line-strap', tell('take.line-straps'), Math.ceil(f.runFt / STRAP_FT) + 1, 'each', 10, drawnOr);
    if (has('line-cover')) add('line-cover', tell('take.line-cover'), WASTE * f.runFt, 'ft', 8, drawnOr);
  }
  if (f.opensCircuit) {
    const joints = f.joints ?? USUAL_JOINTS;
    const because = tell(f.joints === undefined ? 'take.usual-joints' : 'take.from-the-joints', { n: String(joints) });
    add('rod', tell('take.silver-solder'), Math.ceil(RODS_A_JOINT * joints), 'rod', 1, because);
    if (f.nitrogenScf !== undefined)
      add('nitrogen', tell('take.nitrogen'), f.nitrogenScf, 'scf', 20, tell('take.test-and-purge'));
    if (f.chargeOz !== undefined && f.chargeOz > 0)
      add(
        'refrigerant',
        tell('take.refrigerant', { name: f.refrigerant ?? '–' }),
        f.chargeOz / OZ_PER_LB,
        'lb',
        25,
        tell('take.from-the-build-up'),
      );
  }
  if (has('conductors', 'controls', 'thermostat') && f.runFt !== undefined)
    add('control-cable', tell('take.control-cable'), WASTE * (f.runFt + 2 * SERVICE_FT), 'ft', 50, drawnOr);
  if (has('drain', 'secondary'))
    add(
      'drain-pipe',
      tell('take.drain-pipe'),
      (f.drainFt ?? USUAL_DRAIN_FT) * WASTE,
      'ft',
      STICK_FT,
      tell(f.drainFt === undefined ? 'take.usual-drain' : 'take.from-the-drain-sheet'),
    );
  if (has('stack-plenum', 'stack-return', 'crossover', 'flex', 'return', 'duct-size', 'plenum-new', 'filter-cabinet')) {
    add('mastic', tell('take.mastic'), 1, 'gal', 1, tell('take.ducts-are-opened'));
    add('foil-tape', tell('take.foil-tape'), 60, 'ft', 150, tell('take.ducts-are-opened'));
  }
  if (f.padPoints > 0) add('anchor', tell('take.anchors'), f.padPoints, 'each', 4, tell('take.one-a-corner'));
  return out;
}

/** What the crew carries for this work whatever it takes: gear and what protects people. */
export function gearFor(f: Pick<TakeOffFacts, 'opensCircuit' | 'items'>): Said[] {
  return [
    ...(f.opensCircuit
      ? [
          tell('take.gear-recovery'),
          tell('take.gear-pump'),
          tell('take.gear-scale'),
          tell('take.gear-regulator'),
          tell('take.gear-torch'),
          tell('take.gear-extinguisher'),
        ]
      : []),
    tell('take.gear-meter'),
    tell('take.gear-lockout'),
    tell('take.gear-ppe'),
    ...(f.items.has('flue') || f.items.has('connect-fuel') ? [tell('take.gear-combustion')] : []),
  ];
}

/** What leaves the house and whose paper is kept of it. */
export function disposalFor(f: Pick<TakeOffFacts, 'opensCircuit' | 'items'>): Said[] {
  return [
    ...(f.opensCircuit ? [tell('take.dispose-refrigerant'), tell('take.dispose-oil')] : []),
    tell('take.dispose-metal'),
    ...(f.items.has('mercury') ? [tell('take.dispose-mercury')] : []),
    ...(f.items.has('asbestos') ? [tell('take.dispose-asbestos')] : []),
    ...(f.items.has('oil-tank') ? [tell('take.dispose-tank')] : []),
  ];
}
