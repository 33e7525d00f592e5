import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import type { Gap, UnitSide } from './gaps';
import { footprint, gapsOf } from './gaps';
import type { Placement } from './placement';
import { DRAIN_CLEAR_IN, floodStand, PAD_LIMIT_IN_PER_FT, padSlope, snowStand } from './stand';

/** Within this of the limit a tape can be wrong: measure again, in. */
const TAPE_IN = 1;
/** What one and two people may lift; above it, a truck, hoist or crane (common practice; NIOSH ideal 51 lb), lb. */
export const LIFT_LB = { one: 50, two: 100 } as const;

const inches = (x: number): string => `${Math.abs(x - Math.round(x)) < 0.05 ? Math.round(x) : x.toFixed(1)} in`;

export type SideClearance = Gap & { requiredIn: number | null; marginIn?: number; check: Finding };

/** What each side needs: the service side always its own; the rear its own; the front of a side-discharge unit by the book. */
function requiredFor(p: Placement, side: UnitSide): number | null {
  if (p.unit.discharge === 'side' && side === 'front') return p.required.frontIn;
  if (side === p.serviceSide) return p.required.serviceIn;
  return side === 'rear' ? p.required.rearIn : p.required.otherIn;
}

export function clearancesOf(p: Placement): SideClearance[] {
  const source = p.required.fromBook ? 'the maker’s book' : 'common practice; the maker’s book rules';
  return gapsOf(p).map((gap) => {
    const requiredIn = requiredFor(p, gap.side);
    const name = `${gap.side}${gap.side === p.serviceSide ? ' (service side)' : ''}`;
    const id = `clearance-${gap.side}`;
    if (requiredIn === null) {
      return {
        ...gap,
        requiredIn,
        check: {
          id,
          verdict: 'not-proven',
          claim: `Nobody knows what the ${name} needs.`,
          because: 'The air of a side-discharge unit leaves here; only the maker’s book has the figure.',
          source,
          next: { say: 'Look the front clearance up in the maker’s book and type it.' },
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
          claim: `Nothing stands before the ${name}.`,
          because: `It needs ${inches(requiredIn)}.`,
          source,
        },
      };
    }
    const marginIn = gap.availableIn - requiredIn;
    const base = {
      id,
      source,
      miss: Math.abs(marginIn) / TAPE_IN,
      because: `${inches(gap.availableIn)} to ${gap.to}; ${inches(requiredIn)} needed.`,
    };
    const check: Finding =
      marginIn < 0
        ? {
            ...base,
            verdict: 'look-again',
            claim:
              gap.availableIn <= 0
                ? `The ${name} runs into ${gap.to}.`
                : `The ${name} is ${inches(-marginIn)} short of room.`,
            next: { say: `Move the unit ${inches(-marginIn)} to the ${opposite(gap.compass)}, or move ${gap.to}.` },
          }
        : marginIn < TAPE_IN
          ? {
              ...base,
              verdict: 'look-again',
              claim: `The ${name} has only ${inches(marginIn)} to spare.`,
              next: { say: 'Measure again with the unit’s real base.' },
            }
          : { ...base, verdict: 'good', claim: `The ${name} has ${inches(marginIn)} to spare.` };
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
export function standNeeded(p: Placement): { standIn: number; because: string } {
  const flood = p.flood ? floodStand(p.flood) : undefined;
  const snow = p.designSnowIn !== null && p.heatPump ? snowStand({ designSnowIn: p.designSnowIn }) : undefined;
  const floodIn = flood?.ok ? flood.value.orderIn : 0;
  const snowIn = snow?.ok ? snow.value.standIn : 0;
  if (floodIn === 0 && snowIn === 0)
    return {
      standIn: p.heatPump ? DRAIN_CLEAR_IN / 2 : 0,
      because: p.heatPump ? 'feet so that defrost water drains' : 'none asked for',
    };
  return floodIn >= snowIn
    ? { standIn: floodIn, because: `design flood and freeboard, ${inches(floodIn)}` }
    : { standIn: snowIn, because: `design snow and ${DRAIN_CLEAR_IN} in to drain, ${inches(snowIn)}` };
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
      claim: 'The unit would stand on loose fill.',
      because: 'It settles, tips the oil and pulls on the lines. Gravel may bed a pad, never the unit.',
      source: 'common practice',
      next: { say: 'Set a pad, level it, anchor the unit to it.' },
    });
  }
  for (const check of padChecks(p)) add(check);
  if (p.underRunoff)
    add({
      id: 'runoff',
      verdict: 'look-again',
      claim: 'Roof water falls on it.',
      because: 'Ice in winter and a flooded coil in summer.',
      source: 'common practice; the maker’s book',
      next: { say: 'Move it out of the drip line, or fit a gutter first.' },
    });
  if (p.dischargesOnto !== 'nothing')
    add({
      id: 'discharge',
      verdict: 'look-again',
      claim: `It blows onto a ${p.dischargesOnto}.`,
      because: 'Air, noise and defrost water reach people.',
      source: 'common practice; local code',
      next: { say: 'Turn it or choose another place.' },
    });
  const vent = p.obstacles.find((o) => o.kind === 'vent');
  if (vent)
    add({
      id: 'vent',
      verdict: 'not-proven',
      claim: `${vent.label}: separation not checked.`,
      because: 'Gas relief and vent terminals have distances of their own in the adopted code.',
      source: 'adopted fuel-gas code',
      next: { say: 'Look the distance up in the adopted code and the appliance’s book.' },
    });
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
        claim: `The new base stands on the old pad, ${inches(least.spareIn)} to the edge at the least (${least.compass}).`,
        because: margins.map((m) => `${m.compass} ${inches(m.spareIn)}`).join(', '),
        source: 'geometry',
      },
    ];
  }
  return over.map((m) => ({
    id: `pad-${m.compass}`,
    verdict: 'look-again',
    claim: `The new base overhangs the old pad ${inches(-m.spareIn)} to the ${m.compass}.`,
    because: 'A foot over the edge cracks the pad or tips the unit.',
    source: 'geometry',
    next: { say: 'New pad, or shift the unit on it.' },
    miss: -m.spareIn,
  }));
}

