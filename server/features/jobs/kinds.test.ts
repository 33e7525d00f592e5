import { afterAll, describe, expect, it } from 'vitest';
import type { LibraryFields } from '@/core/equipment/library-item';
import type { FitKind } from '@/core/fit/sheets';
import { SAMPLE_PROOF } from '@/core/furnace/testing/sample-proof';
import { sampleSheet } from '@/core/job/testing/sample-sheet';
import { notNeeded, phasesOf } from '@/core/phases/standing';
import { fitKindsFor } from '@/core/scope/fit-start';
import type { FactValue } from '@/core/scope/survey/fact';
import type { FactKey } from '@/core/scope/survey/facts';
import { neverAsked } from '@/core/scope/survey/survey';
import { ON_PAPER, startServer } from '@/server/testing/harness';
import { JobWalk, must } from '@/server/testing/job-walk';
import { english } from '@/server/words/speak-to';

const server = await startServer();
const lead = await server.as('alder-lead');
afterAll(() => server.stop());

type Facts = Partial<Record<FactKey, FactValue>>;
type Piece = 'outdoor' | 'indoor' | 'furnace';
type Kind = {
  name: string;
  facts: Facts;
  /** New pieces, out of the library. */
  fresh: Partial<Record<Piece, Partial<LibraryFields>>>;
  circuit: 'line set' | 'sealed' | 'closed';
  burns: boolean;
  asked: FactKey[];
  notAsked: FactKey[];
  fits: FitKind[];
};

const LINE: Facts = { liquidOdIn: '0.375', vaporOdIn: '0.875', lineLengthFt: 42, lineState: 'sound', metering: 'txv' };
const OUTDOOR = {};
const COIL = { kind: 'coil', outputBtuh: null } as const;
const AIR_HANDLER = { kind: 'air-handler' } as const;
const FURNACE = { kind: 'furnace', tons: null, refrigerant: null, metering: null } as const;
const PACKAGE = { kind: 'package' } as const;
const INDOORS: FitKind[] = ['route', 'stack', 'air', 'drain', 'selection'];

