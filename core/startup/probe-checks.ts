import type { Finding } from '@/core/finding/finding';
import { callOf } from '@/core/finding/run-mode';
import { bubbleF, dewF } from '@/core/refrigerant/lookup';
import { tell } from '@/core/startup/words';
import { list, lower, q, type Said } from '@/core/words/said';
import type { JudgeInput } from './judge-input';
import { QUANTITIES, type Quantity, REQUIRED_QUANTITIES, supplySettled } from './quantities';
import { restFinding } from './rest-pressure';
import type { StartUpSystem } from './system';

/** A liquid line this much colder than the air that cools it is a probe in the sun or off the pipe, °F. */
const LIQUID_BELOW_AMBIENT_F = 1;
const LIQUID_ABOVE_SATURATION_F = 1;
const SUCTION_BELOW_SATURATION_F = 2;
export const EQUAL_PRESSURE_PSI = 5;
const WET_BULB_SLACK_F = 0.3;
/** Dry and wet bulb this close: the sock is dry, for no return air is fog (common practice), °F. */
const DRY_SOCK_F = 0.2;
/** A condenser that works stands at least this much over its air (common practice), °F. */
const LEAST_LIFT_F = 3;
/** Superheat and subcooling that a running system can have (house bounds), °F. */
const POSSIBLE = { superheat: [-2, 45], subcooling: [-1, 35] } as const;
/** What is wrong with an instrument, before its value is looked at. */
const TROUBLES = {
  lost: { claim: tell('startup.instrument-lost'), because: tell('startup.no-signal-from-instrument'), miss: 9 },
  stale: { claim: tell('startup.reading-is-stale'), because: tell('startup.no-new-value-came-in-last'), miss: 8 },
  stuck: {
    claim: tell('startup.reading-is-stuck'),
    because: tell('startup.very-same-value-for-minute-live'),
    miss: 7,
  },
} as const;
const SOURCE = tell('startup.probe-rejection-rules-common-practice');

/**
 * Readings that cannot be true of a running cooling system: each names the probe to look at.
 * These hold every other verdict back: nothing confident is said from a bad probe.
 */
