import { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { tell } from '@/core/fit/words';
import { lower, q } from '@/core/words/said';
import { condensate, condensatePump, furnaceCondensate, PUMP_MARGIN } from './condensate';
import { CODE_SLOPE, drainSlope, drainTrap, floatTrip, PREFERRED_SLOPE } from './drain-line';
import { PAN_MARGIN_IN, panMargin } from './pan-margin';

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
  /** The unit over the pan, and how far it stands off its middle. */
  unitOver: z
    .strictObject({
      lengthIn: num(4, 200, 'in'),
      widthIn: num(4, 200, 'in'),
      offLengthIn: num(0, 50, 'in'),
      offWidthIn: num(0, 50, 'in'),
    })
    .nullable()
    .optional(),
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
        short > 0
          ? tell('fit.insulate-more-of-drain', { short: q(short, 'ft') })
          : tell('fit.cold-part-of-drain-is-insulated'),
      because: tell('fit.first-sweat-in-hot-attic', { wanted: q(wanted, 'ft') }),
      source: tell('fit.common-practice'),
      next: short > 0 ? { say: tell('fit.insulate-all-that-passes-unconditioned-and') } : undefined,
      miss: short / INSULATE_FT,
    });
  }
  if (d.furnaceInputBtuh !== null) {
    const acid = furnaceCondensate({ inputBtuh: d.furnaceInputBtuh });
    if (acid.ok)
      checks.push({
        id: 'acid',
        verdict: 'look-again',
        claim: tell('fit.furnace-makes-up-to-gal-h', { galPerH: q(acid.value.galPerH, 'number', 2) }),
        because: tell('fit.it-eats-copper-concrete-and-cast'),
        source: tell('fit.stoichiometry-local-plumbing-code'),
        next: { say: tell('fit.neutraliser-and-acid-rated-pipe') },
      });
  }
  if (d.outdoorTrapFreezes)
    checks.push({
      id: 'freeze',
      verdict: 'look-again',
      claim: tell('fit.trap-stands-where-it-freezes'),
      because: tell('fit.ice-closes-it-and-pan-overflows'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.lead-it-indoors-or-heat-it') },
      miss: 2,
    });
  return orderFindings(checks);
}

function slope(d: DrainSheet): Finding {
  if (d.fallIn === null) {
    return {
      id: 'slope',
      verdict: 'not-proven',
      claim: tell('fit.fall-of-drain-is-not-measured'),
      because: tell('fit.wanted-over-at-least', {
        runFt: q(d.runFt * PREFERRED_SLOPE, 'in'),
        runFt2: q(d.runFt, 'ft', 'as is'),
        runFt3: q(d.runFt * CODE_SLOPE, 'in'),
      }),
      source: tell('fit.imc-307-from-memory'),
      next: { say: tell('fit.measure-height-at-both-ends') },
    };
  }
  const r = drainSlope({ runFt: d.runFt, fallIn: d.fallIn });
  const state = r.ok ? r.value.state : 'too flat';
  const bad = state === 'too flat' || d.sags;
  return {
    id: 'slope',
    verdict: bad ? 'look-again' : 'good',
    claim: d.sags
      ? tell('fit.drain-sags-on-way')
      : state === 'too flat'
        ? tell('fit.drain-is-too-flat')
        : state === 'least'
          ? tell('fit.drain-falls-enough-for-code')
          : tell('fit.drain-falls-well'),
    because: tell('fit.over-at-least-preferred', {
      fallIn: q(d.fallIn, 'in', 'as is'),
      runFt: q(d.runFt, 'ft', 'as is'),
      runFt2: q(d.runFt * CODE_SLOPE, 'in'),
      runFt3: q(d.runFt * PREFERRED_SLOPE, 'in'),
    }),
    source: tell('fit.imc-307-from-memory-in-ft'),
    next: bad ? { say: tell('fit.rehang-it-with-straps-no-dips') } : undefined,
    miss: bad ? 3 : 0,
  };
}

