import type { Finding } from '@/core/finding/finding';
import { CFM_PER_TON } from './airflow';
import type { Figures } from './figures';
import { missOf } from './figures';
import type { Readings } from './quantities';
import type { SteadyResult } from './steady-state';
import type { Airflow, Confirmations, StartUpSystem } from './system';

/** Voltage bands by plate (utilisation range of dual-rated equipment; ±10 % otherwise, NEMA MG-1 from memory). */
const VOLTS: Record<StartUpSystem['plateVolts'], { low: number; high: number }> = {
  '208/230': { low: 197, high: 253 },
  '208': { low: 187, high: 229 },
  '240': { low: 216, high: 264 },
  '460': { low: 414, high: 506 },
};
/** A clamp meter on a small current is good to about this. */
const FAN_SLACK = 1.05;

export function powerFindings(system: StartUpSystem, r: Readings, figures: Figures, running: boolean): Finding[] {
  const out: Finding[] = [];
  const volts = r.lineVolts?.trouble ? undefined : r.lineVolts?.value;
  const band = VOLTS[system.plateVolts];
  if (volts !== undefined) {
    const inside = volts >= band.low && volts <= band.high;
    out.push({
      id: 'voltage',
      step: 'power',
      verdict: inside ? 'good' : 'look-again',
      claim: inside
        ? `Voltage ${volts.toFixed(0)} V is within the plate.`
        : `Voltage ${volts.toFixed(0)} V is outside ${band.low}–${band.high} V.`,
      evidence: [{ quantity: 'line voltage', value: volts, unit: 'V', band }],
      because: 'Motors overheat away from their voltage, and amps mean nothing there.',
      source: `${system.plateVolts} V plate; NEMA MG-1 range, from memory`,
      confidence: 'high',
      miss: inside ? 0 : Math.max(band.low - volts, volts - band.high) / 5,
      next: inside
        ? undefined
        : {
            say: 'Stop charging. Have a qualified person check the supply and the feeder.',
            because: 'Voltage outside the plate makes every later reading doubtful.',
            action: { kind: 'check', what: 'lineVolts' },
          },
    });
  }
  const fan = figures.byId['fan-amps'];
  if (running && fan.value !== undefined && fan.value <= system.outdoorFanFlaA * FAN_SLACK) {
    out.push({
      id: 'fan-amps',
      step: 'power',
      verdict: 'good',
      claim: `Outdoor fan ${fan.value.toFixed(2)} A, within its ${system.outdoorFanFlaA} A.`,
      evidence: [
        { quantity: 'outdoor fan amps', value: fan.value, unit: 'A', band: { low: 0, high: system.outdoorFanFlaA } },
      ],
      because: 'FLA is a limit for a fan motor.',
      source: 'plate',
      confidence: 'medium',
      miss: 0,
    });
  } else if (running && fan.value !== undefined) {
    out.push({
      id: 'fan-amps',
      step: 'power',
      verdict: 'look-again',
      claim: `Outdoor fan draws ${fan.value.toFixed(2)} A, above its ${system.outdoorFanFlaA} A.`,
      evidence: [
        { quantity: 'outdoor fan amps', value: fan.value, unit: 'A', band: { low: 0, high: system.outdoorFanFlaA } },
      ],
      because: 'FLA is a limit for a fan motor.',
      source: 'plate',
      confidence: 'medium',
      miss: missOf(fan),
      next: {
        say: 'Check the fan capacitor, blade height and bearings.',
        because: 'A fan above its FLA will trip out on a hot day.',
        action: { kind: 'check', what: 'outdoorFanA' },
      },
    });
  }
  return out;
}

/** @param running undefined when nobody read the current: then the run itself says how far it is */
export function steadyFindings(
  steady: SteadyResult,
  running: boolean | undefined,
  mode: 'cooling' | 'heating',
): Finding[] {
  const base = {
    id: 'steady',
    step: 'steady' as const,
    evidence: [],
    confidence: 'high' as const,
    source: 'steady-state detector: 300 s window, Title 24 RA3.2 run time, from memory',
  };
  if (running === false) {
    return [
      {
        ...base,
        id: 'not-running',
        verdict: 'not-proven',
        claim: 'The compressor is not running.',
        because: 'A start-up is judged on a running system.',
        miss: 5,
        next: {
          say: `Call for ${mode} at the thermostat and start the run.`,
          because: 'A compressor may wait up to 5 min in its own delay: that is not a fault.',
          action: { kind: 'start' },
        },
      },
    ];
  }
  if (steady.state === 'steady') {
    return [{ ...base, verdict: 'good', claim: `${steady.say}.`, because: 'All channels are quiet at once.', miss: 0 }];
  }
  const waitMin = Math.max(1, Math.ceil(steady.waitS / 60));
  if (steady.state === 'hunting') {
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: `Hunting: ${steady.say}.`,
        because: 'A swinging valve gives no reading to charge by.',
        miss: 3,
        next: {
          say: 'Do not charge. Check the valve bulb: clamped, insulated, at 4 or 8 o’clock.',
          because: 'A loose bulb, low load or an oversized valve hunts.',
          action: { kind: 'check', what: 'suctionLineF' },
        },
      },
    ];
  }
  return [
    {
      ...base,
      verdict: 'not-proven',
      claim: `Not steady yet. ${steady.say}.`,
      because: 'Readings taken while the system settles lead to a wrong charge.',
      miss: 1,
      next: {
        say:
          steady.state === 'invalid'
            ? `${steady.say}. Check that probe.`
            : `Wait ${waitMin} min. Do not add refrigerant yet.`,
        because: `${steady.say}. Subcooling still rises while the house pulls down.`,
        action: { kind: 'wait' },
        waitMin,
      },
    },
  ];
}

