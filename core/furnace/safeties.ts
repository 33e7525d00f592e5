import { advise, type Finding } from '@/core/finding/finding';
import { figure, is, maybe, pick, sinceLater, text } from '@/core/form/field';
import { tell } from '@/core/furnace/words';
import { list, q, type Said } from '@/core/words/said';

const propane = is('fuel', 'propane');
const kitFitted = is('conversion', 'kit fitted');

const trip = (label: Said) =>
  sinceLater(
    maybe(
      pick(label, {
        'stopped it': tell('furnace.stopped-it'),
        'did not stop it': tell('furnace.did-not-stop-it'),
        'has none': tell('furnace.has-none'),
      }),
    ),
  );

/** What was tripped on the burning furnace, and how it was made ready for its fuel. */
export const SAFETY_FIELDS = {
  conversion: sinceLater(
    maybe(
      pick(
        tell('furnace.for-propane'),
        {
          'kit fitted': tell('furnace.makers-kit-fitted'),
          'built for it': tell('furnace.built-for-propane'),
          'not converted': tell('furnace.not-converted'),
        },
        { when: propane, stacked: true },
      ),
    ),
  ),
  kit: sinceLater(
    maybe(
      text(tell('furnace.kit-and-its-label'), 80, 2, { when: kitFitted, hint: tell('furnace.as-on-the-new-label') }),
    ),
  ),
  limit: trip(tell('furnace.high-limit')),
  rollout: trip(tell('furnace.rollout-switch')),
  pressureSwitch: trip(tell('furnace.pressure-switch')),
  doorSwitch: trip(tell('furnace.door-switch')),
  flameUa: sinceLater(maybe(figure(tell('furnace.flame-current'), 0, 50, 'µA', { more: true }))),
  plateFlameUa: sinceLater(
    maybe(figure(tell('furnace.least-flame-current-by-its-maker'), 0.1, 20, 'µA', { more: true })),
  ),
} as const;

type Trip = 'stopped it' | 'did not stop it' | 'has none' | null | undefined;
type Proven = {
  fuel: string;
  conversion?: 'kit fitted' | 'built for it' | 'not converted' | null | undefined;
  kit?: string | null | undefined;
  limit?: Trip;
  rollout?: Trip;
  pressureSwitch?: Trip;
  doorSwitch?: Trip;
  flameUa?: number | null | undefined;
  plateFlameUa?: number | null | undefined;
};

const TRIPS = {
  limit: tell('furnace.high-limit'),
  rollout: tell('furnace.rollout-switch'),
  pressureSwitch: tell('furnace.pressure-switch'),
  doorSwitch: tell('furnace.door-switch'),
} as const;
const NAMES = Object.keys(TRIPS) as (keyof typeof TRIPS)[];

/**
 * The safeties, each tripped by hand on the burning furnace; the conversion to propane; the flame current. One kept before
 * they were asked about says nothing of them.
 *
 * @source common practice; the maker's instructions win. Never bypassed for a test: opened, or made to open as its maker tells
 */
export function safetyChecks(proof: Proven): Finding[] {
  return [...conversionCheck(proof), ...tripCheck(proof), ...flameCheck(proof)];
}

function tripCheck(proof: Proven): Finding[] {
  const asked = NAMES.filter((n) => proof[n] !== undefined);
  if (!asked.length) return [];
  const named = (of: readonly (keyof typeof TRIPS)[]) => list(of.map((n) => ({ lower: TRIPS[n] })));
  const failed = asked.filter((n) => proof[n] === 'did not stop it');
  const untried = asked.filter((n) => proof[n] === null);
  const base = {
    id: 'safeties',
    because: tell('furnace.a-safety-is-known-by-its-trip'),
    source: tell('furnace.common-practice-maker-wins'),
  };
  if (failed.length)
    return [
      {
        ...base,
        verdict: 'stop',
        claim: tell('furnace.safety-did-not-stop-it', { which: named(failed) }),
        next: advise(tell('furnace.shut-it-down-mend-the-safety')),
        miss: 5,
      },
    ];
  if (untried.length)
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: tell('furnace.safety-not-tripped', { which: named(untried) }),
        next: advise(tell('furnace.trip-each-and-see-it-stop')),
        miss: 1,
      },
    ];
  return [{ ...base, verdict: 'good', claim: tell('furnace.every-safety-stopped-it'), miss: 0 }];
}

function conversionCheck({ fuel, conversion, kit }: Proven): Finding[] {
  if (fuel !== 'propane' || conversion === undefined) return [];
  const base = {
    id: 'conversion',
    because: tell('furnace.orifices-for-natural-gas-overfire-on-propane'),
    source: tell('furnace.makers-kit-and-its-instructions'),
  };
  if (conversion === 'not converted')
    return [
      {
        ...base,
        verdict: 'stop',
        claim: tell('furnace.it-is-not-converted'),
        next: advise(tell('furnace.gas-off-fit-the-makers-kit')),
        miss: 5,
      },
    ];
  const known = conversion === 'built for it' || (conversion === 'kit fitted' && !!kit);
  return [
    {
      ...base,
      verdict: known ? 'good' : 'not-proven',
      claim:
        conversion === 'built for it'
          ? tell('furnace.it-is-built-for-propane')
          : kit
            ? tell('furnace.converted-with', { kit })
            : tell('furnace.conversion-is-not-on-record'),
      miss: known ? 0 : 1,
      ...(known ? {} : { next: advise(tell('furnace.write-down-the-kit-and-label-it')) }),
    },
  ];
}

function flameCheck({ flameUa, plateFlameUa }: Proven): Finding[] {
  if (flameUa == null || plateFlameUa == null) return [];
  const good = flameUa >= plateFlameUa;
  return [
    {
      id: 'flame',
      verdict: good ? 'good' : 'look-again',
      claim: tell('furnace.flame-current-of', {
        read: q(flameUa, 'number', 1),
        least: q(plateFlameUa, 'number', 'as is'),
      }),
      because: tell('furnace.a-weak-flame-signal-drops-out'),
      source: tell('furnace.common-practice-maker-wins'),
      miss: good ? 0 : plateFlameUa / Math.max(flameUa, 0.01),
      ...(good ? {} : { next: advise(tell('furnace.clean-the-rod-and-its-ground')) }),
    },
  ];
}