function trap(d: DrainSheet): Finding {
  if (d.trapInside)
    return {
      id: 'trap',
      verdict: 'good',
      claim: tell('fit.trap-inside-appliance-no-second-one'),
      because: tell('fit.two-traps-lock-air-between-them'),
      source: tell('fit.makers-instructions'),
    };
  if (d.arrangement === 'blow-through')
    return {
      id: 'trap',
      verdict: 'not-proven',
      claim: tell('fit.blow-through-coil-trap-by-makers'),
      because: tell('fit.pressure-pushes-water-out-draw-through'),
      source: tell('fit.makers-drawing'),
      next: { say: tell('fit.take-traps-depth-from-makers-book') },
    };
  if (d.negativeStaticInWc === null)
    return {
      id: 'trap',
      verdict: 'not-proven',
      claim: tell('fit.suction-at-drain-unknown'),
      because: tell('fit.it-decides-how-deep-trap-must'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.measure-static-before-blower-with-dirtiest') },
    };
  const r = drainTrap({ negativeStaticInWc: d.negativeStaticInWc });
  if (!r.ok)
    return {
      id: 'trap',
      verdict: 'not-proven',
      claim: r.refused.message,
      because: tell('fit.allowed', { allowed: r.refused.allowed }),
      source: tell('fit.common-practice'),
    };
  return {
    id: 'trap',
    verdict: 'good',
    claim: tell('fit.trap-drop-seal', {
      makeOutletDropIn: q(r.value.makeOutletDropIn, 'in', 'as is'),
      makeSealIn: q(r.value.makeSealIn, 'in', 'as is'),
    }),
    because: tell('fit.holds-against-prime-it-cleanouts-both', {
      negativeStaticInWc: q(d.negativeStaticInWc, 'inWc', 'as is'),
    }),
    source: tell('fit.common-practice-makers-drawing-rules'),
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
      claim: tell('fit.no-pan-over-finished-ceiling'),
      because: tell('fit.first-blocked-drain-comes-through-it'),
      source: tell('fit.imc-307-from-memory'),
      next: { say: tell('fit.set-pan-3-in-past-unit') },
      miss: 5,
    });
  const margin =
    d.pan && d.unitOver
      ? panMargin({
          panLengthIn: d.pan.lengthIn,
          panWidthIn: d.pan.widthIn,
          unitLengthIn: d.unitOver.lengthIn,
          unitWidthIn: d.unitOver.widthIn,
          offsetLengthIn: d.unitOver.offLengthIn,
          offsetWidthIn: d.unitOver.offWidthIn,
          floatIn: d.pan.tripDepthIn,
        })
      : undefined;
  if (margin?.ok) {
    const small = margin.value.leastIn < PAN_MARGIN_IN;
    out.push({
      id: 'pan-margin',
      verdict: small ? 'look-again' : 'good',
      claim: tell(small ? 'fit.pan-is-small-under-unit' : 'fit.pan-reaches-past-unit', {
        length: q(margin.value.lengthMarginIn, 'in', 2),
        width: q(margin.value.widthMarginIn, 'in', 2),
      }),
      because: tell('fit.each-side-at-least', { least: q(PAN_MARGIN_IN, 'in', 'as is') }),
      source: tell('fit.imc-307-from-memory'),
      ...(small ? { next: { say: tell('fit.larger-pan-or-unit-to-its-middle') } } : {}),
      miss: small ? PAN_MARGIN_IN - margin.value.leastIn : 0,
    });
  }
  if (trip)
    out.push({
      id: 'pan-water',
      verdict: 'good',
      claim: tell('fit.of-water-stand-in-pan-when', { gal: q(trip.gal, 'gal', 1), lb: q(trip.lb, 'lb', 0) }),
      because: tell('fit.after-drain-blocks', { minutes: q(trip.minutes, 'min') }),
      source: tell('fit.volume-of-pan-and-condensate-rate'),
    });
  for (const [id, name, state] of [
    ['primary-float', tell('fit.primary-float'), d.primaryFloat],
    ['pan-float', tell('fit.pan-float'), d.panFloat],
  ] as const) {
    if (id === 'pan-float' && !d.pan) continue;
    if (state === 'tested with water')
      out.push({
        id,
        verdict: 'good',
        claim: tell('fit.tested-with-water', { name }),
        because: tell('fit.it-stopped-cooling'),
        source: tell('fit.seen-on-site'),
      });
    else
      out.push({
        id,
        verdict: state === 'wired' ? 'not-proven' : level,
        claim: state === 'wired' ? tell('fit.wired-but-not-tested', { name }) : tell('fit.no', { name: lower(name) }),
        because: tell('fit.float-that-was-never-lifted-with'),
        source: tell('fit.common-practice-imc-307-from-memory'),
        next: { say: state === 'wired' ? tell('fit.pour-water-until-it-trips') : tell('fit.fit-one-and-wire-it-to') },
        miss: 2,
      });
  }
  if (d.overFinishedSpace && d.secondary !== 'own conspicuous termination') {
    out.push({
      id: 'secondary',
      verdict: 'look-again',
      claim: d.secondary === 'none' ? tell('fit.no-secondary-drain') : tell('fit.secondary-drain-ends-in-pan'),
      because: tell('fit.drip-nobody-can-see-warns-nobody'),
      source: tell('fit.imc-307-from-memory-ending-in'),
      next: { say: tell('fit.lead-it-to-its-own-termination') },
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
      claim: tell('fit.drain-lies-higher-than-unit-pump'),
      because: tell('fit.water-does-not-run-uphill'),
      source: tell('fit.geometry'),
      next: { say: tell('fit.choose-pump-by-its-curve-at') },
      miss: 4,
    };
  const r = condensatePump({ galPerH: Math.max(0.01, gph), pumpGphAtLift: d.pump.gphAtLift });
  const holds = r.ok && r.value.holds && d.pump.switchWired;
  return {
    id: 'pump',
    verdict: holds ? 'good' : 'look-again',
    claim: !d.pump.switchWired
      ? tell('fit.pumps-overflow-switch-is-not-wired')
      : holds
        ? tell('fit.pump-has-room-to-spare')
        : tell('fit.pump-is-too-small-at-this'),
    because: tell('fit.gal-h-at-lift-wanted', {
      gphAtLift: d.pump.gphAtLift,
      pumpMargin: q(PUMP_MARGIN * gph, 'number', 1),
    }),
    source: tell('fit.twice-condensate-common-practice'),
    next: holds ? undefined : { say: tell('fit.larger-pump-and-its-switch-in') },
    miss: 2,
  };
}
