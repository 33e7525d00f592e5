import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { tell } from '@/core/fit/words';
import { list, q, type Said, value } from '@/core/words/said';
import { aroundChecks } from './around-checks';
import type { Gap, UnitSide } from './gaps';
import { footprint, gapsOf } from './gaps';
import type { Placement } from './placement';
import { DRAIN_CLEAR_IN, floodStand, PAD_LIMIT_IN_PER_FT, padSlope, snowStand } from './stand';

/** Within this of the limit a tape can be wrong: measure again, in. */
const TAPE_IN = 1;
/** What one and two people may lift; above it, a truck, hoist or crane (common practice; NIOSH ideal 51 lb), lb. */
export const LIFT_LB = { one: 50, two: 100 } as const;

export type SideClearance = Gap & { requiredIn: number | null; marginIn?: number; check: Finding };

/** What each side needs: the service side always its own; the rear its own; the front of a side-discharge unit by the book. */
function requiredFor(p: Placement, side: UnitSide): number | null {
  if (p.unit.discharge === 'side' && side === 'front') return p.required.frontIn;
  if (side === p.serviceSide) return p.required.serviceIn;
  return side === 'rear' ? p.required.rearIn : p.required.otherIn;
}

export function clearancesOf(p: Placement): SideClearance[] {
  const source = p.required.fromBook ? tell('fit.makers-book') : tell('fit.common-practice-makers-book-rules');
  return gapsOf(p).map((gap) => {
    const requiredIn = requiredFor(p, gap.side);
    const name = tell(gap.side === p.serviceSide ? 'fit.the-service-side' : 'fit.the-side', { side: value(gap.side) });
    const id = `clearance-${gap.side}`;
    if (requiredIn === null) {
      return {
        ...gap,
        requiredIn,
        check: {
          id,
          verdict: 'not-proven',
          claim: tell('fit.nobody-knows-what-needs', { name }),
          because: tell('fit.air-of-side-discharge-unit-leaves'),
          source,
          next: { say: tell('fit.look-front-clearance-up-in-makers') },
        },
      };
    }
    if (gap.availableIn === undefined) {
      return {
        ...gap,
        requiredIn,
        check: {
          id,
          verdict: 'good',
          claim: tell('fit.nothing-stands-before', { name }),
          because: tell('fit.it-needs', { requiredIn: q(requiredIn, 'in') }),
          source,
        },
      };
    }
    const marginIn = gap.availableIn - requiredIn;
    const base = {
      id,
      source,
      miss: Math.abs(marginIn) / TAPE_IN,
      because: tell('fit.to-needed', {
        availableIn: q(gap.availableIn, 'in'),
        to: gap.to,
        requiredIn: q(requiredIn, 'in'),
      }),
    };
    const check: Finding =
      marginIn < 0
        ? {
            ...base,
            verdict: 'look-again',
            claim:
              gap.availableIn <= 0
                ? tell('fit.runs-into', { name, to: gap.to })
                : tell('fit.is-short-of-room', { name, marginIn: q(-marginIn, 'in') }),
            next: {
              say: tell('fit.move-unit-to-or-move', {
                marginIn: q(-marginIn, 'in'),
                compass: value(opposite(gap.compass)),
                to: gap.to,
              }),
            },
          }
        : marginIn < TAPE_IN
          ? {
              ...base,
              verdict: 'look-again',
              claim: tell('fit.has-only-to-spare', { name, marginIn: q(marginIn, 'in') }),
              next: { say: tell('fit.measure-again-with-units-real-base') },
            }
          : { ...base, verdict: 'good', claim: tell('fit.has-to-spare', { name, marginIn: q(marginIn, 'in') }) };
    return { ...gap, requiredIn, marginIn, check };
  });
}

const opposite = (c: Gap['compass']): string => ({ north: 'south', south: 'north', east: 'west', west: 'east' })[c];

/** New base against the old pad, per side: positive is pad to spare. */
export function padMargins(p: Placement): { compass: Gap['compass']; spareIn: number }[] | undefined {
  if (!p.oldPad) return undefined;
  const u = footprint(p);
  return [
    { compass: 'north', spareIn: p.oldPad.y1 - u.y1 },
    { compass: 'east', spareIn: p.oldPad.x1 - u.x1 },
    { compass: 'south', spareIn: u.y0 - p.oldPad.y0 },
    { compass: 'west', spareIn: u.x0 - p.oldPad.x0 },
  ];
}

