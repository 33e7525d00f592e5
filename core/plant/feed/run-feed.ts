import { BENCH_CHANNELS, type BenchOrder, orderBench, stepBench } from '@/core/plant/bench/bench';
import { CHANNELS } from '@/core/plant/channels';
import { advance, channelsOf, command, type RigCommand, type RigState, sample } from '@/core/plant/rig';
import type { SampleBlock, StoredEvent } from './block';
import { type BenchFeed, type FeedOrder, isBench, type SimulatedFeed, type SystemFeed } from './feed';

/** After a valve closes the scale is read this much later, when it has come to rest. */
const SCALE_REST_S = 4;

export type FeedOutput = { block: SampleBlock; events: StoredEvent[] };

/** A block of this feed's channels with nothing in it. */
export function emptyBlock(feed?: SimulatedFeed): SampleBlock {
  const channels: readonly string[] = !feed
    ? CHANNELS
    : isBench(feed)
      ? BENCH_CHANNELS[feed.bench.kind]
      : channelsOf(feed.config);
  return blockOf(channels);
}
export const blockOf = (channels: readonly string[]): SampleBlock => ({
  runSeconds: [],
  values: Object.fromEntries(channels.map((c) => [c, []])),
});

/** A command to the simulated system, with the run events it makes. */
export function orderFeed(
  feed: SimulatedFeed,
  order: FeedOrder,
  runSeconds: number,
): { feed: SimulatedFeed; events: StoredEvent[] } {
  if (isBench(feed)) {
    const event: StoredEvent = { ...order, runSeconds, kind: 'order', order: order.kind };
    return { feed: { bench: orderBench(feed.bench, order as BenchOrder) }, events: [event] };
  }
  return orderSystem(feed, order as RigCommand, runSeconds);
}

function orderSystem(
  feed: SystemFeed,
  order: RigCommand,
  runSeconds: number,
): { feed: SimulatedFeed; events: StoredEvent[] } {
  const before = feed.rig;
  const { config, state } = command(feed.config, feed.rig, order);
  const events: StoredEvent[] = [];
  if (state.running && !before.running) events.push({ runSeconds, kind: 'compressor-start' });
  if (!state.running && before.running) events.push({ runSeconds, kind: 'compressor-stop' });
  if (order.kind === 'configure') {
    const { probeFaults: _, ...physical } = order.change;
    if (Object.keys(physical).length) events.push({ runSeconds, kind: 'setting', change: physical });
    else events.push({ runSeconds, kind: 'probe', change: order.change });
  }
  let movement = feed.movement;
  if (order.kind === 'weigh-in' || order.kind === 'recover') {
    movement = { on: state.cylinder.on, startOz: sampledScale(state), startS: runSeconds, closedS: null };
    events.push({ runSeconds, kind: 'refrigerant' });
  }
  return { feed: { config, rig: state, movement }, events };
}

/** What the scale shows: to its own 0.1 oz. */
function sampledScale(state: RigState): number {
  return Math.round(state.cylinder.grossOz * 10) / 10;
}

/** Moves a feed on by whole seconds and appends a sample for each. */
export function runFeed(feed: SimulatedFeed, seconds: number, runSeconds: number, out: FeedOutput): number {
  return isBench(feed) ? runBench(feed, seconds, runSeconds, out) : runSystem(feed, seconds, runSeconds, out);
}

const machineRuns = ({ bench }: BenchFeed): boolean => bench.kind === 'recovery' && bench.state.machineOn;

function runBench(feed: BenchFeed, seconds: number, runSeconds: number, out: FeedOutput): number {
  for (let i = 1; i <= seconds; i++) {
    const ran = machineRuns(feed);
    const values = stepBench(feed.bench, 1);
    // The cylinder's float switch is an order like any other: the guide counts its wait from it.
    if (ran && !machineRuns(feed))
      out.events.push({ runSeconds: runSeconds + i, kind: 'order', order: 'machine', on: false, by: 'cylinder limit' });
    out.block.runSeconds.push(runSeconds + i);
    for (const channel of BENCH_CHANNELS[feed.bench.kind]) out.block.values[channel]!.push(values[channel] ?? null);
  }
  return runSeconds + seconds;
}

function runSystem(feed: SystemFeed, seconds: number, runSeconds: number, out: FeedOutput): number {
  let now = runSeconds;
  const shown = channelsOf(feed.config);
  for (let i = 0; i < seconds; i++) {
    const ran = feed.rig.running;
    const open = feed.rig.cylinder.valveOpen;
    advance(feed.config, feed.rig, 1);
    now += 1;
    if (ran && !feed.rig.running) out.events.push({ runSeconds: now, kind: 'compressor-stop', why: feed.rig.cutout });
    if (open && !feed.rig.cylinder.valveOpen) out.events.push({ runSeconds: now, kind: 'refrigerant' });
    const { movement } = feed;
    if (movement && !feed.rig.cylinder.valveOpen) {
      movement.closedS ??= now;
      if (now - movement.closedS >= SCALE_REST_S) {
        const endOz = sampledScale(feed.rig);
        out.events.push({
          runSeconds: now,
          kind: 'scale-movement',
          on: movement.on,
          startOz: movement.startOz,
          endOz,
          startS: movement.startS,
        });
        feed.movement = null;
      }
    }
    const values = sample(feed.config, feed.rig);
    out.block.runSeconds.push(now);
    for (const channel of shown) out.block.values[channel]!.push(values[channel]);
  }
  return now;
}
