import { z } from 'zod';
import { tell } from '@/core/circuit/vacuum/words';
import { calculation } from '@/core/finding/calculation';
import { ok, refuse } from '@/core/finding/outcome';
import { num, yesNo } from '@/core/finding/quantity-field';
import { q } from '@/core/words/said';

/** Air at 70 °F, Pa·s. */
const AIR_VISCOSITY = 1.82e-5;
const ATMOSPHERE_MICRONS = 760_000;
/** A pump in good order ends here (common practice), µm. */
export const PUMP_ULTIMATE_MICRONS = 15;
/** Share of the flow that a core left in its fitting lets through (design default). */
const CORE_SHARE = 0.5;
const PA_PER_MICRON = 0.133322;
const M_PER_IN = 0.0254;
const CM_PER_IN = 2.54;
const LITRES_PER_FT3 = 28.3168;
const SECONDS_PER_MIN = 60;
/** Steps of the integration, even in the logarithm of pressure. */
const STEPS = 600;

export type Hoses = { boreIn: number; lengthIn: number; count: number; coresIn: boolean };

const cfmOf = (litresPerS: number): number => (litresPerS * SECONDS_PER_MIN) / LITRES_PER_FT3;

/** Conductance of the hoses at a mean pressure: viscous flow plus molecular flow, ft³/min. */
export function conductanceCfm(hoses: Hoses, meanMicrons: number): number {
  const d = hoses.boreIn;
  const l = hoses.lengthIn;
  const viscousM3s =
    (Math.PI * (d * M_PER_IN) ** 4 * meanMicrons * PA_PER_MICRON) / (128 * AIR_VISCOSITY * l * M_PER_IN);
  const molecularLs = (12.1 * (d * CM_PER_IN) ** 3) / (l * CM_PER_IN);
  return hoses.count * (hoses.coresIn ? CORE_SHARE : 1) * (cfmOf(viscousM3s * 1000) + cfmOf(molecularLs));
}

/** Speed left at the system, by the balance of flow between system, hoses and pump. */
export function effectiveCfm(pumpCfm: number, hoses: Hoses | undefined, systemMicrons: number): number {
  if (!hoses) return pumpCfm;
  let speed = pumpCfm / 2;
  for (let k = 0; k < 60; k++) {
    const atPump = (systemMicrons * speed) / pumpCfm;
    const c = conductanceCfm(hoses, (systemMicrons + atPump) / 2);
    const next = 1 / (1 / pumpCfm + 1 / c);
    if (Math.abs(next - speed) < 1e-9) break;
    speed = next;
  }
  return speed;
}

type PullDown = {
  volumeFt3: number;
  pumpCfm: number;
  targetMicrons: number;
  startMicrons: number;
  hoses: Hoses | undefined;
  gasLoad: number;
};

/** Minutes to the target, or the pressure the pump cannot pass. */
export function pullDownMinutes(i: PullDown): { minutes: number } | { endsAtMicrons: number } {
  let minutes = 0;
  const ratio = (i.targetMicrons / i.startMicrons) ** (1 / STEPS);
  for (let k = 0; k < STEPS; k++) {
    const high = i.startMicrons * ratio ** k;
    const low = high * ratio;
    const mean = Math.sqrt(high * low);
    const pumped = effectiveCfm(i.pumpCfm, i.hoses, mean) * (mean - PUMP_ULTIMATE_MICRONS) - i.gasLoad;
    if (!(pumped > 0)) return { endsAtMicrons: high };
    minutes += (i.volumeFt3 * (high - low)) / pumped;
  }
  return { minutes };
}

/**
 * Best-case time to pull a dry, tight system down.
 *
 * @param volumeFt3 0.01 to 50 · @param pumpCfm rated · @param targetMicrons 20 to 20000
 * @param startMicrons default atmospheric · @param hoseBoreIn, hoseLengthIn, hoseCount, coresIn: left out, an ideal connection
 * @param gasLoadMicronCfm outgassing or leak, µm·ft³/min
 * @returns minutes, effectiveCfm at the target, idealConnection
 * @example pullDown({ volumeFt3: 0.55, pumpCfm: 6, targetMicrons: 500, hoseBoreIn: 0.18, hoseLengthIn: 60 }) // 16 min
 */
export const pullDown = calculation({
  id: 'pull-down',
  title: 'Time to pull down',
  what: 'How long a pump needs, at best, to reach a vacuum through its hoses.',
  formula: 't = ∫ V dP / (S_eff (P − P_ult) − Q); 1/S_eff = 1/S + 1/C; C = πD⁴P̄/(128 µL) + 12.1 D³/L',
  source: 'vacuum technology textbooks (viscous and molecular conductance of a tube)',
  notCovered: 'Moisture, oil, a tired pump: this is the best case, dry and tight. Cores in place are a rough half.',
  input: z.strictObject({
    volumeFt3: num(0.01, 50, 'ft³'),
    pumpCfm: num(0.5, 60, 'CFM'),
    targetMicrons: num(20, 20_000, 'µm'),
    startMicrons: num(20, ATMOSPHERE_MICRONS, 'µm').default(ATMOSPHERE_MICRONS),
    hoseBoreIn: num(0.05, 2, 'in').optional(),
    hoseLengthIn: num(1, 1200, 'in').optional(),
    hoseCount: num(1, 4, 'hoses').default(1),
    coresIn: yesNo.default(false),
    gasLoadMicronCfm: num(0, 100_000, 'µm·CFM').default(0),
  }),
  compute: (i) => {
    if (i.targetMicrons >= i.startMicrons)
      return refuse(
        'targetMicrons',
        tell('vacuum.target-must-lie-below-start'),
        tell('vacuum.20-to-less-than', { startMicrons: q(i.startMicrons, 'microns', 'as is') }),
      );
    if ((i.hoseBoreIn === undefined) !== (i.hoseLengthIn === undefined)) {
      return refuse(
        i.hoseBoreIn === undefined ? 'hoseBoreIn' : 'hoseLengthIn',
        tell('vacuum.hose-needs-its-bore-and-its'),
        tell('vacuum.both-or-neither-for-ideal-connection'),
      );
    }
    const hoses: Hoses | undefined =
      i.hoseBoreIn !== undefined && i.hoseLengthIn !== undefined
        ? { boreIn: i.hoseBoreIn, lengthIn: i.hoseLengthIn, count: i.hoseCount, coresIn: i.coresIn }
        : undefined;
    const result = pullDownMinutes({ ...i, hoses, gasLoad: i.gasLoadMicronCfm });
    if ('endsAtMicrons' in result) {
      return refuse(
        'targetMicrons',
        tell('vacuum.pump-holds-still-near-hoses-or', { endsAtMicrons: q(result.endsAtMicrons, 'microns') }),
        tell('vacuum.above', { endsAtMicrons: q(result.endsAtMicrons, 'microns') }),
      );
    }
    return ok({
      minutes: result.minutes,
      effectiveCfm: effectiveCfm(i.pumpCfm, hoses, i.targetMicrons),
      idealConnection: hoses === undefined,
    });
  },
  example: {
    input: { volumeFt3: 0.55, pumpCfm: 6, targetMicrons: 500, hoseBoreIn: 0.18, hoseLengthIn: 60 },
    expected: { minutes: 16, idealConnection: false },
    tolerance: 0.5,
  },
});
