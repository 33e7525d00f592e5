import type { Finding } from '@/core/finding/finding';
import { bubbleF, dewF } from '@/core/refrigerant/lookup';
import type { JudgeInput } from './judge-input';
import { QUANTITIES, type Quantity, REQUIRED_QUANTITIES } from './quantities';

/** A liquid line this much colder than the air that cools it is a probe in the sun or off the pipe, °F. */
const LIQUID_BELOW_AMBIENT_F = 1;
const LIQUID_ABOVE_SATURATION_F = 1;
const SUCTION_BELOW_SATURATION_F = 2;
export const EQUAL_PRESSURE_PSI = 5;
const WET_BULB_SLACK_F = 0.3;
/** What is wrong with an instrument, before its value is looked at. */
const TROUBLES = {
  lost: { claim: 'instrument lost', because: 'No signal from the instrument.', miss: 9 },
  stale: { claim: 'reading is stale', because: 'No new value came in the last 10 s.', miss: 8 },
  stuck: {
    claim: 'reading is stuck',
    because: 'The very same value for a minute: a live probe always scatters.',
    miss: 7,
  },
} as const;
const SOURCE = 'probe rejection rules, common practice';

/**
 * Readings that cannot be true of a running cooling system: each names the probe to look at.
 * These hold every other verdict back: nothing confident is said from a bad probe.
 */
