import { heldPsia } from '@/core/circuit/pressure/nitrogen';
import { normal, type RandomState } from '@/core/numeric/random';

/** A section of pipe under nitrogen on a simulated day. Everything is invented but the physics. */
export type NitrogenConfig = {
  seed: number;
  volumeFt3: number;
  barometerPsia: number;
  /** Air around the pipe at the start, how far it moves in an hour, and the sun on it. */
  airF: number;
  swingFPerH: number;
  sunF: number;
  /** Leak at 450 psig, standard ft³/h; it falls with the pressure. */
  leakScfh: number;
  cylinderScf: number;
  cylinderPsig: number;
};

export type NitrogenState = {
  bench: 'nitrogen';
  seconds: number;
  random: RandomState;
  pipeF: number;
  /** Amount of gas, told as the pressure it would have at 70 °F, psia. */
  amountPsia: number;
  cylinderPsig: number;
  regulatorPsig: number;
  sourceOpen: boolean;
  probes: { testPsig: number; pipeF: number };
};

export type NitrogenCommand =
  | { kind: 'pressurise'; psig: number }
  | { kind: 'close-source' }
  | { kind: 'release'; psig: number }
  | { kind: 'configure'; change: Partial<Pick<NitrogenConfig, 'airF' | 'swingFPerH' | 'sunF' | 'leakScfh'>> };

const REFERENCE_F = 70;
const FULL_LEAK_PSIA = 464.7;
const ATM_PSIA = 14.7;
/** Brazed pipe starts this much warmer than the air and comes to it with this time constant. Invented. */
const WARM_START_F = 6;
const PIPE_TAU_S = 420;
const FILL_TAU_S = 12;
const GAUGE_NOISE_PSI = 0.12;
const GAUGE_STEP_PSI = 0.1;
const THERMOMETER_NOISE_F = 0.06;
const NOMINAL_PSIG = 2216;

export function newNitrogen(config: NitrogenConfig): NitrogenState {
  const pipeF = config.airF + WARM_START_F;
  return {
    bench: 'nitrogen',
    seconds: 0,
    random: { seed: config.seed | 0 },
    pipeF,
    amountPsia: heldPsia(config.barometerPsia, pipeF, REFERENCE_F),
    cylinderPsig: config.cylinderPsig,
    regulatorPsig: 0,
    sourceOpen: false,
    probes: { testPsig: 0, pipeF },
  };
}

const pressurePsia = (s: NitrogenState): number => heldPsia(s.amountPsia, REFERENCE_F, s.pipeF);

export function orderNitrogen(
  config: NitrogenConfig,
  state: NitrogenState,
  order: NitrogenCommand,
): { config: NitrogenConfig; state: NitrogenState } {
  const next = structuredClone(state);
  switch (order.kind) {
    case 'pressurise':
      next.regulatorPsig = order.psig;
      next.sourceOpen = true;
      return { config, state: next };
    case 'close-source':
      next.sourceOpen = false;
      return { config, state: next };
    case 'release':
      next.sourceOpen = false;
      next.amountPsia = Math.min(next.amountPsia, heldPsia(order.psig + config.barometerPsia, next.pipeF, REFERENCE_F));
      return { config, state: next };
    case 'configure':
      return { config: { ...config, ...order.change }, state: next };
  }
}

export function advanceNitrogen(config: NitrogenConfig, s: NitrogenState, dt: number): void {
  s.seconds += dt;
  const air = config.airF + (config.swingFPerH * s.seconds) / 3600 + config.sunF;
  s.pipeF = air + (s.pipeF - air) * Math.exp(-dt / PIPE_TAU_S);
  const psia = pressurePsia(s);
  if (s.sourceOpen) {
    const wanted = Math.min(s.regulatorPsig, s.cylinderPsig) + config.barometerPsia;
    if (wanted > psia) {
      const to = wanted + (psia - wanted) * Math.exp(-dt / FILL_TAU_S);
      const added = heldPsia(to, s.pipeF, REFERENCE_F) - s.amountPsia;
      s.amountPsia += added;
      // What goes into the pipe leaves the cylinder: amounts by volume, at one temperature.
      const waterFt3 = (config.cylinderScf * ATM_PSIA) / (NOMINAL_PSIG + ATM_PSIA);
      s.cylinderPsig = Math.max(0, s.cylinderPsig - (added * config.volumeFt3) / waterFt3);
    }
  }
  const over = psia - config.barometerPsia;
  if (over > 0 && config.leakScfh > 0) {
    const scfh = config.leakScfh * (psia / FULL_LEAK_PSIA);
    s.amountPsia = Math.max(config.barometerPsia, s.amountPsia - (scfh * ATM_PSIA * (dt / 3600)) / config.volumeFt3);
  }
  s.probes = { testPsig: pressurePsia(s) - config.barometerPsia, pipeF: s.pipeF };
}

const toStep = (v: number, step: number): number => Number((Math.round(v / step) * step).toFixed(3));

export const NITROGEN_CHANNELS = ['testPsig', 'pipeF', 'nitrogenPsig'] as const;
export function sampleNitrogen(
  _config: NitrogenConfig,
  s: NitrogenState,
): Record<(typeof NITROGEN_CHANNELS)[number], number> {
  return {
    testPsig: toStep(s.probes.testPsig + normal(s.random) * GAUGE_NOISE_PSI, GAUGE_STEP_PSI),
    pipeF: toStep(s.probes.pipeF + normal(s.random) * THERMOMETER_NOISE_F, 0.1),
    nitrogenPsig: toStep(s.cylinderPsig, 1),
  };
}
