import { gasAltitude } from '@/core/furnace/gas';
import { sensibleFactor } from '@/core/startup/capacity';

/** A simulated furnace on its gas: what its plate says, and how it stands. Everything is invented but the physics. */
export type Burner = {
  inputBtuh: number;
  /** Of what goes in, what the air takes at steady state. */
  efficiency: number;
  plateManifoldInWc: number;
  manifoldInWc: number;
  /** Whether its orifices were changed for the elevation; without it burns the more the higher it stands. */
  derated: boolean;
  elevationFt: number;
  cfm: number;
  /** Share of full fire of the stage that is called. */
  stage: number;
};

/** Carbon monoxide, air-free, of a fire with enough air; and how fast it climbs once there is too little. Invented. */
const CO = { clean: 25, perOver: 2600, startsOver: 0.06 };
/** Of what burns, what the flue and the cabinet take. */
export type Fire = { inputBtuh: number; airBtuh: number; lostBtuh: number; riseF: number; coAirFreePpm: number };

/**
 * The steady fire of a burner: input by the square root of its manifold pressure, rise by the air that carries it.
 *
 * @returns Btu/h in, into the air and lost: they balance; rise °F; CO ppm, air-free
 * @example fireOf({ inputBtuh: 80000, efficiency: 0.8, plateManifoldInWc: 3.5, manifoldInWc: 3.5, derated: true, elevationFt: 500, cfm: 1200, stage: 1 })
 * // 80,000 in, 64,000 out, rise 50 °F
 */
export function fireOf(b: Burner): Fire {
  const allowed = gasAltitude({ elevationFt: b.elevationFt });
  const factor = allowed.ok ? allowed.value.factor : 1;
  const orifice = b.derated ? factor : 1;
  const inputBtuh = b.inputBtuh * orifice * b.stage * Math.sqrt(b.manifoldInWc / b.plateManifoldInWc);
  const airBtuh = inputBtuh * b.efficiency;
  // More gas than the thin air burns cleanly leaves carbon monoxide.
  const over = inputBtuh / (b.inputBtuh * factor * b.stage) - 1;
  return {
    inputBtuh,
    airBtuh,
    lostBtuh: inputBtuh - airBtuh,
    riseF: airBtuh / (sensibleFactor(b.elevationFt) * b.cfm),
    coAirFreePpm: CO.clean + CO.perOver * Math.max(0, over - CO.startsOver),
  };
}
