import { LINE_DESIGN, VAPOR_LOSS_F } from '@/core/circuit/line/design-state';
import { heatingLine } from '@/core/circuit/line/heating-line';
import type { Finding } from '@/core/finding/finding';
import type { EntryBody } from '@/core/phases/log/entries';
import { q } from '@/core/words/said';
import type { JoinContext, RunFigures } from './line-run';
import { tell } from './words';

export type HeatingFigures = {
  psi: number;
  saturationLossF: number;
  velocityFpm: number;
  liquidLossF: number;
  marginF: number;
  reading: 'liquid' | 'narrow' | 'flashes';
  riserMinimumTons: number;
};

/**
 * The same lines with the flow reversed: hot gas climbs where the way goes up to the coil, liquid comes back down. A riser of
 * another size costs its own loss, and is what has to carry the oil.
 */
export function heatingFigures(
  body: EntryBody<'line-run'>,
  f: Pick<RunFigures, 'equivalentFt' | 'liftFt'> & { riserOdIn: number; riserFt: number },
  context: Pick<JoinContext, 'refrigerant' | 'tons' | 'heatPump' | 'subcoolingF'>,
): HeatingFigures | undefined {
  if (!context.heatPump) return undefined;
  const through = (vaporOdIn: number, ft: number) =>
    heatingLine({
      refrigerant: context.refrigerant,
      vaporOdIn,
      liquidOdIn: body.liquidOdIn,
      equivalentFt: Math.max(1, ft),
      heatingTons: context.tons,
      outdoorAboveFt: Math.max(-150, Math.min(150, -f.liftFt)),
      subcoolingF: context.subcoolingF ?? LINE_DESIGN.subcoolingF,
    });
  const whole = through(body.vaporOdIn, f.equivalentFt);
  if (!whole.ok) return undefined;
  const riser = f.riserFt > 0 ? through(f.riserOdIn, f.riserFt) : undefined;
  if (!riser?.ok) return whole.value;
  // Friction grows with length: the line keeps its share of it, the riser adds its own.
  const share = 1 - f.riserFt / f.equivalentFt;
  return {
    ...whole.value,
    psi: whole.value.psi * share + riser.value.psi,
    saturationLossF: whole.value.saturationLossF * share + riser.value.saturationLossF,
    riserMinimumTons: riser.value.riserMinimumTons,
  };
}

export function heatingChecks(body: EntryBody<'line-run'>, f: RunFigures, context: JoinContext): Finding[] {
  const h = f.heating;
  if (!h) return [];
  const source = tell('join.darcy-weisbach-limits-common-practice-makers');
  const checks: Finding[] = [
    {
      id: 'hot-gas',
      verdict: h.saturationLossF > VAPOR_LOSS_F.good ? 'look-again' : 'good',
      claim: tell('join.heating-hot-gas-lost', {
        vaporOdIn: q(body.vaporOdIn, 'od'),
        loss: q(h.saturationLossF, 'F', 2),
        velocityFpm: q(Math.round(h.velocityFpm / 10) * 10, 'fpm'),
      }),
      because: tell('join.heating-up-to-is-good', { good: q(VAPOR_LOSS_F.good, 'F', 'as is') }),
      source,
      miss: h.saturationLossF / (2 * VAPOR_LOSS_F.good),
      ...(h.saturationLossF > VAPOR_LOSS_F.good ? { next: { say: tell('join.take-next-larger-vapour-line') } } : {}),
    },
    {
      id: 'heating-liquid',
      verdict: h.reading === 'liquid' ? 'good' : 'look-again',
      claim: tell('join.heating-liquid-lost', {
        liquidOdIn: q(body.liquidOdIn, 'od'),
        lossF: q(h.liquidLossF, 'F'),
        marginF: q(h.marginF, 'F'),
      }),
      because:
        f.liftFt < 0
          ? tell('join.heating-outdoor-unit-stands-above', { liftFt: q(-f.liftFt, 'ft') })
          : tell('join.heating-liquid-runs-back'),
      source,
      miss: Math.max(0, 2 - h.marginF),
      ...(h.reading === 'liquid' ? {} : { next: { say: tell('join.take-larger-liquid-line-or-ask') } }),
    },
  ];
  if (f.hotRiseFt > 0) {
    const least = body.leastTons ?? context.tons;
    const good = least >= h.riserMinimumTons;
    checks.push({
      id: 'hot-riser',
      verdict: good ? 'good' : 'look-again',
      claim: tell('join.heating-hot-gas-climbs', {
        rise: q(f.hotRiseFt, 'ft'),
        riserTons: q(h.riserMinimumTons, 'number', 2),
        least: q(least, 'number', 1),
      }),
      because: tell('join.too-slow-in-riser-oil-stays'),
      source: tell('join.jacobs-ashrae-handbook-refrigeration-from-memory'),
      ...(good ? {} : { next: { say: tell('join.smaller-riser-or-makers-word-on-heating') } }),
      miss: good ? 0 : 1,
    });
  }
  return checks;
}