export function airflowFindings(
  system: StartUpSystem,
  figures: Figures,
  airflow: Airflow | undefined,
  confirmed: Confirmations,
): Finding[] {
  const clean = confirmed.filterClean && confirmed.indoorCoilClean;
  const base = {
    id: 'airflow',
    step: 'airflow' as const,
    source: '350–450 CFM a ton, common practice; maker’s range wins',
  };
  if (!airflow) {
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: 'Airflow is not proven.',
        evidence: [],
        because:
          'Low airflow looks like a wrong charge. An air split in its band supports airflow but does not prove it.',
        confidence: 'high',
        miss: 2,
        next: {
          say: 'Prove the airflow: flow grid at the filter, about 5 min.',
          because:
            'Charge advice is held back until airflow is measured. Strip-heat rise takes 10 min, static with the blower table 8 min.',
          action: { kind: 'prove-airflow' },
        },
      },
    ];
  }
  if (!clean) {
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: 'Filter and indoor coil are not confirmed clean.',
        evidence: [],
        because: 'Measured airflow through a dirty filter or coil will change as soon as they are cleaned.',
        confidence: 'high',
        miss: 1,
        next: {
          say: `Look at the ${confirmed.filterClean ? 'indoor coil' : 'filter'} and confirm it is clean.`,
          because: 'Airflow counts as proven only with a clean filter and coil.',
          action: { kind: 'confirm', confirmation: confirmed.filterClean ? 'indoorCoilClean' : 'filterClean' },
        },
      },
    ];
  }
  const figure = figures.byId['airflow-per-ton'];
  const perTon = airflow.cfm / system.nominalTons;
  const evidence = [
    { quantity: 'airflow', value: perTon, unit: 'CFM/ton', band: { low: CFM_PER_TON.low, high: CFM_PER_TON.high } },
  ];
  if (perTon >= CFM_PER_TON.low && perTon <= CFM_PER_TON.high) {
    return [
      {
        ...base,
        verdict: 'good',
        claim: `Airflow ${airflow.cfm.toFixed(0)} CFM, ${perTon.toFixed(0)} a ton.`,
        evidence,
        because: `Measured by ${airflow.method}, filter and coil clean.`,
        confidence: 'high',
        miss: Math.abs(missOf(figure)),
      },
    ];
  }
  const low = perTon < CFM_PER_TON.low;
  return [
    {
      ...base,
      verdict: 'look-again',
      claim: `Airflow is ${low ? 'low' : 'high'}: ${perTon.toFixed(0)} CFM a ton.`,
      evidence,
      because: low
        ? 'Low airflow drops suction pressure and looks like a wrong charge.'
        : 'High airflow carries water off the coil and hides low charge.',
      confidence: 'high',
      miss: Math.abs(missOf(figure)),
      next: {
        say: low
          ? 'Raise the airflow: open registers, clean filter, next blower tap. Then measure again.'
          : 'Lower the blower tap. Then measure again.',
        because: 'Set airflow before charge: refrigerant cannot mend it.',
        action: { kind: 'prove-airflow' },
      },
    },
  ];
}

export function coilFindings(figures: Figures, confirmed: Confirmations): Finding[] {
  const out: Finding[] = [];
  const ctoa = figures.byId['condensing-over-ambient'];
  if (!confirmed.outdoorCoilCleanDry) {
    out.push({
      id: 'outdoor-coil',
      step: 'outdoor-coil',
      verdict: 'not-proven',
      claim: 'Outdoor coil not confirmed clean and dry.',
      evidence: [],
      because: 'A dirty coil reads as overcharge; a wet one reads as undercharge.',
      source: 'common practice',
      confidence: 'high',
      miss: 1,
      next: {
        say: 'Look at the outdoor coil: clean, dry, nothing blocking it. Confirm.',
        because: 'Head pressure means nothing on a dirty or wet coil.',
        action: { kind: 'confirm', confirmation: 'outdoorCoilCleanDry' },
      },
    });
  } else if (ctoa.value !== undefined && ctoa.target && ctoa.value > ctoa.target.high) {
    out.push({
      id: 'condensing-high',
      step: 'outdoor-coil',
      verdict: 'look-again',
      claim: `Condensing ${ctoa.value.toFixed(1)} °F over outdoor air is high.`,
      evidence: [{ quantity: 'condensing over outdoor', value: ctoa.value, unit: '°F', band: ctoa.target }],
      because: 'Blocked or recirculating air, a weak fan, overcharge or air in the system.',
      source: ctoa.target.source,
      confidence: 'medium',
      miss: Math.abs(missOf(ctoa)),
      next: {
        say: 'Check the outdoor air path and fan before touching the charge.',
        because: 'High head from poor air flow is not mended by recovering refrigerant.',
        action: { kind: 'check', what: 'outdoorDryBulbF' },
      },
    });
  }
  return out;
}

/** The signed reading is of the system as it will run. */
export function enclosureFinding(confirmed: Confirmations): Finding[] {
  if (confirmed.enclosureRestored) return [];
  return [
    {
      id: 'enclosure',
      step: 'charge',
      verdict: 'not-proven',
      claim: 'Panels, covers and fence not confirmed back in place.',
      evidence: [],
      because: 'An enclosure changes the air into the condenser; the signed reading is taken with it restored.',
      source: 'common practice',
      confidence: 'high',
      miss: 0.2,
      next: {
        say: 'Put panels, covers and fence back, confirm, then take the final reading.',
        because: 'The reading that is signed must be of the system as it will run.',
        action: { kind: 'confirm', confirmation: 'enclosureRestored' },
      },
    },
  ];
}
