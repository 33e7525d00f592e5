import { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num, oneOf } from '@/core/finding/quantity-field';
import { condensate, condensatePump, furnaceCondensate, PUMP_MARGIN } from './condensate';
import { CODE_SLOPE, drainSlope, drainTrap, floatTrip, PREFERRED_SLOPE } from './drain-line';

const yesNo = z.boolean().describe('true or false');

/** The drain of the indoor unit: line, trap, pan and floats, pump, insulation. */
export const drainSheetSchema = z.strictObject({
  latentBtuh: num(0, 500000, 'Btu/h'),
  runFt: num(0.5, 300, 'ft'),
  /** Null: nobody measured it. */
  fallIn: num(-48, 600, 'in').nullable(),
  sags: yesNo,
  arrangement: oneOf(['draw-through', 'blow-through']),
  trapInside: yesNo,
  negativeStaticInWc: num(0, 5, 'in. w.c.').nullable(),
  overFinishedSpace: yesNo,
  pan: z
    .strictObject({ widthIn: num(4, 120, 'in'), lengthIn: num(4, 120, 'in'), tripDepthIn: num(0.1, 6, 'in') })
    .nullable(),
  primaryFloat: oneOf(['none', 'wired', 'tested with water']),
  panFloat: oneOf(['none', 'wired', 'tested with water']),
  secondary: oneOf(['own conspicuous termination', 'into the pan', 'none']),
  pump: z.strictObject({ gphAtLift: num(0, 500, 'gal/h'), switchWired: yesNo }).nullable(),
  belowDrain: yesNo,
  hotAttic: yesNo,
  insulatedFt: num(0, 300, 'ft'),
  furnaceInputBtuh: num(10000, 500000, 'Btu/h').nullable(),
  outdoorTrapFreezes: yesNo,
});
export type DrainSheet = z.infer<typeof drainSheetSchema>;

export const EMPTY_DRAIN: DrainSheet = {
  latentBtuh: 9000,
  runFt: 25,
  fallIn: null,
  sags: false,
  arrangement: 'draw-through',
  trapInside: false,
  negativeStaticInWc: null,
  overFinishedSpace: true,
  pan: { widthIn: 30, lengthIn: 36, tripDepthIn: 1 },
  primaryFloat: 'none',
  panFloat: 'none',
  secondary: 'none',
  pump: null,
  belowDrain: false,
  hotAttic: true,
  insulatedFt: 0,
  furnaceInputBtuh: null,
  outdoorTrapFreezes: false,
};

/** First feet of a drain in a hot attic that sweat (common practice), ft. */
export const INSULATE_FT = 10;

export function judgeDrain(d: DrainSheet): Finding[] {
  const checks: Finding[] = [slope(d), trap(d), ...floats(d)];
  const water = condensate({ latentBtuh: d.latentBtuh });
  const gph = water.ok ? water.value.galPerH : 0;
  if (d.belowDrain || d.pump) checks.push(pump(d, gph));
  if (d.hotAttic) {
    const wanted = Math.min(INSULATE_FT, d.runFt);
    const short = wanted - d.insulatedFt;
    checks.push({
      id: 'insulation',
      verdict: short > 0 ? 'look-again' : 'good',
      claim:
        short > 0 ? `Insulate ${short.toFixed(0)} ft more of the drain.` : 'The cold part of the drain is insulated.',
      because: `The first ${wanted.toFixed(0)} ft sweat in a hot attic.`,
      source: 'common practice',
      next: short > 0 ? { say: 'Insulate all that passes unconditioned and cold.' } : undefined,
      miss: short / INSULATE_FT,
    });
  }
  if (d.furnaceInputBtuh !== null) {
    const acid = furnaceCondensate({ inputBtuh: d.furnaceInputBtuh });
    if (acid.ok)
      checks.push({
        id: 'acid',
        verdict: 'look-again',
        claim: `The furnace makes up to ${acid.value.galPerH.toFixed(2)} gal/h of acid water.`,
        because: 'It eats copper, concrete and cast iron.',
        source: 'stoichiometry; local plumbing code',
        next: { say: 'Neutraliser and acid-rated pipe.' },
      });
  }
  if (d.outdoorTrapFreezes)
    checks.push({
      id: 'freeze',
      verdict: 'look-again',
      claim: 'The trap stands where it freezes.',
      because: 'Ice closes it and the pan overflows.',
      source: 'common practice',
      next: { say: 'Lead it indoors or heat it.' },
      miss: 2,
    });
  return orderFindings(checks);
}

function slope(d: DrainSheet): Finding {
  if (d.fallIn === null) {
    return {
      id: 'slope',
      verdict: 'not-proven',
      claim: 'The fall of the drain is not measured.',
      because: `${(d.runFt * PREFERRED_SLOPE).toFixed(1)} in wanted over ${d.runFt} ft, ${(d.runFt * CODE_SLOPE).toFixed(1)} at least.`,
      source: 'IMC 307, from memory',
      next: { say: 'Measure the height at both ends.' },
    };
  }
  const r = drainSlope({ runFt: d.runFt, fallIn: d.fallIn });
  const state = r.ok ? r.value.state : 'too flat';
  const bad = state === 'too flat' || d.sags;
  return {
    id: 'slope',
    verdict: bad ? 'look-again' : 'good',
    claim: d.sags
      ? 'The drain sags on the way.'
      : state === 'too flat'
        ? 'The drain is too flat.'
        : state === 'least'
          ? 'The drain falls enough for the code.'
          : 'The drain falls well.',
    because: `${d.fallIn} in over ${d.runFt} ft; ${(d.runFt * CODE_SLOPE).toFixed(1)} at least, ${(d.runFt * PREFERRED_SLOPE).toFixed(1)} preferred.`,
    source: 'IMC 307, from memory; ¼ in/ft common practice',
    next: bad ? { say: 'Rehang it with straps, no dips.' } : undefined,
    miss: bad ? 3 : 0,
  };
}

