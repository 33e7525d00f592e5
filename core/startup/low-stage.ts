import type { Finding } from '@/core/finding/finding';
import type { RunMode } from '@/core/finding/run-mode';
import { tell } from '@/core/startup/words';
import { q } from '@/core/words/said';
import type { JudgeInput } from './judge-input';

/** A low stage draws between these shares of what the full one drew (design default; the maker's table wins). */
const SHARE = { low: 0.5, high: 0.8 } as const;

/**
 * Whether the compressor truly changed stage: the low one draws clearly less than the full one did on the same day.
 *
 * Source: design default; the maker's table wins. Not covered: runs of different weather.
 */
export function stageFinding({ mode, readings, fullStageA }: JudgeInput): Finding[] {
  const amps = readings.compressorA;
  if (!amps || amps.trouble) return [];
  const base = {
    id: 'stage-amps',
    step: 'compare' as const,
    because: tell('startup.a-stage-that-changed-draws-less'),
    source: tell('startup.design-default-makers-table-wins'),
    confidence: 'medium' as const,
  };
  const full: RunMode = mode === 'cooling-low' ? 'cooling' : 'heating';
  if (fullStageA === undefined)
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: tell('startup.full-stage-is-not-read-yet'),
        evidence: [],
        miss: 1,
        next: {
          say: tell('startup.prove-the-full-stage-first'),
          because: tell('startup.low-stage-is-held-against-it'),
          action: { kind: 'set-mode', mode: full },
        },
      },
    ];
  const band = { low: SHARE.low * fullStageA, high: SHARE.high * fullStageA };
  const over = amps.value > band.high;
  const good = !over && amps.value >= band.low;
  const said = { amps: q(amps.value, 'A'), full: q(fullStageA, 'A') };
  return [
    {
      ...base,
      verdict: good ? 'good' : 'look-again',
      claim: good
        ? tell('startup.low-stage-draws-less', said)
        : tell(over ? 'startup.low-stage-draws-as-much' : 'startup.low-stage-draws-too-little', said),
      evidence: [
        {
          quantity: tell('startup.read-compressor-amps'),
          value: amps.value,
          unit: 'A',
          band,
        },
      ],
      miss: good ? 0 : over ? amps.value / band.high : band.low / Math.max(amps.value, 0.1),
      ...(good
        ? {}
        : {
            next: {
              say: tell('startup.check-second-stage-call-and-staging-coil'),
              because: tell('startup.y2-shorted-to-y1-or-coil-without-power'),
              action: { kind: 'check', what: 'compressorA' } as const,
            },
          }),
    },
  ];
}
