import { OVERLAP_GOOD_PCT, OVERLAP_LEAST_PCT } from '@/core/fit/curb/curb-overlap';
import { schoolWords } from '@/core/scope/schools';
import { is, numberOf } from '@/core/scope/survey/facts';
import { tell } from '@/core/scope/words';
import { q, value } from '@/core/words/said';
import { because, cost, newUnit, type Rule } from './rule';

const flex: Rule = (i) =>
  is(i.known, 'flexState', 'flaking')
    ? {
        id: 'flex',
        say: tell('scope.replace-flaking-flex'),
        level: i.choice.ductsTouched ? 'must' : 'should',
        reason: i.choice.ductsTouched
          ? tell('scope.its-jacket-crumbles-when-ducts-are')
          : tell('scope.its-jacket-crumbles-and-insulation-falls'),
        source: tell('scope.common-practice'),
        triggers: because(i, 'flexState'),
        ...cost(i, 'flex'),
      }
    : undefined;

const filter: Rule = (i) => {
  const fast = (i.signs.filterFpm ?? 0) > 300;
  if (!is(i.known, 'filterRack', 'leaks', 'none') && !fast) return undefined;
  return {
    id: 'filter-cabinet',
    say: tell('scope.sealed-media-filter-cabinet-300-fpm'),
    level: 'should',
    reason: fast
      ? tell('scope.through-filter-loud-and-it-starves', { filterFpm: q(i.signs.filterFpm!, 'fpm') })
      : tell('scope.air-round-filter-soils-new-coil'),
    source: tell('scope.acca-manual-d-from-memory'),
    triggers: [
      ...because(i, 'filterRack'),
      ...(fast ? [tell('scope.filter-face', { filterFpm: q(i.signs.filterFpm!, 'fpm') })] : []),
    ],
    ...cost(i, 'filter-cabinet'),
  };
};

const ducts: Rule = (i) => {
  const tons = i.outdoor?.tons ?? undefined;
  const can = i.signs.ductTons;
  if (tons === undefined || can === undefined || can + 0.05 >= tons) return undefined;
  const old = numberOf(i.known, 'oldTons');
  const larger = old !== undefined && tons > old;
  return {
    id: 'duct-size',
    say: tell('scope.resize-ducts-or-take-smaller-unit'),
    level: larger ? 'must' : 'should',
    reason: tell('scope.they-carry-new-unit-is', {
      can: q(can, 'tons'),
      tons,
      larger: larger ? tell('scope.it-is-larger-than-old-one') : '',
    }),
    source: tell('scope.ashrae-friction-from-memory'),
    triggers: [...because(i, 'trunkIn', 'oldTons'), newUnit(i)],
    ...cost(i, 'duct-size'),
  };
};

const returns: Rule = (i) => {
  const short = i.signs.returnShortIn2 ?? 0;
  if (short <= 0) return undefined;
  return {
    id: 'return',
    say: tell('scope.add-in-of-free-return-area', { short: Math.ceil(short) }),
    level: 'should',
    reason: tell('scope.undersized-return-starves-coil-and-kills'),
    source: tell('scope.common-practice-144-in-ton'),
    triggers: [tell('scope.return-short', { short: q(short, 'in2') }), ...because(i, 'returnIn2')],
    ...cost(i, 'return'),
  };
};

const zones: Rule = (i) => {
  if ((numberOf(i.known, 'zones') ?? 1) < 2 || !i.outdoor) return undefined;
  const ratio = i.signs.zoneRatio;
  if (i.outdoor.stages === 'variable' && (ratio === undefined || ratio >= 1)) return undefined;
  const fails = ratio !== undefined && ratio < 1;
  return {
    id: 'zoning',
    say: tell('scope.variable-equipment-or-take-zoning-out'),
    level: fails ? 'must' : 'should',
    reason: fails
      ? tell('scope.smallest-zone-takes-of-least-air', { ratio: q(ratio * 100, 'pct') })
      : tell('scope.one-stage-on-zones-starves-coil'),
    source: tell('scope.flow-arithmetic-makers-least-air'),
    triggers: [...because(i, 'zones'), newUnit(i)],
    ...cost(i, 'zoning'),
  };
};

