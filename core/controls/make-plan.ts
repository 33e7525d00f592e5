import {
  type Contact,
  every,
  type Load,
  type Node,
  not,
  on,
  type Plan,
  type Runs,
  type Source,
  type Switch,
  type When,
  type Wire,
} from './plan';

/** Where a safety breaks the circuit: all of R; R to the outdoor unit; every stage line; the board's own input, which drops the stages. */
export const BREAKS = ['R_ALL', 'R_ODU', 'Y', 'BOARD_INPUT'] as const;
export type Break = (typeof BREAKS)[number];

/** What a plan is made of. */
export type PlanSpec = {
  heatPump: boolean;
  /** The valve is energized in cooling (O) or in heating (B); nothing where there is none. */
  valve: 'O' | 'B';
  stages: 1 | 2;
  heat: 'strips' | 'furnace' | 'two-stage furnace' | 'none';
  packaged: boolean;
  floatBreak: Break;
  freezeBreak: Break;
  /** Nothing cools: a furnace alone. */
  coolingless?: boolean;
  extras?: readonly Extra[];
  /** Only two conductors run outdoors: an isolating relay indoors closes the outdoor unit's own 24 V onto its Y. */
  twoWires?: boolean;
  /** Data terminals instead of calls. */
  communicating?: boolean;
  transformerVa?: number;
  fuseA?: number;
};

/** What else may hang on 24 V or stand in a line. */
export const EXTRAS = ['condensate pump', 'wet switch', 'humidifier', 'leak sensor board'] as const;
export type Extra = (typeof EXTRAS)[number];
/** Safeties that are in a line, by device: those of the water all break where the float does. */
export const WATER_SAFETIES = { float: undefined, pump: 'condensate pump', wet: 'wet switch' } as const;
export type Safety = keyof typeof WATER_SAFETIES | 'freeze';

/** The safeties of a plan and where each breaks. */
export function safetiesOf(
  spec: Pick<PlanSpec, 'floatBreak' | 'freezeBreak' | 'extras' | 'coolingless'>,
): { device: Safety; at: Break }[] {
  const water = (Object.keys(WATER_SAFETIES) as (keyof typeof WATER_SAFETIES)[]).filter((device) => {
    const extra = WATER_SAFETIES[device];
    return extra === undefined ? !spec.coolingless : spec.extras?.includes(extra);
  });
  return [
    ...water.map((device) => ({ device, at: spec.floatBreak })),
    ...(spec.coolingless ? [] : [{ device: 'freeze' as const, at: spec.freezeBreak }]),
  ];
}

/** Sealed VA of what hangs on 24 V (trade defaults; the label wins). */
export const VA = {
  contactor: 9,
  valve: 8,
  'defrost-board': 3,
  'blower-relay': 5,
  sequencer: 6,
  thermostat: 3,
  'stage-solenoid': 6,
  'gas-valve': 8,
  'board-input': 1,
  humidifier: 10,
  'leak-board': 3,
  'isolating-relay': 3,
} as const;
/** A transformer, its fuse and its empty voltage (common practice). */
const TRANSFORMER_VA = 40;
const FUSE_A = 3;
const EMPTY_V = 26.4;
/** The outdoor unit's own transformer, where it has one. */
const OUTDOOR: Source = {
  id: 'outdoor',
  r: 'out.R',
  c: 'out.C',
  phase: 1,
  va: TRANSFORMER_VA,
  fuseA: FUSE_A,
  emfV: EMPTY_V,
};

/**
 * The low-voltage network of one system: thermostat, indoor unit, outdoor unit, transformer indoors, float and freeze stat at their
 * break points.
 * A packaged unit is the same in one cabinet: what runs between its sections is the factory's.
 */
