import { airFromHumidityRatio, humidityRatioFromWetBulb, saturatedHumidityRatio } from '@/core/air/moist-air';
import { bisect } from '@/core/numeric/bisect';
import { bubblePsia, dewPsia, liquidBtuLb, vapourBtuLb } from '@/core/refrigerant/lookup';
import { superheatedVapour } from '@/core/refrigerant/vapour-table';
import { BTUH_PER_W, RANKINE_AT_0_F } from '@/core/units/units';
import {
  FLUID_PARAMETERS,
  INDOOR_FAN_W,
  MODEL,
  MODEL_TONS,
  type ModelledRefrigerant,
  NOMINAL_CFM_PER_TON,
  OUTDOOR_CFM,
} from './parameters';

/** What is true of the system and its surroundings at one moment. Faults are departures from 1 or 0. */
export type CycleInput = {
  refrigerant: ModelledRefrigerant;
  metering: 'txv' | 'fixed-orifice';
  tons: number;
  chargeRatio: number;
  outdoorF: number;
  returnF: number;
  returnWetBulbF: number;
  barometerPsia: number;
  volts: number;
  /** Fractions of nominal: indoor airflow, outdoor airflow, condenser cleanness, meter opening, compressor health. */
  indoorAir: number;
  outdoorAir: number;
  condenserClean: number;
  meterOpening: number;
  compressorHealth: number;
  nonCondensablePsi: number;
};

/** Unknowns of the balance, kept between solves so that the next one starts warm. */
export type CycleState = { evaporatingF: number; condensingF: number; superheatF: number };

export type CycleOutput = {
  state: CycleState;
  suctionPsia: number;
  liquidPsia: number;
  suctionLineF: number;
  liquidLineF: number;
  dischargeLineF: number;
  superheatF: number;
  subcoolingF: number;
  supplyF: number;
  supplyWetBulbF: number;
  compressorW: number;
  compressorA: number;
  netBtuh: number;
  latentBtuh: number;
  airflowCfm: number;
  outsideModel: boolean;
  /** Heat that does not balance, Btu/h, as a check on the solution. */
  residualBtuh: number;
};

export const COLD_START: CycleState = { evaporatingF: 45, condensingF: 115, superheatF: 8 };

const { evaporator: E, condenser: C, meter: M } = MODEL;
const PASSES = 4000;
const FULL_STEPS = 600;
const FT_LB_PER_BTU = 778.169;

type Air = { massLbH: number; enthalpyBtuLb: number; humidityRatioLbLb: number; dewPointF: number };

function indoorAir(input: CycleInput): Air {
  const ratio = humidityRatioFromWetBulb(
    input.returnF,
    Math.min(input.returnWetBulbF, input.returnF),
    input.barometerPsia,
  );
  const air = airFromHumidityRatio(input.returnF, ratio, input.barometerPsia);
  // Mass flow per 3 tons: the model works at that size and scales at the end.
  const cfm = MODEL_TONS * NOMINAL_CFM_PER_TON * input.indoorAir;
  return {
    massLbH: (60 * cfm) / air.volumeFt3Lb,
    enthalpyBtuLb: air.enthalpyBtuLb,
    humidityRatioLbLb: ratio,
    dewPointF: air.dewPointF,
  };
}

/** Saturated humidity ratio near coil temperatures: ASHRAE via the library, tabulated once per station pressure. */
const SURFACE_LOW_F = 0;
const SURFACE_NODES = 101;
const surfaceTables = new Map<number, Float64Array>();
function surfaceRatio(temperatureF: number, psia: number): number {
  const key = Math.round(psia * 100);
  let table = surfaceTables.get(key);
  if (!table) {
    table = Float64Array.from({ length: SURFACE_NODES }, (_, i) =>
      saturatedHumidityRatio(SURFACE_LOW_F + i, key / 100),
    );
    surfaceTables.set(key, table);
  }
  const x = Math.min(Math.max(temperatureF - SURFACE_LOW_F, 0), SURFACE_NODES - 1.001);
  const i = Math.floor(x);
  return table[i]! + (x - i) * (table[i + 1]! - table[i]!);
}
const moistEnthalpy = (t: number, w: number): number => 0.24 * t + w * (1061 + 0.444 * t);