const stack: Rule = (i) =>
  (i.signs.stackEnds ?? [])
    .filter((e) => e.closing !== 'flange')
    .map((e) => ({
      id: `stack-${e.end}`,
      say:
        e.closing === 'cap'
          ? tell('scope.cap-at', { end: value(e.end) })
          : e.closing === 'transition'
            ? tell('scope.one-new-transition-at', { end: value(e.end) })
            : e.closing === 'cut back'
              ? tell('scope.cut-back-and-start-it-new', { end: value(e.end) })
              : tell('scope.new-start', { end: value(e.end) }),
      level: 'must' as const,
      reason: tell('scope.new-unit-does-not-end-where'),
      source: tell('scope.fit-sheet'),
      triggers: [tell('scope.fit-sheet-stack', { closing: value(e.closing) })],
      ...cost(i, e.closing === 'cap' ? 'stack-cap' : e.closing === 'transition' ? 'stack-transition' : 'stack-new'),
    }));

const crossed: Rule = (i) =>
  i.signs.ductsCrossed || is(i.known, 'ductsCrossed', true)
    ? {
        id: 'crossover',
        say: tell('scope.put-crossed-ducts-right-variant-round'),
        level: 'must',
        reason: tell('scope.supply-would-blow-into-return-of'),
        source: tell('scope.fit-sheet'),
        triggers: [
          i.signs.ductsCrossed ? tell('scope.fit-sheet-supply-and-return-crossed') : '',
          ...because(i, 'ductsCrossed'),
        ].filter(Boolean),
        ...cost(i, 'crossover'),
      }
    : undefined;

const curb: Rule = (i) => {
  const pct = i.signs.curbOverlapPct;
  if (!is(i.known, 'systemType', 'rooftop')) return undefined;
  if (pct === undefined)
    return {
      id: 'curb',
      say: tell('scope.measure-curb-and-lay-new-openings'),
      level: 'must',
      reason: tell('scope.curb-that-is-off-by-inches'),
      source: tell('scope.fit-sheet'),
      triggers: because(i, 'systemType'),
      ...cost(i, 'curb-check'),
    };
  if (pct >= OVERLAP_GOOD_PCT) return undefined;
  return {
    id: 'curb',
    say:
      pct < OVERLAP_LEAST_PCT
        ? tell('scope.redesigned-adapter-curb-with-transitions')
        : tell('scope.adapter-curb-openings-trimmed-or-with'),
    level: 'must',
    reason: tell('scope.of-smaller-opening-is-open-through', { pct: q(pct, 'pct') }),
    source: tell('scope.fit-sheet'),
    triggers: [tell('scope.curb-overlap', { pct: q(pct, 'pct') })],
    ...cost(i, pct < OVERLAP_LEAST_PCT ? 'curb-new' : 'curb-adapter'),
  };
};

const floats: Rule = (i) => {
  if (!is(i.known, 'overFinished', true)) return undefined;
  const out = [
    {
      id: 'pan-float',
      say: tell('scope.secondary-pan-with-float-tested-with'),
      level: 'must' as const,
      safety: true as const,
      reason: tell('scope.next-blocked-drain-comes-through-ceiling'),
      source: tell('scope.imc-307-from-memory'),
      triggers: because(i, 'overFinished', 'panState', 'floatState'),
      ...cost(i, 'pan-float'),
    },
    {
      id: 'primary-float',
      say: tell('scope.float-in-primary-port-too'),
      level: 'must' as const,
      reason: tell('scope.it-stops-unit-before-pan-is'),
      source: tell('scope.common-practice-imc-307-from-memory'),
      triggers: because(i, 'overFinished', 'floatState'),
      ...cost(i, 'primary-float'),
    },
  ];
  return i.schools.secondaryDrain === 'own'
    ? [
        ...out,
        {
          id: 'secondary',
          say: tell('scope.secondary-drain-to-place-where-it'),
          level: 'must' as const,
          reason: tell('scope.drip-nobody-sees-warns-nobody'),
          source: tell('scope.imc-307-from-memory-2', { schools: schoolWords(i.schools, 'secondaryDrain') }),
          triggers: because(i, 'overFinished'),
          ...cost(i, 'secondary'),
        },
      ]
    : out;
};

const drain: Rule = (i) =>
  i.signs.drainTooFlat || is(i.known, 'drainState', 'blocked', 'sags', 'slow')
    ? {
        id: 'drain',
        say: tell('scope.rehang-drain-with-fall-trap-and'),
        level: 'must',
        reason: tell('scope.what-flooded-old-one-floods-new'),
        source: tell('scope.imc-307-from-memory'),
        triggers: [...because(i, 'drainState'), ...(i.signs.drainTooFlat ? [tell('scope.drain-sheet-too-flat')] : [])],
        ...cost(i, 'drain'),
      }
    : undefined;

export const AIR_WATER_RULES: readonly Rule[] = [
  flex,
  filter,
  ducts,
  returns,
  zones,
  stack,
  crossed,
  curb,
  floats,
  drain,
];
