import { bisect } from '@/core/numeric/bisect';
import { bubblePsia, dewPsia, liquidBtuLb, vapourBtuLb } from '@/core/refrigerant/lookup';
import { superheatedVapour } from '@/core/refrigerant/superheated-vapour';
import { BTUH_PER_W, RANKINE_AT_0_F } from '@/core/units/units';
import { compress } from './compressor';
import { BTUH_PER_TON, dischargeF, HEAT_SHARE, RATED, type Unit } from './design';
import { dryVolume } from './moist';
import { AIR_CP, AIR_EXPONENT, type Condition, type Steady } from './steady';

/** What the outdoor coil takes up beside sensible heat by drying the air (invented). */
const DRYING = 1.08;
/** A coil that is circuited to condense evaporates with this share of its surface (invented). */
const REVERSED = 0.5;
/** Superheat that the heating valve keeps, °F; liquid that leaves the indoor coil colder than it condenses. */
const SUPERHEAT_F = 6;
const SUBCOOLING = { sound: 8, perCharge: 55, most: 25, flashPerF: 0.012 };
/** A wet or frosted coil passes this much less heat where frost has closed it (invented). */
const FROST_LOSS = 0.75;
const STEPS = 26;
/** Rows of coil pass less heat to warm air than the cold ones that rate the bypass (invented). */
const DRY_COIL = 0.92;

export type HeatingCondition = Pick<
  Condition,
  'outdoorF' | 'returnF' | 'barometerPsia' | 'chargeRatio' | 'indoorAir' | 'outdoorAir' | 'pumping' | 'bypassed'
> & {
  /** 0 clear, 1 closed with frost. */
  frost: number;
};

export type HeatingSteady = Steady & { heatBtuh: number; evaporatingF: number; condensingF: number };

/**
 * A unit run backwards: the outdoor coil evaporates, the indoor coil condenses; a ton at a time.
 *
 * What: the dew and condensing points at which the outdoor coil takes up what the refrigerant carries and the indoor coil
 * gives off that with the compressor's heat. Source: the same compressor map, coils and properties as in cooling; the valve
 * is taken as good. Not covered: defrost itself, strips, suction accumulators; a valve that does not open.
 */
export function solveHeating(u: Unit, c: HeatingCondition): HeatingSteady {
  const r = u.refrigerant;
  const density = (60 * u.cfmPerTon * c.indoorAir) / dryVolume(c.returnF, 0.006, c.barometerPsia);
  const indoorRate = density * AIR_CP * (1 - u.bypass ** (c.indoorAir ** AIR_EXPONENT)) * DRY_COIL;
  const ntu = u.condenserNtu * c.outdoorAir ** AIR_EXPONENT * (1 - FROST_LOSS * c.frost);
  const outdoorRate =
    u.airRate *
    c.outdoorAir *
    (c.barometerPsia / RATED.barometerPsia) *
    ((RATED.outdoorF + RANKINE_AT_0_F) / (c.outdoorF + RANKINE_AT_0_F)) *
    (1 - Math.exp(-ntu)) *
    DRYING *
    REVERSED;
  const over = SUBCOOLING.sound + SUBCOOLING.perCharge * (c.chargeRatio - 1);
  const subcooling = Math.max(0, Math.min(SUBCOOLING.most, over));
  // Short of liquid, part of what reaches the valve is gas already.
  const flash = Math.max(0, Math.min(0.35, -over * SUBCOOLING.flashPerF));

  const at = (te: number, tc: number) => {
    const suctionPsia = Math.max(3, dewPsia(r, te) - u.suctionLossPsi);
    const high = bubblePsia(r, tc);
    const ratio = (high + u.dischargeLossPsi) / suctionPsia;
    const lineF = te + SUPERHEAT_F;
    const { efficiency, inletF, ideal, massLbH, workBtuh } = compress(u, { ...c, te, lineF, suctionPsia, ratio });
    const liquidF = tc - subcooling;
    const latent = vapourBtuLb(r, te) - liquidBtuLb(r, te);
    const taken = massLbH * (superheatedVapour(r, te, SUPERHEAT_F).btuLb - liquidBtuLb(r, liquidF) - flash * latent);
    return { suctionPsia, high, ratio, efficiency, ideal, inletF, lineF, liquidF, taken, workBtuh };
  };
  /** Condensing point at which the indoor coil gives off what it is brought. */
  const condensing = (te: number): number =>
    bisect(
      (tc) => {
        const b = at(te, tc);
        return b.taken + HEAT_SHARE * b.workBtuh > indoorRate * (tc - c.returnF);
      },
      c.returnF + 1,
      149,
      STEPS,
    ).middle;
  const evaporatingF = bisect(
    (te) => outdoorRate * (c.outdoorF - te) > at(te, condensing(te)).taken,
    -45,
    c.outdoorF - 0.5,
    STEPS,
  ).middle;
  const condensingF = condensing(evaporatingF);
  const b = at(evaporatingF, condensingF);
  const heatBtuh = indoorRate * (condensingF - c.returnF);
  const fanBtuh = u.fanWPerCfm * BTUH_PER_W * u.cfmPerTon * c.indoorAir;
  const residual = Math.abs(b.taken + HEAT_SHARE * b.workBtuh - heatBtuh) / BTUH_PER_TON;
  const discharge = dischargeF(r, b.inletF, b.ratio, b.ideal, b.efficiency);
  return {
    suctionPsia: b.suctionPsia,
    liquidPsia: b.high - u.liquidLossPsi,
    suctionLineF: b.lineF,
    liquidLineF: b.liquidF - u.liquidPickupF,
    dischargeLineF: discharge,
    compressorInletF: b.inletF,
    supplyDryBulbF: c.returnF + (heatBtuh + fanBtuh) / (density * AIR_CP),
    compressorW: b.workBtuh / BTUH_PER_W,
    load: b.workBtuh / BTUH_PER_W / u.ratedAmpsW,
    coilBtuh: b.taken,
    heatBtuh: heatBtuh + fanBtuh,
    evaporatingF,
    condensingF,
    residual,
    settled: residual < 5e-3,
  };
}
