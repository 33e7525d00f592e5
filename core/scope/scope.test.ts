import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { english, told } from '@/core/words/testing/english';
import { disclosuresOf, disclosureText } from './disclosure';
import { scopeSchools } from './schools';
import { decideItems, isEmptyDelta, scopeDelta, scopeItems, totalOf } from './scope';
import { storyOf } from './story';
import { beforeList, beforeSubject } from './survey/before-dismantling';
import { FACTS, factOf, type KnownFacts, valueTrouble } from './survey/facts';
import { hazardsOf, workStops } from './survey/hazards';
import { neverAsked, placeStates, unknowns } from './survey/survey';
import { SAMPLE_OUTDOOR, sampleScope } from './testing/sample-scope';

const levelOf = (input: Parameters<typeof scopeItems>[0], id: string) =>
  scopeItems(input).find((i) => i.id === id)?.level;
const known = (facts: KnownFacts): KnownFacts => ({ ...sampleScope().known, ...facts });

describe('scope rules: each row is a fact of the trade (common practice unless the item names its source)', () => {
  it('a 6-year listed clean valve coil stays with a disclosure', () => {
    const input = sampleScope({ known: known({ coilAgeYr: 6, coilFace: 'clean' }), pairListed: true });
    expect(levelOf(input, 'coil-age')).toBeUndefined();
    expect(levelOf(input, 'coil-kept')).toBe('must');
    expect(disclosuresOf(input, new Set()).map((d) => d.id)).toContain('coil');
  });
  it('11 years, plated, salt air: strong should', () => {
    const input = sampleScope({ known: known({ coilAgeYr: 11, endPlates: 'plated', saltAir: true }) });
    expect(scopeItems(input).find((i) => i.id === 'coil-age')).toMatchObject({ level: 'should', strong: true });
  });
  it('the school of both coils by age turns the should into a must, and the item names it', () => {
    const input = sampleScope({ known: known({ coilAgeYr: 11 }), schools: scopeSchools({ bothCoils: 'by-age' }) });
    const item = scopeItems(input).find((i) => i.id === 'coil-age')!;
    expect(item.level).toBe('must');
    expect(english(item.source)).toMatch(/company policy: Replace both coils/);
  });
  it('a 4-year R-410A coil under an R-454B unit: must, for safety', () => {
    const input = sampleScope({ known: known({ coilAgeYr: 4, coilRefrigerant: 'R-410A', a2lListed: false }) });
    expect(scopeItems(input).find((i) => i.id === 'coil-refrigerant')).toMatchObject({ level: 'must', safety: true });
  });
  it('a capillary coil under a unit that wants a valve: must', () => {
    expect(levelOf(sampleScope({ known: known({ metering: 'capillary' }) }), 'coil-metering')).toBe('must');
  });
  it.each([
    [
      'soft starter on an inverter',
      sampleScope({ choice: { ...sampleScope().choice, softStarter: true } }, { stages: 'variable' }),
      'soft-start-forbidden',
      'must',
    ],
    ['soft starter on a single-stage unit', sampleScope(), 'soft-start', 'could'],
    ['no soft starter on a three-phase unit', sampleScope({}, { phases: '3' }), 'soft-start', undefined],
    ['surge protector on an inverter', sampleScope({}, { stages: 'variable' }), 'surge', 'should'],
    ['too few wires', sampleScope({ known: known({ conductors: 5 }) }), 'conductors', 'must'],
    ['mixed refrigerants', sampleScope({ known: known({ oldRefrigerant: 'mixed' }) }), 'mixed-recovery', 'must'],
    ['one drier, bi-flow for a heat pump', sampleScope(), 'liquid-drier', 'must'],
    ['wrong liquid line', sampleScope({ known: known({ liquidOdIn: '0.25' }) }), 'line-set-new', 'must'],
    ['kept line set', sampleScope(), 'line-set-flush', 'must'],
    ['burnout', sampleScope({ known: known({ acid: 'acid' }) }), 'suction-drier', 'must'],
    ['oil furnace under a coil', sampleScope({ known: known({ indoorType: 'oil-furnace' }) }), 'oil-coil', 'must'],
    [
      'zones on a single-stage unit',
      sampleScope({ known: known({ zones: 3 }), signs: { zoneRatio: 0.51 } }),
      'zoning',
      'must',
    ],
    ['undersized return', sampleScope({ signs: { returnShortIn2: 180 } }), 'return', 'should'],
    [
      'ducts too small for a larger unit',
      sampleScope({ known: known({ oldTons: 2.5 }), signs: { ductTons: 2.3 } }),
      'duct-size',
      'must',
    ],
    ['over a finished ceiling', sampleScope({ known: known({ overFinished: true }) }), 'pan-float', 'must'],
    [
      'flaking flex when handled',
      sampleScope({ known: known({ flexState: 'flaking' }), choice: { ...sampleScope().choice, ductsTouched: true } }),
      'flex',
      'must',
    ],
    ['flaking flex left alone', sampleScope({ known: known({ flexState: 'flaking' }) }), 'flex', 'should'],
    ['breaker above the plate', sampleScope({ known: known({ breakerA: 60 }) }), 'breaker', 'must'],
    ['suspected asbestos', sampleScope({ known: known({ asbestos: 'suspect' }) }), 'asbestos', 'must'],
    ['mercury', sampleScope({ known: known({ statType: 'mercury' }) }), 'mercury', 'must'],
    ['hydronic coil', sampleScope({ known: known({ hydronicCoil: true }) }), 'hydronic', 'must'],
    ['a shared flue', sampleScope({ known: known({ sharedFlue: true }) }), 'flue', 'must'],
    ['an unlisted pair', sampleScope({ pairListed: false }), 'pair-listing', 'should'],
    [
      'an unlisted pair with a rating claimed',
      sampleScope({ pairListed: false, choice: { ...sampleScope().choice, ratingClaimed: true } }),
      'pair-listing',
      'must',
    ],
    ['crossed ducts', sampleScope({ signs: { ductsCrossed: true } }), 'crossover', 'must'],
  ] as const)('%s', (_name, input, id, level) => expect(levelOf(input, id)).toBe(level));

  it('exactly one liquid drier: a shipped one is fitted, no second is bought', () => {
    const items = scopeItems(sampleScope({}, { driers: 'shipped' })).filter((i) => /drier/i.test(i.id));
    expect(items.length).toBe(1);
    expect(items[0]).toMatchObject({ materials: 0 });
    expect(english(items[0]!.say)).toMatch(/no second one/);
  });
  it('communicating or 24 V stays open until it is decided with a reason', () => {
    const open = sampleScope({}, { controls: 'either' });
    expect(english(scopeItems(open).find((i) => i.id === 'controls')!.say)).toMatch(/^Decide/);
    const decided = {
      ...open,
      choice: {
        ...open.choice,
        controls: '24v' as const,
        controlsReason: 'Six good wires, owner keeps the thermostat',
      },
    };
    expect(english(scopeItems(decided).find((i) => i.id === 'controls')!.say)).toBe('24 V control');
  });
});

