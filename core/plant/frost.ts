import type { SystemOutput } from './system';

type Coil = { frost: number; defrostS: number | null; sinceSwitchS: number; houseF: number };
type Weather = { outdoorF: number };

/** Air this warm frosts no coil; below the second it holds too little water (common practice), °F. */
const FROSTS = { belowF: 43, aboveF: 5, coilF: 31 } as const;
/** A coil at its worst closes in this long, s (invented). */
const CLOSES_S = 6000;
/** The board starts a defrost at this much frost; it ends by the coil, or by the clock (invented, of the usual size). */
const DEFROST = {
  atFrost: 0.75,
  endCoilF: 60,
  mostS: 600,
  warmsFPerS: 0.25,
  supplyDropF: 9,
  loadShare: 0.8,
} as const;

/** Frost grows on a cold wet coil, and a defrost takes it off. */
export function frosting(config: Weather, state: Coil, coilF: number, dt: number): void {
  if (state.defrostS !== null) {
    state.defrostS += dt;
    const warmedF = Math.min(config.outdoorF, 32) + DEFROST.warmsFPerS * state.defrostS * (1 - 0.5 * state.frost);
    if (warmedF < DEFROST.endCoilF && state.defrostS < DEFROST.mostS) return;
    state.frost = 0;
    state.defrostS = null;
    state.sinceSwitchS = 0;
    return;
  }
  const frosts = config.outdoorF < FROSTS.belowF && config.outdoorF > FROSTS.aboveF && coilF < FROSTS.coilF;
  state.frost = Math.max(0, Math.min(1, state.frost + (frosts ? dt / CLOSES_S : 0)));
  if (state.frost >= DEFROST.atFrost) state.defrostS = 0;
}

/** What pipes and air tend to while the valve stands the other way: the fan outside rests, the house gets cool air. */
export const defrosting = (config: Weather, state: Coil, heating: SystemOutput): SystemOutput => ({
  ...heating,
  liquidPsia: heating.liquidPsia * 0.6,
  supplyF: state.houseF - DEFROST.supplyDropF,
  compressorA: DEFROST.loadShare * heating.compressorA,
  dischargeLineF: Math.min(heating.dischargeLineF, config.outdoorF + 90),
});