type Evaporator = { totalBtuh: number; latentBtuh: number; leavingF: number; leavingRatio: number; wetted: number };

/** Air side of the evaporator: wetted fraction sets bypass and surface; the surface is found by bisection. */
function evaporator(input: CycleInput, air: Air, state: CycleState): Evaporator {
  const span = Math.max(1, input.returnF - state.evaporatingF);
  const used = Math.min(E.mostUsed, Math.max(0, state.superheatF) / span);
  const wetted = Math.min(1, Math.max(E.leastWetted, 1 + Math.log(1 - used) / E.wettedLog));
  const active = E.activeDry + E.activeWet * wetted;
  const bypass = MODEL.bypass.base ** (active * input.indoorAir ** MODEL.bypass.airExponent);
  const contact = air.massLbH * (1 - bypass);
  // The air gives more than the surface takes, up to the temperature at which both are the same.
  const givesMore = (f: number): boolean => {
    const ratio = Math.min(surfaceRatio(f, input.barometerPsia), air.humidityRatioLbLb);
    const given = contact * (air.enthalpyBtuLb - moistEnthalpy(f, ratio));
    return given > ((f - state.evaporatingF) * active) / MODEL.bypass.surface;
  };
  const surfaceF = bisect(givesMore, state.evaporatingF, input.returnF, 26).middle;
  const ratio = Math.min(surfaceRatio(surfaceF, input.barometerPsia), air.humidityRatioLbLb);
  const totalBtuh = contact * (air.enthalpyBtuLb - moistEnthalpy(surfaceF, ratio));
  const leavingF = bypass * input.returnF + (1 - bypass) * surfaceF;
  const leavingRatio = bypass * air.humidityRatioLbLb + (1 - bypass) * ratio;
  const latentBtuh = contact * (air.humidityRatioLbLb - ratio) * 1061;
  return { totalBtuh, latentBtuh, leavingF, leavingRatio, wetted };
}

/**
 * Steady state of a simulated 3-ton vapour-compression system, scaled to the asked size.
 *
 * What: finds evaporating, condensing and superheat at which mass and heat balance, by pseudo-time.
 * Source: structure is physics (compressor map with volumetric efficiency, effectiveness condenser, bypass-factor
 * evaporator, orifice meter, charge inventory); properties from this project's equations of state; parameters invented.
 * Not covered: heating mode, inverter speed, two circuits; above 148 °F condensing it says "outside model".
 */
export function solveCycle(input: CycleInput, from?: CycleState): CycleOutput {
  const p = FLUID_PARAMETERS[input.refrigerant];
  const air = indoorAir(input);
  const state: CycleState = { ...(from ?? COLD_START) };
  let last: Step | undefined;
  let quiet = 0;
  for (let pass = 0; pass < PASSES; pass++) {
    last = step(input, p, air, state);
    const de = clamp((last.evaporator.totalBtuh - last.refrigeratingBtuh) / 20_000, 1);
    // A starved valve switches between its two laws for ever at full steps: later steps shrink, so that it settles between them.
    const gain = pass < FULL_STEPS ? 1 : FULL_STEPS / pass;
    const dc = clamp((last.refrigeratingBtuh + MODEL.heatShare * last.compressorBtuh - last.condenserBtuh) / 20_000, 1);
    const ds =
      input.metering === 'txv' && last.opening < 1
        ? 0.05 * (MODEL.valve.shutF + MODEL.valve.openF * last.opening - state.superheatF)
        : clamp((10 * (last.massLbH - last.meterLbH)) / last.massLbH, 0.3);
    state.evaporatingF = Math.max(-45, Math.min(input.returnF - 1, state.evaporatingF + gain * de));
    state.condensingF = Math.max(input.outdoorF + 1, Math.min(149.5, state.condensingF + gain * dc));
    state.superheatF = Math.max(-15, Math.min(60, state.superheatF + gain * ds));
    const moved = Math.abs(de) + Math.abs(dc) + Math.abs(ds);
    quiet = moved < 2e-4 ? quiet + 1 : 0;
    if (quiet > 5) break;
  }
  return report(input, p, air, state, last!);
}

