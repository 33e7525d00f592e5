import { z } from 'zod';
import { furnaceRise } from '@/core/air/duct/furnace-rise';
import { A_DAY } from '@/core/finding/allow';
import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { tell } from '@/core/sizing/words';
import { day, q } from '@/core/words/said';
import { balancePoint, NO_LOAD_F } from './balance-point';
import { COOLING_MOST, FT2_PER_TON, FURNACE_SHARE, sizeCheck } from './size-check';

/** The chosen size against a load calculation that someone else made: flags, never a new size. */
export const selectionSchema = z.strictObject({
  load: z
    .strictObject({
      source: z.string().trim().min(2).max(120).describe('who made it and with what, 2 to 120 characters'),
      date: z.iso.date().meta(A_DAY),
      coolingSensibleBtuh: num(500, 1000000, 'Btu/h'),
      coolingLatentBtuh: num(0, 500000, 'Btu/h'),
      heatLossBtuh: num(500, 1000000, 'Btu/h'),
      summerDesignF: num(60, 125, '°F'),
      winterDesignF: num(-40, 60, '°F'),
    })
    .nullable(),
  areaFt2: num(50, 100000, 'ft²').nullable(),
  tons: num(0.5, 50, 'tons'),
  stages: oneOf(['single', 'two', 'variable']),
  heatPump: z
    .strictObject({
      capacity47Btuh: num(3000, 500000, 'Btu/h'),
      capacity17Btuh: num(1000, 500000, 'Btu/h'),
      noLoadF: num(45, 75, '°F'),
      frostDent: yesNo,
      stripKw: num(0, 60, 'kW'),
    })
    .nullable(),
  furnace: z
    .strictObject({
      outputBtuh: num(5000, 400000, 'Btu/h'),
      cfm: num(100, 10000, 'CFM'),
      riseLowF: num(10, 120, '°F'),
      riseHighF: num(10, 120, '°F'),
    })
    .nullable(),
});
export type Selection = z.infer<typeof selectionSchema>;

export const EMPTY_SELECTION: Selection = {
  load: null,
  areaFt2: null,
  tons: 3,
  stages: 'single',
  heatPump: { capacity47Btuh: 34000, capacity17Btuh: 21000, noLoadF: NO_LOAD_F, frostDent: true, stripKw: 10 },
  furnace: null,
};

export function judgeSelection(s: Selection, site: { elevationFt: number; ductTons?: number }): Finding[] {
  const checks: Finding[] = [];
  if (!s.load) {
    checks.push({
      id: 'load',
      verdict: 'not-proven',
      claim: tell('sizing.no-load-calculation-entered'),
      because: tell('sizing.old-units-size-is-no-proof'),
      source: tell('sizing.acca-manual-j-is-method-this'),
      next: { say: tell('sizing.have-load-calculated-and-enter-its') },
    });
  } else checks.push(...cooling(s));
  if (s.areaFt2 !== null) {
    const r = sizeCheck({ tons: s.tons, areaFt2: s.areaFt2, coolingLoadBtuh: s.tons * 12000 });
    if (r.ok)
      checks.push({
        id: 'area',
        verdict: r.value.areaUsual ? 'good' : 'look-again',
        claim: tell('sizing.ton', {
          ft2PerTon: q(r.value.ft2PerTon, 'ft2'),
          areaUsual: r.value.areaUsual ? '' : tell('sizing.question-it'),
        }),
        because: tell('sizing.to-is-usual-question-never-size', { low: FT2_PER_TON.low, high: FT2_PER_TON.high }),
        source: tell('sizing.common-practice'),
        next: r.value.areaUsual ? undefined : { say: tell('sizing.ask-why-glass-ceilings-wrong-old') },
      });
  }
  if (site.ductTons !== undefined && site.ductTons + 0.05 < s.tons) {
    checks.push({
      id: 'duct-tons',
      verdict: 'look-again',
      claim: tell('sizing.ducts-there-serve', { ductTons: q(site.ductTons, 'tons') }),
      because: tell('sizing.chosen', { tons: q(s.tons, 'tons', 'as is') }),
      source: tell('sizing.air-side-sheet'),
      next: { say: tell('sizing.duct-work-in-scope-or-smaller') },
      miss: 3,
    });
  }
  if (s.furnace) checks.push(...furnace(s, site.elevationFt));
  if (s.heatPump) checks.push(...heating(s));
  return orderFindings(checks);
}

