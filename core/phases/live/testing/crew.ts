import { type Cylinder, cylinderFillOf } from '@/core/circuit/recovery/cylinder';
import type { Move } from '@/core/job/move';
import type { LiveStream, OrderEvent } from '@/core/phases/live/stream';
import { afterTold, type Switches, toldAtFirst } from '@/core/phases/live/told-switches';
import type { EntryBody, EntryKind } from '@/core/phases/log/entries';
import type { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { type Bench, type BenchOrder, orderBench, stepBench } from '@/core/plant/bench/bench';
import type { RunSample } from '@/core/startup/live';
import { english } from '@/core/words/testing/english';

const RUN = '00000000-0000-4000-8000-000000000001';

/**
 * A crew that does what the live move says and nothing else, at a simulated bench: each button is pressed as soon as it
 * is offered. Told, the same hands move the same gear and the guide knows only what they say.
 */
export class Crew {
  samples: RunSample[] = [];
  orders: OrderEvent[] = [];
  /** Everything that was said, each once. */
  said: string[] = [];
  pressed: string[] = [];
  private seconds = 0;
  private switches: Switches;

  constructor(
    public bench: Bench,
    readonly log: LogBuilder,
    readonly told = false,
  ) {
    this.switches = toldAtFirst(bench.kind);
  }

  stream(): LiveStream {
    return {
      runId: RUN,
      samples: this.samples,
      orders: this.orders,
      switches: this.told ? this.switches : this.ofBench(),
      told: this.told,
      nowMs: 0,
    };
  }

  /** The switches of a simulated bench, as the server shows them. */
  private ofBench(): Switches {
    const state = this.bench.state as unknown as Switches;
    return this.bench.kind === 'recovery' ? { ...state, cylinderId: this.bench.config.cylinderId } : state;
  }

  wait(seconds: number): this {
    for (let i = 0; i < seconds; i++) {
      this.seconds += 1;
      this.samples.push({ runSeconds: this.seconds, values: stepBench(this.bench, 1) });
    }
    return this;
  }

  order(order: BenchOrder): this {
    const scale = this.samples.at(-1)?.values.scaleOz;
    this.bench = orderBench(this.bench, order);
    this.switches = afterTold(this.switches, order, typeof scale === 'number' ? scale : undefined);
    this.orders.push({ runSeconds: this.seconds, order: order.kind });
    return this;
  }

  /** Follows the move every few seconds for so long, or until nothing more is said. */
  follow(minutes: number, move: () => Move | undefined, everyS = 4): this {
    for (let s = 0; s < minutes * 60; s += everyS) {
      this.wait(everyS);
      const now = move();
      if (!now) return this;
      const words = english(now.say).replace(/\d+(?:[.,]\d+)*/g, '#');
      if (this.said.at(-1) !== words) this.said.push(words);
      if (now.button) this.press(now.button);
    }
    return this;
  }

  /** Cylinders of the company, as the ledger has them. */
  cylinders: Cylinder[] = [];

  /** As the server does: the order carries what the ledger says of the cylinder. */
  private putOn(id: string): BenchOrder {
    const c = this.cylinders.find((x) => x.id === id)!;
    const limitOz = cylinderFillOf(c, 'R-410A')!.limitOz;
    return {
      kind: 'cylinder',
      cylinder: { id, tareOz: c.tareOz, waterCapacityLb: c.waterCapacityLb, contentsOz: c.contentsOz, limitOz },
    };
  }

  private press({ label, action }: NonNullable<Move['button']>): void {
    if (action.kind !== 'bench') throw new Error(`a live move orders the bench, not ${action.kind}`);
    this.pressed.push(english(label));
    for (const order of action.orders) this.order('cylinderId' in order ? this.putOn(order.cylinderId) : order);
    const { entry } = action;
    if (!entry) return;
    const body = { ...entry.body } as Record<string, unknown>;
    // As the server stores it: the run's own second, and its own samples.
    if ('runSeconds' in body) body.runSeconds = this.seconds;
    if (entry.kind === 'standing') {
      const from = Number(body.fromS);
      body.toS = this.seconds;
      body.samples = this.samples.flatMap((s) =>
        s.runSeconds >= from && typeof s.values.microns === 'number'
          ? [[(s.runSeconds - from) / 60, s.values.microns]]
          : [],
      );
    }
    this.log.add(entry.kind as EntryKind, body as EntryBody<EntryKind>);
  }
}
