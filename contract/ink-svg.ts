/** The field that a signature is drawn on. */
const FIELD = '0 0 400 140';

/** A signature as a drawing: the pen's path, as it was kept (moves and lines only, by its schema). */
export const inkSvg = (ink: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${FIELD}"><path d="${ink}" fill="none" stroke="#1b2928" stroke-width="2"/></svg>`;