function cooling(s: Selection): Finding[] {
  const load = s.load!;
  const total = load.coolingSensibleBtuh + load.coolingLatentBtuh;
  const kind = s.heatPump ? 'heatPump' : 'single';
  const share = (s.tons * 12000) / total;
  const most = COOLING_MOST[kind];
  const small = share < 0.9;
  return [
    {
      id: 'cooling-size',
      verdict: share > most || small ? 'look-again' : 'good',
      claim: tell('sizing.is-of-cooling-load', { tons: q(s.tons, 'tons', 'as is'), share: q(share * 100, 'pct') }),
      because: tell('sizing.to-for', {
        total: q(total, 'btuh'),
        source: load.source,
        date: day(load.date),
        most: most * 100,
        heatPump: s.heatPump ? tell('sizing.heat-pump') : tell('sizing.single-stage-unit'),
      }),
      source: tell('sizing.acca-manual-s-from-memory'),
      next: advise(
        share > most
          ? tell('sizing.ask-for-next-size-down-it')
          : small
            ? tell('sizing.ask-for-next-size-up-or')
            : undefined,
      ),
      miss: Math.abs(share - 1) * 5,
    },
  ];
}

function furnace(s: Selection, elevationFt: number): Finding[] {
  const f = s.furnace!;
  const out: Finding[] = [];
  const rise = furnaceRise({ outputBtuh: f.outputBtuh, cfm: f.cfm, elevationFt });
  if (rise.ok) {
    const r = rise.value.riseF;
    const outside = r < f.riseLowF || r > f.riseHighF;
    out.push({
      id: 'rise',
      verdict: outside ? 'look-again' : 'good',
      claim: tell('sizing.temperature-rise', { r: q(r, 'F', 0) }),
      because: tell('sizing.plate-to-at', {
        riseLowF: f.riseLowF,
        riseHighF: q(f.riseHighF, 'F', 'as is'),
        cfm: q(f.cfm, 'cfm', 'as is'),
      }),
      source: tell('sizing.furnaces-plate'),
      next: outside
        ? {
            say:
              r > f.riseHighF
                ? tell('sizing.more-air-or-smaller-furnace-too')
                : tell('sizing.less-air-too-cool-condenses-in'),
          }
        : undefined,
      miss: 2,
    });
  }
  if (s.load) {
    const share = f.outputBtuh / s.load.heatLossBtuh;
    const bad = share < FURNACE_SHARE.low || share > FURNACE_SHARE.high;
    out.push({
      id: 'furnace-size',
      verdict: bad ? 'look-again' : 'good',
      claim: tell('sizing.furnace-gives-of-heat-loss', { share: q(share * 100, 'pct') }),
      because: tell('sizing.100-to-140'),
      source: tell('sizing.acca-manual-s-from-memory'),
      next: bad ? { say: tell('sizing.ask-for-another-size') } : undefined,
    });
  }
  return out;
}

function heating(s: Selection): Finding[] {
  const h = s.heatPump!;
  if (!s.load) return [];
  const r = balancePoint({
    capacity47Btuh: h.capacity47Btuh,
    capacity17Btuh: h.capacity17Btuh,
    heatLossBtuh: s.load.heatLossBtuh,
    designF: s.load.winterDesignF,
    noLoadF: h.noLoadF,
    frostDent: h.frostDent,
  });
  if (!r.ok)
    return [
      {
        id: 'balance',
        verdict: 'not-proven',
        claim: r.refused.message,
        because: tell('sizing.allowed', { allowed: r.refused.allowed }),
        source: tell('sizing.heat-balance'),
      },
    ];
  const { balanceF, auxKw, extrapolated, auxLockoutF } = r.value;
  const short = auxKw - h.stripKw;
  return [
    {
      id: 'balance',
      verdict: extrapolated ? 'not-proven' : 'good',
      claim:
        balanceF <= s.load.winterDesignF
          ? tell('sizing.pump-carries-house-to-design-auxiliary')
          : tell('sizing.balance-point-strips-stay-off-above', {
              balanceF: q(balanceF, 'F', 0),
              auxLockoutF: q(auxLockoutF, 'F', 'as is'),
            }),
      because: extrapolated
        ? tell('sizing.it-reads-capacity-line-below-17')
        : tell('sizing.where-capacity-line-crosses-house-line'),
      source: tell('sizing.ahri-210-240-rating-points-from'),
      next: extrapolated ? { say: tell('sizing.take-low-temperature-capacity-from-makers') } : undefined,
    },
    {
      id: 'aux',
      verdict: short > 0.05 ? 'look-again' : 'good',
      claim:
        short > 0.05
          ? tell('sizing.auxiliary-heat-is-short-at-design', { short: q(short, 'kW', 1) })
          : tell('sizing.of-strips-cover-missing-at-design', {
              stripKw: q(h.stripKw, 'kW', 'as is'),
              auxKw: q(auxKw, 'kW', 1),
            }),
      because: tell('sizing.design-lost', {
        winterDesignF: q(s.load.winterDesignF, 'F', 'as is'),
        heatLossBtuh: q(s.load.heatLossBtuh, 'btuh'),
      }),
      source: tell('sizing.heat-balance'),
      next: short > 0.05 ? { say: tell('sizing.next-larger-heater-kit-check-its') } : undefined,
      miss: short,
    },
  ];
}
