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
    // A picture is on its way for as long as a slow phone takes; how many of them at once is limited where they are taken.
    if (STREAM.test(request.path) || request.is('multipart/form-data')) return next();
    if (underWay >= mostAtOnce) return sendProblem(response, new Problem('overloaded'));
    underWay += 1;
    let over = false;
    const end = (): void => {
      if (!over) underWay -= 1;
      over = true;
    };
    // Handed over, or given up: what a slow line still carries away is no work of ours.
    response.once('finish', end);
    response.once('close', end);
    next();
  };
}