describe('every combination of facts', () => {
  const facts = fc.record(
    Object.fromEntries(
      FACTS.map((f) => [
        f.key,
        fc.oneof(
          { weight: 1, arbitrary: fc.constant(null) },
          {
            weight: 4,
            arbitrary:
              f.kind === 'choice'
                ? fc.constantFrom(...f.options.map(([v]) => v))
                : f.kind === 'yes-no'
                  ? fc.boolean()
                  : f.kind === 'number'
                    ? fc.integer({ min: Math.ceil(f.low), max: Math.floor(f.high) })
                    : fc.constant('scratched door'),
          },
        ),
      ]),
    ),
    { requiredKeys: [] },
  ) as fc.Arbitrary<KnownFacts>;
  it('ids are unique, every item says why, from where and on which facts; safety comes first', () => {
    fc.assert(
      fc.property(facts, fc.constantFrom('single', 'variable') as fc.Arbitrary<'single'>, (k, stages) => {
        const items = scopeItems(sampleScope({ known: k }, { stages }));
        expect(new Set(items.map((i) => i.id)).size).toBe(items.length);
        for (const i of items) {
          expect(english(i.say).length * english(i.reason).length * english(i.source).length).toBeGreaterThan(0);
          expect(i.triggers.map(english).every((t) => t.length > 0 && !t.includes('undefined'))).toBe(true);
          expect(i.hours).toBeGreaterThanOrEqual(0);
        }
        const lastSafety = items.findLastIndex((i) => i.safety);
        expect(items.slice(0, lastSafety + 1).every((i) => i.level === 'must' && i.safety)).toBe(true);
      }),
      { numRuns: 150 },
    );
  });
  it('a delta is what the totals differ by, and nothing when nothing changed', () => {
    fc.assert(
      fc.property(facts, facts, (a, b) => {
        const before = scopeItems(sampleScope({ known: a }));
        const after = scopeItems(sampleScope({ known: b }));
        const counted = (items: typeof before) =>
          items.filter((i) => i.level !== 'could').reduce((s, i) => s + i.hours, 0);
        expect(scopeDelta(before, after, 120).hours).toBeCloseTo(counted(after) - counted(before), 6);
        expect(isEmptyDelta(scopeDelta(before, before, 120))).toBe(true);
      }),
      { numRuns: 100 },
    );
  });
});

