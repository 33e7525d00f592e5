import type { z } from 'zod';
import type { Finding } from '@/core/finding/finding';
import { either, figure, is, maybe, pick, schemaOf } from '@/core/form/field';
import { mixedAir } from '@/core/startup/capacity';
import { YES_OR_NO } from '@/core/startup/yes-or-no';
import { q, type Said } from '@/core/words/said';
import { checksBy } from './checks';
import { tell } from './words';

const byTemperature = is('means', 'temperatures');
const byFlow = is('means', 'flow');
const economized = is('economizer', 'fitted');

/** What is read of the outside air of a rooftop, and how its economizer answers, typed. */
export const OUTSIDE_AIR_FIELDS = {
  wantedPct: figure(tell('startup.outside-air-wanted'), 0, 100, '%', {
    hint: tell('startup.from-the-plan-at-minimum'),
  }),
  means: pick(tell('startup.read-by'), {
    temperatures: tell('startup.three-temperatures'),
    flow: tell('startup.measured-flow'),
  }),
  returnF: maybe(figure(tell('startup.return-air-2'), 30, 120, '°F', { when: byTemperature })),
  outdoorF: maybe(figure(tell('startup.outdoor-air'), -40, 140, '°F', { when: byTemperature })),
  mixedF: maybe(figure(tell('startup.mixed-air'), -40, 140, '°F', { when: byTemperature })),
  outsideCfm: maybe(figure(tell('startup.outside-air-flow'), 0, 50_000, 'CFM', { when: byFlow })),
  supplyCfm: maybe(figure(tell('startup.supply-air-flow'), 50, 50_000, 'CFM', { when: byFlow })),
  economizer: pick(tell('startup.economizer'), { fitted: tell('startup.fitted'), none: tell('startup.has-none') }),
  cold: maybe(either(tell('startup.made-cold-opens-and-compressor-rests'), YES_OR_NO, { when: economized })),
  hot: maybe(either(tell('startup.made-hot-goes-to-minimum'), YES_OR_NO, { when: economized })),
  off: maybe(either(tell('startup.fan-off-damper-shuts'), YES_OR_NO, { when: economized })),
  relief: maybe(
    pick(
      tell('startup.relief'),
      { opens: tell('startup.opens'), shut: tell('startup.stays-shut'), none: tell('startup.has-none') },
      { when: economized },
    ),
  ),
};
export const outsideAirSchema = schemaOf(OUTSIDE_AIR_FIELDS);
export type OutsideAir = z.infer<typeof outsideAirSchema>;

/** What an air probe is off by, °F; what a flow is held to, share of the wanted; what temperatures must tell to prove it. */
const PROBE_F = 0.5;
const FLOW_SHARE = 0.1;
const TELLS_SHARE = 0.2;

/**
 * How far the share of outside air by three temperatures may be off, points: each probe ±0.5 °F, independent.
 * @example outsideAirOff(0.25, 30) // 2.1 points
 */
export const outsideAirOff = (share: number, differenceF: number): number =>
  (100 * PROBE_F * Math.sqrt(1 + (1 - share) ** 2 + share ** 2)) / Math.abs(differenceF);

/**
 * The outside air at its minimum against what is wanted, and an economizer through its ends. A few percent by temperatures
 * cannot be told: then a traverse or a hood. Source: heat balance with its error; common practice. Not covered: the wanted
 * amount itself (ASHRAE 62.1), highest and lowest fan speed one after the other, enthalpy changeover.
 */
export function judgeOutsideAir(run: OutsideAir): Finding[] {
  const { found, add } = checksBy(tell('startup.heat-balance-common-practice'));
  share(run, add);
  if (run.economizer === 'none') return found;
  const ends = [
    ['cold', run.cold, tell('startup.cold-air-cools-for-nothing')],
    ['hot', run.hot, tell('startup.hot-air-is-not-wanted')],
    ['off', run.off, tell('startup.a-damper-that-stays-open-freezes-or-sweats')],
    [
      'relief',
      run.relief === 'none' ? true : run.relief === null ? null : run.relief === 'opens',
      tell('startup.what-comes-in-must-go-out'),
    ],
  ] as const;
  for (const [end, answer, because] of ends)
    add(
      `economizer-${end}`,
      answer === null ? 'not-proven' : answer ? 'good' : 'look-again',
      tell(
        answer === null
          ? 'startup.economizer-end-is-not-tried'
          : answer
            ? 'startup.economizer-end-is-right'
            : 'startup.economizer-end-is-wrong',
        { end: tell(END_WORDS[end]) },
      ),
      because,
      tell(answer === null ? 'startup.simulate-it-at-the-sensor' : 'startup.check-actuator-linkage-and-changeover'),
    );
  return found;
}

const END_WORDS = {
  cold: 'startup.in-cold-air',
  hot: 'startup.in-hot-air',
  off: 'startup.with-the-fan-off',
  relief: 'startup.of-the-relief',
} as const;

function share(run: OutsideAir, add: ReturnType<typeof checksBy>['add']): void {
  const because = tell('startup.too-little-is-stale-too-much-is-load');
  const wanted = run.wantedPct;
  const read = readShare(run);
  if (read === undefined || 'refused' in read) {
    add(
      'outside-air',
      'not-proven',
      read ? read.refused : tell('startup.outside-air-is-not-read'),
      because,
      tell('startup.measure-it-by-traverse-or-hood'),
    );
    return;
  }
  const said = { pct: q(read.pct, 'number', 1), off: q(read.off, 'number', 1), wanted: q(wanted, 'number', 1) };
  if (read.off > TELLS_SHARE * wanted && run.means === 'temperatures') {
    add(
      'outside-air',
      'not-proven',
      tell('startup.outside-air-cannot-be-told', said),
      tell('startup.temperatures-are-too-near'),
      tell('startup.measure-it-by-traverse-or-hood'),
    );
    return;
  }
  const within = read.off + FLOW_SHARE * wanted;
  const good = Math.abs(read.pct - wanted) <= within;
  add(
    'outside-air',
    good ? 'good' : 'look-again',
    tell('startup.outside-air-is-of-wanted', said),
    because,
    tell(read.pct > wanted ? 'startup.close-the-minimum-position' : 'startup.open-the-minimum-position'),
    Math.abs(read.pct - wanted) / Math.max(within, 0.1),
  );
}

function readShare(run: OutsideAir): { pct: number; off: number } | { refused: Said } | undefined {
  const { returnF, outdoorF, mixedF, outsideCfm, supplyCfm } = run;
  if (run.means === 'flow')
    return outsideCfm === null || supplyCfm === null ? undefined : { pct: (100 * outsideCfm) / supplyCfm, off: 0 };
  if (returnF === null || outdoorF === null || mixedF === null) return undefined;
  const mixed = mixedAir({ mixedF, returnF, outdoorF });
  if (!mixed.ok) return { refused: mixed.refused.message };
  const pct = mixed.value.outdoorAirPct;
  return { pct, off: outsideAirOff(pct / 100, outdoorF - returnF) };
}
