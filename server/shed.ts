import type { RequestHandler } from 'express';
import { Problem, sendProblem } from './errors/problem';

/** So many requests under way are half a second of work here: whoever comes then would wait longer than a person does. */
const MOST_AT_ONCE = 150;
/** A stream stays open for hours and costs next to nothing. */
const STREAM = /\/stream$/;

/**
 * Turns requests away while too many are under way, at once and before anything of them is looked at, so that those that were
 * taken are answered in time. Nothing that was acknowledged is touched; the sender asks again.
 */
export function shed(mostAtOnce = MOST_AT_ONCE): RequestHandler {
  let underWay = 0;
  return (request, response, next) => {
    if (STREAM.test(request.path)) return next();
    if (underWay >= mostAtOnce) return sendProblem(response, new Problem('overloaded'));
    underWay += 1;
    response.once('close', () => {
      underWay -= 1;
    });
    next();
  };
}
