const SIXTEENTHS = 16;

/** Length in inches and sixteenths, as a tape is read. */
export function tapeOf(inches: number): string {
  const all = Math.round(inches * SIXTEENTHS);
  const whole = Math.floor(all / SIXTEENTHS);
  let top = all % SIXTEENTHS;
  let bottom = SIXTEENTHS;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  return top ? `${whole || ''}${whole ? ' ' : ''}${top}/${bottom}` : String(whole);
}
