import { writeFileSync } from 'node:fs';
import { fitPieces, fitSurface } from '@/core/numeric/chebyshev-fit';
import { HIGH_F, LOW_F, VAPOUR_DEW_F, VAPOUR_SUPERHEAT_F } from '@/core/refrigerant/ranges';
import { REFRIGERANTS, type Refrigerant } from '@/core/refrigerant/refrigerants';
import { solveSaturation } from '@/core/refrigerant/saturation-solver';
import { solveLine, solveStates, solveVapour, solveZero } from '@/core/refrigerant/state-solver';
import { kelvinFromF, psiaFromPa } from '@/core/units/units';

/**
 * npm run expansions: makes core/refrigerant/expansions/*.json from the equations. Run again only when an equation or a
 * published curve changes.
 */
/** Settled to this share of its size; the tests hold 1e-8. */
const TOLERANCE = 1e-10;
const POINTS = 13;
const SURFACE_POINTS = [13, 9] as const;
const SURFACE_TOLERANCE = 3e-6;

function expansionOf(r: Refrigerant) {
  const zero = solveZero(r);
  const over = (f: (temperatureF: number) => number) => fitPieces(f, LOW_F, HIGH_F, TOLERANCE, POINTS);
  const sat = (f: number) => solveSaturation(r, kelvinFromF(f));
  const bubble = (f: number): number => psiaFromPa(sat(f).bubblePa);
  const dew = (f: number): number => psiaFromPa(sat(f).dewPa);
  const inverse = (psia: (f: number) => number) =>
    fitPieces((v) => rootOf(psia, v), psia(LOW_F), psia(HIGH_F), TOLERANCE, POINTS);
  const states = (f: number) => solveStates(r, zero, f);
  const above = (f: number, superheatF: number) =>
    superheatF < 1e-9 ? states(f).vapour : solveVapour(r, zero, f + superheatF, dew(f));
  const surface = (f: (dewF: number, superheatF: number) => number) =>
    fitSurface(f, VAPOUR_DEW_F, VAPOUR_SUPERHEAT_F, SURFACE_POINTS, SURFACE_TOLERANCE);
  return {
    zero,
    curves: {
      bubblePsia: over(bubble),
      dewPsia: over(dew),
      liquidMolM3: over((f) => sat(f).liquidMolM3),
      vapourMolM3: over((f) => sat(f).vapourMolM3),
      liquidBtuLb: over((f) => states(f).liquid.btuLb),
      vapourBtuLb: over((f) => states(f).vapour.btuLb),
      liquidBtuLbR: over((f) => states(f).liquid.btuLbR),
      vapourBtuLbR: over((f) => states(f).vapour.btuLbR),
      liquidJoin: over((f) => solveLine(r, kelvinFromF(f), 'liquid').join),
      vapourJoin: over((f) => solveLine(r, kelvinFromF(f), 'vapour').join),
      bubbleF: inverse(bubble),
      dewF: inverse(dew),
    },
    vapourRatio: surface((f, sh) => above(f, sh).lbFt3 / states(f).vapour.lbFt3),
    vapourRise: surface((f, sh) => above(f, sh).btuLb - states(f).vapour.btuLb),
  };
}

/** Where a rising curve has a value: bisected until the doubles run out. */
function rootOf(curve: (f: number) => number, value: number): number {
  let low = LOW_F - 1;
  let high = HIGH_F + 0.5;
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (curve(middle) < value) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

for (const r of REFRIGERANTS) {
  const data = expansionOf(r);
  const file = `core/refrigerant/expansions/${r.replace('-', '').toLowerCase()}.json`;
  writeFileSync(file, `${JSON.stringify(data)}\n`);
  const pieces = Object.entries(data.curves).map(
    ([name, p]) => `${name} ${p.length}×${p.map((x) => x.length - 2).join('/')}`,
  );
  console.log(
    `${r}: ${pieces.join(', ')}; ${data.vapourRatio.map((x) => x.length)} ${data.vapourRise.map((x) => x.length)}`,
  );
}
