import { VAPOR_LOSS_F } from '@/core/circuit/line/design-state';
import type { Finding } from '@/core/finding/finding';
import type { EntryBody } from '@/core/phases/log/entries';
import { list, q, value } from '@/core/words/said';
import { coverChecks } from './cover-checks';
import { heatingChecks } from './heating-checks';
import type { JoinContext, RunFigures } from './line-run';
import { sizeChecks } from './size-check';
import { trapChecks } from './trap-checks';
import { COMMON, tell } from './words';

/** Lines beyond these are long lines unless the maker says otherwise (common practice), ft. */
const LONG = { equivalentFt: 80, riseFt: 20 } as const;
/** Suction gas carries its oil up a riser from this speed on (common practice, the school that goes by speed), ft/min. */
const RISER_FPM = 1000;
/** Insulation of the vapor line (common practice; a code may ask R-3), in. */
const LEAST_WALL_IN = 0.5;

export function runChecks(body: EntryBody<'line-run'>, f: RunFigures, context: JoinContext): Finding[] {
  const checks: Finding[] = [];
  const source = tell('join.darcy-weisbach-limits-common-practice-makers');
  if (f.suction) {
    const loss = f.suction.saturationLossF;
    const slow = loss < 0.2 && f.suction.velocityFpm < 700;
    checks.push({
      id: 'suction',
      verdict: loss > VAPOR_LOSS_F.most || slow ? 'look-again' : loss > VAPOR_LOSS_F.good ? 'look-again' : 'good',
      claim: tell('join.vapour-line-lost', {
        vaporOdIn: q(body.vaporOdIn, 'od'),
        loss: q(loss, 'F', 2),
        velocityFpm: q(Math.round(f.suction.velocityFpm / 10) * 10, 'fpm'),
      }),
      because: slow
        ? tell('join.so-slow-vapour-leaves-its-oil')
        : tell('join.up-to-is-good-most', { good: q(VAPOR_LOSS_F.good, 'F', 'as is'), most: VAPOR_LOSS_F.most }),
      source,
      miss: loss / VAPOR_LOSS_F.most,
      ...(loss > VAPOR_LOSS_F.most ? { next: { say: tell('join.take-next-larger-vapour-line') } } : {}),
    });
  }
  if (f.liquid) {
    const { marginF, lossF, reading } = f.liquid;
    checks.push({
      id: 'liquid',
      verdict: reading === 'liquid' ? 'good' : 'look-again',
      claim: tell('join.liquid-line-lost-of-subcooling-left', {
        liquidOdIn: q(body.liquidOdIn, 'od'),
        lossF: q(lossF, 'F'),
        marginF: q(marginF, 'F'),
      }),
      because:
        reading === 'flashes' ? tell('join.it-boils-before-metering-device') : tell('join.below-2-f-it-may-flash'),
      source,
      miss: Math.max(0, 2 - marginF),
      ...(reading === 'flashes' ? { next: { say: tell('join.take-larger-liquid-line-or-ask') } } : {}),
    });
  }
  if (f.riserTons !== undefined && f.suction) {
    const least = body.leastTons ?? context.tons;
    const velocity = (f.suction.velocityFpm * least) / context.tons;
    const bySpeed = context.schools.oilReturn === 'velocity';
    const good = bySpeed ? velocity >= RISER_FPM : least >= f.riserTons;
    checks.push({
      id: 'riser',
      verdict: good ? 'good' : 'look-again',
      claim: bySpeed
        ? tell('join.vapour-climbs-at-at-least-capacity', {
            vapourRiseFt: q(f.vapourRiseFt, 'ft'),
            velocity: q(velocity, 'fpm'),
          })
        : tell('join.vapour-climbs-oil-needs-t-least', {
            vapourRiseFt: q(f.vapourRiseFt, 'ft'),
            riserTons: q(f.riserTons, 'number', 2),
            least: q(least, 'number', 1),
            velocity: q(velocity, 'fpm'),
          }),
      because: tell('join.too-slow-in-riser-oil-stays'),
      source: bySpeed
        ? tell('join.company-school', { riserFpm: q(RISER_FPM, 'fpm', 'as is') })
        : tell('join.jacobs-ashrae-handbook-refrigeration-from-memory'),
      ...(good ? {} : { next: { say: tell('join.take-smaller-riser-by-makers-table') } }),
      miss: good ? 0 : 1,
    });
  }
  if (f.equivalentFt > LONG.equivalentFt || Math.abs(f.liftFt) > LONG.riseFt)
    checks.push({
      id: 'long-line',
      verdict: 'look-again',
      claim: tell('join.long-line-equivalent-of-height', {
        equivalentFt: q(f.equivalentFt, 'ft'),
        liftFt: q(Math.abs(f.liftFt), 'ft'),
      }),
      because: tell('join.makers-ask-for-crankcase-heater-hard'),
      source: tell('join.makers-long-line-guide-rules', { common: COMMON }),
      next: { say: tell('join.open-makers-long-line-guide') },
    });
  if (body.vaporWallIn < LEAST_WALL_IN)
    checks.push({
      id: 'insulation',
      verdict: 'look-again',
      claim: tell('join.of-insulation-on-vapour-line', { vaporWallIn: q(body.vaporWallIn, 'in', 'as is') }),
      because: tell('join.it-sweats-in-humid-air-and'),
      source: tell('join.at-least-full-length-taped-out', {
        common: COMMON,
        leastWallIn: q(LEAST_WALL_IN, 'in', 'as is'),
      }),
      next: { say: tell('join.insulate-with-at-least', { leastWallIn: q(LEAST_WALL_IN, 'in', 'as is') }) },
    });
  checks.push(
    ...coverChecks(body, context.heatPump),
    ...trapChecks(body, f, context),
    ...heatingChecks(body, f, context),
  );
  if (body.kept && context.scopeKeepsLines === false)
    checks.push({
      id: 'scope-line',
      verdict: 'look-again',
      claim: tell('join.signed-scope-has-new-line-set'),
      because: tell('join.customer-signed-for-new-one-and'),
      source: tell('join.signed-scope'),
      next: { say: tell('join.draw-new-line-set-or-let') },
      miss: 2,
    });
  checks.push(...sizeChecks(body, context));
  if (body.kept) {
    const [first] = body.troubles;
    checks.push({
      id: 'reuse',
      verdict: first ? 'look-again' : body.flushed ? 'good' : 'not-proven',
      claim: first
        ? tell('join.replace-line-set', { troubles: list(body.troubles.map(value)) })
        : body.flushed
          ? tell('join.kept-line-set-was-flushed-clean')
          : tell('join.kept-line-set-is-not-flushed'),
      because: tell('join.old-oil-acid-and-dirt-reach'),
      source: COMMON,
      ...(first
        ? { next: { say: tell('join.lay-new-line-set') }, miss: 1 }
        : body.flushed
          ? {}
          : {
              next: { say: tell('join.flush-with-approved-solvent-driven-by') },
            }),
    });
  }
  return checks;
}
