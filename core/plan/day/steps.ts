import type { Phase } from '@/core/job/phases';
import type { Said } from '@/core/words/said';
import type { Gear } from './activity';
import { tell } from './words';

/** What a step of the day belongs to: the job, one system of the house, one refrigerant circuit. */
export type StepOf = 'job' | 'system' | 'circuit';

/** What a system is, as far as its day goes. */
export type Traits = {
  /** Pieces that are new. */
  outdoor: boolean;
  indoor: boolean;
  package: boolean;
  /** Its circuit is opened. */
  cooled: boolean;
  /** Its circuit comes sealed: nothing is joined or evacuated. */
  sealed: boolean;
  /** Something newly burns fuel. */
  burns: boolean;
  crane: boolean;
};

/** A step of a changeout as every job has it, with hours where nothing says how long it takes (design defaults after common practice). */
export type Step = {
  readonly say: Said;
  readonly of: StepOf;
  /** Hours of each who does it; 0: only with work of the scope. */
  readonly hours: number;
  readonly people: number;
  readonly after: readonly string[];
  /** The items of the scope whose hours are its own. */
  readonly items?: readonly string[];
  /** It only is where this step is. */
  readonly needs?: string;
  /** This job has it. */
  readonly when?: (t: Traits) => boolean;
  readonly gear?: Gear;
  readonly certified?: true;
  readonly prefers?: 'lead' | 'helper';
  /** Its phase, which says when it is done. */
  readonly phase?: Phase;
  /** Under a roof that the sun heats, or on it. */
  readonly heats?: 'inside' | 'outside' | 'both';
  /** The house is without heating and cooling from its beginning, or until its end. */
  readonly outage?: 'begins' | 'ends';
};

const split = (t: Traits): boolean => t.cooled && !t.sealed;

