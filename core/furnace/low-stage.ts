import { advise, type Finding } from '@/core/finding/finding';
import { figure, maybe, sinceLater } from '@/core/form/field';
import { tell } from '@/core/furnace/words';
import { q } from '@/core/words/said';
import { MANIFOLD_OFF } from './manifold';

/** What the low one of two stages shows by itself; a furnace of one stage has none. */
export const LOW_STAGE_FIELDS = {
  lowManifoldInWc: sinceLater(
    maybe(
      figure(tell('furnace.low-stage-manifold'), 0, 20, 'in. w.c.', {
        hint: tell('furnace.two-stages-only'),
      }),
    ),
  ),
  plateLowManifoldInWc: sinceLater(maybe(figure(tell('furnace.low-stage-manifold-on-plate'), 0.3, 20, 'in. w.c.'))),
  lowRiseF: sinceLater(maybe(figure(tell('furnace.low-stage-rise'), 1, 200, '°F'))),
} as const;

type Low = {
  lowManifoldInWc?: number | null | undefined;
  plateLowManifoldInWc?: number | null | undefined;
  lowRiseF?: number | null | undefined;
  plateRiseLowF: number;
  plateRiseHighF: number;
};

/** The low stage against the plate: its manifold pressure, its rise in the same window (common practice, the plate wins). */
export function lowStageChecks(proof: Low, { stages }: { stages: number }): Finding[] {
  const { lowManifoldInWc: low, plateLowManifoldInWc: plate, lowRiseF } = proof;
  const source = tell('furnace.common-practice-plate-wins');
  const read = low != null && plate != null && lowRiseF != null;
  if (!read)
    return stages > 1
      ? [
          {
            id: 'low-stage',
            verdict: 'not-proven',
            claim: tell('furnace.low-stage-is-not-read'),
            because: tell('furnace.each-stage-burns-by-itself'),
            source,
            miss: 1,
            next: advise(tell('furnace.call-the-low-stage-and-read')),
          },
        ]
      : [];
  const off = Math.abs(low - plate);
  const inside = lowRiseF >= proof.plateRiseLowF && lowRiseF <= proof.plateRiseHighF;
  const good = off <= MANIFOLD_OFF && inside;
  return [
    {
      id: 'low-stage',
      verdict: good ? 'good' : 'look-again',
      claim: tell('furnace.low-stage-shows', {
        low: q(low, 'inWc', 1),
        plate: q(plate, 'number', 1),
        rise: q(lowRiseF, 'F', 0),
      }),
      because: inside ? tell('furnace.it-sets-how-much-gas-burns') : tell('furnace.air-of-the-low-stage-is-off'),
      source,
      ...(good
        ? { miss: 0 }
        : {
            miss: off / MANIFOLD_OFF,
            next: advise(
              off > MANIFOLD_OFF ? tell('furnace.set-it-to-plate-then-read') : tell('furnace.set-the-low-stage-air'),
            ),
          }),
    },
  ];
}
