import { parentPort } from 'node:worker_threads';
import type { FeedState, FromWorker, ToWorker } from './feed-protocol';
import { emptyBlock, type FeedOutput, orderFeed, runFeed } from './simulated-feed';

/** Runs every simulated system off the web server's thread. One tick serves all; each catches up with its own clock. */
const TICK_MS = 100;
/** Never more than this in one tick, so that a sleeping machine does not freeze the rest. */
const MOST_SECONDS_A_TICK = 300;

type Slot = {
  feed: FeedState;
  speed: number;
  runSeconds: number;
  wallMs: number;
  baseSeconds: number;
  waiting: FeedOutput['events'];
};

const port = parentPort!;
const slots = new Map<string, Slot>();
const send = (message: FromWorker): void => port.postMessage(message);

function restart(slot: Slot): void {
  slot.wallMs = Date.now();
  slot.baseSeconds = slot.runSeconds;
}

port.on('message', (message: ToWorker) => {
  if (message.type === 'open') {
    const { feed, speed, runSeconds } = message;
    slots.set(message.runId, { feed, speed, runSeconds, wallMs: Date.now(), baseSeconds: runSeconds, waiting: [] });
    return;
  }
  const slot = slots.get(message.runId);
  if (!slot) {
    if (message.type === 'close') send({ type: 'closed', runId: message.runId });
    return;
  }
  tick(message.runId, slot);
  if (message.type === 'command') {
    const done = orderFeed(slot.feed, message.command, slot.runSeconds);
    slot.feed = done.feed;
    slot.waiting.push(...done.events);
    flush(message.runId, slot, { block: emptyBlock(slot.feed), events: [] });
  } else if (message.type === 'ahead') {
    const out: FeedOutput = { block: emptyBlock(slot.feed), events: [] };
    slot.waiting.push({ runSeconds: slot.runSeconds, kind: 'ahead', seconds: message.seconds });
    slot.runSeconds = runFeed(slot.feed, message.seconds, slot.runSeconds, out);
    restart(slot);
    flush(message.runId, slot, out);
  } else if (message.type === 'speed') {
    slot.speed = message.speed;
    slot.waiting.push({ runSeconds: slot.runSeconds, kind: 'speed', speed: message.speed });
    restart(slot);
  } else {
    slots.delete(message.runId);
    flush(message.runId, slot, { block: emptyBlock(slot.feed), events: [] });
    send({ type: 'closed', runId: message.runId });
  }
});

function flush(runId: string, slot: Slot, out: FeedOutput): void {
  const events = [...slot.waiting.splice(0), ...out.events];
  send({ type: 'batch', runId, producedAt: Date.now(), block: out.block, events, feed: slot.feed });
}

function tick(runId: string, slot: Slot): void {
  const due = slot.baseSeconds + ((Date.now() - slot.wallMs) / 1000) * slot.speed;
  const seconds = Math.min(MOST_SECONDS_A_TICK, Math.floor(due - slot.runSeconds));
  if (seconds < 1) return;
  const out: FeedOutput = { block: emptyBlock(slot.feed), events: [] };
  slot.runSeconds = runFeed(slot.feed, seconds, slot.runSeconds, out);
  if (due - slot.runSeconds > MOST_SECONDS_A_TICK) restart(slot);
  flush(runId, slot, out);
}

setInterval(() => {
  for (const [runId, slot] of slots) tick(runId, slot);
}, TICK_MS);
