import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { nitrogenBench } from '@/core/plant/bench/bench';
import { type Batch, type FromDesk, PlantDesk } from './desk';
import type { BenchFeed } from './feed';

const NITROGEN = {
  seed: 7,
  volumeFt3: 0.4,
  barometerPsia: 14.2,
  airF: 80,
  swingFPerH: 0,
  sunF: 0,
  leakScfh: 0,
  cylinderScf: 40,
  cylinderPsig: 1750,
};
const fresh = (): BenchFeed => ({ bench: nitrogenBench(NITROGEN) });

let nowMs = 0;
let said: FromDesk[] = [];
let desk: PlantDesk;
beforeEach(() => {
  nowMs = 1_000_000;
  said = [];
  desk = new PlantDesk(
    (message) => said.push(message),
    () => nowMs,
  );
});
const batches = (): Batch[] => said.filter((m): m is Batch => m.type === 'batch');
const seconds = (): number[] => batches().flatMap((b) => b.block.runSeconds);
const kinds = (): string[] => batches().flatMap((b) => b.events.map((e) => e.kind));
const pass = (ms: number): void => {
  nowMs += ms;
  desk.tick();
};

describe('a desk of simulated instruments', () => {
  it('gives every second once and in order, however the ticks fall and whatever the speed', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 4000 }), { minLength: 1, maxLength: 40 }),
        fc.constantFrom(1, 10, 60),
        (gaps, speed) => {
          said = [];
          nowMs = 1_000_000;
          desk = new PlantDesk(
            (message) => said.push(message),
            () => nowMs,
          );
          desk.take({ type: 'open', runId: 'a', feed: fresh(), speed, runSeconds: 0 });
          for (const gap of gaps) pass(gap);
          const whole = Math.floor((gaps.reduce((a, b) => a + b, 0) / 1000) * speed);
          expect(seconds()).toEqual(Array.from({ length: whole }, (_, i) => i + 1));
        },
      ),
      { numRuns: 60 },
    );
  });
  it('after a sleep it goes on from where it woke, and does not freeze the others', () => {
    desk.take({ type: 'open', runId: 'a', feed: fresh(), speed: 60, runSeconds: 0 });
    pass(3_600_000);
    expect(seconds()).toHaveLength(300);
    pass(1000);
    expect(seconds().length).toBeLessThanOrEqual(361);
  });
  it('a change of speed holds from now on', () => {
    desk.take({ type: 'open', runId: 'a', feed: fresh(), speed: 1, runSeconds: 0 });
    pass(5000);
    desk.take({ type: 'speed', runId: 'a', speed: 10 });
    pass(2000);
    expect(seconds().at(-1)).toBe(25);
    expect(kinds()).toEqual(['speed']);
  });
  it('time ahead is made at once and told', () => {
    desk.take({ type: 'open', runId: 'a', feed: fresh(), speed: 1, runSeconds: 0 });
    desk.take({ type: 'ahead', runId: 'a', seconds: 90 });
    expect(seconds()).toHaveLength(90);
    expect(batches().at(-1)!.events).toEqual([{ runSeconds: 0, kind: 'ahead', seconds: 90 }]);
    pass(3000);
    expect(seconds().at(-1)).toBe(93);
  });
  it('an order is an event of its second, and the plant follows it', () => {
    desk.take({ type: 'open', runId: 'a', feed: fresh(), speed: 1, runSeconds: 0 });
    pass(3000);
    desk.take({ type: 'command', runId: 'a', command: { kind: 'pressurise', psig: 150 } });
    expect(batches().at(-1)!.events).toEqual([{ kind: 'order', order: 'pressurise', psig: 150, runSeconds: 3 }]);
    pass(120_000);
    const psig = batches().at(-1)!.block.values;
    expect(Math.max(...Object.values(psig).flatMap((c) => c.map(Number)))).toBeGreaterThan(100);
  });
  it('what is closed says so once, and then no more', () => {
    desk.take({ type: 'open', runId: 'a', feed: fresh(), speed: 1, runSeconds: 40 });
    pass(2000);
    desk.take({ type: 'close', runId: 'a' });
    expect(said.at(-1)).toEqual({ type: 'closed', runId: 'a' });
    expect(seconds()).toEqual([41, 42]);
    const before = said.length;
    pass(5000);
    desk.take({ type: 'ahead', runId: 'a', seconds: 5 });
    expect(said).toHaveLength(before);
    // Two who stop the same run both hear that it is closed.
    desk.take({ type: 'close', runId: 'a' });
    expect(said.at(-1)).toEqual({ type: 'closed', runId: 'a' });
  });
});
