import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { hiddenBy, ohmsIn, pullsIn, seedFor, voltsIn } from '@/core/plant/cabinet/cabinet';
import { runCall, SYSTEMS, specOf, triedCalls, wiredFor } from './control-network';
import { applyEdit, changedWires, type Edit, laidWires, terminalsFor, withEdits } from './edits';
import { expectedIn } from './expected';
import { explain, FAULT_WORDS, HAZARDS, MEND_WORDS } from './explain';
import { FAULTS, faultsOf, layFault, type Wired } from './fault-codes';
import { breachesOf } from './invariants';
import { EXTRAS, makePlan, type PlanSpec, safetiesOf, VA } from './make-plan';
import { nodesOf, ohmsBetween } from './meter';
import { probesOf, voltsClass } from './probe';
import { trialsOf } from './trials';

const BREAKS = { valve: 'O', floatBreak: 'R_ALL', freezeBreak: 'Y' } as const;
const SPLIT = specOf('split-heat-pump', BREAKS);
const ALL: PlanSpec[] = [
  ...SYSTEMS.flatMap((s) => (['O', 'B'] as const).map((valve) => specOf(s, { ...BREAKS, valve }))),
  { ...SPLIT, extras: [...EXTRAS] },
  { ...SPLIT, heatPump: false, heat: 'furnace', twoWires: true },
  { ...SPLIT, heatPump: false, heat: 'furnace', coolingless: true },
  { ...SPLIT, heatPump: false, heat: 'none' },
];
const edited = (wired: Wired, ...edits: Edit[]): Wired => ({ ...wired, plan: withEdits(wired.plan, edits) });

describe('invariants of a control network (common practice, and the usual truth tables)', () => {
  it('every healthy plan breaks none, whatever is called and whichever safety is open', () => {
    for (const spec of ALL) expect(breachesOf(spec, wiredFor(spec)), JSON.stringify(spec)).toEqual([]);
  });
  it('what breaks them is told by what it does', () => {
    const broken = (code: (typeof FAULTS)[number], spec = SPLIT) => [
      ...new Set(breachesOf(spec, layFault(code, wiredFor(spec), spec)).map((b) => b.broken)),
    ];
    expect(broken('RC_SHORT')).toContain('short');
    expect(broken('OB_WRONG')).toEqual(['valve-against-mode']);
    expect(broken('FLOAT_ABSENT')).toEqual(['safety-does-not-stop']);
    expect(broken('FLOAT_FAN_ONLY')).toEqual(['compressor-without-blower', 'safety-does-not-stop']);
    expect(broken('YG_SWAP')).toContain('fan-starts-compressor');
    expect(broken('W_OPEN')).toEqual(['no-heat-when-asked']);
    expect(broken('BACKFEED')).toContain('two-transformers-joined');
    expect(broken('DF_AS_ELECTRIC', specOf('dual-fuel', BREAKS))).toContain('furnace-with-compressor');
  });
});

