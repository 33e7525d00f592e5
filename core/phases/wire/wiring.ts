import { setupFor } from '@/core/controls/control-network';
import { type Edit, withEdits } from '@/core/controls/edits';
import type { FaultCode, Wired } from '@/core/controls/fault-codes';
import { makePlan, type PlanSpec } from '@/core/controls/make-plan';
import type { SheetWith } from '@/core/job/sheet';
import { type EntryOf, entriesOf, isMarked, latestOf } from '@/core/phases/log/circuit-log';
import type { EntryBody } from '@/core/phases/log/entries';
import { newPieces, scopeOf } from '@/core/phases/scope/view';
import type { Cabinet } from '@/core/plant/cabinet/cabinet';
import { numberOf } from '@/core/scope/survey/facts';
import { partsOf, traitsOf } from '@/core/scope/survey/parts';
import { knownFacts } from '@/core/scope/survey/survey';

export type WireSheet = SheetWith<
  'fits' | 'scope' | 'scopeSchools' | 'survey' | 'systemLog' | 'acceptances' | 'signOffs'
>;
export type PlanBody = EntryBody<'wiring-plan'>;

/** The controls of a system: as planned, and as they are wired by what is written down. */
export type Wiring = {
  spec: PlanSpec;
  /** Nobody said yet which way the valve is energized, or nobody looked at the plan at all. */
  valveKnown: boolean;
  asked: EntryOf<'wiring-plan'> | undefined;
  body: PlanBody;
  healthy: Wired;
  edits: readonly Edit[];
  wired: Wired;
  cabinet: Cabinet | undefined;
};

/** Conductors of a new control cable as it is ordered (18/8, common practice). */
const NEW_CABLE = 8;

/** The plan of the controls as it follows from survey, scope and library: what a crew looks at and confirms. */
export function planFor(sheet: WireSheet): PlanBody {
  const known = knownFacts(sheet.survey.observations);
  const traits = traitsOf(known);
  const parts = partsOf(known);
  const { outdoor, heaterKit, furnace } = newPieces(sheet);
  const heatPump = outdoor?.heatPump ?? traits.has('heat-pump');
  const burns =
    parts?.there.has('furnace') || known.systemType === 'gas-pack' || known.systemType === 'packaged-dual-fuel';
  const newCable = scopeOf(sheet).items.some((i) => i.id === 'conductors' && i.standing === 'in');
  return {
    controls: sheet.scope.choice.controls === 'communicating' ? 'communicating' : '24v',
    heatPump,
    valve: null,
    stages: outdoor?.stages === 'two' ? '2' : '1',
    heat: burns
      ? furnace?.stages === 'two' && !heatPump
        ? 'two-stage furnace'
        : 'furnace'
      : heaterKit || heatPump
        ? 'strips'
        : 'none',
    floatBreak: 'R_ALL',
    floatReason: null,
    extras: [
      ...(sheet.fits.drain?.record.pump ? (['condensate pump'] as const) : []),
      ...(outdoor?.refrigerant && FLAMMABLE.includes(outdoor.refrigerant) ? (['leak sensor board'] as const) : []),
    ],
    twoWires: false,
    zoned: sheet.fits.air?.record.zoning != null,
    statWires: newCable ? NEW_CABLE : (numberOf(known, 'conductors') ?? null),
    outdoorWires: null,
    shortWay: null,
    transformerVa: 40,
    fuseA: 3,
    lengthFt: null,
  };
}
/** Mildly flammable refrigerants come with a sensor and its board (UL 60335-2-40, edition not checked). */
const FLAMMABLE: readonly string[] = ['R-32', 'R-454B'];

/** The controls as they stand on the sheet. */
export function wiringOf(sheet: WireSheet): Wiring {
  const asked = latestOf(sheet.systemLog, 'wiring-plan');
  const body = asked?.body ?? planFor(sheet);
  const spec = specOfPlan(body, sheet);
  const healthy: Wired = { plan: makePlan(spec), setup: setupFor(spec) };
  const edits = latestOf(sheet.systemLog, 'as-wired')?.body.edits ?? [];
  return {
    spec,
    valveKnown: !body.heatPump || (asked !== undefined && body.valve !== null),
    asked,
    body,
    healthy,
    edits,
    wired: { ...healthy, plan: withEdits(healthy.plan, edits) },
    cabinet: cabinetOf(sheet, spec),
  };
}

export function specOfPlan(b: PlanBody, sheet: Pick<WireSheet, 'survey'>): PlanSpec {
  const parts = partsOf(knownFacts(sheet.survey.observations));
  const packaged = parts?.there.has('package') ?? false;
  return {
    heatPump: b.heatPump,
    valve: b.valve ?? 'O',
    stages: b.stages === '2' ? 2 : 1,
    heat: b.heat,
    packaged,
    floatBreak: b.floatBreak,
    freezeBreak: 'Y',
    // Without anything outdoors or packaged nothing cools.
    coolingless: parts ? !parts.there.has('outdoor') && !packaged : false,
    extras: b.extras,
    // Two wires carry one call: the cooling of one stage, and nothing of a heat pump.
    twoWires: b.twoWires && !b.heatPump && b.stages === '1' && !packaged,
    communicating: b.controls === 'communicating',
    transformerVa: b.transformerVa,
    fuseA: b.fuseA,
  };
}

function cabinetOf(sheet: Pick<WireSheet, 'systemLog'>, spec: PlanSpec): Cabinet | undefined {
  const connected = latestOf(sheet.systemLog, 'cabinet');
  if (!connected) return undefined;
  const mended = entriesOf(sheet.systemLog, 'fault-mended').filter((m) => m.at >= connected.at && isMarked(m.source));
  return { spec, seed: connected.body.seed, mended: mended.map((m): FaultCode => m.body.code) };
}
