import type { Refusal } from '@/core/finding/outcome';
import { IN2_PER_FT2 } from '@/core/units/units';
import type { AirSheet, Branch } from './air-sheet';
import { capacityOf, USUAL_FRICTION } from './airflow-per-ton';
import { flexMultiplier } from './flex';
import { frictionOf, ROUGHNESS_FT } from './friction';
import { frictionRate, USUAL_RATES } from './friction-rate';
import { runCfm, runsTogether } from './old-runs';
import { effectiveFt } from './path';
import { rectangularDuctSize } from './rectangular';
import { returnArea } from './return-filter';
import { diameterFor, tradeDiameter } from './round-size';
import { trunkSections } from './trunk';

export type SizedBranch = Branch & { sizeIn: number; fpm: number; wantedIn: number; short: boolean };
export type SizedTrunk = {
  cfm: number;
  sizeIn: number;
  wantedIn: number;
  fpm: number;
  short: boolean;
  /** Made rectangular in the height there is; undefined when it is round or no such duct exists. */
  madeWidthIn: number | undefined;
};

/** The duct sketch, computed: what each piece of duct must be and what it is. */
export type AirPlan = {
  systemCfm: number;
  /** The friction rate the ducts are sized at, and where it comes from. */
  rate: number;
  rateFrom: 'budget' | 'usual';
  budgetRefused: Refusal | undefined;
  availableInWc: number | undefined;
  plenum: SizedBranch[];
  trunk: SizedBranch[];
  sections: SizedTrunk[];
  unassignedCfm: number;
  freeIn2: number;
  filterIn2: number;
  haveFreeIn2: number;
  filterFpm: number | undefined;
  /** The longest way in feet, where it was put together from its pieces. */
  path: ReturnType<typeof effectiveFt> | undefined;
  /** What the runs that hang off the plenum carry together. */
  runsCfm: number | undefined;
  ductTons: number | undefined;
};

export function planAir(a: AirSheet): AirPlan {
  const systemCfm = a.tons * a.cfmPerTon;
  const path = a.path ? effectiveFt(a.path) : undefined;
  const budget = frictionRate({
    ...a.budget,
    longestFt: path ? Math.min(1000, Math.max(20, path.totalFt)) : a.budget.longestFt,
  });
  const rate = budget.ok ? Math.min(Math.max(budget.value.inWcPer100ft, 0.02), USUAL_RATES.high) : USUAL_FRICTION;
  const sized = (b: Branch): SizedBranch => {
    const slack =
      b.kind === 'flex'
        ? flexMultiplier({ diameterIn: Math.max(5, Math.min(24, b.existingIn ?? 8)), compressionPct: b.slackPct })
        : undefined;
    const paid = rate / (slack?.ok ? slack.value.multiplier : 1);
    const wanted = diameterFor(b.cfm, paid, b.kind === 'flex' ? ROUGHNESS_FT.flex : ROUGHNESS_FT.metal) ?? 60;
    const sizeIn = b.existingIn ?? tradeDiameter(wanted) ?? 60;
    return {
      ...b,
      sizeIn,
      wantedIn: wanted,
      fpm: frictionOf(b.cfm, sizeIn, ROUGHNESS_FT.metal).fpm,
      short: b.existingIn !== null && b.existingIn < wanted - 0.25,
    };
  };
  const plenum = a.plenum.map(sized);
  const trunk = a.trunk.map(sized);
  const sections = trunkOf(a, systemCfm, rate);
  const area = returnArea({ cfm: systemCfm });
  const haveFreeIn2 = a.returns.reduce((sum, r) => sum + r.widthIn * r.heightIn * r.freeShare, 0);
  const filterFace = filterArea(a);
  const runsCfm = runsTogether(a.plenum);
  const taken = [...a.plenum, ...a.trunk].reduce((sum, b) => sum + b.cfm, 0);
  return {
    systemCfm,
    rate,
    rateFrom: budget.ok ? 'budget' : 'usual',
    budgetRefused: budget.ok ? undefined : budget.refused,
    availableInWc: budget.ok ? budget.value.availableInWc : undefined,
    plenum,
    trunk,
    sections,
    unassignedCfm: systemCfm - taken,
    freeIn2: area.ok ? area.value.freeIn2 : 0,
    filterIn2: area.ok ? area.value.filterIn2 : 0,
    haveFreeIn2,
    filterFpm: filterFace > 0 ? systemCfm / (filterFace / IN2_PER_FT2) : undefined,
    path,
    runsCfm,
    ductTons: ductTonsOf(a, runsCfm),
  };
}

/** The largest system that the ducts serve: the trunk with the runs beside it, else all runs that hang there together. */
function ductTonsOf(a: AirSheet, runsCfm: number | undefined): number | undefined {
  const beside = a.plenum.reduce((sum, b) => sum + (b.existingIn === null ? b.cfm : runCfm(b, b.existingIn)), 0);
  if (a.trunkExistingIn !== null) return (capacityOf(a.trunkExistingIn, USUAL_FRICTION) + beside) / a.cfmPerTon;
  const all = a.trunk.length === 0 && a.plenum.every((b) => b.existingIn !== null);
  return all && runsCfm !== undefined ? runsCfm / a.cfmPerTon : undefined;
}

/** Filter face that all the air passes: a cabinet at the unit, else the filter grilles together. */
function filterArea(a: AirSheet): number {
  if (a.cabinet) return a.cabinet.widthIn * a.cabinet.heightIn;
  return a.returns.filter((r) => r.filter).reduce((sum, r) => sum + r.widthIn * r.heightIn, 0);
}

function trunkOf(a: AirSheet, systemCfm: number, rate: number): SizedTrunk[] {
  const off = a.plenum.reduce((sum, b) => sum + b.cfm, 0);
  const on = a.trunk.reduce((sum, b) => sum + b.cfm, 0);
  if (on === 0) return [];
  const result = trunkSections({
    totalCfm: Math.max(systemCfm, off + on),
    plenumCfm: a.plenum.map((b) => b.cfm),
    takeOffsCfm: a.trunk.map((b) => b.cfm),
    inWcPer100ft: rate,
  });
  if (!result.ok) return [];
  return result.value.sections.map((s, k) => {
    const sizeIn = k === 0 && a.trunkExistingIn !== null ? a.trunkExistingIn : s.tradeSizeIn;
    const flat =
      a.trunkHeightIn === null
        ? undefined
        : rectangularDuctSize({ cfm: s.cfm, inWcPer100ft: rate, heightIn: a.trunkHeightIn });
    return {
      cfm: s.cfm,
      wantedIn: s.diameterIn,
      sizeIn,
      fpm: frictionOf(s.cfm, sizeIn, ROUGHNESS_FT.metal).fpm,
      short: sizeIn < s.diameterIn - 0.25,
      madeWidthIn: flat?.ok ? flat.value.madeWidthIn : undefined,
    };
  });
}