describe('changes on the board', () => {
  const healthy = wiredFor(SPLIT);
  it('Y and O changed over at the outdoor unit is Y and O changed over, whichever end it is', () => {
    const crossed = edited(healthy, { kind: 'swap', wire: 'outdoor:Y1', other: 'outdoor:OB', end: 'b' });
    const e = explain(SPLIT, healthy, crossed);
    expect(e.codes).toEqual(['YO_SWAP']);
    expect(e.otherwise.find((o) => o.trial.call === 'heat1' && o.trial.open.length === 0)).toMatchObject({
      missing: ['CC'],
      extra: ['RV'],
    });
    expect(e.otherwise.some((o) => o.trial.call === 'cool1' && o.trial.open.length === 0)).toBe(false);
    // The meter is held where it shows: Y dead or O live at the outdoor unit in heating.
    expect(e.telling).toMatchObject({ call: 'heat1', b: 'out.C' });
    expect(['out.Y1', 'out.OB']).toContain(e.telling!.a);
    const mended = edited(crossed, { kind: 'swap', wire: 'outdoor:Y1', other: 'outdoor:OB', end: 'b' });
    expect(explain(SPLIT, healthy, mended)).toEqual({ codes: [], otherwise: [], met: [], telling: undefined });
  });
  it('a cut, a short, a move and a bypass each show', () => {
    const codes = (...edits: Edit[]) => explain(SPLIT, healthy, edited(healthy, ...edits)).codes;
    expect(codes({ kind: 'cut', wire: 'stat:W2' })).toContain('W_OPEN');
    expect(codes({ kind: 'cut', wire: 'outdoor:C' })).toEqual(['ODU_C_OPEN']);
    expect(codes({ kind: 'cut', wire: 'outdoor:C' }, { kind: 'mend', wire: 'outdoor:C' })).toEqual([]);
    expect(codes({ kind: 'short', a: 'in.R', b: 'in.C' })).toEqual(['RC_SHORT']);
    expect(codes({ kind: 'short', a: 'in.R', b: 'in.C' }, { kind: 'unshort', a: 'in.C', b: 'in.R' })).toEqual([]);
    expect(codes({ kind: 'move', wire: 'stat:W2', end: 'b', to: 'in.OB' })).toEqual(['W_ON_O']);
    expect(codes({ kind: 'bypass', device: 'float' })).toEqual(['FLOAT_ABSENT']);
    // Not of the list, and still shown by what it does.
    const odd = explain(SPLIT, healthy, edited(healthy, { kind: 'cut', wire: 'stat:G' }));
    expect(odd.codes).toEqual([]);
    expect(odd.otherwise[0]).toMatchObject({ trial: { call: 'fan' }, missing: ['BL'] });
  });
  it('what cannot be is refused with what can', () => {
    const refused = (edit: Edit) => {
      const r = applyEdit(healthy.plan, edit);
      return r.ok ? undefined : [r.refused.field, r.refused.allowed];
    };
    expect(refused({ kind: 'move', wire: 'stat:Q', end: 'a', to: 'in.R' })![0]).toBe('wire');
    expect(refused({ kind: 'move', wire: 'stat:G', end: 'a', to: 'out.Y1' })).toEqual([
      'to',
      expect.stringContaining('stat.OB'),
    ]);
    expect(refused({ kind: 'move', wire: 'stat:G', end: 'a', to: 'stat.G' })![0]).toBe('to');
    expect(refused({ kind: 'swap', wire: 'stat:G', other: 'stat:G', end: 'a' })![0]).toBe('other');
    expect(refused({ kind: 'short', a: 'in.R', b: 'in.R' })![0]).toBe('b');
    expect(refused({ kind: 'short', a: 'in.R', b: 'moon.C' })![0]).toBe('b');
    expect(refused({ kind: 'bypass', device: 'moon' })).toEqual(['device', 'float, freeze']);
    // What is refused changes nothing.
    expect(withEdits(healthy.plan, [{ kind: 'cut', wire: 'stat:Q' }])).toEqual(healthy.plan);
  });
  it('an end goes only where its cable comes in; indoors one strip serves both', () => {
    const wire = laidWires(healthy.plan).find((w) => w.id === 'outdoor:Y1')!;
    expect(terminalsFor(healthy.plan, wire, 'b').every((n) => n.startsWith('out.'))).toBe(true);
    expect(terminalsFor(healthy.plan, wire, 'a')).toEqual(expect.arrayContaining(['in.G', 'odu.Y1']));
  });
  it('tells which conductors lie otherwise', () => {
    const plan = withEdits(healthy.plan, [
      { kind: 'cut', wire: 'stat:G' },
      { kind: 'short', a: 'in.R', b: 'in.G' },
    ]);
    expect(changedWires(healthy.plan, plan).map((c) => [c.was?.id, c.is?.id, c.is?.open ?? false])).toEqual([
      ['stat:G', 'stat:G', true],
      [undefined, 'short:in.G+in.R', false],
    ]);
  });
  it('random changes never make the solver hang, and undone they leave nothing (property)', () => {
    const ids = laidWires(healthy.plan).map((w) => w.id);
    const nodes = [...nodesOf(healthy.plan)];
    const any = fc.oneof(
      fc.record({ kind: fc.constant('cut' as const), wire: fc.constantFrom(...ids) }),
      fc.record({ kind: fc.constant('short' as const), a: fc.constantFrom(...nodes), b: fc.constantFrom(...nodes) }),
      fc.record({
        kind: fc.constant('swap' as const),
        wire: fc.constantFrom(...ids),
        other: fc.constantFrom(...ids),
        end: fc.constantFrom('a' as const, 'b' as const),
      }),
    );
    fc.assert(
      fc.property(fc.array(any, { maxLength: 4 }), fc.constantFrom(...triedCalls(SPLIT)), (edits, call) => {
        const solved = runCall(edited(healthy, ...edits), call);
        expect([...solved.across.values()].every(Number.isFinite)).toBe(true);
        const back = [...edits]
          .reverse()
          .map(
            (e): Edit =>
              e.kind === 'cut' ? { kind: 'mend', wire: e.wire } : e.kind === 'short' ? { ...e, kind: 'unshort' } : e,
          );
        expect(changedWires(healthy.plan, withEdits(healthy.plan, [...edits, ...back]))).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });
});

describe('every fault has its words, its mend and its measurement', () => {
  it.each(FAULTS)('%s', (code) => {
    expect(FAULT_WORDS[code]).toBeDefined();
    expect(MEND_WORDS[code]).toBeDefined();
    for (const spec of ALL.filter((s) => faultsOf(s).includes(code))) {
      const healthy = wiredFor(spec);
      const e = explain(spec, healthy, layFault(code, healthy, spec));
      expect(e.codes, JSON.stringify(spec)).toContain(code);
      expect(e.otherwise.length + e.met.length + (e.telling ? 1 : 0)).toBeGreaterThan(0);
      // What can hurt shows in the breaches too.
      if (HAZARDS.includes(code)) expect(breachesOf(spec, layFault(code, healthy, spec)).length).toBeGreaterThan(0);
    }
  });
});

describe('what else hangs on 24 V', () => {
  it('pump and wet switch break where the float does', () => {
    const spec: PlanSpec = { ...SPLIT, extras: ['condensate pump', 'wet switch'] };
    expect(safetiesOf(spec).map((s) => [s.device, s.at])).toEqual([
      ['float', 'R_ALL'],
      ['pump', 'R_ALL'],
      ['wet', 'R_ALL'],
      ['freeze', 'Y'],
    ]);
    for (const device of ['pump', 'wet'])
      expect(expectedIn(wiredFor(spec), { call: 'cool1', open: [device] })).toEqual([]);
  });
  it('a leak stops every stage and blows; a dead sensor board lets nothing cool', () => {
    const spec: PlanSpec = { ...SPLIT, extras: ['leak sensor board'] };
    const wired = wiredFor(spec);
    expect([...runCall(wired, 'cool1').runs].sort()).toEqual(['BL', 'CC', 'OF', 'RV']);
    expect(makePlan(spec).loads.find((l) => l.id === 'leak-board')!.va).toBe(VA['leak-board']);
  });
  it('two wires outdoors: the indoor and the outdoor 24 V stay apart, the call comes over dry contacts', () => {
    const spec: PlanSpec = { ...SPLIT, heatPump: false, heat: 'furnace', twoWires: true };
    const { plan } = wiredFor(spec);
    expect(plan.wires.filter((w) => w.cable === 'outdoor').map((w) => w.role)).toEqual(['R', 'Y1']);
    expect(ohmsBetween(plan, 'in.R', 'out.R')).toBeUndefined();
    expect(ohmsBetween(plan, 'in.C', 'out.C')).toBeUndefined();
    expect(expectedIn(wiredFor(spec), { call: 'cool1', open: [] })).toEqual(['BL', 'CC']);
    expect(expectedIn(wiredFor(spec), { call: 'cool1', open: ['freeze'] })).toEqual(['BL']);
  });
  it('data lines carry no call: nothing of it is tried or found by the list', () => {
    const spec: PlanSpec = { ...SPLIT, communicating: true };
    expect(triedCalls(spec)).toEqual([]);
    expect(faultsOf(spec)).toEqual([]);
    expect(
      makePlan(spec)
        .wires.filter((w) => w.cable === 'outdoor')
        .map((w) => w.role),
    ).toEqual(['D1', 'D2', 'C']);
  });
  it('a furnace alone knows fan and fire', () => {
    expect(triedCalls({ ...SPLIT, heatPump: false, heat: 'furnace', coolingless: true })).toEqual([
      'off',
      'fan',
      'heat1',
    ]);
    expect(triedCalls(SPLIT)).toEqual(['off', 'fan', 'cool1', 'heat1', 'aux', 'emergency', 'defrost']);
    expect(triedCalls({ ...SPLIT, heat: 'none' })).toEqual(['off', 'fan', 'cool1', 'heat1', 'defrost']);
  });
});

describe('an ohmmeter on a dead network (Ohm’s law, by hand)', () => {
  const { plan } = wiredFor(SPLIT);
  it('a coil of 9 VA is 64 Ω, a wire none, an open float open', () => {
    // The board between out.Y1 and the contactor is at rest: its contact is open, the coil is read at its own terminal.
    expect(ohmsBetween(plan, 'out.CC', 'out.C')).toBeCloseTo(24 ** 2 / 9, 3);
    expect(ohmsBetween(plan, 'stat.G', 'in.G')).toBe(0);
    expect(ohmsBetween(plan, 'tr.R', 'in.R')).toBe(0);
    expect(ohmsBetween(plan, 'tr.R', 'stat.G', new Set(['float']))).toBeUndefined();
  });
  it('between two classes of volts there is a third that no coil takes', () => {
    expect([0, 4.9, 5, 17.9, 18, -26].map(voltsClass)).toEqual(['dead', 'dead', 'between', 'between', 'live', 'live']);
    expect(probesOf(plan)).toEqual(expect.arrayContaining([{ a: 'out.Y1', b: 'out.C' }]));
  });
});

describe('the simulated cabinet', () => {
  it('hides one fault by its seed, reads as the solver does, and is healthy once that is mended', () => {
    for (const code of faultsOf(SPLIT).filter((c) => c !== 'BACKFEED')) {
      const seed = seedFor(SPLIT, code);
      expect(hiddenBy(SPLIT, seed)).toBe(code);
      const faulty = layFault(code, wiredFor(SPLIT), SPLIT);
      for (const trial of trialsOf(SPLIT)) {
        expect(pullsIn({ spec: SPLIT, seed, mended: [] }, trial)).toEqual(expectedIn(faulty, trial));
        expect(pullsIn({ spec: SPLIT, seed, mended: [code] }, trial)).toEqual(expectedIn(wiredFor(SPLIT), trial));
      }
    }
    expect(hiddenBy(SPLIT, faultsOf(SPLIT).length - 1)).toBeUndefined();
  });
  it('mending another fault than the hidden one mends nothing', () => {
    const cabinet = { spec: SPLIT, seed: seedFor(SPLIT, 'YO_SWAP'), mended: ['W_OPEN' as const] };
    expect(pullsIn(cabinet, { call: 'heat1', open: [] })).toEqual(['BL', 'RV']);
    expect(voltsIn(cabinet, { call: 'heat1', open: [] }, { a: 'out.OB', b: 'out.C' })).toBeGreaterThan(20);
    expect(voltsIn(cabinet, { call: 'heat1', open: [] }, { a: 'out.Y1', b: 'out.C' })).toBeLessThan(1);
    expect(ohmsIn(cabinet, { a: 'stat.Y1', b: 'in.OB' })).toBe(0);
    const apart: PlanSpec = { ...SPLIT, heatPump: false, heat: 'furnace', twoWires: true };
    expect(ohmsIn({ ...cabinet, spec: apart, seed: 99 }, { a: 'in.R', b: 'out.R' })).toBeUndefined();
  });
});
