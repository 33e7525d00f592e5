import { advise, type Finding } from '@/core/finding/finding';
import { type Answers, figure, maybe, pick, sinceLater } from '@/core/form/field';
import { tell } from '@/core/furnace/words';
import { q } from '@/core/words/said';
import { gasAltitude, meterClock } from './gas';

const metered = ({ fuel }: Answers): boolean => fuel === 'natural gas' || fuel === undefined;
const clocked = (a: Answers): boolean => metered(a) && a.meter === 'clocked';

/** The meter's test dial, timed while everything else on it is off. */
export const METER_FIELDS = {
  meter: sinceLater(
    maybe(
      pick(
        tell('furnace.gas-meter'),
        { clocked: tell('furnace.clocked'), 'no meter to read': tell('furnace.no-meter-to-read') },
        { when: metered, hint: tell('furnace.everything-else-on-it-off') },
      ),
    ),
  ),
  dialFt3: sinceLater(maybe(figure(tell('furnace.test-dial'), 0.05, 100, 'ft³', { when: clocked }))),
  turns: sinceLater(maybe(figure(tell('furnace.turns'), 0.1, 200, '', { when: clocked }))),
  seconds: sinceLater(maybe(figure(tell('furnace.in-seconds'), 1, 7200, 's', { when: clocked }))),
  heatingValue: sinceLater(
    maybe(
      figure(tell('furnace.heating-value'), 200, 4000, 'Btu/ft³', {
        when: clocked,
        hint: tell('furnace.from-the-gas-utility'),
      }),
    ),
  ),
  plateInputBtuh: sinceLater(
    maybe(figure(tell('furnace.input-on-plate'), 3000, 1_500_000, 'Btu/h', { when: clocked })),
  ),
} as const;

type Metered = {
  fuel: string;
  meter?: 'clocked' | 'no meter to read' | null | undefined;
  dialFt3?: number | null | undefined;
  turns?: number | null | undefined;
  seconds?: number | null | undefined;
  heatingValue?: number | null | undefined;
  plateInputBtuh?: number | null | undefined;
};

/** How far the clocked input may stand from the plate's at this altitude (common practice, the plate wins). */
const UNDER = 0.05;
const OVER = 0.02;

/**
 * Clocked input against the plate's, taken down for altitude by the older rule. One kept before the meter was asked about
 * says nothing of it. Source: definition; NFPA 54 older rule, edition not checked. Not covered: makers with tables of their own.
 */
export function meterChecks(proof: Metered, { elevationFt }: { elevationFt: number }): Finding[] {
  if (proof.fuel !== 'natural gas' || proof.meter === undefined) return [];
  const base = { id: 'input', source: tell('furnace.plate-nfpa-54-older-rule'), miss: 1 };
  const { dialFt3, turns, seconds, heatingValue, plateInputBtuh } = proof;
  const clock =
    dialFt3 && turns && seconds && heatingValue
      ? meterClock({ dialFt3, revolutions: turns, seconds, heatingValueBtuFt3: heatingValue })
      : undefined;
  if (proof.meter === 'no meter to read')
    return [
      {
        ...base,
        verdict: 'look-again',
        claim: tell('furnace.input-rests-on-manifold-alone'),
        because: tell('furnace.without-a-meter-orifice-and-manifold'),
        next: advise(tell('furnace.check-orifice-size-and-manifold')),
      },
    ];
  if (!clock?.ok || !plateInputBtuh)
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: tell('furnace.meter-is-not-clocked'),
        because: tell('furnace.input-is-what-burns-not-what-plate-says'),
        next: advise(tell('furnace.time-the-test-dial')),
      },
    ];
  const factor = gasAltitude({ elevationFt });
  const want = plateInputBtuh * (factor.ok ? factor.value.factor : 1);
  const { inputBtuh } = clock.value;
  const off = (inputBtuh - want) / want;
  const good = off >= -UNDER && off <= OVER;
  return [
    {
      ...base,
      verdict: good ? 'good' : 'look-again',
      claim: tell('furnace.clocked-input', { input: q(inputBtuh, 'btuh'), want: q(want, 'btuh') }),
      because: off > OVER ? tell('furnace.overfired') : tell('furnace.five-under-two-over'),
      ...(good
        ? { miss: 0 }
        : {
            miss: Math.abs(off) / OVER,
            next: advise(off > 0 ? tell('furnace.lower-input-licensed') : tell('furnace.raise-input-licensed')),
          }),
    },
  ];
}