const KINDS: Kind[] = [
  {
    name: 'split cooling, both units',
    facts: { systemType: 'split-ac', replaced: 'both-units', ...LINE },
    fresh: { outdoor: { heatPump: false }, indoor: COIL },
    circuit: 'line set',
    burns: false,
    asked: ['lineState', 'fuel', 'drainState'],
    notAsked: ['crane'],
    fits: ['placement', ...INDOORS],
  },
  {
    name: 'split heat pump with an air handler',
    facts: { systemType: 'split-hp', replaced: 'both-units', indoorType: 'air-handler', ...LINE },
    fresh: { outdoor: OUTDOOR, indoor: AIR_HANDLER },
    circuit: 'line set',
    burns: false,
    asked: ['lineState'],
    notAsked: ['fuel', 'sharedFlue'],
    fits: ['placement', ...INDOORS],
  },
  {
    name: 'dual fuel, everything',
    facts: { systemType: 'dual-fuel', replaced: 'all', fuel: 'natural gas', ...LINE },
    fresh: { outdoor: OUTDOOR, indoor: COIL, furnace: FURNACE },
    circuit: 'line set',
    burns: true,
    asked: ['fuel', 'sharedFlue', 'drainState', 'lineState'],
    notAsked: ['indoorType'],
    fits: ['placement', ...INDOORS],
  },
  {
    name: 'outdoor unit alone',
    facts: { systemType: 'split-ac', replaced: 'outdoor', coilRefrigerant: 'R-454B', a2lListed: true, ...LINE },
    fresh: { outdoor: { heatPump: false } },
    circuit: 'line set',
    burns: false,
    asked: ['pad', 'coilRefrigerant'],
    notAsked: ['crane'],
    fits: ['placement', 'route', 'air', 'selection'],
  },
  {
    name: 'cased coil alone, under a unit that stays',
    facts: {
      systemType: 'split-ac',
      replaced: 'coil',
      outdoorModel: 'OAC-36',
      oldRefrigerant: 'R-454B',
      oldTons: 3,
      oldChargeOz: 118,
      ...LINE,
    },
    fresh: { indoor: COIL },
    circuit: 'line set',
    burns: false,
    asked: ['oldRefrigerant', 'lineState', 'fuel'],
    notAsked: ['pad', 'moving'],
    fits: INDOORS,
  },
  {
    name: 'air handler alone',
    facts: { systemType: 'split-hp', replaced: 'air-handler', oldRefrigerant: 'R-454B', ...LINE },
    fresh: { indoor: AIR_HANDLER },
    circuit: 'line set',
    burns: false,
    asked: ['oldRefrigerant', 'overFinished'],
    notAsked: ['pad', 'fuel'],
    fits: INDOORS,
  },
  {
    name: 'furnace alone, under a coil that stays',
    facts: { systemType: 'split-ac', replaced: 'furnace', fuel: 'natural gas' },
    fresh: { furnace: FURNACE },
    circuit: 'closed',
    burns: true,
    asked: ['fuel', 'sharedFlue', 'drainState', 'coilFace'],
    notAsked: ['oldRefrigerant', 'lineState', 'compressorState', 'pad'],
    fits: INDOORS,
  },
  {
    name: 'furnace alone in a house without cooling',
    facts: { systemType: 'furnace-oil', fuel: 'oil' },
    fresh: { furnace: FURNACE },
    circuit: 'closed',
    burns: true,
    asked: ['fuel', 'oilTank', 'drainState'],
    notAsked: ['coilFace', 'oldRefrigerant', 'replaced'],
    fits: INDOORS,
  },
  {
    name: 'packaged cooling',
    facts: { systemType: 'packaged-ac' },
    fresh: { outdoor: { ...PACKAGE, heatPump: false } },
    circuit: 'sealed',
    burns: false,
    asked: ['ductsCrossed', 'pad'],
    notAsked: ['fuel', 'lineState', 'overFinished'],
    fits: ['placement', 'route', 'packaged', 'air', 'drain', 'selection'],
  },
  {
    name: 'packaged heat pump',
    facts: { systemType: 'packaged-hp' },
    fresh: { outdoor: PACKAGE },
    circuit: 'sealed',
    burns: false,
    asked: ['ductsCrossed'],
    notAsked: ['fuel', 'lineState'],
    fits: ['placement', 'route', 'packaged', 'air', 'drain', 'selection'],
  },
  {
    name: 'packaged gas and electric',
    facts: { systemType: 'gas-pack', fuel: 'natural gas' },
    fresh: { outdoor: { ...PACKAGE, heatPump: false } },
    circuit: 'sealed',
    burns: true,
    asked: ['fuel'],
    notAsked: ['lineState'],
    fits: ['placement', 'route', 'packaged', 'air', 'drain', 'selection'],
  },
  {
    name: 'packaged dual fuel',
    facts: { systemType: 'packaged-dual-fuel', fuel: 'propane' },
    fresh: { outdoor: PACKAGE },
    circuit: 'sealed',
    burns: true,
    asked: ['fuel'],
    notAsked: ['lineState'],
    fits: ['placement', 'route', 'packaged', 'air', 'drain', 'selection'],
  },
  {
    name: 'rooftop without gas',
    facts: { systemType: 'rooftop', circuits: '1', fuel: 'none' },
    fresh: { outdoor: PACKAGE },
    circuit: 'sealed',
    burns: false,
    asked: ['circuits', 'crane', 'fuel'],
    notAsked: ['lineState', 'indoorType'],
    fits: ['route', 'curb', 'air', 'drain', 'selection'],
  },
];

const ID = { outdoor: 'outdoorId', indoor: 'indoorId', furnace: 'furnaceId' } as const;
const SEALED = ['join', 'pressure-test', 'evacuate'];

