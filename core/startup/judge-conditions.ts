import { acceptedVolts } from '@/core/equipment/plate-volts';
import type { Finding } from '@/core/finding/finding';
import type { RunMode } from '@/core/finding/run-mode';
import { tell } from '@/core/startup/words';
import { q, value } from '@/core/words/said';
import { CFM_PER_TON } from './airflow';
import type { Figures } from './figure';
import { missOf } from './figure';
import type { Readings } from './quantities';
import type { SteadyResult } from './steady-state';
import type { Airflow, Confirmations, StartUpSystem } from './system';

/** A clamp meter on a small current is good to about this. */
const FAN_SLACK = 1.05;

export function powerFindings(system: StartUpSystem, r: Readings, figures: Figures, running: boolean): Finding[] {
  const out: Finding[] = [];
  const volts = r.lineVolts?.trouble ? undefined : r.lineVolts?.value;
  const band = acceptedVolts(system.plateVolts);
  if (volts !== undefined) {
    const inside = volts >= band.low && volts <= band.high;
    out.push({
      id: 'voltage',
      step: 'power',
      verdict: inside ? 'good' : 'look-again',
      claim: inside
        ? tell('startup.voltage-is-within-plate', { volts: q(volts, 'V') })
        : tell('startup.voltage-is-outside', { volts: q(volts, 'V'), low: band.low, high: q(band.high, 'V', 'as is') }),
      evidence: [{ quantity: tell('startup.line-voltage'), value: volts, unit: 'V', band }],
      because: tell('startup.motors-overheat-away-from-their-voltage'),
      source: tell('startup.plate-nema-mg-1-range-from', { plateVolts: system.plateVolts }),
      confidence: 'high',
      miss: inside ? 0 : Math.max(band.low - volts, volts - band.high) / 5,
      next: inside
        ? undefined
        : {
            say: tell('startup.stop-charging-have-qualified-person-check'),
            because: tell('startup.voltage-outside-plate-makes-every-later'),
            action: { kind: 'check', what: 'lineVolts' },
          },
    });
  }
  const fan = figures.byId['fan-amps'];
  if (running && fan.value !== undefined) {
    const within = fan.value <= system.outdoorFanFlaA * FAN_SLACK;
    out.push({
      id: 'fan-amps',
      step: 'power',
      verdict: within ? 'good' : 'look-again',
      claim: tell(within ? 'startup.outdoor-fan-within-its' : 'startup.outdoor-fan-draws-above-its', {
        value: q(fan.value, 'A', 2),
        outdoorFanFlaA: q(system.outdoorFanFlaA, 'A', 'as is'),
      }),
      evidence: [
        {
          quantity: tell('startup.read-outdoor-fan-amps'),
          value: fan.value,
          unit: 'A',
          band: { low: 0, high: system.outdoorFanFlaA },
        },
      ],
      because: tell('startup.fla-is-limit-for-fan-motor'),
      source: tell('startup.plate'),
      confidence: 'medium',
      miss: within ? 0 : missOf(fan),
      next: within
        ? undefined
        : {
            say: tell('startup.check-fan-capacitor-blade-height-and'),
            because: tell('startup.fan-above-its-fla-will-trip'),
            action: { kind: 'check', what: 'outdoorFanA' },
          },
    });
  }
  return out;
}