const clamp = (x: number, limit: number): number => Math.max(-limit, Math.min(limit, x));

type Step = ReturnType<typeof step>;

function step(input: CycleInput, p: (typeof FLUID_PARAMETERS)[ModelledRefrigerant], air: Air, state: CycleState) {
  const r = input.refrigerant;
  const { evaporatingF, condensingF, superheatF } = state;
  const pe = dewPsia(r, evaporatingF);
  const pc = bubblePsia(r, condensingF);
  const suctionPsia = Math.max(5, pe - MODEL.suctionLossPsi);
  const dischargePsia = pc + input.nonCondensablePsi + MODEL.dischargeLossPsi;
  const ratio = dischargePsia / suctionPsia;

  const coil = evaporator(input, air, state);

  // Charge inventory → how much of the condenser is full of liquid.
  const chargeLb = p.nominalChargeLb * input.chargeRatio;
  const inEvaporator = p.evaporatorFullLb * (coil.wetted + MODEL.flooding.chargePerF * Math.max(0, -superheatF));
  const inCondenser = chargeLb - inEvaporator - p.vapourLb - p.liquidLineLb;
  const liquidFraction = (inCondenser - p.condenserTwoPhaseLb) / (p.condenserLiquidLb - p.condenserTwoPhaseLb);
  const full = Math.max(0, Math.min(C.mostFull, liquidFraction));
  const lift = condensingF - input.outdoorF;
  const subcoolingF = liquidFraction > 0 ? lift * (1 - Math.exp(-C.subcoolingRate * full)) : 0;
  const flash = liquidFraction < 0 ? Math.min(MODEL.flash.most, MODEL.flash.rate * liquidFraction) : 0;

  const airDensity = (input.barometerPsia * 144) / (53.352 * (input.outdoorF + RANKINE_AT_0_F));
  const capacityRate = 60 * OUTDOOR_CFM * input.outdoorAir * airDensity * 0.24;
  const ntu = C.ntu * input.outdoorAir ** C.airExponent * (1 - C.liquidShare * full) * input.condenserClean;
  const condenserBtuh = capacityRate * (1 - Math.exp(-ntu)) * lift;

  // Compressor at its own suction: line pickup, then nothing else (a reversing-valve leak belongs to the later model).
  const dryF = Math.max(0, superheatF);
  const suctionLineF =
    evaporatingF + (superheatF > 0 ? dryF + MODEL.suctionPickupF * Math.min(1, dryF / MODEL.pickupFromF) : 0);
  const dewAtSuction = evaporatingF - MODEL.suctionLossPsi / dewSlope(r, evaporatingF);
  const suction = superheatedVapour(r, dewAtSuction, suctionLineF - dewAtSuction);
  const volumetric = (MODEL.volumetric.base - MODEL.volumetric.fall * (ratio - 1)) * input.compressorHealth;
  const massLbH = 60 * p.displacementCfm * suction.lbFt3 * Math.max(MODEL.volumetric.least, volumetric);
  const k = (MODEL.polytropic - 1) / MODEL.polytropic;
  const workBtuLb = ((suctionPsia * 144) / suction.lbFt3 / k) * ((ratio ** k - 1) / FT_LB_PER_BTU);
  const { best, fall, fromRatio, worn, healthy } = MODEL.efficiency;
  const efficiency = best * (1 - fall * Math.max(0, ratio - fromRatio)) * (worn + healthy * input.compressorHealth);
  const compressorBtuh = (massLbH * workBtuLb) / efficiency;

  const hLiquid =
    liquidBtuLb(r, condensingF - subcoolingF - (subcoolingF > 0 ? MODEL.liquidLineLossF : 0)) +
    MODEL.flash.btuLb * flash;
  const hLeaving =
    superheatF > 0
      ? superheatedVapour(r, evaporatingF, superheatF).btuLb
      : vapourBtuLb(r, evaporatingF) - MODEL.flooding.btuLbPerF * -superheatF;
  const refrigeratingBtuh = massLbH * (hLeaving - hLiquid);

  const dp = Math.max(1, pc + input.nonCondensablePsi - pe - MODEL.meterLossPsi);
  const liquidFactor =
    (1 + M.perSubcoolingF * (Math.min(subcoolingF, M.mostF) - M.basisF)) *
    (1 - Math.min(MODEL.flash.meterMost, MODEL.flash.meterRate * flash)) *
    input.meterOpening;
  const meterFull =
    input.metering === 'txv'
      ? p.valveCoefficient * Math.sqrt(dp) * liquidFactor
      : p.pistonCoefficient * Math.sqrt(M.pistonBasisPsi) * (dp / M.pistonBasisPsi) ** M.pistonExponent * liquidFactor;
  const opening = Math.min(1, massLbH / Math.max(1, meterFull));
  return {
    evaporator: coil,
    suctionPsia,
    dischargePsia,
    ratio,
    pc,
    subcoolingF,
    suctionLineF,
    massLbH,
    meterLbH: input.metering === 'txv' ? Math.min(massLbH, meterFull) : meterFull,
    opening,
    compressorBtuh,
    condenserBtuh,
    refrigeratingBtuh,
    workBtuLb,
    efficiency,
  };
}