function above(p: Placement): Finding | undefined {
  if (p.unit.discharge !== 'up') return undefined;
  if (p.overheadIn === null)
    return {
      id: 'above',
      verdict: 'good',
      claim: 'Nothing above it.',
      because: `It needs ${inches(p.required.aboveIn)} free above.`,
      source: 'common practice',
    };
  const free = p.overheadIn - p.standIn - p.unit.heightIn;
  const margin = free - p.required.aboveIn;
  return {
    id: 'above',
    verdict: margin < TAPE_IN ? 'look-again' : 'good',
    claim: margin < 0 ? `Only ${inches(free)} under the eave.` : `${inches(free)} free above it.`,
    because: `It blows upward and needs ${inches(p.required.aboveIn)}; hot air thrown back raises the head pressure.`,
    source: p.required.fromBook ? 'the maker’s book' : 'common practice; the maker’s book rules',
    next: margin < TAPE_IN ? { say: 'Move it out from under, or choose a side-discharge unit.' } : undefined,
    miss: Math.abs(margin),
  };
}

function stand(p: Placement): Finding {
  const needed = standNeeded(p);
  const short = needed.standIn - p.standIn;
  return {
    id: 'stand',
    verdict: short > 0.05 ? 'look-again' : 'good',
    claim: short > 0.05 ? `The stand is ${inches(short)} too low.` : `A ${inches(p.standIn)} stand does.`,
    because: `Wanted: ${inches(needed.standIn)} (${needed.because}).`,
    source: 'flood level from the local authority; snow height common practice',
    next:
      short > 0.05
        ? { say: `Order a ${inches(needed.standIn)} stand and carry it into the line set and duct openings.` }
        : undefined,
    miss: Math.max(0, short),
  };
}

function pad(p: Placement): Finding | undefined {
  if (p.padRiseIn === null)
    return {
      id: 'pad',
      verdict: 'not-proven',
      claim: 'Nobody put a level on the pad.',
      because: 'A tilted unit floods its compressor and drains badly.',
      source: 'common practice',
      next: { say: 'Lay a level across the pad and type the rise.' },
    };
  const slope = padSlope({ riseIn: p.padRiseIn, runIn: Math.max(6, p.unit.widthIn) });
  if (!slope.ok) return undefined;
  return {
    id: 'pad',
    verdict: slope.value.holds ? 'good' : 'look-again',
    claim: slope.value.holds ? 'The pad is level enough.' : 'The pad is out of level.',
    because: `${slope.value.slopeInPerFt.toFixed(2)} in/ft against ${PAD_LIMIT_IN_PER_FT} in/ft.`,
    source: 'common practice; the maker’s book rules',
    next: slope.value.holds ? undefined : { say: 'Lift and bed the pad in sand or gravel, or pour a new one.' },
    miss: slope.value.slopeInPerFt / PAD_LIMIT_IN_PER_FT,
  };
}

/** Clear space to work at a disconnect: width and depth (NEC 110.26, from memory; the adopted code rules), in. */
const WORKING_SPACE_IN = { width: 30, depth: 36 } as const;

function workingSpace(p: Placement): Finding {
  const because = `${WORKING_SPACE_IN.width} in wide and ${WORKING_SPACE_IN.depth} in deep, kept clear.`;
  const source = 'NEC 110.26, from memory; the adopted code rules';
  const space = p.disconnectSpace;
  if (!space) {
    return {
      id: 'working-space',
      verdict: 'not-proven',
      claim: 'Working space at the disconnect not measured.',
      because,
      source,
      next: { say: 'Measure the clear floor before the disconnect.' },
    };
  }
  const short = Math.max(WORKING_SPACE_IN.width - space.widthIn, WORKING_SPACE_IN.depth - space.depthIn);
  return {
    id: 'working-space',
    verdict: short > 0 ? 'look-again' : 'good',
    claim:
      short > 0 ? `The space at the disconnect is ${inches(short)} short.` : 'There is room to work at the disconnect.',
    because,
    source,
    next: short > 0 ? { say: 'Move the disconnect or the unit; nobody works live squeezed behind it.' } : undefined,
    miss: Math.max(0, short),
  };
}

function weight(p: Placement): Finding {
  if (p.weightLb === null)
    return {
      id: 'weight',
      verdict: 'not-proven',
      claim: 'Weight with packaging unknown.',
      because: 'It decides how many people and what lifts it.',
      source: 'common practice',
      next: { say: 'Read it off the order or the carton.' },
    };
  const way =
    p.weightLb <= LIFT_LB.one
      ? 'one person'
      : p.weightLb <= LIFT_LB.two
        ? 'two people'
        : 'a hand truck, hoist or crane';
  return {
    id: 'weight',
    verdict: 'good',
    claim: `${p.weightLb.toFixed(0)} lb: ${way}.`,
    because: 'Stairs and ladders lower what a person may lift.',
    source: '50 and 100 lb: common practice; NIOSH ideal 51 lb, from memory',
  };
}