/** @param running undefined when nobody read the current: then the run itself says how far it is */
export function steadyFindings(steady: SteadyResult, running: boolean | undefined, mode: RunMode): Finding[] {
  const base = {
    id: 'steady',
    step: 'steady' as const,
    evidence: [],
    confidence: 'high' as const,
    source: tell('startup.steady-state-detector-300-s-window'),
  };
  if (running === false) {
    return [
      {
        ...base,
        id: 'not-running',
        verdict: 'not-proven',
        claim: tell('startup.compressor-is-not-running'),
        because: tell('startup.start-up-is-judged-on-running'),
        miss: 5,
        next: {
          say: tell('startup.call-for-at-thermostat-and-start', { mode: value(mode) }),
          because: tell('startup.compressor-may-wait-up-to-5'),
          action: { kind: 'start' },
        },
      },
    ];
  }
  if (steady.state === 'steady') {
    return [
      {
        ...base,
        verdict: 'good',
        claim: tell('startup.say', { say: steady.say }),
        because: tell('startup.all-channels-are-quiet-at-once'),
        miss: 0,
      },
    ];
  }
  const waitMin = Math.max(1, Math.ceil(steady.waitS / 60));
  if (steady.state === 'hunting') {
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: tell('startup.hunting', { say: steady.say }),
        because: tell('startup.swinging-valve-gives-no-reading-to'),
        miss: 3,
        next: {
          say: tell('startup.do-not-charge-check-valve-bulb'),
          because: tell('startup.loose-bulb-low-load-or-oversized'),
          action: { kind: 'check', what: 'suctionLineF' },
        },
      },
    ];
  }
  return [
    {
      ...base,
      verdict: 'not-proven',
      claim: tell('startup.not-steady-yet', { say: steady.say }),
      because: tell('startup.readings-taken-while-system-settles-lead'),
      miss: 1,
      next: {
        say:
          steady.state === 'invalid'
            ? tell('startup.check-that-probe', { say: steady.say })
            : tell('startup.wait-do-not-add-refrigerant-yet', { waitMin: q(waitMin, 'min', 'as is') }),
        because: tell('startup.subcooling-still-rises-while-house-pulls', { say: steady.say }),
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
    source: tell('startup.350-450-cfm-ton-common-practice'),
  };
  if (!airflow) {
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: tell('startup.airflow-is-not-proven'),
        evidence: [],
        because: tell('startup.low-airflow-looks-like-wrong-charge'),
        confidence: 'high',
        miss: 2,
        next: {
          say: tell('startup.prove-airflow-flow-grid-at-filter'),
          because: tell('startup.charge-advice-is-held-back-until'),
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
        claim: tell('startup.filter-and-indoor-coil-are-not'),
        evidence: [],
        because: tell('startup.measured-airflow-through-dirty-filter-or'),
        confidence: 'high',
        miss: 1,
        next: {
          say: tell('startup.look-at-and-confirm-it-is', {
            filterClean: confirmed.filterClean ? tell('startup.indoor-coil') : value('filter'),
          }),
          because: tell('startup.airflow-counts-as-proven-only-with'),
          action: { kind: 'confirm', confirmation: confirmed.filterClean ? 'indoorCoilClean' : 'filterClean' },
        },
      },
    ];
  }
  const figure = figures.byId['airflow-per-ton'];
  const perTon = airflow.cfm / system.nominalTons;
  const evidence = [
    {
      quantity: tell('startup.read-airflow'),
      value: perTon,
      unit: 'CFM/ton',
      band: { low: CFM_PER_TON.low, high: CFM_PER_TON.high },
    },
  ];
  if (perTon >= CFM_PER_TON.low && perTon <= CFM_PER_TON.high) {
    return [
      {
        ...base,
        verdict: 'good',
        claim: tell('startup.airflow-ton', { cfm: q(airflow.cfm, 'cfm'), perTon: q(perTon, 'number', 0) }),
        evidence,
        because: tell('startup.measured-by-filter-and-coil-clean', { method: value(airflow.method) }),
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
      claim: tell('startup.airflow-is-ton', { low: value(low ? 'too-low' : 'too-high'), perTon: q(perTon, 'cfm') }),
      evidence,
      because: low
        ? tell('startup.low-airflow-drops-suction-pressure-and')
        : tell('startup.high-airflow-carries-water-off-coil'),
      confidence: 'high',
      miss: Math.abs(missOf(figure)),
      next: {
        say: low
          ? tell('startup.raise-airflow-open-registers-clean-filter')
          : tell('startup.lower-blower-tap-then-measure-again'),
        because: tell('startup.set-airflow-before-charge-refrigerant-cannot'),
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
      claim: tell('startup.outdoor-coil-not-confirmed-clean-and'),
      evidence: [],
      because: tell('startup.dirty-coil-reads-as-overcharge-wet'),
      source: tell('startup.common-practice'),
      confidence: 'high',
      miss: 1,
      next: {
        say: tell('startup.look-at-outdoor-coil-clean-dry'),
        because: tell('startup.head-pressure-means-nothing-on-dirty'),
        action: { kind: 'confirm', confirmation: 'outdoorCoilCleanDry' },
      },
    });
  } else if (ctoa.value !== undefined && ctoa.target && ctoa.value > ctoa.target.high) {
    out.push({
      id: 'condensing-high',
      step: 'outdoor-coil',
      verdict: 'look-again',
      claim: tell('startup.condensing-over-outdoor-air-is-high', { value: q(ctoa.value, 'F') }),
      evidence: [
        { quantity: tell('startup.read-condensing-over-outdoor'), value: ctoa.value, unit: '°F', band: ctoa.target },
      ],
      because: tell('startup.blocked-or-recirculating-air-weak-fan'),
      source: ctoa.target.source,
      confidence: 'medium',
      miss: Math.abs(missOf(ctoa)),
      next: {
        say: tell('startup.check-outdoor-air-path-and-fan'),
        because: tell('startup.high-head-from-poor-air-flow'),
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
      claim: tell('startup.panels-covers-and-fence-not-confirmed'),
      evidence: [],
      because: tell('startup.enclosure-changes-air-into-condenser-signed'),
      source: tell('startup.common-practice'),
      confidence: 'high',
      miss: 0.2,
      next: {
        say: tell('startup.put-panels-covers-and-fence-back'),
        because: tell('startup.reading-that-is-signed-must-be'),
        action: { kind: 'confirm', confirmation: 'enclosureRestored' },
      },
    },
  ];
}