/** Slope of the dew line, psi per °F. */
function dewSlope(r: ModelledRefrigerant, f: number): number {
  return dewPsia(r, f + 0.5) - dewPsia(r, f - 0.5);
}

function report(
  input: CycleInput,
  p: (typeof FLUID_PARAMETERS)[ModelledRefrigerant],
  air: Air,
  state: CycleState,
  s: Step,
): CycleOutput {
  const size = input.tons / MODEL_TONS;
  const fanW = INDOOR_FAN_W * input.indoorAir;
  const supplyF =
    s.evaporator.leavingF + (fanW * BTUH_PER_W) / (air.massLbH * (0.24 + 0.444 * s.evaporator.leavingRatio));
  const supply = airFromHumidityRatio(supplyF, s.evaporator.leavingRatio, input.barometerPsia);
  const compressorW = s.compressorBtuh / BTUH_PER_W;
  const dischargeLineF =
    (s.suctionLineF + RANKINE_AT_0_F) * s.ratio ** p.dischargeExponent -
    RANKINE_AT_0_F +
    ((MODEL.heatShare / s.efficiency - 1) * s.workBtuLb) / MODEL.dischargeCp;
  return {
    state,
    suctionPsia: s.suctionPsia,
    liquidPsia: s.pc + input.nonCondensablePsi,
    suctionLineF: s.suctionLineF,
    liquidLineF: state.condensingF - s.subcoolingF - (s.subcoolingF > 0 ? MODEL.liquidLineLossF : 0),
    dischargeLineF,
    superheatF: state.superheatF,
    subcoolingF: s.subcoolingF,
    supplyF,
    supplyWetBulbF: supply.wetBulbF,
    compressorW: compressorW * size,
    compressorA: (compressorW * size) / (input.volts * MODEL.powerFactor),
    netBtuh: (s.evaporator.totalBtuh - fanW * BTUH_PER_W) * size,
    latentBtuh: s.evaporator.latentBtuh * size,
    airflowCfm: input.tons * NOMINAL_CFM_PER_TON * input.indoorAir,
    outsideModel:
      state.condensingF > MODEL.condensingLimitF || s.evaporator.wetted <= 0.0501 || state.superheatF <= -14.99,
    residualBtuh: (s.refrigeratingBtuh + MODEL.heatShare * s.compressorBtuh - s.condenserBtuh) * size,
  };
}