describe('decisions', () => {
  const by = { by: 'Tess', role: 'lead', at: '2026-06-01T10:00:00Z' };
  it('a must is in, a could is out, a should waits; a safety item stays in whatever is decided', () => {
    const items = scopeItems(sampleScope({ known: known({ breakerA: 60 }) }));
    const standing = (id: string, decisions: Parameters<typeof decideItems>[1] = []) =>
      decideItems(items, decisions).find((i) => i.id === id)!.standing;
    expect(standing('liquid-drier')).toBe('in');
    expect(standing('soft-start')).toBe('out');
    expect(standing('whip')).toBe('open');
    expect(standing('breaker', [{ itemId: 'breaker', decision: 'out', reason: 'no', ...by }])).toBe('in');
    expect(standing('whip', [{ itemId: 'whip', decision: 'out', reason: 'new last year', ...by }])).toBe('out');
  });
  it('the total counts what is in', () => {
    const decided = decideItems(scopeItems(sampleScope()), []);
    const inside = decided.filter((i) => i.standing === 'in');
    expect(totalOf(decided, 100).hours).toBeCloseTo(
      inside.reduce((s, i) => s + i.hours, 0),
      9,
    );
    expect(totalOf(decided, 100).price).toBeCloseTo(
      inside.reduce((s, i) => s + i.materials + 100 * i.hours, 0),
      9,
    );
  });
  it('a changed fact changes the text that a disclosure’s signature stands under', () => {
    const a = disclosuresOf(sampleScope({ known: known({ coilAgeYr: 6 }) }), new Set()).find((d) => d.id === 'coil')!;
    const b = disclosuresOf(sampleScope({ known: known({ coilAgeYr: 6, coilLeaks: 1 }) }), new Set()).find(
      (d) => d.id === 'coil',
    )!;
    expect(disclosureText(a)).not.toBe(disclosureText(b));
  });
});

describe('a furnace changed under a coil that stays', () => {
  const under = (change: object = {}) =>
    sampleScope({
      known: { systemType: 'split-ac', replaced: 'furnace', fuel: 'natural gas', coilAgeYr: 14, ...change },
      outdoor: undefined,
      furnace: { ...SAMPLE_OUTDOOR, kind: 'furnace' },
    });
  const ids = (input: ReturnType<typeof under>) => scopeItems(input).map((i) => i.id);
  it('its coil is held, not tested and not disclosed: the circuit stays closed', () => {
    expect(ids(under())).toEqual(expect.arrayContaining(['coil-held', 'gas-cap']));
    for (const opened of ['coil-kept', 'coil-age', 'liquid-drier', 'line-set-flush'])
      expect(ids(under())).not.toContain(opened);
    expect(disclosuresOf(under(), new Set())).toEqual([]);
  });
  it('where the circuit is opened the coil is tested and disclosed, and nothing is held', () => {
    const opened = sampleScope({
      known: { systemType: 'split-ac', replaced: 'outdoor', coilAgeYr: 14, coilRefrigerant: 'R-454B', a2lListed: true },
    });
    expect(ids(opened)).toEqual(expect.arrayContaining(['coil-kept', 'liquid-drier']));
    expect(ids(opened)).not.toContain('coil-held');
    expect(disclosuresOf(opened, new Set()).map((d) => d.id)).toContain('coil');
  });
  it('fuel is shut off and capped where something that burns gas goes, and nowhere else', () => {
    const caps = (known: object) => ids(sampleScope({ known: known as never })).includes('gas-cap');
    expect(caps({ systemType: 'split-ac', replaced: 'both-units', fuel: 'natural gas' })).toBe(false);
    expect(caps({ systemType: 'dual-fuel', replaced: 'all', fuel: 'propane' })).toBe(true);
    expect(caps({ systemType: 'furnace-oil', fuel: 'oil' })).toBe(false);
    expect(caps({ systemType: 'rooftop', fuel: 'none' })).toBe(false);
    expect(caps({ systemType: 'rooftop' })).toBe(true);
  });
  it('a coil over an oil furnace wants its pan, whatever the survey calls the system', () => {
    const pan = (known: object) => ids(sampleScope({ known: known as never })).includes('oil-coil');
    expect(pan({ systemType: 'dual-fuel', fuel: 'oil' })).toBe(true);
    expect(pan({ systemType: 'dual-fuel', fuel: 'propane' })).toBe(false);
    expect(pan({ systemType: 'split-ac', indoorType: 'oil-furnace' })).toBe(true);
  });
  it('a coil alone gets a new drier all the same, for both directions on a heat pump', () => {
    const coil = { ...SAMPLE_OUTDOOR, kind: 'coil' as const };
    const said = (systemType: string) =>
      JSON.stringify(
        scopeItems(sampleScope({ known: { systemType, replaced: 'coil' }, outdoor: undefined, indoor: coil })).find(
          (i) => i.id === 'liquid-drier',
        )?.say,
      );
    expect(said('split-ac')).not.toContain('bi-flow');
    expect(said('split-hp')).toContain('bi-flow');
  });
});

