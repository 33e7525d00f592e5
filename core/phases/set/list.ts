import { INSULATE_FT } from '@/core/fit/drain/drain-sheet';
import { PAN_MARGIN_IN } from '@/core/fit/drain/pan-margin';
import { FILTER_TO_COIL_IN, PULL_BEYOND_IN } from '@/core/fit/stack/stack-more';
import type { SheetWith } from '@/core/job/sheet';
import type { Check } from '@/core/phases/checks/row';
import { newPieces, scopeOf } from '@/core/phases/scope/view';
import { partsOf, traitsOf } from '@/core/scope/survey/parts';
import { knownFacts } from '@/core/scope/survey/survey';
import { SET_ASKS, SET_CHECK_IDS, SET_GROUPS, type SetCheckId } from './asks';

export type SetCheck = Check<SetCheckId>;

/** Level of a unit, both ways (common practice, the maker's limit wins), in/ft. */
const LEVEL_IN_PER_FT = 0.25;
/** Pad above the ground around it (common practice), in. */
const PAD_RISE_IN = 3;

export type SetSheet = SheetWith<'fits' | 'scope' | 'scopeSchools' | 'survey'>;

/**
 * What is looked at while the new equipment is set, made from the scope and the fit sheets: what they know is not asked again,
 * what they ordered is measured as it was built.
 */
export function setList(sheet: SetSheet): SetCheck[] {
  const known = knownFacts(sheet.survey.observations);
  const parts = partsOf(known);
  const traits = traitsOf(known);
  const fresh = (piece: 'outdoor' | 'package' | 'air-handler' | 'coil' | 'furnace'): boolean =>
    parts?.fresh.has(piece) ?? false;
  const items = new Set(scopeOf(sheet).items.flatMap((i) => (i.standing === 'in' ? [i.id] : [])));
  const list = new Map<SetCheckId, SetCheck>();
  const ask = (id: SetCheckId, when: unknown, band: Omit<SetCheck, 'id'> = {}): void => {
    if (when) list.set(id, { id, ...band });
  };
  const rooftop = traits.has('rooftop') && fresh('package');
  const outside = fresh('outdoor') || (fresh('package') && !rooftop);
  const indoors = fresh('air-handler') || fresh('coil') || fresh('furnace');
  const pump = newPieces(sheet).outdoor?.heatPump ?? traits.has('heat-pump');

  if (outside) standsOutside();
  if (rooftop) standsOnRoof();
  if (indoors) standsInside();
  if (indoors || fresh('package')) airAndWater();
  closing();
  // In the order of the work, whatever asked for it.
  return SET_GROUPS.flatMap((group) =>
    SET_CHECK_IDS.filter((id) => SET_ASKS[id].group === group).flatMap((id) => list.get(id) ?? []),
  );

  function standsOutside(): void {
    const place = sheet.fits.placement?.record;
    const { standIn } = sheet.scope.choice;
    const onBracket = place?.bracket != null;
    ask('pad-bears', !onBracket);
    ask('pad-rise', !onBracket && standIn === 0, { low: PAD_RISE_IN });
    ask('unit-level', true, { high: LEVEL_IN_PER_FT });
    ask('stand-height', standIn > 0, { low: standIn });
    ask('anchors', !onBracket);
    ask('bracket', onBracket);
    ask('base-holes', pump);
    ask('defrost-water', pump);
    ask('flood', place?.flood);
    ask('hail-guard', known.hail === true);
    if (!place) return;
    const { required, unit } = place;
    ask('clear-service', required.serviceIn > 0, { low: required.serviceIn });
    ask('clear-other', required.otherIn > 0, { low: required.otherIn });
    ask('clear-front', unit.discharge === 'side' && required.frontIn, { low: required.frontIn ?? 0 });
    ask('clear-above', place.overheadIn !== null && required.aboveIn > 0, { low: required.aboveIn });
    ask('gate-back', place.gates.length > 0 || place.obstacles.some((o) => o.kind === 'fence'));
    ask('stacked', place.stacked);
    ask('runoff', place.underRunoff);
    ask('sound', place.sound?.bedroomFt != null || place.sound?.neighborFt != null, { high: place.sound?.limitDba });
  }

  function standsOnRoof(): void {
    for (const id of ['curb-gasket', 'shipping-out', 'seated', 'drop-sealed', 'unused-openings', 'roof-whole'] as const)
      ask(id, true);
    ask('roof-level', true, { high: LEVEL_IN_PER_FT });
  }

  function standsInside(): void {
    const stack = sheet.fits.stack?.record;
    ask('indoor-level', true, { high: LEVEL_IN_PER_FT });
    ask('hangers', stack?.hung);
    ask('vibration', !stack?.hung);
    ask('service-room', stack && stack.frontNeededIn > 0, { low: stack?.frontNeededIn });
    ask('filter-pull', stack?.filter, { low: (stack?.filter?.lengthIn ?? 0) + PULL_BEYOND_IN });
    ask('filter-coil', stack?.filter, { low: stack?.filter?.makerIn ?? FILTER_TO_COIL_IN });
    ask('walk-free', stack?.walk || known.workPlace === 'attic' || known.workPlace === 'crawlspace');
    ask('panels', true);
    ask('joint-plenum', true);
    ask('joint-return', true);
    ask('joint-coil', parts?.there.has('furnace') && parts.there.has('coil'));
    const box = stack?.box === 'wet or moldy' || stack?.box === 'bare fiber';
    ask('bad-duct-out', box || known.flexState === 'flaking' || known.plenumState === 'rotten');
    ask('flex', known.ductKind === 'flex' || known.ductKind === 'mixed');
    ask('flex-straps', known.ductKind === 'flex' || known.ductKind === 'mixed');
  }

  function airAndWater(): void {
    const drain = sheet.fits.drain?.record;
    ask('collars', fresh('package') ? !rooftop : sheet.scope.choice.ductsTouched);
    ask('unused-openings', fresh('package'));
    ask('registers', items.has('registers') || sheet.scope.choice.ductsTouched);
    const wet = fresh('air-handler') || fresh('coil') || fresh('package');
    ask('trap', wet);
    ask('cleanout', wet);
    ask('secondary', wet && drain && drain.secondary !== 'none');
    ask('pan', wet && drain?.pan, { low: PAN_MARGIN_IN });
    ask('float', wet && drain && (drain.panFloat !== 'none' || drain.primaryFloat !== 'none'));
    ask('drain-cover', wet && drain?.hotAttic, { low: Math.min(INSULATE_FT, drain?.runFt ?? INSULATE_FT) });
    ask('pump', drain?.pump || drain?.belowDrain);
    ask('neutralizer', fresh('furnace') && drain?.furnaceInputBtuh);
    ask('inner-trap', fresh('furnace') && drain?.furnaceInputBtuh);
  }

  function closing(): void {
    ask('wall-entry', fresh('outdoor'));
    ask('sealant', fresh('outdoor'));
    ask('line-cover', items.has('line-cover'));
    ask('old-mended', outside);
    const taken = sheet.fits.placement?.record;
    ask('put-back', taken && (taken.gates.length > 0 || taken.obstacles.some((o) => o.kind === 'fence')));
    ask('cleaned', true);
  }
}

/** Water is poured where a new coil drains. */
export const owesWater = (sheet: SheetWith<'survey'>): boolean => {
  const fresh = partsOf(knownFacts(sheet.survey.observations))?.fresh;
  return (['air-handler', 'coil', 'package'] as const).some((piece) => fresh?.has(piece));
};
