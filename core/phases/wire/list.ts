import type { Check } from '@/core/phases/checks/row';
import { latestOf } from '@/core/phases/log/circuit-log';
import { newPieces, scopeOf } from '@/core/phases/scope/view';
import { is } from '@/core/scope/survey/facts';
import { partsOf, traitsOf } from '@/core/scope/survey/parts';
import { knownFacts } from '@/core/scope/survey/survey';
import { WIRE_CHECK_IDS, type WireCheckId } from './asks';
import { circuitPlates } from './power';
import type { WireSheet, Wiring } from './wiring';

/** What is looked at of the wiring, made from scope, plates and the plan of the controls. */
export function wireList(sheet: WireSheet, { spec }: Wiring): Check<WireCheckId>[] {
  const known = knownFacts(sheet.survey.observations);
  const parts = partsOf(known);
  const fresh = (piece: 'outdoor' | 'package'): boolean => parts?.fresh.has(piece) ?? false;
  const items = new Set(scopeOf(sheet).items.flatMap((i) => (i.standing === 'in' ? [i.id] : [])));
  const plates = circuitPlates(sheet);
  const strips = plates.some((p) => p.electricHeat);
  const three = plates.some((p) => p.phases === 3);
  const outside = fresh('outdoor') || fresh('package');
  const rooftop = traitsOf(known).has('rooftop');
  const ids = new Set<WireCheckId>();
  const ask = (when: unknown, ...of: WireCheckId[]): void => {
    if (when) for (const id of of) ids.add(id);
  };
  ask(outside, 'own-circuit', 'disconnect-place', 'holes', 'ground-fault');
  ask(outside, 'whip');
  ask(plates.length > 0, 'lugs');
  ask(items.has('surge'), 'surge');
  ask(newPieces(sheet).heaterKit, 'kit-listed', 'kit-marked');
  ask(strips && !is(known, 'twoFeeds', true), 'service-load');
  ask(three, 'rotation', 'fans', 'monitor');
  ask(three && (rooftop || plates.some((p) => p.volts === '460')), 'step-down');
  ask(true, 'tap', 'ends-proven', 'class-2');
  ask(latestOf(sheet.systemLog, 'sources')?.body.list.includes('second-transformer') || spec.twoWires, 'one-r');
  ask(!spec.coolingless, 'freeze-clip', 'splices');
  ask(spec.communicating, 'data-apart', 'test-mode');
  ask(spec.extras?.includes('leak sensor board'), 'leak-board');
  const wall = items.has('thermostat') || newPieces(sheet).thermostat;
  ask(wall, 'stat-level', 'stat-hole');
  ask(true, 'stat-place');
  ask(is(known, 'statType', 'mercury'), 'mercury');
  ask(startsSoftly(sheet), 'hard-start-out', 'starter-place', 'starter-crimps', 'starter-light');
  ask(
    sheet.systemLog.some((e) => e.kind === 'traced-wire'),
    'old-fuses',
    'old-pictures',
    'old-coils',
  );
  return WIRE_CHECK_IDS.filter((id) => ids.has(id)).map((id) => ({ id }));
}

/** A soft starter was agreed, or somebody wrote one down. */
export const startsSoftly = (sheet: WireSheet): boolean =>
  latestOf(sheet.systemLog, 'soft-starter') !== undefined ||
  (sheet.scope.choice.softStarter && scopeOf(sheet).items.some((i) => i.id === 'soft-start' && i.standing === 'in'));