export function probeFindings(
  { system, readings: r, mode }: Pick<JudgeInput, 'system' | 'readings' | 'mode'>,
  running: boolean,
  required: readonly Quantity[],
): Finding[] {
  const cooling = mode === 'cooling';
  const out: Finding[] = [];
  const v = (name: Quantity): number | undefined => (r[name]?.trouble === 'lost' ? undefined : r[name]?.value);
  const suspect = (
    probe: Quantity,
    claim: string,
    because: string,
    fix: string,
    values: Quantity[],
    miss: number,
  ): void => {
    out.push({
      id: `probe-${probe}`,
      step: 'probes',
      verdict: 'not-proven',
      claim,
      because,
      source: SOURCE,
      confidence: 'medium',
      miss,
      evidence: values.flatMap((name) => {
        const value = v(name);
        return value === undefined ? [] : [{ quantity: QUANTITIES[name].label, value, unit: QUANTITIES[name].unit }];
      }),
      next: { say: fix, because, action: { kind: 'check', what: probe } },
    });
  };

  for (const name of REQUIRED_QUANTITIES) {
    const trouble = r[name]?.trouble;
    const label = QUANTITIES[name].label;
    if (trouble) {
      const { claim, because, miss } = TROUBLES[trouble];
      suspect(
        name,
        `${label}: ${claim}.`,
        because,
        `Reconnect the ${label.toLowerCase()} probe, or type the reading.`,
        [name],
        miss,
      );
    }
  }
  const gone = required.filter((name) => r[name] === undefined);
  if (gone.length) {
    const first = gone[0]!;
    out.push({
      id: 'readings-missing',
      step: 'probes',
      verdict: 'not-proven',
      claim: `${gone.length} of ${required.length} readings are missing.`,
      because: gone.map((g) => QUANTITIES[g].label.toLowerCase()).join(', '),
      source: 'required start-up readings',
      confidence: 'high',
      miss: gone.length,
      evidence: [],
      next: {
        say: `Read the ${QUANTITIES[first].label.toLowerCase()}: ${QUANTITIES[first].location}.`,
        because: `Nothing can be judged without it; ${gone.length} missing in all.`,
        action: { kind: 'enter-reading', quantity: first },
      },
    });
  }
  if (!running) return out;

  const suction = v('suctionPsig');
  const liquid = v('liquidPsig');
  if (suction !== undefined && liquid !== undefined) {
    if (suction > liquid + EQUAL_PRESSURE_PSI) {
      suspect(
        'suctionPsig',
        'Suction pressure is above liquid pressure.',
        cooling
          ? 'In cooling the suction side is always the lower: hoses swapped, or a gauge is wrong.'
          : 'In heating the vapour port carries discharge pressure: suction is read at the true suction port.',
        cooling
          ? 'Check which hose is on which port, then read both gauges again.'
          : 'Move the suction gauge to the true suction port between reversing valve and compressor.',
        ['suctionPsig', 'liquidPsig'],
        6,
      );
    }
  }
  // With the pressures themselves impossible, saturation from them would only accuse the clamps.
  const crossed = suction !== undefined && liquid !== undefined && suction > liquid + EQUAL_PRESSURE_PSI;
  const liquidLine = v('liquidLineF');
  const outdoor = v('outdoorDryBulbF');
  if (cooling && liquidLine !== undefined && outdoor !== undefined && liquidLine < outdoor - LIQUID_BELOW_AMBIENT_F) {
    suspect(
      'liquidLineF',
      `Liquid line ${(outdoor - liquidLine).toFixed(1)} °F below the air that cools it.`,
      'An air-cooled condenser cannot do that: outdoor probe in the sun or in discharge air, or the liquid clamp is loose.',
      'Shade the outdoor probe and reseat the liquid clamp on clean pipe.',
      ['liquidLineF', 'outdoorDryBulbF'],
      outdoor - liquidLine,
    );
  }
  if (liquidLine !== undefined && liquid !== undefined && !crossed) {
    const bubble = bubbleF(system.refrigerant, liquid + system.barometerPsia);
    if (!Number.isFinite(bubble)) outOfRange('liquidPsig', liquid);
    else if (liquidLine > bubble + LIQUID_ABOVE_SATURATION_F) {
      suspect(
        'liquidLineF',
        `Liquid line ${(liquidLine - bubble).toFixed(1)} °F hotter than saturation.`,
        'Subcooling cannot be negative in steady liquid: liquid clamp warmed by sun, wrong refrigerant chosen, or liquid gauge reads low.',
        'Reseat and insulate the liquid clamp, then zero the liquid gauge.',
        ['liquidLineF', 'liquidPsig'],
        liquidLine - bubble,
      );
    }
  }
  const suctionLine = v('suctionLineF');
  if (suctionLine !== undefined && suction !== undefined && !crossed) {
    const dew = dewF(system.refrigerant, suction + system.barometerPsia);
    if (!Number.isFinite(dew)) outOfRange('suctionPsig', suction);
    else if (suctionLine < dew - SUCTION_BELOW_SATURATION_F) {
      suspect(
        'suctionLineF',
        `Suction line ${(dew - suctionLine).toFixed(1)} °F colder than its dew point.`,
        'Superheat cannot be that negative: suction clamp off the pipe, clamps swapped, or wrong refrigerant chosen.',
        'Reseat and insulate the suction clamp, and check the clamps are not swapped.',
        ['suctionLineF', 'suctionPsig'],
        dew - suctionLine,
      );
    }
  }
  const returnDb = v('returnDryBulbF');
  const returnWb = v('returnWetBulbF');
  const supply = v('supplyDryBulbF');
  if (returnDb !== undefined && returnWb !== undefined && returnWb > returnDb + WET_BULB_SLACK_F) {
    suspect(
      'returnWetBulbF',
      'Return wet bulb is above dry bulb.',
      'That cannot be: the two probes are swapped, or the wet-bulb probe is wrong.',
      'Check the return wet-bulb probe against a second one.',
      ['returnWetBulbF', 'returnDryBulbF'],
      returnWb - returnDb,
    );
  }
  if (cooling && returnDb !== undefined && supply !== undefined && supply >= returnDb && system.heatPump) {
    // A heat pump that warms the air is most likely heating: that is no fault of a probe.
    out.push({
      id: 'mode-doubt',
      step: 'probes',
      verdict: 'not-proven',
      claim: `The air comes out ${(supply - returnDb).toFixed(1)} °F warmer: the system heats.`,
      because: 'Cooling is chosen here. Either heating is called, or the reversing valve stands the wrong way.',
      source: SOURCE,
      confidence: 'medium',
      miss: 6,
      evidence: [],
      next: {
        say: 'If heating is called, set the mode to heating. If cooling is called, check O/B at the thermostat.',
        because: 'A heat pump that warms the air is judged as heating.',
        action: { kind: 'set-mode', mode: 'heating' },
      },
    });
  } else if (cooling && returnDb !== undefined && supply !== undefined && supply >= returnDb) {
    suspect(
      'supplyDryBulbF',
      'Supply air is not colder than return air.',
      'In cooling: probes swapped, the valve is in heating, or the system is not cooling at all.',
      'Feel the supply air. If it is cold, swap the two probes; if it is warm, check O/B at the thermostat.',
      ['supplyDryBulbF', 'returnDryBulbF'],
      supply - returnDb + 1,
    );
  }
  return out;

  function outOfRange(name: Quantity, psig: number): void {
    suspect(
      name,
      `${QUANTITIES[name].label} ${psig} psig lies outside ${system.refrigerant}.`,
      'Saturation is undefined there: wrong refrigerant chosen, or the gauge is wrong.',
      'Check the refrigerant on the plate, then zero the gauge.',
      [name],
      7,
    );
  }
}
