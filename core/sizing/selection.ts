import { z } from 'zod';
import { furnaceRise } from '@/core/air/duct/furnace-rise';
import { advise, type Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num, oneOf } from '@/core/finding/quantity-field';
import { balancePoint, NO_LOAD_F } from './balance-point';
import { COOLING_MOST, FT2_PER_TON, FURNACE_SHARE, sizeCheck } from './size-check';

/** The chosen size against a load calculation that someone else made: flags, never a new size. */
export const selectionSchema = z.strictObject({
  load: z
    .strictObject({
      source: z.string().trim().min(2).max(120).describe('who made it and with what, 2 to 120 characters'),
      date: z.iso.date().describe('a date, YYYY-MM-DD'),
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
      frostDent: z.boolean().describe('true or false'),
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
      claim: 'No load calculation entered.',
      because: 'The old unit’s size is no proof of the right one.',
      source: 'ACCA Manual J is the method; this tool never makes a load',
      next: { say: 'Have a load calculated and enter its result with its source.' },
    });
  } else checks.push(...cooling(s));
  if (s.areaFt2 !== null) {
    const r = sizeCheck({ tons: s.tons, areaFt2: s.areaFt2, coolingLoadBtuh: s.tons * 12000 });
    if (r.ok)
      checks.push({
        id: 'area',
        verdict: r.value.areaUsual ? 'good' : 'look-again',
        claim: `${r.value.ft2PerTon.toFixed(0)} ft² a ton${r.value.areaUsual ? '' : ': question it'}.`,
        because: `${FT2_PER_TON.low} to ${FT2_PER_TON.high} is usual; a question, never a size.`,
        source: 'common practice',
        next: r.value.areaUsual ? undefined : { say: 'Ask why: glass, ceilings, a wrong old size?' },
      });
  }
  if (site.ductTons !== undefined && site.ductTons + 0.05 < s.tons) {
    checks.push({
      id: 'duct-tons',
      verdict: 'look-again',
      claim: `The ducts there serve ${site.ductTons.toFixed(1)} tons.`,
      because: `${s.tons} tons chosen.`,
      source: 'air side sheet',
      next: { say: 'Duct work in the scope, or a smaller unit.' },
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
      claim: `${s.tons} tons is ${(share * 100).toFixed(0)} % of the cooling load.`,
      because: `${total.toFixed(0)} Btu/h (${load.source}, ${load.date}); to ${most * 100} % for ${s.heatPump ? 'a heat pump' : 'a single-stage unit'}.`,
      source: 'ACCA Manual S, from memory',
      next: advise(
        share > most
          ? 'Ask for the next size down; it will short-cycle and leave the air damp.'
          : small
            ? 'Ask for the next size up, or say in writing that it will not hold on the hottest days.'
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
      claim: `Temperature rise ${r.toFixed(0)} °F.`,
      because: `Plate: ${f.riseLowF} to ${f.riseHighF} °F, at ${f.cfm} CFM.`,
      source: 'the furnace’s plate',
      next: outside
        ? {
            say:
              r > f.riseHighF
                ? 'More air, or a smaller furnace: too hot cracks it.'
                : 'Less air: too cool condenses in the flue.',
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
      claim: `The furnace gives ${(share * 100).toFixed(0)} % of the heat loss.`,
      because: '100 to 140 %.',
      source: 'ACCA Manual S, from memory',
      next: bad ? { say: 'Ask for another size.' } : undefined,
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
        because: `Allowed: ${r.refused.allowed}.`,
        source: 'heat balance',
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
          ? 'The pump carries the house to design; auxiliary heat only for defrost and emergency.'
          : `Balance point ${balanceF.toFixed(0)} °F; strips stay off above ${auxLockoutF} °F.`,
      because: extrapolated
        ? 'It reads the capacity line below 17 °F: the maker’s table decides.'
        : 'Where the capacity line crosses the house line.',
      source: 'AHRI 210/240 rating points, from memory',
      next: extrapolated ? { say: 'Take the low-temperature capacity from the maker’s table.' } : undefined,
    },
    {
      id: 'aux',
      verdict: short > 0.05 ? 'look-again' : 'good',
      claim:
        short > 0.05
          ? `Auxiliary heat is ${short.toFixed(1)} kW short at design.`
          : `${h.stripKw} kW of strips cover the ${auxKw.toFixed(1)} kW missing at design.`,
      because: `${s.load.winterDesignF} °F design, ${s.load.heatLossBtuh.toFixed(0)} Btu/h lost.`,
      source: 'heat balance',
      next: short > 0.05 ? { say: 'Next larger heater kit; check its circuit.' } : undefined,
      miss: short,
    },
  ];
}
