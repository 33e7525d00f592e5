import { systemAirflow } from '@/core/air/duct/airflow-per-ton';
import type { LibraryFields } from '@/core/equipment/library-item';
import { SLIM_REAR_IN } from '@/core/fit/outdoor/placement';
import { FIT_EMPTY, FIT_KINDS, type FitKind, type FitRecord, type FitRecords } from '@/core/fit/sheets';
import type { ScopeSchools } from './schools';
import { coilOnOil, is, type KnownFacts, numberOf } from './survey/facts';
import { partsOf, traitsOf } from './survey/parts';

/** Sheets that make sense for this kind of system. */
export function fitKindsFor(known: KnownFacts): FitKind[] {
  const parts = partsOf(known);
  if (parts === undefined) return [...FIT_KINDS];
  const traits = traitsOf(known);
  const indoors = parts.fresh.has('air-handler') || parts.fresh.has('coil') || parts.fresh.has('furnace');
  const asked: Record<FitKind, boolean> = {
    placement: traits.has('outdoor') && !traits.has('rooftop'),
    route: true,
    // What stays untouched indoors needs no new fit.
    stack: indoors,
    packaged: traits.has('packaged') && !traits.has('rooftop'),
    curb: traits.has('rooftop'),
    air: true,
    // A furnace has a drain too: its own, or that of the coil it carries.
    drain: indoors || traits.has('packaged'),
    selection: true,
  };
  return FIT_KINDS.filter((k) => asked[k]);
}

export type FitStart = {
  known: KnownFacts;
  outdoor: LibraryFields | undefined;
  indoor: LibraryFields | undefined;
  furnace?: LibraryFields | undefined;
  schools: ScopeSchools;
};

/** The runs that hang there, as counted and measured on the walk, the air shared out evenly until each is looked at. */
function existingRuns(known: KnownFacts, cfm: number): FitRecords['air']['plenum'] {
  const count = Math.min(numberOf(known, 'runCount') ?? 0, MOST_RUNS);
  const existingIn = numberOf(known, 'runIn');
  if (existingIn === undefined || cfm / count < LEAST_RUN_CFM) return [];
  const kind =
    is(known, 'ductKind', 'flex') || is(known, 'flexState', 'sound') ? ('flex' as const) : ('metal' as const);
  return Array.from({ length: count }, (_, n) => ({
    id: `run-${n + 1}`,
    name: String(n + 1),
    cfm: Math.round(cfm / count),
    kind,
    existingIn,
    slackPct: USUAL_SLACK_PCT,
  }));
}
/** Slack of flex hung with care, until somebody looked (common practice), %. */
const USUAL_SLACK_PCT = 4;
/** What the sheet takes of them. */
const MOST_RUNS = 24;
const LEAST_RUN_CFM = 10;

/** Sensible share of cooling taken for the condensate until the load is known (common practice). */
const LATENT_SHARE = 0.25;
const BTUH_PER_TON = 12_000;
/** A unit at the house wall whose distances are still to be measured; a usual night limit (design default; the local one rules). */
const USUAL_SOUND = {
  powerDb: null,
  stands: 'wall',
  bedroomFt: null,
  neighborFt: null,
  barrier: false,
  limitDba: 45,
} as const;
/** A cabinet taller than this many times its narrow side, blowing sideways, is a slim unit (design default). */
const SLIM_RATIO = 2;

/** The return grilles as the walk added them up: one square face of that area, to be split into the real ones. */
function returnOf(areaIn2: number, noFilter: boolean): FitRecords['air']['returns'][number] {
  const side = Math.min(60, Math.max(4, Math.round(2 * Math.sqrt(areaIn2)) / 2));
  const heightIn = Math.min(60, Math.max(4, Math.round((2 * areaIn2) / side) / 2));
  return { id: 'walk', name: '1', widthIn: side, heightIn, filter: !noFilter, freeShare: GRILLE_FREE };
}
/** Free share of a stamped return grille (common practice). */
const GRILLE_FREE = 0.7;

type Started = { record: FitRecord; measured: string[] };

/** A sheet's first figures: from the chosen equipment and the survey where they are known, assumed where they are not. */
export function startFit(kind: FitKind, from: FitStart): Started {
  const record = structuredClone(FIT_EMPTY[kind]);
  const measured: string[] = [];
  const put = (path: string, value: number | undefined | null): void => {
    if (value === undefined || value === null) return;
    const keys = path.split('.');
    let at = record as unknown as Record<string, unknown>;
    for (const key of keys.slice(0, -1)) at = at[key] as Record<string, unknown>;
    at[keys[keys.length - 1]!] = value;
    measured.push(path);
  };
  FILL[kind]?.(from, put, record as never);
  return { record, measured };
}

type Put = (path: string, value: number | undefined | null) => void;
const unitOf = (i: FitStart): LibraryFields | undefined =>
  i.indoor ?? i.furnace ?? (i.outdoor?.kind === 'package' ? i.outdoor : undefined);
const tonsOf = (i: FitStart): number | undefined => i.outdoor?.tons ?? numberOf(i.known, 'oldTons');