describe('the survey', () => {
  it('what kind of system comes first; the heaviest unknown next; looked-for-and-not-seen after never-asked', () => {
    expect(unknowns({})[0]!.key).toBe('systemType');
    expect(unknowns({ systemType: 'split-hp' })[0]!.key).toBe('replaced');
    const list = unknowns({ systemType: 'split-hp', replaced: 'both-units', oldRefrigerant: null });
    expect(list[0]!.weight).toBe(9);
    expect(list.findIndex((f) => f.key === 'oldRefrigerant')).toBeGreaterThan(-1);
    expect(neverAsked({ systemType: 'split-hp', oldRefrigerant: null }).some((f) => f.key === 'oldRefrigerant')).toBe(
      false,
    );
  });
  it('each kind of system asks its own questions and every place counts its answers', () => {
    for (const systemType of ['split-hp', 'packaged-hp', 'gas-pack', 'furnace-oil', 'rooftop'] as const) {
      const places = placeStates({ systemType, breakerA: 30, disconnectState: null });
      const disconnect = places.find((p) => p.place === 'disconnect')!;
      expect([disconnect.answered, disconnect.notSeen]).toEqual([1, 1]);
      expect(places.find((p) => p.place === 'line-set')!.applies).toBe(systemType === 'split-hp');
    }
  });
  it('suspected asbestos stops the work; tested clear does not; an old plate alone only warns', () => {
    expect(workStops({ asbestos: 'suspect' }).length).toBe(1);
    expect(workStops({ asbestos: 'tested clear' }).length).toBe(0);
    expect(hazardsOf({ oldYear: 1974 }).map((h) => h.id)).toEqual(['asbestos-age']);
  });
  it('an attic counts as hot from the company’s own temperature on', () => {
    const hot = (atticF: number, from?: number) =>
      hazardsOf({ atticF }, undefined, from).some((h) => h.id === 'hot-attic');
    expect([hot(99), hot(100), hot(104, 105), hot(105, 105)]).toEqual([false, true, false, true]);
    expect(scopeSchools({ hotAtticF: 105 }).hotAtticF).toBe(105);
    expect(scopeSchools({ hotAtticF: 300 }).hotAtticF).toBe(100);
  });
  it('answers outside their question are refused with what is allowed', () => {
    const allowed = (key: string, value: unknown) => valueTrouble(factOf(key)!, value)?.allowed;
    expect(english(allowed('breakerA', 9000))).toBe('5 to 600 A');
    expect(english(allowed('outdoorSerial', ' '))).toBe('1 to 200 characters');
    expect(valueTrouble(factOf('asbestos')!, 'maybe')).toMatchObject({ allowed: 'none, suspect, tested clear' });
    expect(valueTrouble(factOf('twoFeeds')!, 'yes')).toBeDefined();
    expect(valueTrouble(factOf('breakerA')!, null)).toBeUndefined();
  });
  it('the list before dismantling knows the system, taken pictures and waivers', () => {
    const photo = {
      id: 'p',
      subject: beforeSubject('plates'),
      caption: null,
      widthPx: 1,
      heightPx: 1,
      bytes: 1,
      by: 'T',
      at: '',
    };
    const list = beforeList(
      { systemType: 'split-hp' },
      [photo],
      [{ item: 'diagram', reason: 'door missing', by: 'T', at: '' }],
    );
    expect(list.find((i) => i.id === 'plates')!.state).toBe('taken');
    expect(list.find((i) => i.id === 'diagram')!.state).toBe('waived');
    expect(list.some((i) => i.id === 'gas-vent')).toBe(false);
  });
  it.each([
    [{ whyReplaced: 'compressor', acid: 'acid' }, 'burnout'],
    [{ coilFace: 'matted' }, 'dirty-coil'],
    [{ smothered: true }, 'smothered'],
    [{ floodback: true }, 'floodback'],
    [{ drainState: 'blocked' }, 'drain'],
    [{ whyReplaced: 'leak', coilLeaks: 2 }, 'leak'],
    [{ whyReplaced: 'compressor' }, 'unknown'],
  ] as const)('the old unit’s story: %j', (facts, id) => {
    const [cause] = storyOf(facts);
    expect(cause!.id).toBe(id);
    expect(cause!.evidence.length).toBeGreaterThan(0);
    expect(scopeItems(sampleScope({ known: known(facts) })).some((i) => i.id === `cause-${id}`)).toBe(true);
  });
});

