import type { LibraryFields } from '@/core/equipment/library-item';
import type { Work } from '@/core/policy/prices';
import type { ScopeItem } from '@/core/scope/item';
import type { ScopeInput } from '@/core/scope/scope-input';
import { is, numberOf } from '@/core/scope/survey/facts';
import { burnsNew, opensCircuit, type Piece, partsOf, traitsOf } from '@/core/scope/survey/parts';
import { tell } from '@/core/scope/words';
import { list, lower, q, type Said } from '@/core/words/said';
import { because, coilStays, cost, newUnit, type Rule } from './rule';

const PIECE_WORDS: Record<Piece, Said> = {
  outdoor: tell('scope.outdoor-unit'),
  'air-handler': tell('scope.air-handler'),
  coil: tell('scope.cased-coil'),
  furnace: tell('scope.furnace'),
  package: tell('scope.packaged-unit'),
};
const SET: Record<Piece, Work> = {
  outdoor: 'set-outdoor',
  'air-handler': 'set-indoor',
  coil: 'set-coil',
  furnace: 'set-furnace',
  package: 'set-package',
};
const pickedFor = (i: ScopeInput, piece: Piece): LibraryFields | undefined =>
  piece === 'outdoor' || piece === 'package' ? i.outdoor : piece === 'furnace' ? i.furnace : i.indoor;

/** The work that every changeout is: the old taken out, the new set, joined and proven. The customer reads it by name. */
const base: Rule = (i) => {
  const parts = partsOf(i.known);
  const fresh = [...(parts?.fresh ?? [])];
  // While nothing is chosen there is nothing to set.
  if (fresh.length === 0 || !fresh.some((p) => pickedFor(i, p))) return undefined;
  const source = tell('scope.common-practice');
  const triggers = because(i, 'systemType', 'replaced');
  const items: ScopeItem[] = [
    {
      id: 'remove-old',
      say: tell('scope.take-out-and-haul-away', { pieces: list(fresh.map((p) => lower(PIECE_WORDS[p]))) }),
      level: 'must',
      reason: tell('scope.it-makes-room-and-is-disposed-of-by-law'),
      source,
      triggers,
      ...cost(i, 'remove-old'),
    },
    ...fresh.flatMap((piece): ScopeItem[] => {
      const unit = pickedFor(i, piece);
      return unit
        ? [
            {
              id: `set-${piece}`,
              say: tell('scope.set-new', {
                piece: lower(PIECE_WORDS[piece]),
                maker: unit.maker,
                model: unit.model,
              }),
              level: 'must',
              reason: tell('scope.level-anchored-sealed-by-its-maker'),
              source,
              triggers,
              ...cost(i, SET[piece]),
            },
          ]
        : [];
    }),
  ];
  if (opensCircuit(i.known))
    items.push({
      id: 'connect',
      say: tell(
        traitsOf(i.known).has('split') ? 'scope.join-test-evacuate-charge-start' : 'scope.connect-start-and-prove',
      ),
      level: 'must',
      reason: tell('scope.proven-by-figures-in-report'),
      source,
      triggers,
      ...cost(i, 'connect'),
    });
  if (burnsNew(i.known))
    items.push({
      id: 'connect-fuel',
      say: tell('scope.connect-fuel-vent-and-prove-fire'),
      level: 'must',
      reason: tell('scope.combustion-is-proven-by-figures'),
      source: tell('scope.fuel-gas-code-licensed-work-where'),
      triggers,
      ...cost(i, 'connect-fuel'),
    });
  return items;
};

const nameOf = ({ maker, model }: { maker: string; model: string }) => ({ maker, model });

/** A thermostat of its own: must where the old one cannot serve; with a communicating control it comes with that. */
const thermostat: Rule = (i) => {
  if ((!i.outdoor && !i.indoor && !i.furnace) || i.choice.controls === 'communicating') return undefined;
  const cannot = is(i.known, 'statType', 'mercury', 'line-voltage', 'communicating');
  return {
    id: 'thermostat',
    say: i.thermostat ? tell('scope.new-thermostat-named', nameOf(i.thermostat)) : tell('scope.new-thermostat'),
    level: cannot || i.thermostat ? 'must' : 'could',
    reason: tell(cannot ? 'scope.old-thermostat-cannot-serve-it' : 'scope.new-one-shows-stages-and-faults'),
    source: tell('scope.makers-instructions'),
    triggers: [...because(i, 'statType'), newUnit(i)],
    ...cost(i, 'thermostat'),
  };
};

/** Electric heat in a new air handler: by what was there. */
const heaterKit: Rule = (i) => {
  const fresh = partsOf(i.known)?.fresh;
  if (!fresh?.has('air-handler') || !i.indoor) return undefined;
  const had = numberOf(i.known, 'stripKw');
  if (had === 0 && !i.heaterKit) return undefined;
  return {
    id: 'heater-kit',
    say: i.heaterKit
      ? tell('scope.heater-kit-named', nameOf(i.heaterKit))
      : had === undefined
        ? tell('scope.heater-kit')
        : tell('scope.heater-kit-of', { had: q(had, 'kW', 'as is') }),
    level: had === undefined && !i.heaterKit ? 'should' : 'must',
    reason: tell('scope.new-air-handler-comes-without-heat'),
    source: tell('scope.makers-kit-table-size-by-balance-point'),
    triggers: [...because(i, 'stripKw'), newUnit(i)],
    ...cost(i, 'heater-kit'),
  };
};

/** A filter that cannot be reached is not changed. */
const filterAccess: Rule = (i) =>
  i.indoor || i.furnace
    ? {
        id: 'filter-access',
        say: tell('scope.filter-door-without-tools'),
        level: is(i.known, 'filterRack', 'none') ? 'should' : 'could',
        reason: tell('scope.filter-nobody-reaches-is-not-changed'),
        source: tell('scope.common-practice'),
        triggers: because(i, 'filterRack'),
        ...cost(i, 'filter-access'),
      }
    : undefined;

const registers: Rule = (i) =>
  i.choice.ductsTouched && (i.indoor || i.furnace || i.outdoor?.kind === 'package')
    ? {
        id: 'registers',
        say: tell('scope.new-registers-where-they-are-bent'),
        level: 'could',
        reason: tell('scope.bent-register-whistles-and-throws-wrong'),
        source: tell('scope.common-practice'),
        triggers: [tell('scope.ducts-are-touched')],
        ...cost(i, 'registers'),
      }
    : undefined;

const lineCover: Rule = (i) =>
  traitsOf(i.known).has('split') && i.outdoor
    ? {
        id: 'line-cover',
        say: tell('scope.line-cover-outdoors'),
        level: 'could',
        reason: tell('scope.sun-and-trimmers-eat-insulation'),
        source: tell('scope.common-practice'),
        triggers: because(i, 'lineInsulation'),
        ...cost(i, 'line-cover'),
      }
    : undefined;

/** Offered whenever an old part stays in the circuit; after a burnout it is asked for by that. */
const indicator: Rule = (i) =>
  i.outdoor && traitsOf(i.known).has('split') && (coilStays(i) || i.choice.keepLineSet)
    ? {
        id: 'indicator',
        say: tell('scope.moisture-indicator-2'),
        level: 'could',
        reason: tell('scope.it-shows-whether-kept-parts-dried'),
        source: tell('scope.common-practice'),
        triggers: [coilStays(i) ? tell('scope.old-coil-kept') : tell('scope.line-set-kept')],
        ...cost(i, 'indicator'),
      }
    : undefined;

export const BASE_RULES: readonly Rule[] = [base, thermostat, heaterKit, filterAccess, registers, lineCover, indicator];
