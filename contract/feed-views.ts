import type { Switches } from '@/core/phases/live/told-switches';
import type { Bench } from '@/core/plant/bench/bench';
import { isBench, isSystem } from '@/core/plant/feed/feed';
import type { BenchView, RigView } from './answers/stream';

/** What a screen may know of the simulated system: its switches and what the drawer set, not its secrets. */
export function rigView(feed: object, speed: number): RigView | null {
  if (!isSystem(feed)) return null;
  const { outdoorF, indoorEndF, indoorAir, outdoorAir, condenserClean, meterOpening, nonCondensablePsi, probeFaults } =
    feed.config;
  return {
    running: feed.rig.running,
    cutout: feed.rig.cutout,
    defrosting: feed.rig.defrostS !== null,
    valveOpen: feed.rig.cylinder.valveOpen,
    on: feed.rig.cylinder.on,
    moveLeftOz: feed.rig.cylinder.moveLeftOz,
    movementStartOz: feed.movement?.startOz ?? null,
    speed,
    conditions: {
      outdoorF,
      indoorEndF,
      indoorAir,
      outdoorAir,
      condenserClean,
      meterOpening,
      nonCondensablePsi,
      filterLoaded: feed.config.filterLoaded ?? 1,
      stripsOn: feed.config.strips ? (feed.config.stripsOn ?? 0) : null,
      onset: feed.config.onset?.kind ?? 'none',
      testMode: feed.config.inverter?.testMode ?? null,
      probeFaults,
    },
  };
}

/** The switches of a simulated bench and how fast it runs. */
export function benchView(feed: object, speed: number): BenchView | null {
  if (!isBench(feed)) return null;
  const { bench } = feed;
  return { kind: bench.kind, speed, switches: switchesOf(bench), told: false };
}

function switchesOf(bench: Bench): Switches {
  switch (bench.kind) {
    case 'nitrogen':
      return {
        sourceOpen: bench.state.sourceOpen,
        regulatorPsig: bench.state.regulatorPsig,
        leakScfh: bench.config.leakScfh,
        swingFPerH: bench.config.swingFPerH,
        sunF: bench.config.sunF,
      };
    case 'vacuum':
      return {
        pumpOn: bench.state.pumpOn,
        open: bench.state.open,
        leakMicronCfm: bench.config.leakMicronCfm,
        gauge: bench.config.gauge,
        coresIn: bench.config.hoses.coresIn,
      };
    case 'recovery':
      return {
        running: bench.state.running,
        machineOn: bench.state.machineOn,
        liquidOpen: bench.state.liquidOpen,
        vapourOpen: bench.state.vapourOpen,
        startGrossOz: bench.state.startGrossOz,
        cylinderId: bench.config.cylinderId,
        atLimit: bench.state.atLimit,
        chilled: bench.config.chilled,
        valveLeaks: bench.config.valveLeaks,
      };
  }
}
