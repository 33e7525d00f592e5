import { z } from 'zod';
import { upTo } from '@/core/finding/allow';
import { calculation } from '@/core/finding/calculation';
import { ok } from '@/core/finding/outcome';
import { num } from '@/core/finding/quantity-field';
import { mean, median } from '@/core/numeric/mean';

/** How many jobs the default counts for, in its middle and in its spread; its own spread, of ln hours (design defaults). */
const PRIOR_JOBS = 3;
const PRIOR_SPREAD = 0.3;
/** Below so many jobs of its own an estimate is marked as a default. */
export const OWN_JOBS = 5;
/** Tenth and ninetieth part of a normal distribution. */
const Z90 = 1.2816;

/** What the next job of a kind takes: middle and spread of ln hours. */
export type Duration = { mu: number; sigma: number };

/**
 * The company's own jobs against the default: the fewer there are, the more the default counts.
 *
 * @param defaultHours what the trade takes · @param jobs hours of finished jobs of this kind
 * @source normal-inverse-gamma posterior of ln hours, prior of three jobs with a spread of 0.30
 */
export function durationOf(defaultHours: number, jobs: readonly number[]): Duration {
  const n = jobs.length;
  const mu0 = Math.log(defaultHours);
  const x = jobs.map(Math.log);
  const middle = n ? mean(x) : mu0;
  const mu = (n * middle + PRIOR_JOBS * mu0) / (n + PRIOR_JOBS);
  const within = x.reduce((sum, v) => sum + (v - middle) ** 2, 0);
  const between = (n * PRIOR_JOBS * (middle - mu0) ** 2) / (n + PRIOR_JOBS);
  const variance = (PRIOR_JOBS * PRIOR_SPREAD ** 2 + within + between) / (PRIOR_JOBS + n);
  return { mu, sigma: Math.sqrt(variance * (1 + 1 / (n + PRIOR_JOBS))) };
}

/**
 * How long the next job of a kind takes, from the company's own and a default.
 *
 * @param defaultHours · @param jobs hours of finished ones, none to begin with
 * @returns hours (as likely longer as shorter), p10Hours and p90Hours, ownMedianHours where there are any, isDefault below five
 * @example durationFromJobs({ defaultHours: 1.5, jobs: [1.8, 2.1, 1.6, 2.4, 1.9] }) // 1.76 h, 1.26 to 2.47
 */
export const durationFromJobs = calculation({
  id: 'duration-from-jobs',
  title: 'Hours from own jobs',
  what: 'How long the next job of a kind takes: the company’s own jobs, drawn toward a default while they are few.',
  formula:
    'ln h: middle = (n x̄ + 3 μ₀)/(n + 3); spread from the jobs and a prior of three with 0.30; 10 and 90 % at ±1.28 spreads',
  source: 'normal-inverse-gamma posterior of ln hours; the prior is a design default',
  notCovered: 'Jobs that are not alike; a trend from year to year.',
  input: z.strictObject({
    defaultHours: num(0.05, 1000, 'h'),
    jobs: z
      .array(num(0.05, 1000, 'h'))
      .max(500)
      .meta(upTo(500, 'jobs')),
  }),
  compute: ({ defaultHours, jobs }) => {
    const { mu, sigma } = durationOf(defaultHours, jobs);
    return ok({
      hours: Math.exp(mu),
      p10Hours: Math.exp(mu - Z90 * sigma),
      p90Hours: Math.exp(mu + Z90 * sigma),
      ...(jobs.length ? { ownMedianHours: median(jobs) } : {}),
      isDefault: jobs.length < OWN_JOBS,
    });
  },
  example: {
    input: { defaultHours: 1.5, jobs: [1.8, 2.1, 1.6, 2.4, 1.9] },
    expected: { hours: 1.76, p10Hours: 1.26, p90Hours: 2.47, ownMedianHours: 1.9, isDefault: false },
    tolerance: 0.005,
  },
});