/** The stand the site asks for: the greater of flood and snow. */
export function standNeeded(p: Placement): { standIn: number; because: Said } {
  const flood = p.flood ? floodStand(p.flood) : undefined;
  const snow = p.designSnowIn !== null && p.heatPump ? snowStand({ designSnowIn: p.designSnowIn }) : undefined;
  const floodIn = flood?.ok ? flood.value.orderIn : 0;
  const snowIn = snow?.ok ? snow.value.standIn : 0;
  if (floodIn === 0 && snowIn === 0)
    return {
      standIn: p.heatPump ? DRAIN_CLEAR_IN / 2 : 0,
      because: p.heatPump ? tell('fit.feet-so-that-defrost-water-drains') : tell('fit.none-asked-for'),
    };
  return floodIn >= snowIn
    ? { standIn: floodIn, because: tell('fit.design-flood-and-freeboard', { floodIn: q(floodIn, 'in') }) }
    : {
        standIn: snowIn,
        because: tell('fit.design-snow-and-to-drain', {
          drainClearIn: q(DRAIN_CLEAR_IN, 'in', 'as is'),
          snowIn: q(snowIn, 'in'),
        }),
      };
}

/** Every check of the place where the outdoor unit will stand. */
export function judgePlacement(p: Placement): Finding[] {
  const checks: Finding[] = clearancesOf(p).map((s) => s.check);
  const add = (check: Finding | undefined): void => void (check && checks.push(check));
  add(above(p));
  add(stand(p));
  add(pad(p));
  if (p.looseFill) {
    add({
      id: 'loose-fill',
      verdict: 'look-again',
      claim: tell('fit.unit-would-stand-on-loose-fill'),
      because: tell('fit.it-settles-tips-oil-and-pulls'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.set-pad-level-it-anchor-unit') },
    });
  }
  for (const check of padChecks(p)) add(check);
  if (p.underRunoff)
    add({
      id: 'runoff',
      verdict: 'look-again',
      claim: tell('fit.roof-water-falls-on-it'),
      because: tell('fit.ice-in-winter-and-flooded-coil'),
      source: tell('fit.common-practice-makers-book'),
      next: { say: tell('fit.move-it-out-of-drip-line') },
    });
  if (p.dischargesOnto !== 'nothing')
    add({
      id: 'discharge',
      verdict: 'look-again',
      claim: tell('fit.it-blows-onto', { dischargesOnto: p.dischargesOnto }),
      because: tell('fit.air-noise-and-defrost-water-reach'),
      source: tell('fit.common-practice-local-code'),
      next: { say: tell('fit.turn-it-or-choose-another-place') },
    });
  const vent = p.obstacles.find((o) => o.kind === 'vent');
  if (vent)
    add({
      id: 'vent',
      verdict: 'not-proven',
      claim: tell('fit.separation-not-checked', { label: vent.label }),
      because: tell('fit.gas-relief-and-vent-terminals-have'),
      source: tell('fit.adopted-fuel-gas-code'),
      next: { say: tell('fit.look-distance-up-in-adopted-code') },
    });
  for (const check of aroundChecks(p)) add(check);
  add(workingSpace(p));
  add(weight(p));
  return orderFindings(checks);
}

/** The new base on the old pad, side by side: what it overhangs, or how much is left at the least. */
function padChecks(p: Placement): Finding[] {
  const margins = padMargins(p);
  if (!margins) return [];
  const over = margins.filter((m) => m.spareIn < 0);
  if (over.length === 0) {
    const least = margins.reduce((a, b) => (b.spareIn < a.spareIn ? b : a));
    return [
      {
        id: 'pad-fit',
        verdict: 'good',
        claim: tell('fit.new-base-stands-on-old-pad', {
          spareIn: q(least.spareIn, 'in'),
          compass: value(least.compass),
        }),
        because: tell('fit.allowed-list', {
          list: list(
            margins.map((m) => tell('fit.spare-at', { compass: value(m.compass), spareIn: q(m.spareIn, 'in') })),
          ),
        }),
        source: tell('fit.geometry'),
      },
    ];
  }
  return over.map((m) => ({
    id: `pad-${m.compass}`,
    verdict: 'look-again',
    claim: tell('fit.new-base-overhangs-old-pad-to', { spareIn: q(-m.spareIn, 'in'), compass: value(m.compass) }),
    because: tell('fit.foot-over-edge-cracks-pad-or'),
    source: tell('fit.geometry'),
    next: { say: tell('fit.new-pad-or-shift-unit-on') },
    miss: -m.spareIn,
  }));
}

function above(p: Placement): Finding | undefined {
  if (p.unit.discharge !== 'up') return undefined;
  if (p.overheadIn === null)
    return {
      id: 'above',
      verdict: 'good',
      claim: tell('fit.nothing-above-it'),
      because: tell('fit.it-needs-free-above', { aboveIn: q(p.required.aboveIn, 'in') }),
      source: tell('fit.common-practice'),
    };
  const free = p.overheadIn - p.standIn - p.unit.heightIn;
  const margin = free - p.required.aboveIn;
  return {
    id: 'above',
    verdict: margin < TAPE_IN ? 'look-again' : 'good',
    claim:
      margin < 0
        ? tell('fit.only-under-eave', { free: q(free, 'in') })
        : tell('fit.free-above-it', { free: q(free, 'in') }),
    because: tell('fit.it-blows-upward-and-needs-hot', { aboveIn: q(p.required.aboveIn, 'in') }),
    source: p.required.fromBook ? tell('fit.makers-book') : tell('fit.common-practice-makers-book-rules'),
    next: margin < TAPE_IN ? { say: tell('fit.move-it-out-from-under-or') } : undefined,
    miss: Math.abs(margin),
  };
}

function stand(p: Placement): Finding {
  const needed = standNeeded(p);
  const short = needed.standIn - p.standIn;
  return {
    id: 'stand',
    verdict: short > 0.05 ? 'look-again' : 'good',
    claim:
      short > 0.05
        ? tell('fit.stand-is-too-low', { short: q(short, 'in') })
        : tell('fit.stand-does', { standIn: q(p.standIn, 'in') }),
    because: tell('fit.wanted', { standIn: q(needed.standIn, 'in'), because: needed.because }),
    source: tell('fit.flood-level-from-local-authority-snow'),
    next:
      short > 0.05
        ? { say: tell('fit.order-stand-and-carry-it-into', { standIn: q(needed.standIn, 'in') }) }
        : undefined,
    miss: Math.max(0, short),
  };
}

function pad(p: Placement): Finding | undefined {
  if (p.padRiseIn === null)
    return {
      id: 'pad',
      verdict: 'not-proven',
      claim: tell('fit.nobody-put-level-on-pad'),
      because: tell('fit.tilted-unit-floods-its-compressor-and'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.lay-level-across-pad-and-type') },
    };
  const slope = padSlope({ riseIn: p.padRiseIn, runIn: Math.max(6, p.unit.widthIn) });
  if (!slope.ok) return undefined;
  return {
    id: 'pad',
    verdict: slope.value.holds ? 'good' : 'look-again',
    claim: slope.value.holds ? tell('fit.pad-is-level-enough') : tell('fit.pad-is-out-of-level'),
    because: tell('fit.in-ft-against-in-ft', {
      slopeInPerFt: q(slope.value.slopeInPerFt, 'number', 2),
      padLimitInPerFt: PAD_LIMIT_IN_PER_FT,
    }),
    source: tell('fit.common-practice-makers-book-rules'),
    next: slope.value.holds ? undefined : { say: tell('fit.lift-and-bed-pad-in-sand') },
    miss: slope.value.slopeInPerFt / PAD_LIMIT_IN_PER_FT,
  };
}

/** Clear space to work at a disconnect: width and depth (NEC 110.26, from memory; the adopted code rules), in. */
const WORKING_SPACE_IN = { width: 30, depth: 36 } as const;

function workingSpace(p: Placement): Finding {
  const because = tell('fit.wide-and-deep-kept-clear', {
    width: q(WORKING_SPACE_IN.width, 'in', 'as is'),
    depth: q(WORKING_SPACE_IN.depth, 'in', 'as is'),
  });
  const source = tell('fit.nec-110-26-from-memory-adopted');
  const space = p.disconnectSpace;
  if (!space) {
    return {
      id: 'working-space',
      verdict: 'not-proven',
      claim: tell('fit.working-space-at-disconnect-not-measured'),
      because,
      source,
      next: { say: tell('fit.measure-clear-floor-before-disconnect') },
    };
  }
  const short = Math.max(WORKING_SPACE_IN.width - space.widthIn, WORKING_SPACE_IN.depth - space.depthIn);
  return {
    id: 'working-space',
    verdict: short > 0 ? 'look-again' : 'good',
    claim:
      short > 0
        ? tell('fit.space-at-disconnect-is-short', { short: q(short, 'in') })
        : tell('fit.there-is-room-to-work-at'),
    because,
    source,
    next: short > 0 ? { say: tell('fit.move-disconnect-or-unit-nobody-works') } : undefined,
    miss: Math.max(0, short),
  };
}

function weight(p: Placement): Finding {
  if (p.weightLb === null)
    return {
      id: 'weight',
      verdict: 'not-proven',
      claim: tell('fit.weight-with-packaging-unknown'),
      because: tell('fit.it-decides-how-many-people-and'),
      source: tell('fit.common-practice'),
      next: { say: tell('fit.read-it-off-order-or-carton') },
    };
  const way =
    p.weightLb <= LIFT_LB.one
      ? tell('fit.one-person')
      : p.weightLb <= LIFT_LB.two
        ? tell('fit.two-people')
        : tell('fit.hand-truck-hoist-or-crane');
  return {
    id: 'weight',
    verdict: 'good',
    claim: tell('fit.weightlb-way', { weightLb: q(p.weightLb, 'lb', 0), way }),
    because: tell('fit.stairs-and-ladders-lower-what-person'),
    source: tell('fit.50-and-100-lb-common-practice'),
  };
}