describe.each(KINDS)('$name', (kind) => {
  it('goes from its survey to a signed report, through what its new pieces need and through nothing else', async () => {
    const walk = await JobWalk.fresh(lead);
    const { systemType, ...rest } = kind.facts;
    // What is asked follows from the kind and from what is replaced.
    await walk.tell({ systemType: systemType!, ...('replaced' in rest ? { replaced: rest.replaced! } : {}) });
    const open = neverAsked(await walk.known()).map((f) => f.key);
    expect(open).toEqual(expect.arrayContaining(kind.asked.filter((k) => !(k in kind.facts) || open.includes(k))));
    for (const key of kind.notAsked) expect(open, key).not.toContain(key);
    await walk.survey(rest);
    expect(fitKindsFor(await walk.known())).toEqual(kind.fits);

    // The scope asks for the new pieces and for nothing else.
    expect((await walk.held('scope')).map((g) => g.id)).toContain('new-unit');
    const ids: Record<string, string> = {};
    const models: string[] = [];
    for (const [piece, fields] of Object.entries(kind.fresh)) {
      const model = `${piece}-${walk.id.slice(-6)}`;
      models.push(model);
      ids[ID[piece as Piece]] = await walk.unit({ ...fields, model });
    }
    await walk.choose({ ...ids, keepLineSet: kind.circuit === 'line set' });
    expect((await walk.held('scope')).map((g) => g.id)).not.toContain('new-unit');
    await walk.agree();
    await walk.release();
    // It is set as its own sheet asks, with nothing let pass.
    await walk.set();
    await walk.wire();
    expect((await walk.sheet()).overrides).toEqual([]);

    let sheet = await walk.sheet();
    const skipped = notNeeded(sheet).map((n) => n.phase);
    if (kind.circuit === 'closed') {
      expect(phasesOf(sheet)).toEqual(['survey', 'scope', 'set', 'wire', 'hand-over']);
      expect(skipped).toEqual(['recover', ...SEALED, 'charge', 'start-up']);
    } else {
      // Only a new outdoor unit brings its plate; one that stays is read where it stands.
      if (!kind.fresh.outdoor) {
        expect(sheet.circuit.plate).toBeNull();
        const plate = { ...sampleSheet().circuit.plate, unitState: 'empty' };
        must(await walk.put('/plate', { version: sheet.circuit.version, plate }));
        sheet = await walk.sheet();
      }
      expect(sheet.circuit.plate?.packaged ?? false).toBe(kind.circuit === 'sealed');
      if (kind.circuit === 'sealed') expect(skipped).toEqual(SEALED);
      else must(await walk.put('/vacuum', { version: 0, endMicrons: 310, heldMin: 12, reason: ON_PAPER }));
      await walk.signAnyway('charge');
      await walk.readTwice();
      await walk.signAnyway('start-up');
    }
    expect((await walk.sheet()).circuits[0]).toMatchObject({
      cooled: kind.circuit !== 'closed',
      furnace: kind.burns ? 'owed' : 'none',
    });
    // What newly burns fuel is read before anybody hands it over.
    expect((await walk.held('hand-over')).some((g) => g.id === 'furnace-proof')).toBe(kind.burns);
    if (kind.burns) must(await walk.put('/furnace', { version: 0, proof: { ...SAMPLE_PROOF, ...oilOf(kind.facts) } }));
    await walk.signAnyway('hand-over');

    const report = await walk.report();
    expect(report.status).toBe('signed');
    expect(report.titles.includes('Furnace, as read')).toBe(kind.burns);
    expect(report.titles).toContain('Set: as built');
    // What stands outside has pictures of its wall or its roof; what stands indoors alone has none that are asked.
    expect(report.titles.includes('Pictures: Set')).toBe('outdoor' in kind.fresh || 'package' in kind.fresh);
    expect(report.titles.includes('Figures')).toBe(kind.circuit !== 'closed');
    const text = JSON.stringify(report);
    for (const model of models) expect(text, model).toContain(model);
    const rows = report.tables.find((t) => english(t.title) === 'Signatures')!.rows;
    expect(rows.map((r) => english(r[0] as never))).toEqual(phasesSigned(kind));
    expect((await lead.get('/jobs?state=done')).body.jobs).toEqual(
      expect.arrayContaining([expect.objectContaining({ jobId: walk.id })]),
    );
  });
});

const oilOf = ({ fuel }: Facts) =>
  fuel === 'oil'
    ? { fuel: 'oil', inletInWc: null, manifoldInWc: null, plateManifoldInWc: null }
    : fuel === 'propane'
      ? { fuel: 'propane', inletInWc: 11.5, manifoldInWc: 10, plateManifoldInWc: 10 }
      : {};

const phasesSigned = ({ circuit }: Kind): string[] => [
  'Survey',
  'Scope',
  'Set',
  'Wire',
  ...(circuit === 'closed' ? [] : ['Charge', 'Start-up']),
  'Hand-over',
];
