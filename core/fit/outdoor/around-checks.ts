import type { Finding } from '@/core/finding/finding';
import { tell } from '@/core/fit/words';
import { q, type Said, value } from '@/core/words/said';
import { bracketLoad } from './bracket-load';
import { outdoorSound, SOUND_U_DB } from './outdoor-sound';
import type { Placement } from './placement';

/** What is around the unit besides its clearances: who hears it, what hangs over it, what it hangs on. */
export const aroundChecks = (p: Placement): Finding[] => [
  ...soundChecks(p),
  ...eaveChecks(p),
  ...bracketChecks(p),
  ...stackedChecks(p),
];

/** Directivity of a source by the walls beside it (AHRI 275, edition not checked). */
const Q_OF = { open: 2, wall: 4, corner: 8 } as const;

function soundChecks({ sound }: Placement): Finding[] {
  if (!sound) return [];
  const source = tell('fit.spherical-spreading-local-limit-rules');
  if (sound.powerDb === null)
    return [
      {
        id: 'sound',
        verdict: 'not-proven',
        claim: tell('fit.sound-power-not-known'),
        because: tell('fit.without-rating-nobody-knows-how-loud'),
        source,
        next: { say: tell('fit.look-sound-power-up-in-makers') },
      },
    ];
  const places: [string, Said, number | null][] = [
    ['bedroom', tell('fit.at-bedroom-window'), sound.bedroomFt],
    ['neighbor', tell('fit.at-neighbors'), sound.neighborFt],
  ];
  return places.flatMap(([id, at, ft]): Finding[] => {
    if (ft === null) return [];
    const r = outdoorSound({ powerDb: sound.powerDb!, q: Q_OF[sound.stands], ft, barrier: sound.barrier });
    if (!r.ok) return [];
    const good = r.value.worstDba <= sound.limitDba;
    return [
      {
        id: `sound-${id}`,
        verdict: good ? 'good' : 'look-again',
        claim: tell('fit.sound-at-place', { at, dba: q(r.value.dba, 'dB'), u: SOUND_U_DB }),
        because: tell('fit.limit-and-distance', { limit: q(sound.limitDba, 'dB', 0), ft: q(ft, 'ft') }),
        source,
        ...(good ? {} : { next: { say: tell('fit.further-off-turned-away-or-quieter') } }),
        miss: Math.max(0, r.value.worstDba - sound.limitDba) / 5,
      },
    ];
  });
}

/** An eave over a side-discharge unit: high enough, and not further out than it is high (design defaults; the maker's drawing wins), in. */
const EAVE = { leastIn: 12, projectionIn: 12 } as const;

function eaveChecks({ eave, unit }: Placement): Finding[] {
  if (!eave || unit.discharge !== 'side') return [];
  const { soffitAboveIn: h, projectionIn: p } = eave;
  const good = h >= EAVE.leastIn && (p <= EAVE.projectionIn || h >= p);
  return [
    {
      id: 'eave',
      verdict: good ? 'good' : 'look-again',
      claim: tell(good ? 'fit.eave-lets-its-air-out' : 'fit.eave-turns-its-air-back', {
        h: q(h, 'in'),
        p: q(p, 'in'),
      }),
      because: tell('fit.eave-rule', { least: q(EAVE.leastIn, 'in', 'as is') }),
      source: tell('fit.design-default-makers-drawing-wins'),
      ...(good ? {} : { next: { say: tell('fit.prove-inlet-air-after-fifteen-minutes') } }),
      miss: good ? 0 : 1,
    },
  ];
}

function bracketChecks({ bracket, weightLb }: Placement): Finding[] {
  if (!bracket) return [];
  const base = {
    id: 'bracket',
    because: tell('fit.anchors-carry-pull-and-shear'),
    source: tell('fit.statics-anchors-own-table'),
  };
  if (bracket.wall !== 'masonry' && bracket.wall !== 'studs')
    return [
      {
        ...base,
        verdict: 'stop',
        claim: tell('fit.bracket-in-wall', { wall: value(bracket.wall) }),
        because: tell('fit.veneer-siding-and-foam-carry-nothing'),
        next: { say: tell('fit.anchor-in-masonry-or-studs-or-ground') },
        miss: 5,
      },
    ];
  const load =
    weightLb === null || bracket.tensionLb === null || bracket.shearLb === null
      ? undefined
      : bracketLoad({
          unitLb: weightLb,
          iceLb: bracket.iceLb,
          standoffIn: bracket.standoffIn,
          spanIn: bracket.spanIn,
          brackets: bracket.brackets,
          tensionLb: bracket.tensionLb,
          shearLb: bracket.shearLb,
        });
  if (!load?.ok)
    return [
      {
        ...base,
        verdict: 'not-proven',
        claim: tell('fit.bracket-not-worked-out'),
        next: { say: tell('fit.weight-and-anchor-table') },
      },
    ];
  const { use, pullLb, shearLoadLb } = load.value;
  return [
    {
      ...base,
      verdict: use <= 1 ? 'good' : 'stop',
      claim: tell('fit.anchors-used', {
        use: q(use * 100, 'pct'),
        pull: q(pullLb, 'lb', 0),
        shear: q(shearLoadLb, 'lb', 0),
      }),
      ...(use <= 1 ? {} : { next: { say: tell('fit.more-brackets-or-closer-or-ground') } }),
      miss: use,
    },
  ];
}

/** One unit over or before another: the maker's gap, and the upper one's water past the lower one. */
function stackedChecks({ stacked }: Placement): Finding[] {
  if (!stacked) return [];
  const source = tell('fit.makers-book');
  const out: Finding[] = [];
  const short = stacked.makerGapIn === null ? undefined : stacked.makerGapIn - stacked.gapIn;
  out.push({
    id: 'stacked-gap',
    verdict: short === undefined ? 'not-proven' : short > 0 ? 'look-again' : 'good',
    claim:
      short === undefined
        ? tell('fit.gap-between-units-not-looked-up')
        : short > 0
          ? tell('fit.units-stand-too-close', { short: q(short, 'in') })
          : tell('fit.units-keep-their-gap', { gap: q(stacked.gapIn, 'in') }),
    because: tell('fit.one-breathes-what-the-other-blows'),
    source,
    ...(short === undefined || short > 0
      ? { next: { say: tell(short === undefined ? 'fit.look-gap-up' : 'fit.prove-inlet-air-after-fifteen-minutes') } }
      : {}),
    miss: Math.max(0, short ?? 0) / 4,
  });
  if (!stacked.drainsPast)
    out.push({
      id: 'stacked-water',
      verdict: 'look-again',
      claim: tell('fit.upper-units-water-falls-on-lower'),
      because: tell('fit.ice-in-winter-and-flooded-coil'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.lead-its-water-past-the-lower') },
      miss: 1,
    });
  return out;
}