const FILL: { [K in FitKind]?: (i: FitStart, put: Put, record: FitRecords[K]) => void } = {
  placement: (i, put, record) => {
    const o = i.outdoor;
    if (!o) return;
    put('unit.widthIn', o.widthIn);
    put('unit.depthIn', o.depthIn);
    put('unit.heightIn', o.heightIn);
    put('weightLb', o.weightLb);
    if (o.soundDb) {
      record.sound = { ...USUAL_SOUND };
      put('sound.powerDb', o.soundDb);
    }
    record.heatPump = o.heatPump;
    const { heightIn, widthIn, depthIn } = o;
    if (
      heightIn !== null &&
      widthIn !== null &&
      depthIn !== null &&
      heightIn > SLIM_RATIO * Math.min(widthIn, depthIn)
    ) {
      record.unit.discharge = 'side';
      record.required.rearIn = SLIM_REAR_IN;
    }
    // Not on top of the wall: the rear keeps what it needs.
    if (depthIn !== null) record.yIn = Math.ceil(depthIn / 2 + record.required.rearIn + 1);
  },
  route: (i, put, record) => {
    const u = unitOf(i);
    if (!u) return;
    record.piece.label = `${u.maker} ${u.model}`.slice(0, 60);
    put('piece.lengthIn', u.depthIn);
    put('piece.widthIn', u.widthIn);
    put('piece.heightIn', u.heightIn);
    put('piece.weightLb', u.weightLb);
  },
  stack: (i, put, record) => {
    record.coilOnOilFurnace = coilOnOil(i.known);
    // A cased coil stands on the furnace, new or kept: its height is the coil's, the rest of the stack is the furnace.
    const coil = i.indoor?.kind === 'coil' ? i.indoor : undefined;
    if (coil && partsOf(i.known)?.there.has('furnace')) put('coilHeightIn', coil.heightIn);
    const u = coil ? i.furnace : (i.indoor ?? i.furnace);
    if (!u) return;
    put('new.widthIn', u.widthIn);
    put('new.depthIn', u.depthIn);
    put('new.heightIn', u.heightIn);
    put('new.supply.widthIn', u.supplyWidthIn);
    put('new.supply.depthIn', u.supplyDepthIn);
    put('new.return.widthIn', u.returnWidthIn);
    put('new.return.depthIn', u.returnDepthIn);
  },
  packaged: (i, put) => {
    const tons = tonsOf(i);
    const flow = tons === undefined ? undefined : systemAirflow({ tons, cfmPerTon: Number(i.schools.cfmPerTon) });
    put('cfm', flow?.ok ? flow.value.cfm : undefined);
  },
  curb: (i, put) => {
    const o = i.outdoor;
    if (!o) return;
    put('unitBase.x1', o.widthIn);
    put('unitBase.y1', o.depthIn);
    put('unitBase.x0', 0);
    put('unitBase.y0', 0);
    put('cfm', o.tons === null ? undefined : o.tons * Number(i.schools.cfmPerTon));
    put('newWeightLb', o.weightLb);
  },
  air: (i, put, record) => {
    put('tons', tonsOf(i));
    record.cfmPerTon = Number(i.schools.cfmPerTon);
    put('trunkExistingIn', numberOf(i.known, 'trunkIn'));
    put('budget.ratedEspInWc', unitOf(i)?.maxEspInWc);
    const runs = existingRuns(i.known, record.tons * record.cfmPerTon);
    if (runs.length) record.plenum = runs;
    const returnIn2 = numberOf(i.known, 'returnIn2');
    if (returnIn2 !== undefined) record.returns = [returnOf(returnIn2, is(i.known, 'filterRack', 'none'))];
    const zones = numberOf(i.known, 'zones') ?? 1;
    if (zones > 1) {
      record.zoning = {
        smallestZoneCfm: (record.tons * record.cfmPerTon) / zones,
        equipmentMinCfm: unitOf(i)?.minCfm ?? null,
        bypassShare: 0,
        returnF: 75,
        coilDropF: 18,
      };
    }
  },
  drain: (i, _put, record) => {
    const tons = tonsOf(i);
    // A share of the size is no load: it stands in the sheet as assumed.
    if (tons !== undefined) record.latentBtuh = tons * BTUH_PER_TON * LATENT_SHARE;
    record.overFinishedSpace = is(i.known, 'overFinished', true);
    record.hotAttic = (numberOf(i.known, 'atticF') ?? 0) > 0;
    record.sags = is(i.known, 'drainState', 'sags');
    record.primaryFloat = is(i.known, 'floatState', 'tested')
      ? 'tested with water'
      : is(i.known, 'floatState', 'wired')
        ? 'wired'
        : 'none';
    if (partsOf(i.known)?.there.has('furnace')) record.arrangement = 'blow-through';
  },
  selection: (i, put, record) => {
    put('tons', tonsOf(i));
    record.stages = i.outdoor?.stages ?? 'single';
    const o = i.outdoor;
    if (o && !o.heatPump) record.heatPump = null;
    if (record.heatPump) {
      put('heatPump.capacity47Btuh', o?.capacity47Btuh);
      put('heatPump.capacity17Btuh', o?.capacity17Btuh);
    }
    const f = [i.indoor, i.outdoor].find(
      (u) => u?.kind === 'furnace' || (u?.kind === 'package' && u.outputBtuh !== null),
    );
    if (f?.outputBtuh && f.riseLowF && f.riseHighF) {
      record.furnace = {
        outputBtuh: f.outputBtuh,
        cfm: record.tons * Number(i.schools.cfmPerTon),
        riseLowF: f.riseLowF,
        riseHighF: f.riseHighF,
      };
      for (const k of ['outputBtuh', 'cfm', 'riseLowF', 'riseHighF'] as const) put(`furnace.${k}`, record.furnace[k]);
    }
  },
};
