import { lineInsulation } from '@/core/circuit/join/line-insulation';
import type { Finding } from '@/core/finding/finding';
import type { EntryBody } from '@/core/phases/log/entries';
import { list, q, value } from '@/core/words/said';
import { COMMON, tell } from './words';

/** The vapour line as cold as it usually gets (common practice), °F. */
const COLD_LINE_F = 45;
/** Walls that insulation is sold in, in. */
const WALLS_IN = [0.5, 0.75, 1, 1.5, 2] as const;
/** Whether the vapour line sweats where it runs, and whether the liquid line may stay bare. */
export function coverChecks(body: EntryBody<'line-run'>, heatPump: boolean): Finding[] {
  return [...sweats(body), ...bareLiquid(body, heatPump)];
}

function sweats(body: EntryBody<'line-run'>): Finding[] {
  const { aroundF, dewPointF } = body;
  if (typeof aroundF !== 'number' || typeof dewPointF !== 'number') return [];
  const at = (wallIn: number) =>
    lineInsulation({ odIn: body.vaporOdIn, wallIn, airF: aroundF, pipeF: COLD_LINE_F, dewPointF });
  const here = at(Math.max(0.1, body.vaporWallIn));
  if (!here.ok) return [];
  const wet = here.value.sweats || body.vaporWallIn < 0.1;
  const enough = WALLS_IN.find((w) => {
    const r = at(w);
    return r.ok && !r.value.sweats;
  });
  return [
    {
      id: 'sweat',
      verdict: wet ? 'look-again' : 'good',
      claim: wet
        ? tell('join.vapour-line-sweats', { wallIn: q(body.vaporWallIn, 'in', 'as is') })
        : tell('join.vapour-line-stays-dry', { wallIn: q(body.vaporWallIn, 'in', 'as is') }),
      because: tell('join.its-surface-against-dew-point', {
        surfaceF: q(here.value.surfaceF, 'F'),
        dewPointF: q(dewPointF, 'F', 0),
        aroundF: q(aroundF, 'F', 0),
      }),
      source: tell('join.heat-conduction-through-cylinder'),
      ...(wet
        ? {
            next: {
              say:
                enough === undefined
                  ? tell('join.no-wall-keeps-it-dry')
                  : tell('join.insulate-with-at-least', { leastWallIn: q(enough, 'in', 'as is') }),
            },
          }
        : {}),
      miss: wet ? Math.max(0.1, (dewPointF - here.value.surfaceF) / 10) : 0,
    },
  ];
}

function bareLiquid({ liquidThrough, liquidWallIn }: EntryBody<'line-run'>, heatPump: boolean): Finding[] {
  if (!liquidThrough?.length) return [];
  const hot = liquidThrough.filter((w) => w === 'attic' || w === 'sunny wall' || (heatPump && w === 'cold space'));
  if (hot.length === 0) return [];
  const bare = !((liquidWallIn ?? 0) > 0);
  return [
    {
      id: 'liquid-cover',
      verdict: bare ? 'look-again' : 'good',
      claim: tell(bare ? 'join.liquid-line-is-bare-in' : 'join.liquid-line-is-covered-in', {
        ways: list(hot.map(value)),
      }),
      because: tell('join.liquid-takes-heat-in-and-flashes'),
      source: COMMON,
      ...(bare ? { next: { say: tell('join.insulate-liquid-line-there') } } : {}),
      miss: bare ? 0.6 : 0,
    },
  ];
}