export function probeFindings(
  { system, readings: r, mode, ranMin }: Pick<JudgeInput, 'system' | 'readings' | 'mode' | 'ranMin'>,
  running: boolean,
  required: readonly Quantity[],
): Finding[] {
  const cooling = callOf(mode) === 'cooling';
  const out: Finding[] = [];
  const v = (name: Quantity): number | undefined => (r[name]?.trouble === 'lost' ? undefined : r[name]?.value);
  const suspect = (probe: Quantity, claim: Said, because: Said, fix: Said, values: Quantity[], miss: number): void => {
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
        tell('startup.trouble', { label, claim }),
        because,
        tell('startup.reconnect-probe-or-type-reading', { label: lower(label) }),
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
      claim: tell('startup.of-readings-are-missing', { count: gone.length, count2: required.length }),
      because: tell('startup.missing-list', { what: list(gone.map((g) => lower(QUANTITIES[g].label))) }),
      source: tell('startup.required-start-up-readings'),
      confidence: 'high',
      miss: gone.length,
      evidence: [],
      next: {
        say: tell('startup.read', { label: lower(QUANTITIES[first].label), location: QUANTITIES[first].location }),
        because: tell('startup.nothing-can-be-judged-without-it', { count: gone.length }),
        action: { kind: 'enter-reading', quantity: first },
      },
    });
  }
  out.push(...restFinding(system, r));
  if (!running) return out;

  const suction = v('suctionPsig');
  const liquid = v('liquidPsig');
  if (suction !== undefined && liquid !== undefined) {
    if (suction > liquid + EQUAL_PRESSURE_PSI) {
      suspect(
        'suctionPsig',
        tell('startup.suction-pressure-is-above-liquid-pressure'),
        cooling
          ? tell('startup.in-cooling-suction-side-is-always')
          : tell('startup.in-heating-vapour-port-carries-discharge'),
        cooling ? tell('startup.check-which-hose-is-on-which') : tell('startup.move-suction-gauge-to-true-suction'),
        ['suctionPsig', 'liquidPsig'],
        6,
      );
    }
  }
  const swap = cooling ? swappedClamps(system, v) : false;
  if (swap)
    suspect(
      'suctionLineF',
      tell('startup.clamps-are-changed-over'),
      tell('startup.suction-line-is-never-hotter-than-liquid-line'),
      tell('startup.change-the-two-clamps-over'),
      ['suctionLineF', 'liquidLineF'],
      6,
    );
  // With the pressures themselves impossible, saturation from them would only accuse the clamps.
  const crossed = swap || (suction !== undefined && liquid !== undefined && suction > liquid + EQUAL_PRESSURE_PSI);
  const liquidLine = v('liquidLineF');
  const outdoor = v('outdoorDryBulbF');
  if (
    cooling &&
    !swap &&
    liquidLine !== undefined &&
    outdoor !== undefined &&
    liquidLine < outdoor - LIQUID_BELOW_AMBIENT_F
  ) {
    suspect(
      'liquidLineF',
      tell('startup.liquid-line-below-air-that-cools', { outdoor: q(outdoor - liquidLine, 'F') }),
      tell('startup.air-cooled-condenser-cannot-do-that'),
      tell('startup.shade-outdoor-probe-and-reseat-liquid'),
      ['liquidLineF', 'outdoorDryBulbF'],
      outdoor - liquidLine,
    );
  }
  if (liquidLine !== undefined && liquid !== undefined && !crossed) {
    const bubble = bubbleF(system.refrigerant, liquid + system.barometerPsia);
    if (!Number.isFinite(bubble)) outOfRange('liquidPsig', liquid);
    else if (cooling && outdoor !== undefined && bubble < outdoor + LEAST_LIFT_F)
      suspect(
        'outdoorDryBulbF',
        tell('startup.condenser-hardly-above-its-air', { lift: q(bubble - outdoor, 'F') }),
        tell('startup.no-condenser-gives-heat-off-without-lift'),
        tell('startup.hang-outdoor-probe-in-shaded-inlet'),
        ['outdoorDryBulbF', 'liquidPsig'],
        outdoor + LEAST_LIFT_F - bubble,
      );
    else if (liquidLine > bubble + LIQUID_ABOVE_SATURATION_F) {
      suspect(
        'liquidLineF',
        tell('startup.liquid-line-hotter-than-saturation', { liquidLine: q(liquidLine - bubble, 'F') }),
        tell('startup.subcooling-cannot-be-negative-in-steady'),
        tell('startup.reseat-and-insulate-liquid-clamp-then'),
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
        tell('startup.suction-line-colder-than-its-dew', { dew: q(dew - suctionLine, 'F') }),
        tell('startup.superheat-cannot-be-that-negative-suction'),
        tell('startup.reseat-and-insulate-suction-clamp-and'),
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
      tell('startup.return-wet-bulb-is-above-dry'),
      tell('startup.that-cannot-be-two-probes-are'),
      tell('startup.check-return-wet-bulb-probe-against'),
      ['returnWetBulbF', 'returnDryBulbF'],
      returnWb - returnDb,
    );
  }
  if (returnDb !== undefined && returnWb !== undefined && Math.abs(returnDb - returnWb) <= DRY_SOCK_F)
    suspect(
      'returnWetBulbF',
      tell('startup.wet-bulb-reads-as-the-dry-one'),
      tell('startup.only-fog-has-no-depression'),
      tell('startup.wet-the-sock-and-wait'),
      ['returnWetBulbF', 'returnDryBulbF'],
      3,
    );
  const warmer =
    cooling && supplySettled(ranMin) && returnDb !== undefined && supply !== undefined && supply >= returnDb;
  if (warmer && system.heatPump) {
    // A heat pump that warms the air is most likely heating: that is no fault of a probe.
    out.push({
      id: 'mode-doubt',
      step: 'probes',
      verdict: 'not-proven',
      claim: tell('startup.air-comes-out-warmer-system-heats', { supply: q(supply - returnDb, 'F') }),
      because: tell('startup.cooling-is-chosen-here-either-heating'),
      source: SOURCE,
      confidence: 'medium',
      miss: 6,
      evidence: [],
      next: {
        say: tell('startup.if-heating-is-called-set-mode'),
        because: tell('startup.heat-pump-that-warms-air-is'),
        action: { kind: 'set-mode', mode: 'heating' },
      },
    });
  } else if (warmer) {
    suspect(
      'supplyDryBulbF',
      tell('startup.supply-air-is-not-colder-than'),
      tell('startup.in-cooling-probes-swapped-valve-is'),
      tell('startup.feel-supply-air-if-it-is'),
      ['supplyDryBulbF', 'returnDryBulbF'],
      supply - returnDb + 1,
    );
  }
  return out;

  function outOfRange(name: Quantity, psig: number): void {
    suspect(
      name,
      tell('startup.lies-outside', {
        label: QUANTITIES[name].label,
        psig: q(psig, 'psig', 'as is'),
        refrigerant: system.refrigerant,
      }),
      tell('startup.saturation-is-undefined-there-wrong-refrigerant'),
      tell('startup.check-refrigerant-on-plate-then-zero'),
      [name],
      7,
    );
  }
}

/** The suction clamp reads hotter than the liquid clamp, and changed over both of them could be true. */
function swappedClamps(system: StartUpSystem, v: (name: Quantity) => number | undefined): boolean {
  const [suction, liquid] = [v('suctionPsig'), v('liquidPsig')];
  const [suctionLine, liquidLine] = [v('suctionLineF'), v('liquidLineF')];
  if (suction === undefined || liquid === undefined || suctionLine === undefined || liquidLine === undefined)
    return false;
  if (suctionLine <= liquidLine) return false;
  const within = (x: number, [low, high]: readonly [number, number]): boolean => x >= low && x <= high;
  const superheat = liquidLine - dewF(system.refrigerant, suction + system.barometerPsia);
  const subcooling = bubbleF(system.refrigerant, liquid + system.barometerPsia) - suctionLine;
  return within(superheat, POSSIBLE.superheat) && within(subcooling, POSSIBLE.subcooling);
}