function trap(d: DrainSheet): Finding {
  if (d.trapInside)
    return {
      id: 'trap',
      verdict: 'good',
      claim: 'Trap inside the appliance: no second one.',
      because: 'Two traps lock air between them.',
      source: 'maker’s instructions',
    };
  if (d.arrangement === 'blow-through')
    return {
      id: 'trap',
      verdict: 'not-proven',
      claim: 'Blow-through coil: trap by the maker’s drawing.',
      because: 'Pressure pushes the water out; the draw-through formula does not hold.',
      source: 'maker’s drawing',
      next: { say: 'Take the trap’s depth from the maker’s book.' },
    };
  if (d.negativeStaticInWc === null)
    return {
      id: 'trap',
      verdict: 'not-proven',
      claim: 'Suction at the drain unknown.',
      because: 'It decides how deep the trap must be.',
      source: 'common practice',
      next: { say: 'Measure the static before the blower with the dirtiest filter, or take 1 in. w.c.' },
    };
  const r = drainTrap({ negativeStaticInWc: d.negativeStaticInWc });
  if (!r.ok)
    return {
      id: 'trap',
      verdict: 'not-proven',
      claim: r.refused.message,
      because: r.refused.allowed,
      source: 'common practice',
    };
  return {
    id: 'trap',
    verdict: 'good',
    claim: `Trap: ${r.value.makeOutletDropIn} in drop, ${r.value.makeSealIn} in seal.`,
    because: `Holds against ${d.negativeStaticInWc} in. w.c. Prime it; cleanouts both sides; vent after it.`,
    source: 'common practice; the maker’s drawing rules',
  };
}

/** What stands in the pan when its float opens. */
export function panAtTrip(d: DrainSheet) {
  const water = condensate({ latentBtuh: d.latentBtuh });
  if (!d.pan || !water.ok || !(water.value.lbPerH >= 0.05)) return undefined;
  const r = floatTrip({ ...d.pan, lbPerH: water.value.lbPerH });
  return r.ok ? r.value : undefined;
}

function floats(d: DrainSheet): Finding[] {
  const out: Finding[] = [];
  const trip = panAtTrip(d);
  const level = d.overFinishedSpace ? 'stop' : 'look-again';
  if (d.overFinishedSpace && !d.pan)
    out.push({
      id: 'pan',
      verdict: 'stop',
      claim: 'No pan over a finished ceiling.',
      because: 'The first blocked drain comes through it.',
      source: 'IMC 307, from memory',
      next: { say: 'Set a pan 3 in larger than the unit, 1½ in deep, with a float.' },
      miss: 5,
    });
  if (trip)
    out.push({
      id: 'pan-water',
      verdict: 'good',
      claim: `${trip.gal.toFixed(1)} gal, ${trip.lb.toFixed(0)} lb of water stand in the pan when its float trips.`,
      because: `${trip.minutes.toFixed(0)} min after the drain blocks.`,
      source: 'volume of the pan and the condensate rate',
    });
  for (const [id, name, state] of [
    ['primary-float', 'Primary float', d.primaryFloat],
    ['pan-float', 'Pan float', d.panFloat],
  ] as const) {
    if (id === 'pan-float' && !d.pan) continue;
    if (state === 'tested with water')
      out.push({
        id,
        verdict: 'good',
        claim: `${name} tested with water.`,
        because: 'It stopped the cooling.',
        source: 'seen on site',
      });
    else
      out.push({
        id,
        verdict: state === 'wired' ? 'not-proven' : level,
        claim: state === 'wired' ? `${name} wired but not tested.` : `No ${name.toLowerCase()}.`,
        because: 'A float that was never lifted with water has proved nothing.',
        source: 'common practice; IMC 307, from memory',
        next: { say: state === 'wired' ? 'Pour water until it trips.' : 'Fit one and wire it to stop the cooling.' },
        miss: 2,
      });
  }
  if (d.overFinishedSpace && d.secondary !== 'own conspicuous termination') {
    out.push({
      id: 'secondary',
      verdict: 'look-again',
      claim: d.secondary === 'none' ? 'No secondary drain.' : 'The secondary drain ends in the pan.',
      because: 'A drip nobody can see warns nobody.',
      source: 'IMC 307, from memory; ending in the pan is another school',
      next: { say: 'Lead it to its own termination where it is seen.' },
      miss: 1,
    });
  }
  return out;
}

function pump(d: DrainSheet, gph: number): Finding {
  if (!d.pump)
    return {
      id: 'pump',
      verdict: 'look-again',
      claim: 'The drain lies higher than the unit: a pump is needed.',
      because: 'Water does not run uphill.',
      source: 'geometry',
      next: { say: 'Choose a pump by its curve at the lift.' },
      miss: 4,
    };
  const r = condensatePump({ galPerH: Math.max(0.01, gph), pumpGphAtLift: d.pump.gphAtLift });
  const holds = r.ok && r.value.holds && d.pump.switchWired;
  return {
    id: 'pump',
    verdict: holds ? 'good' : 'look-again',
    claim: !d.pump.switchWired
      ? 'The pump’s overflow switch is not wired.'
      : holds
        ? 'The pump has room to spare.'
        : 'The pump is too small at this lift.',
    because: `${d.pump.gphAtLift} gal/h at the lift; ${(PUMP_MARGIN * gph).toFixed(1)} wanted.`,
    source: 'twice the condensate: common practice',
    next: holds ? undefined : { say: 'Larger pump, and its switch in the cooling call.' },
    miss: 2,
  };
}
