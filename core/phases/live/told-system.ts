import type { RigCommand } from '@/core/plant/rig';
import type { Switches } from './told-switches';

/** Orders about the crew's own system and scale that can be told. */
export const SYSTEM_TOLD = ['start', 'stop', 'weigh-in', 'recover', 'close-valve'] as const;
export type SystemTold = Extract<RigCommand, { kind: (typeof SYSTEM_TOLD)[number] }>;

/** The system stands still and no cylinder is open when its instruments are connected. */
export const systemAtFirst = (): Switches => ({
  running: false,
  on: 'charge',
  movementStartOz: null,
  movementStartS: null,
  wantedOz: 0,
});

type Told = { switches: Switches; events: { kind: string; runSeconds: number; [more: string]: unknown }[] };

/**
 * The crew's own system and scale after it told what it did: calls and cylinder valves. What moved is what the scale read
 * at both taps; the compressor's start is when its steady time begins.
 * @param at the run's second, and what the scale shows
 */
export function tellSystem(
  switches: Switches,
  order: SystemTold,
  at: { runSeconds: number; scaleOz: number | undefined },
): Told {
  const { runSeconds } = at;
  const event = (kind: string, more: object = {}): Told['events'][number] => ({
    runSeconds,
    kind,
    told: true,
    ...more,
  });
  switch (order.kind) {
    case 'start':
      return {
        switches: { ...switches, running: true },
        events: switches.running ? [] : [event('compressor-start')],
      };
    case 'stop':
      return {
        switches: { ...switches, running: false },
        events: switches.running ? [event('compressor-stop')] : [],
      };
    case 'weigh-in':
    case 'recover':
      return {
        switches: {
          ...switches,
          on: order.kind === 'recover' ? 'recovery' : 'charge',
          movementStartOz: at.scaleOz ?? null,
          movementStartS: runSeconds,
          wantedOz: order.oz,
        },
        events: [event('refrigerant')],
      };
    case 'close-valve': {
      const { movementStartOz: startOz, movementStartS: startS, on } = switches;
      const closed = { ...switches, movementStartOz: null, movementStartS: null, wantedOz: 0 };
      if (typeof startOz !== 'number' || at.scaleOz === undefined) return { switches: closed, events: [] };
      return {
        switches: closed,
        events: [event('scale-movement', { on, startOz, endOz: at.scaleOz, startS })],
      };
    }
  }
}

/** Ounces still wanted of a movement that goes on. */
export function toldLeftOz(switches: Switches, scaleOz: number): number {
  const start = switches.movementStartOz;
  if (typeof start !== 'number') return 0;
  const moved = switches.on === 'recovery' ? scaleOz - start : start - scaleOz;
  return Math.max(0, Number(switches.wantedOz ?? 0) - moved);
}
