import type { BenchKind, BenchOrder } from '@/core/plant/bench/bench';

/** How valves, pump or machine of a phase stand. */
export type Switches = Record<string, number | boolean | string | null>;

/**
 * How the crew's own gear stands when its instruments are connected: a vacuum gauge is put on when the pump is about to
 * pull; nothing else has been touched.
 */
const AT_FIRST: Record<BenchKind, Switches> = {
  nitrogen: { sourceOpen: false, regulatorPsig: 0 },
  vacuum: { pumpOn: true, open: true },
  recovery: {
    running: false,
    machineOn: false,
    liquidOpen: true,
    vapourOpen: true,
    startGrossOz: null,
    cylinderId: null,
  },
};

export const toldAtFirst = (kind: BenchKind): Switches => ({ ...AT_FIRST[kind] });

/**
 * The switches after the crew told what it did. Nothing here moves anything: it is what they say, and what the guide
 * and the standing test go by.
 * @param scaleOz what the scale shows now; the weight from which a recovery is counted
 */
export function afterTold(switches: Switches, order: BenchOrder, scaleOz: number | undefined): Switches {
  switch (order.kind) {
    case 'call':
      return { ...switches, running: order.on };
    case 'liquid-valve':
      return { ...switches, liquidOpen: order.open };
    case 'vapour-valve':
      return { ...switches, vapourOpen: order.open };
    case 'machine':
      return {
        ...switches,
        machineOn: order.on,
        ...(order.on && switches.machineOn !== true ? { startGrossOz: scaleOz ?? null } : {}),
      };
    case 'cylinder':
      return { ...switches, cylinderId: order.cylinder.id, startGrossOz: null };
    case 'pressurise':
      return { ...switches, sourceOpen: true, regulatorPsig: order.psig };
    case 'close-source':
    case 'release':
      return { ...switches, sourceOpen: false };
    case 'pump':
      return { ...switches, pumpOn: order.on };
    case 'valve':
      return { ...switches, open: order.open };
    // Nitrogen goes in with the pump closed off.
    case 'sweep':
    case 'break':
      return { ...switches, open: false };
    default:
      return switches;
  }
}