export function makePlan(spec: PlanSpec): Plan {
  const wires: Wire[] = [];
  const switches: Switch[] = [];
  const loads: Load[] = [];
  const contacts: Contact[] = [];
  const outputs: Partial<Record<Runs, When>> = {};
  const wire = (cable: Wire['cable'], role: string, a: Node, b: Node): void => {
    wires.push({ id: `${cable}:${role}`, a, b, role, cable });
  };
  const load = (id: string, a: Node, b: Node, va: number): void => {
    loads.push({ id, a, b, va });
  };
  const contact = (id: string, a: Node, b: Node, when: When): void => {
    contacts.push({ id, a, b, when });
  };
  const between: Wire['cable'] = spec.packaged ? 'factory' : 'outdoor';
  const stages = spec.stages === 2 ? (['Y1', 'Y2'] as const) : (['Y1'] as const);
  const conventional = !spec.heatPump;
  const fire = spec.heat === 'furnace' || spec.heat === 'two-stage furnace';

  const has = (extra: Extra): boolean => spec.extras?.includes(extra) ?? false;

  if (spec.communicating) dataLines();
  else {
    thermostat();
    power();
    if (!spec.coolingless) {
      stageLines();
      outdoor();
    }
    indoor();
    extras();
  }
  const { transformerVa: va = TRANSFORMER_VA, fuseA = FUSE_A } = spec;
  return {
    sources: [
      { id: 'indoor', r: 'tr.R', c: 'in.C', phase: 1, va, fuseA, emfV: EMPTY_V },
      ...(spec.twoWires ? [OUTDOOR] : []),
    ],
    wires,
    switches,
    loads,
    contacts,
    outputs,
  };

  /** Both safeties of one line, in series where both break it; the line goes on behind them. */
  function safeties(point: readonly Break[], from: Node, to: Node): void {
    const here = safetiesOf(spec).filter(({ at }) => point.includes(at));
    if (here.length === 0) {
      wire('factory', to, from, to);
      return;
    }
    let at = from;
    for (const [i, { device }] of here.entries()) {
      const next = i === here.length - 1 ? to : `${device}.${to}`;
      switches.push({ device, a: at, b: next });
      at = next;
    }
  }
  function thermostat(): void {
    wire('stat', 'R', 'in.R', 'stat.R');
    wire('stat', 'C', 'in.C', 'stat.C');
    load('thermostat', 'stat.R', 'stat.C', VA.thermostat);
    // Cooling and heating each have their R; one transformer feeds both over a jumper.
    const heats: Node = conventional ? 'stat.Rh' : 'stat.R';
    if (conventional) switches.push({ device: 'jumper', a: 'stat.R', b: 'stat.Rh' });
    const line = (terminal: 'Y1' | 'Y2' | 'G' | 'OB' | 'W1' | 'W2'): void => {
      contact(`stat:${terminal}`, terminal.startsWith('W') ? heats : 'stat.R', `stat.${terminal}`, { calls: terminal });
      wire('stat', terminal, `stat.${terminal}`, `in.${terminal}`);
    };
    if (!spec.coolingless) for (const stage of stages) line(stage);
    line('G');
    if (spec.heatPump) line('OB');
    if (spec.heat === 'strips') line('W2');
    if (fire) line('W1');
    if (spec.heat === 'two-stage furnace' && conventional) line('W2');
  }

  function power(): void {
    safeties(['R_ALL'], 'tr.R', 'in.R');
    if (spec.coolingless) return;
    if (spec.twoWires) return;
    safeties(['R_ODU'], 'in.R', 'odu.R');
    wire(between, 'R', 'odu.R', 'out.R');
    wire(between, 'C', 'in.C', 'out.C');
  }

  function stageLines(): void {
    const leak = has('leak sensor board');
    for (const stage of stages) {
      safeties(['Y', 'BOARD_INPUT'], leak ? `leak.${stage}` : `in.${stage}`, `odu.${stage}`);
      // A dead sensor board lets nothing cool either.
      if (leak)
        contact(`leak:${stage}`, `in.${stage}`, `leak.${stage}`, every(on('leak-board'), not({ demand: 'leak' })));
      if (spec.twoWires) {
        load('isolating-relay', `odu.${stage}`, 'in.C', VA['isolating-relay']);
        wire('outdoor', 'R', 'relay.A', 'out.R');
        wire('outdoor', stage, 'relay.B', `out.${stage}`);
        contact('relay', 'relay.A', 'relay.B', on('isolating-relay'));
        continue;
      }
      wire(between, stage, `odu.${stage}`, `out.${stage}`);
    }
    if (spec.heatPump) wire(between, 'OB', 'in.OB', 'out.OB');
  }

  function outdoor(): void {
    load('outdoor-board', 'out.R', 'out.C', VA['defrost-board']);
    const powered = on('outdoor-board');
    load('call', 'out.Y1', 'out.C', VA['board-input']);
    const defrosting: When = every({ demand: 'defrost' }, powered, on('call'));
    // The board passes a stage on only while it lives itself.
    contact('board:Y1', 'out.Y1', 'out.CC', powered);
    load('contactor', 'out.CC', 'out.C', VA.contactor);
    outputs.CC = on('contactor');
    outputs.OF = spec.heatPump ? every(on('contactor'), not(defrosting)) : on('contactor');
    if (spec.stages === 2) {
      contact('board:Y2', 'out.Y2', 'out.S2', powered);
      load('stage-solenoid', 'out.S2', 'out.C', VA['stage-solenoid']);
      outputs.S2 = on('stage-solenoid');
    }
    if (!spec.heatPump) return;
    // Defrost puts the valve into cooling, whichever way this one is energized.
    contact('board:OB', 'out.OB', 'out.RV', every(powered, not(defrosting)));
    if (spec.valve === 'O') contact('board:defrost-valve', 'out.R', 'out.RV', defrosting);
    load('valve', 'out.RV', 'out.C', VA.valve);
    outputs.RV = on('valve');
    if (spec.heat === 'none') return;
    contact('board:defrost-heat', 'out.R', 'out.W', defrosting);
    wire(between, 'W', 'out.W', fire ? 'in.W1' : 'in.W2');
  }

  function indoor(): void {
    if (spec.heat === 'strips' || spec.heat === 'none') {
      load('blower-relay', 'in.G', 'in.C', VA['blower-relay']);
      outputs.BL = on('blower-relay');
      if (spec.heat === 'none') return;
      load('sequencer', 'in.W2', 'in.C', VA.sequencer);
      outputs.EH = on('sequencer');
      // Strips never heat without air: the sequencer starts the blower itself.
      outputs.BL = { any: [on('blower-relay'), on('sequencer')] };
      return;
    }
    load('furnace:G', 'in.G', 'in.C', VA['board-input']);
    load('furnace:W1', 'in.W1', 'in.C', VA['board-input']);
    for (const stage of spec.coolingless ? [] : stages)
      load(`furnace:${stage}`, `in.${stage}`, 'in.C', VA['board-input']);
    // The board lights the fire and owns the blower then; both after their delays.
    contact('furnace:fire', 'in.R', 'in.GV', on('furnace:W1'));
    load('gas-valve', 'in.GV', 'in.C', VA['gas-valve']);
    outputs.F1 = on('gas-valve');
    outputs.BL = { any: [on('furnace:G'), on('furnace:W1')] };
    if (spec.heat === 'two-stage furnace' && conventional) {
      load('furnace:W2', 'in.W2', 'in.C', VA['board-input']);
      outputs.F2 = every(on('gas-valve'), on('furnace:W2'));
    }
  }

  function extras(): void {
    if (has('humidifier')) {
      contact('stat:H', 'stat.R', 'stat.H', { demand: 'humidity' });
      wire('stat', 'H', 'stat.H', 'in.H');
      load('humidifier', 'in.H', 'in.C', VA.humidifier);
    }
    if (!has('leak sensor board')) return;
    load('leak-board', 'in.R', 'in.C', VA['leak-board']);
    // What leaked is blown out of the duct.
    contact('leak:blower', 'in.R', 'in.G', { demand: 'leak' });
  }

  /** Four conductors of one language to each unit: nothing on them is a call. */
  function dataLines(): void {
    safeties(['R_ALL', 'R_ODU', 'Y', 'BOARD_INPUT'], 'tr.R', 'in.R');
    for (const role of ['R', 'D1', 'D2', 'C']) {
      wire('stat', role, `stat.${role}`, `in.${role}`);
      if (!spec.coolingless && role !== 'R') wire(between, role, `in.${role}`, `out.${role}`);
    }
    load('thermostat', 'stat.R', 'stat.C', VA.thermostat);
  }
}
