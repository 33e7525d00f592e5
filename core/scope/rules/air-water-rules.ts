import { schoolWords } from '@/core/scope/schools';
import { is, numberOf } from '@/core/scope/survey/facts';
import { because, newUnit, type Rule } from './rule';

const flex: Rule = (i) =>
  is(i.known, 'flexState', 'flaking')
    ? {
        id: 'flex',
        say: 'Replace the flaking flex',
        level: i.choice.ductsTouched ? 'must' : 'should',
        reason: i.choice.ductsTouched
          ? 'Its jacket crumbles when the ducts are handled.'
          : 'Its jacket crumbles and the insulation falls.',
        source: 'common practice',
        triggers: because(i, 'flexState'),
        hours: 6,
        materials: 420,
      }
    : undefined;

const filter: Rule = (i) => {
  const fast = (i.signs.filterFpm ?? 0) > 300;
  if (!is(i.known, 'filterRack', 'leaks', 'none') && !fast) return undefined;
  return {
    id: 'filter-cabinet',
    say: 'Sealed media filter cabinet, 300 fpm or less',
    level: 'should',
    reason: fast
      ? `${i.signs.filterFpm!.toFixed(0)} fpm through the filter: loud, and it starves the blower.`
      : 'Air round the filter soils the new coil.',
    source: 'ACCA Manual D, from memory',
    triggers: [...because(i, 'filterRack'), ...(fast ? [`Filter face ${i.signs.filterFpm!.toFixed(0)} fpm`] : [])],
    hours: 2,
    materials: 240,
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
    say: 'Resize the ducts or take a smaller unit',
    level: larger ? 'must' : 'should',
    reason: `They carry ${can.toFixed(1)} tons; the new unit is ${tons}.${larger ? ' It is larger than the old one.' : ''}`,
    source: 'ASHRAE friction, from memory',
    triggers: [...because(i, 'trunkIn', 'oldTons'), newUnit(i)],
    hours: 10,
    materials: 650,
  };
};

const returns: Rule = (i) => {
  const short = i.signs.returnShortIn2 ?? 0;
  if (short <= 0) return undefined;
  return {
    id: 'return',
    say: `Add ${Math.ceil(short)} in² of free return area`,
    level: 'should',
    reason: 'An undersized return starves the coil and kills compressors.',
    source: 'common practice: 144 in² a ton',
    triggers: [`Return ${short.toFixed(0)} in² short`, ...because(i, 'returnIn2')],
    hours: 4,
    materials: 210,
  };
};

const zones: Rule = (i) => {
  if ((numberOf(i.known, 'zones') ?? 1) < 2 || !i.outdoor) return undefined;
  const ratio = i.signs.zoneRatio;
  if (i.outdoor.stages === 'variable' && (ratio === undefined || ratio >= 1)) return undefined;
  const fails = ratio !== undefined && ratio < 1;
  return {
    id: 'zoning',
    say: 'Variable equipment, or take the zoning out',
    level: fails ? 'must' : 'should',
    reason: fails
      ? `The smallest zone takes ${(ratio * 100).toFixed(0)} % of the least air; a bypass only hides it and freezes the coil.`
      : 'One stage on zones starves the coil when one zone calls.',
    source: 'flow arithmetic; maker’s least air',
    triggers: [...because(i, 'zones'), newUnit(i)],
    hours: 3,
    materials: 300,
  };
};

const stack: Rule = (i) =>
  (i.signs.stackEnds ?? [])
    .filter((e) => e.closing !== 'flange')
    .map((e) => ({
      id: `stack-${e.end}`,
      say:
        e.closing === 'cap'
          ? `Cap at the ${e.end}`
          : e.closing === 'transition'
            ? `One new transition at the ${e.end}`
            : e.closing === 'cut back'
              ? `Cut the ${e.end} back and start it new`
              : `New ${e.end} start`,
      level: 'must' as const,
      reason: 'The new unit does not end where the old one did.',
      source: 'fit sheet',
      triggers: [`Fit sheet, the stack: ${e.closing}`],
      hours: e.closing === 'cap' ? 1 : e.closing === 'transition' ? 2.5 : 4,
      materials: e.closing === 'cap' ? 40 : 120,
    }));

const crossed: Rule = (i) =>
  i.signs.ductsCrossed || is(i.known, 'ductsCrossed', true)
    ? {
        id: 'crossover',
        say: 'Put the crossed ducts right: variant, round below, or a crossover box',
        level: 'must',
        reason: 'Supply would blow into the return of the house.',
        source: 'fit sheet',
        triggers: [
          i.signs.ductsCrossed ? 'Fit sheet: supply and return crossed' : '',
          ...because(i, 'ductsCrossed'),
        ].filter(Boolean),
        hours: 6,
        materials: 340,
      }
    : undefined;

const curb: Rule = (i) => {
  const pct = i.signs.curbOverlapPct;
  if (!is(i.known, 'systemType', 'rooftop')) return undefined;
  if (pct === undefined)
    return {
      id: 'curb',
      say: 'Measure the curb and lay the new openings over it',
      level: 'must',
      reason: 'A curb that is off by inches is found out on the crane.',
      source: 'fit sheet',
      triggers: because(i, 'systemType'),
      hours: 1,
      materials: 0,
    };
  if (pct >= 95) return undefined;
  return {
    id: 'curb',
    say: pct < 80 ? 'Redesigned adapter curb with transitions' : 'Adapter curb, openings trimmed or with a transition',
    level: 'must',
    reason: `${pct.toFixed(0)} % of the smaller opening is open through both.`,
    source: 'fit sheet',
    triggers: [`Curb overlap ${pct.toFixed(0)} %`],
    hours: pct < 80 ? 8 : 5,
    materials: pct < 80 ? 1900 : 1250,
  };
};

const floats: Rule = (i) => {
  if (!is(i.known, 'overFinished', true)) return undefined;
  const out = [
    {
      id: 'pan-float',
      say: 'Secondary pan with a float, tested with water',
      level: 'must' as const,
      safety: true as const,
      reason: 'The next blocked drain comes through a ceiling.',
      source: 'IMC 307, from memory',
      triggers: because(i, 'overFinished', 'panState', 'floatState'),
      hours: 1,
      materials: 95,
    },
    {
      id: 'primary-float',
      say: 'Float in the primary port too',
      level: 'must' as const,
      reason: 'It stops the unit before the pan is needed.',
      source: 'common practice; IMC 307, from memory',
      triggers: because(i, 'overFinished', 'floatState'),
      hours: 0.5,
      materials: 30,
    },
  ];
  return i.schools.secondaryDrain === 'own'
    ? [
        ...out,
        {
          id: 'secondary',
          say: 'Secondary drain to a place where it is seen',
          level: 'must' as const,
          reason: 'A drip nobody sees warns nobody.',
          source: `IMC 307, from memory; ${schoolWords(i.schools, 'secondaryDrain')}`,
          triggers: because(i, 'overFinished'),
          hours: 1.5,
          materials: 40,
        },
      ]
    : out;
};

const drain: Rule = (i) =>
  i.signs.drainTooFlat || is(i.known, 'drainState', 'blocked', 'sags', 'slow')
    ? {
        id: 'drain',
        say: 'Rehang the drain with fall, trap and cleanouts',
        level: 'must',
        reason: 'What flooded the old one floods the new one.',
        source: 'IMC 307, from memory',
        triggers: [...because(i, 'drainState'), ...(i.signs.drainTooFlat ? ['Drain sheet: too flat'] : [])],
        hours: 1.5,
        materials: 45,
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
