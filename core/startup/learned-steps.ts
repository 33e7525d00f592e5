import type { SteadySample } from './steady-state';

/** Before a step the figure is read over this long; after it, this long after the step, over the same span. */
const SPAN_S = 60;
const SETTLED_AFTER_S = 480;

function meanBetween(
  samples: readonly SteadySample[],
  key: 'superheatF' | 'subcoolingF',
  from: number,
  to: number,
): number | undefined {
  let sum = 0;
  let count = 0;
  for (const s of samples) {
    const v = s[key];
    if (s.runSeconds >= from && s.runSeconds <= to && typeof v === 'number') {
      sum += v;
      count++;
    }
  }
  return count >= 10 ? sum / count : undefined;
}

/** What each earlier charge step of this run did to the judged figure; steps not yet settled are left out. */
export function learnedSteps(
  steps: readonly { startS: number; endS: number; oz: number }[],
  samples: readonly SteadySample[],
  key: 'superheatF' | 'subcoolingF',
): { oz: number; changeF: number }[] {
  return steps.flatMap((step) => {
    const before = meanBetween(samples, key, step.startS - SPAN_S, step.startS);
    const after = meanBetween(samples, key, step.endS + SETTLED_AFTER_S, step.endS + SETTLED_AFTER_S + SPAN_S);
    if (before === undefined || after === undefined) return [];
    // Subcooling rises with charge, superheat falls: both are given as gain per ounce added.
    const changeF = key === 'subcoolingF' ? after - before : before - after;
    return [{ oz: step.oz, changeF }];
  });
}
