import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/startup/words';
import { q } from '@/core/words/said';
import { heatingFigures } from './heating-capacity';
import type { JudgeInput } from './judge-input';
import { DISCHARGE_STOP_F } from './stops';

/** The discharge line runs about this much above the outdoor air in heating (common practice, a hint only), °F. */
const DISCHARGE_OVER = { low: 90, high: 125 } as const;
/** Oil suffers from here on (common practice), °F. */
const DISCHARGE_WARM_F = 210;

/** What a run in heating must show besides current, direction and length: strips off, heat by the air, the discharge line. */
export function heatingFindings(input: JudgeInput): Finding[] {
  const { confirmations } = input;
  const aux: Finding[] =
    confirmations.auxOff !== true
      ? [
          {
            id: 'aux-off',
            step: 'compare',
            verdict: 'not-proven',
            claim: tell('startup.strips-are-not-confirmed-off'),
            because: tell('startup.strips-would-be-read-as-the-pumps-heat'),
            source: tell('startup.common-practice'),
            confidence: 'high',
            miss: 3,
            evidence: [],
            next: {
              say: tell('startup.switch-the-strips-off-and-confirm'),
              because: tell('startup.their-own-breaker-or-auxiliary-wire'),
              action: { kind: 'confirm', confirmation: 'auxOff' },
            },
          },
        ]
      : [];
  // While nobody knows whether strips helped, the heat says nothing of the pump.
  return aux.length ? aux : [...capacityFinding(input), ...dischargeFinding(input)];
}

/** Heat is read to hundreds of Btu/h: no probe knows it better. */
const hundreds = (btuh: number) => q(100 * Math.round(btuh / 100), 'number', 0);

function capacityFinding(input: JudgeInput): Finding[] {
  const figures = heatingFigures(input);
  if (!figures) return [];
  const { btuh, btuhOff, riseF, expected } = figures;
  const said = {
    btuh: hundreds(btuh),
    off: hundreds(btuhOff),
    riseF: q(riseF, 'F'),
    low: hundreds(expected.low),
    high: hundreds(expected.high),
  };
  const low = btuh < expected.low;
  const good = !low && btuh <= expected.high;
  return [
    {
      id: 'heating-capacity',
      step: 'compare',
      verdict: good ? 'good' : 'look-again',
      claim: good ? tell('startup.it-gives-btuh', said) : tell('startup.it-gives-btuh-outside', said),
      evidence: [
        {
          quantity: tell('startup.read-heating-capacity'),
          value: btuh,
          unit: 'Btu/h',
          band: { low: expected.low, high: expected.high },
        },
      ],
      because: good
        ? tell('startup.what-the-air-carries-is-what-the-pump-gives')
        : low
          ? tell('startup.low-airflow-frost-low-charge-or-a-leaking-valve')
          : tell('startup.strips-running-or-airflow-read-too-high'),
      source: expected.source,
      confidence: expected.rated ? 'high' : 'medium',
      miss: good ? 0 : low ? (expected.low - btuh) / btuhOff : (btuh - expected.high) / btuhOff,
      ...(good
        ? {}
        : {
            next: low
              ? {
                  say: tell('startup.look-at-the-outdoor-coil-and-airflow-first'),
                  because: tell('startup.frost-and-air-cost-more-heat-than-charge'),
                  action: { kind: 'prove-airflow' } as const,
                }
              : {
                  say: tell('startup.see-that-no-strip-runs-then-measure-air-again'),
                  because: tell('startup.no-pump-gives-more-than-its-maker-says'),
                  action: { kind: 'prove-airflow' } as const,
                },
          }),
    },
  ];
}

/** A hint, no more: it speaks only where the line is hotter than oil bears, or where the heat is not there to be read. */
function dischargeFinding({ readings, airflow }: JudgeInput): Finding[] {
  const line = readings.dischargeLineF;
  const outdoor = readings.outdoorDryBulbF;
  if (!line || !outdoor || line.trouble || outdoor.trouble || line.value >= DISCHARGE_STOP_F) return [];
  const over = line.value - outdoor.value;
  const hot = line.value > DISCHARGE_WARM_F;
  const inside = over >= DISCHARGE_OVER.low && over <= DISCHARGE_OVER.high;
  if (!hot && !inside && airflow) return [];
  const good = !hot && inside;
  return [
    {
      id: 'heating-discharge',
      step: 'compare',
      verdict: good ? 'good' : 'look-again',
      claim: tell('startup.discharge-line-over-outdoors', { line: q(line.value, 'F'), over: q(over, 'F') }),
      evidence: [
        { quantity: tell('startup.read-discharge-over-outdoors'), value: over, unit: '°F', band: DISCHARGE_OVER },
      ],
      because: hot ? tell('startup.hot-discharge-breaks-oil-down') : tell('startup.about-105-over-outdoors-is-a-hint'),
      source: tell('startup.common-practice'),
      confidence: 'low',
      miss: good ? 0 : hot ? (line.value - DISCHARGE_WARM_F) / 5 : 1,
      ...(good
        ? {}
        : {
            next: {
              say: tell('startup.measure-the-airflow-and-read-again'),
              because: tell('startup.heat-by-the-air-tells-more'),
              action: { kind: 'prove-airflow' } as const,
            },
          }),
    },
  ];
}
