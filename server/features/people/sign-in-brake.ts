import type { Request, RequestHandler } from 'express';
import { slowDown } from 'express-slow-down';

const WINDOW_MS = 10 * 60_000;
/** Tries before the brake takes hold, and how much each further one waits: an honest mistake costs nothing, a list of passwords days. */
const FREE_BY_ACCOUNT = 5;
const FREE_BY_ADDRESS = 25;
const STEP_MS = 400;
const MOST_MS = 8000;

const account = (request: Request): string =>
  typeof request.body?.signIn === 'string' ? request.body.signIn.trim().toLowerCase().slice(0, 120) : '';

const brake = (free: number, key: (request: Request) => string): RequestHandler =>
  slowDown({
    windowMs: WINDOW_MS,
    delayAfter: free,
    delayMs: (used: number) => Math.min(MOST_MS, (used - free) * STEP_MS),
    keyGenerator: key,
    // Only a wrong name or password counts: an outage is nobody's guess.
    skipSuccessfulRequests: true,
    requestWasSuccessful: (_request, response) => response.statusCode !== 401,
    validate: { keyGeneratorIpFallback: false },
  });

/**
 * Slows guessing down instead of locking anyone out: by account and address together, and more loosely by address, so that
 * a colleague behind the same router still gets in.
 */
export const signInBrakes = (): RequestHandler[] => [
  brake(FREE_BY_ACCOUNT, (r) => `${account(r)} ${r.ip}`),
  brake(FREE_BY_ADDRESS, (r) => String(r.ip)),
];
