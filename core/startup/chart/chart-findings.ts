import { chartPoint } from '@/core/equipment/chart/chart-point';
import type { Evidence, Finding, Next } from '@/core/finding/finding';
import { callOf } from '@/core/finding/run-mode';
import type { Figures } from '@/core/startup/figure';
import type { JudgeInput } from '@/core/startup/judge-input';
import { tell } from '@/core/startup/words';
import { list, q, type Said, value } from '@/core/words/said';
import { chartBands } from './chart-bands';
import { comparedIn, placeOf, wholePlace } from './chart-limit';

/** A test speed is held for this long before it is read (common practice; the maker's time wins), min. */
export const TEST_HOLD_MIN = 10;

/**
 * An inverter against its maker's chart: only in the test mode, at a speed of the chart that has been held, with everything
 * steady. Until then it says what is missing first. No trim follows from it: on an inverter the scale is the authority.
 *
 * Source: the maker's chart as typed; hold common practice. Not covered: charging by the maker's own procedure.
 */
export function chartFindings(input: JudgeInput, figures: Figures): Finding[] {
  const { chart } = input.system;
  if (!chart) return [];
  const base = {
    id: 'maker-chart',
    step: 'compare' as const,
    source: tell('startup.makers-chart-as-typed'),
    confidence: 'high' as const,
  };
  const open = (claim: Said, because: Said, next: Next): Finding[] => [
    { ...base, verdict: 'not-proven', claim, because, evidence: [], miss: 2, next },
  ];
  const call = callOf(input.mode);
  const confirmation = call === 'heating' ? 'testModeHeating' : 'testModeCooling';
  if (input.confirmations[confirmation] !== true)
    return open(
      tell('startup.test-mode-is-not-confirmed'),
      tell('startup.off-its-test-mode-an-inverter-follows-demand'),
      {
        say: tell('startup.set-makers-test-mode-and-confirm', { call: value(call) }),
        because: tell('startup.by-the-steps-in-its-book'),
        action: { kind: 'confirm', confirmation },
      },
    );
  const at = placeOf(input);
  const gone = (
    [
      ['compressorSpeed', at.speed],
      ['outdoorDryBulbF', at.outdoorF],
      [at.indoor, at.indoorF],
    ] as const
  ).find(([, read]) => read === undefined)?.[0];
  const place = wholePlace(input);
  if (gone || !place)
    return open(tell('startup.chart-is-entered-by-speed-and-air'), tell('startup.each-of-them-moves-the-chart'), {
      say: tell(gone === 'compressorSpeed' ? 'startup.read-the-speed-off-the-unit' : 'startup.read-the-air-first'),
      because: tell('startup.board-or-service-tool-shows-it'),
      action: { kind: 'enter-reading', quantity: gone ?? 'compressorSpeed' },
    });
  const point = chartPoint(chart, place);
  if (!point.ok) {
    const { low, high } = point.outside ?? { low: place.speed, high: place.speed };
    return open(
      tell('startup.speed-is-off-the-chart', { speed: q(place.speed, 'number', 'as is'), low, high }),
      tell('startup.chart-says-nothing-of-other-speeds'),
      {
        say: tell('startup.bring-it-to-a-speed-of-the-chart'),
        because: tell('startup.by-the-steps-in-its-book'),
        action: { kind: 'enter-reading', quantity: 'compressorSpeed' },
      },
    );
  }
  const heldMin = input.speedHeldMin ?? 0;
  if (heldMin < TEST_HOLD_MIN) {
    const left = Math.ceil(TEST_HOLD_MIN - heldMin);
    return open(
      tell('startup.test-speed-is-held-for-of', {
        held: Math.floor(heldMin),
        hold: q(TEST_HOLD_MIN, 'min', 'as is'),
      }),
      tell('startup.a-drop-of-speed-starts-it-anew'),
      {
        say: tell('startup.hold-the-test-speed-and-read-again', { left: q(left, 'min', 'as is') }),
        because: tell('startup.within-two-percent-all-the-while'),
        action: { kind: 'wait' },
        waitMin: left,
      },
    );
  }
  if (input.steady.state !== 'steady')
    return open(tell('startup.speed-is-held-but-not-steady-yet'), input.steady.say, {
      say: tell('startup.let-it-run-on-and-read'),
      because: input.steady.say,
      action: { kind: 'wait' },
      waitMin: Math.max(1, Math.ceil(input.steady.waitS / 60)),
    });
  const bands = chartBands(comparedIn(chart, call), input, figures);
  if (!bands.length)
    return open(tell('startup.nothing-of-the-chart-is-read'), tell('startup.each-of-them-moves-the-chart'), {
      say: tell('startup.read-gauges-and-lines'),
      because: tell('startup.chart-is-of-gauges-and-lines'),
      action: { kind: 'enter-reading', quantity: 'liquidPsig' },
    });
  const evidence = bands.map(
    ({ label, value: read, unit, low, high }): Evidence => ({
      quantity: label,
      value: read,
      unit,
      band: { low, high },
    }),
  );
  const off = bands.filter((b) => b.value < b.low || b.value > b.high);
  const miss = Math.max(0, ...bands.map((b) => Math.abs(b.value - b.expected) / (b.high - b.expected)));
  if (!off.length)
    return [
      {
        ...base,
        verdict: 'good',
        claim: tell('startup.all-of-the-chart-is-met', {
          count: bands.length,
          speed: q(place.speed, 'number', 'as is'),
        }),
        because: tell('startup.read-in-test-mode-at-held-speed'),
        evidence,
        miss: 0,
      },
    ];
  return [
    {
      ...base,
      verdict: 'look-again',
      claim: tell('startup.off-the-chart', {
        what: list(
          off.map((b) =>
            tell('startup.figure-reads-chart-says', {
              figure: b.label,
              read: b.said(b.value),
              expected: b.said(b.expected),
            }),
          ),
        ),
      }),
      because: tell('startup.weight-wins-on-an-inverter'),
      evidence,
      miss,
      next: input.airflow
        ? {
            say: tell('startup.compare-weigh-in-and-line-length-with-the-record'),
            because: tell('startup.then-makers-own-procedure'),
            action: { kind: 'check', what: 'subcooling' },
          }
        : {
            say: tell('startup.measure-the-airflow-and-read-again'),
            because: tell('startup.air-moves-every-figure-of-the-chart'),
            action: { kind: 'prove-airflow' },
          },
    },
  ];
}