describe('unknown is never a pass', () => {
  it('what the order hangs on is one item until it is known, and shrinks as it is', () => {
    const item = (facts: KnownFacts) =>
      scopeItems(sampleScope({ known: known(facts) })).find((i) => i.id === 'unknown-facts');
    expect(english(item({})!.say)).toMatch(/breaker, .*liquid line/);
    expect(english(item({ breakerA: 30 })!.say)).not.toMatch(/breaker/);
    expect(told(item({ breakerA: null })!.triggers)).toContain('Breaker: not seen');
    const all = {
      asbestos: 'none',
      breakerA: 30,
      phases: '1',
      conductors: 8,
      liquidOdIn: '0.375',
      vaporOdIn: '0.875',
      lineLengthFt: 30,
      lineState: 'sound',
      coilAgeYr: 3,
      endPlates: 'sound',
      disconnectState: 'sound',
      disconnectA: 60,
    };
    expect(item(all)).toBeUndefined();
  });
  it('a kept coil whose refrigerant nobody read is a must for safety', () => {
    const input = sampleScope({ known: { systemType: 'split-hp' } });
    expect(scopeItems(input).find((i) => i.id === 'coil-refrigerant')).toMatchObject({ level: 'must', safety: true });
    const seen = sampleScope({ known: known({ coilRefrigerant: null }) });
    expect(scopeItems(seen).some((i) => i.id === 'coil-refrigerant')).toBe(true);
  });
});

describe('a part that is replaced after all', () => {
  const decided = (...pairs: [string, 'in' | 'out'][]) => new Map(pairs);
  it('drops the work that only a kept one needs, unless the must is declined', () => {
    const wrong = { known: known({ liquidOdIn: '0.25' }) };
    expect(levelOf(sampleScope(wrong), 'line-set-flush')).toBeUndefined();
    expect(levelOf(sampleScope({ ...wrong, decided: decided(['line-set-new', 'out']) }), 'line-set-flush')).toBe(
      'must',
    );
    const aged = { known: known({ coilAgeYr: 14 }) };
    expect(levelOf(sampleScope(aged), 'coil-kept')).toBe('must');
    expect(levelOf(sampleScope({ ...aged, decided: decided(['coil-age', 'in']) }), 'coil-kept')).toBeUndefined();
  });
  it('several reasons for one new coil are one price', () => {
    const items = scopeItems(
      sampleScope({
        known: known({ coilAgeYr: 14, coilRefrigerant: 'R-22', metering: 'capillary' }),
        pairListed: false,
      }),
    );
    const priced = items.filter((i) => i.replaces === 'coil' && i.materials > 0);
    expect(items.filter((i) => i.replaces === 'coil').length).toBeGreaterThan(2);
    expect(priced.map((i) => i.id)).toEqual(['coil-refrigerant']);
  });
  it('needs no disclosure', () => {
    const input = sampleScope({ known: known({ coilAgeYr: 6 }) });
    expect(disclosuresOf(input, new Set(['coil'])).map((d) => d.id)).toEqual(['line-set']);
  });
});