export const STEPS = {
  unload: { say: tell('day.unload'), of: 'job', hours: 0.75, people: 1, after: [], prefers: 'helper' },
  recover: {
    say: tell('day.recover'),
    of: 'circuit',
    hours: 1.25,
    people: 1,
    after: [],
    items: ['mixed-recovery'],
    when: (t) => t.cooled,
    gear: 'recovery machine',
    certified: true,
    prefers: 'lead',
    phase: 'recover',
    outage: 'begins',
  },
  remove: {
    say: tell('day.remove'),
    of: 'system',
    hours: 1.25,
    people: 2,
    after: ['recover', 'unload'],
    items: ['remove-old', 'coil', 'oil-tank'],
    heats: 'both',
    outage: 'begins',
  },
  pad: {
    say: tell('day.pad'),
    of: 'system',
    hours: 0,
    people: 1,
    after: ['remove'],
    items: ['pad', 'moved'],
    prefers: 'helper',
  },
  curb: {
    say: tell('day.curb'),
    of: 'system',
    hours: 0,
    people: 2,
    after: ['remove'],
    items: ['curb'],
    heats: 'outside',
  },
  'set-package': {
    say: tell('day.set-package'),
    of: 'system',
    hours: 2,
    people: 2,
    after: ['remove', 'curb', 'pad'],
    items: ['set-package', 'hail-guard'],
    when: (t) => t.package,
    heats: 'outside',
  },
  'set-outdoor': {
    say: tell('day.set-outdoor'),
    of: 'system',
    hours: 1,
    people: 1,
    after: ['remove', 'pad'],
    items: ['set-outdoor', 'hail-guard'],
    when: (t) => t.outdoor,
    phase: 'set',
  },
  'set-indoor': {
    say: tell('day.set-indoor'),
    of: 'system',
    hours: 1.5,
    people: 2,
    after: ['remove'],
    items: [
      'set-air-handler',
      'set-coil',
      'set-furnace',
      'stack-plenum',
      'stack-return',
      'oil-coil',
      'hydronic',
      'expansion-valve',
      'coil-kept',
      'coil-held',
    ],
    when: (t) => t.indoor,
    phase: 'set',
    heats: 'inside',
  },
  'line-set': {
    say: tell('day.line-set'),
    of: 'system',
    hours: 0,
    people: 1,
    after: ['remove'],
    items: ['line-set-new', 'line-set-flush', 'kink', 'line-size', 'circuits'],
  },
  lines: {
    say: tell('day.lines'),
    of: 'circuit',
    hours: 1.25,
    people: 1,
    after: ['line-set', 'set-outdoor', 'set-indoor'],
    items: ['liquid-drier', 'suction-drier', 'acid-clean', 'indicator'],
    when: split,
    gear: 'torch',
    prefers: 'lead',
    phase: 'join',
  },
  hold: {
    say: tell('day.hold'),
    of: 'circuit',
    hours: 0.5,
    people: 0,
    after: ['lines'],
    when: split,
    phase: 'pressure-test',
  },
  vacuum: {
    say: tell('day.vacuum'),
    of: 'circuit',
    hours: 1.5,
    people: 0,
    after: ['hold'],
    when: split,
    gear: 'vacuum pump',
    phase: 'evacuate',
  },
  cover: {
    say: tell('day.cover'),
    of: 'system',
    hours: 0,
    people: 1,
    after: ['hold', 'line-set'],
    items: ['line-cover', 'line-insulation'],
    prefers: 'helper',
  },
  ducts: {
    say: tell('day.ducts'),
    of: 'system',
    hours: 0,
    people: 1,
    after: ['set-indoor', 'set-package'],
    items: [
      'flex',
      'filter-cabinet',
      'filter-access',
      'duct-size',
      'return',
      'static',
      'registers',
      'zoning',
      'crossover',
      'plenum-new',
    ],
    heats: 'inside',
  },
  cure: { say: tell('day.cure'), of: 'system', hours: 1, people: 0, after: ['ducts'], needs: 'ducts' },
  drain: {
    say: tell('day.drain'),
    of: 'system',
    hours: 0.5,
    people: 1,
    after: ['set-indoor', 'set-package'],
    items: ['drain', 'pan-float', 'primary-float', 'secondary', 'freeze-stat'],
    when: (t) => t.cooled,
    heats: 'inside',
  },
  fuel: {
    say: tell('day.fuel'),
    of: 'system',
    hours: 0,
    people: 1,
    after: ['set-indoor', 'set-package'],
    items: ['connect-fuel', 'flue', 'gas-cap', 'co-alarm'],
  },
  supply: {
    say: tell('day.supply'),
    of: 'system',
    hours: 0,
    people: 1,
    after: ['remove'],
    items: ['breaker', 'breaker-spaces', 'supply-volts', 'phases'],
    phase: 'wire',
  },
  wire: {
    say: tell('day.wire'),
    of: 'system',
    hours: 1,
    people: 1,
    after: ['set-outdoor', 'set-indoor', 'set-package'],
    items: [
      'disconnect',
      'whip',
      'surge',
      'soft-start',
      'two-feeds',
      'conductors',
      'controls',
      'thermostat',
      'heater-kit',
      'mercury',
    ],
    phase: 'wire',
  },
  charge: {
    say: tell('day.charge'),
    of: 'circuit',
    hours: 0.5,
    people: 1,
    after: ['vacuum', 'set-package'],
    when: split,
    certified: true,
    prefers: 'lead',
    phase: 'charge',
  },
  other: { say: tell('day.other'), of: 'system', hours: 0, people: 1, after: ['remove'] },
  'start-up': {
    say: tell('day.start-up'),
    of: 'circuit',
    hours: 1.25,
    people: 1,
    after: ['charge', 'set-package', 'wire', 'supply', 'ducts', 'cure', 'drain', 'fuel', 'set-indoor', 'set-outdoor'],
    items: ['a2l'],
    when: (t) => t.cooled,
    certified: true,
    prefers: 'lead',
    phase: 'start-up',
    outage: 'ends',
  },
  'furnace-proof': {
    say: tell('day.furnace-proof'),
    of: 'system',
    hours: 1,
    people: 1,
    after: ['wire', 'supply', 'ducts', 'cure', 'drain', 'fuel', 'set-indoor', 'set-package'],
    when: (t) => t.burns,
    prefers: 'lead',
    outage: 'ends',
  },
  haul: {
    say: tell('day.haul'),
    of: 'job',
    hours: 0.75,
    people: 1,
    after: ['remove', 'set-outdoor', 'set-indoor', 'set-package', 'ducts', 'cover', 'lines', 'other'],
    prefers: 'helper',
  },
  walk: {
    say: tell('day.walk'),
    of: 'job',
    hours: 0.5,
    people: 1,
    after: ['start-up', 'furnace-proof', 'haul', 'other', 'cover', 'wire', 'drain', 'fuel'],
    prefers: 'lead',
    phase: 'hand-over',
  },
} as const satisfies Record<string, Step>;

export type StepName = keyof typeof STEPS;
export const STEP_NAMES = Object.keys(STEPS) as StepName[];
export const stepOf = (name: StepName): Step => STEPS[name];

/** Items of the scope that take no time of this day by themselves: decided, priced, or part of steps every job has. */
export const NO_TIME: readonly string[] = ['connect', 'permit', 'unknown-facts', 'size-change', 'temporary'];
