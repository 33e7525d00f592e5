import { describe, expect, it } from 'vitest';
import type { LibraryItem } from '@/core/equipment/library-item';
import { EMPTY_CHOICE } from './choice';
import { chosenOf } from './chosen';
import { coilStays } from './rules/rule';
import type { KnownFacts } from './survey/facts';
import { SAMPLE_OUTDOOR, sampleScope } from './testing/sample-scope';

const item = (kind: LibraryItem['kind']): LibraryItem => ({
  ...SAMPLE_OUTDOOR,
  kind,
  model: kind,
  id: kind,
  version: 1,
});
const ALL = {
  choice: { ...EMPTY_CHOICE, outdoorId: 'outdoor', indoorId: 'coil', furnaceId: 'furnace', keepCoil: true },
  outdoor: item('outdoor'),
  indoor: item('coil'),
  furnace: item('furnace'),
};
const NONE = { choice: EMPTY_CHOICE, outdoor: null, indoor: null, furnace: null };
const picked = (known: KnownFacts, from: typeof ALL | typeof NONE = ALL) => {
  const { outdoor, indoor, furnace } = chosenOf(known, from);
  return [outdoor?.model, indoor?.model, furnace?.model];
};

describe('what is new, held to what is replaced', () => {
  it.each<[KnownFacts, (string | undefined)[]]>([
    [{ systemType: 'split-ac', replaced: 'all' }, ['outdoor', 'coil', 'furnace']],
    [{ systemType: 'split-ac', replaced: 'both-units' }, ['outdoor', 'coil', undefined]],
    [{ systemType: 'split-ac', replaced: 'outdoor' }, ['outdoor', undefined, undefined]],
    [{ systemType: 'split-ac', replaced: 'coil' }, [undefined, 'coil', undefined]],
    [{ systemType: 'split-ac', replaced: 'furnace' }, [undefined, undefined, 'furnace']],
    [{ systemType: 'furnace-gas' }, [undefined, undefined, 'furnace']],
    [{ systemType: 'packaged-hp' }, ['outdoor', undefined, undefined]],
    // Nobody said: what was picked is taken.
    [{ systemType: 'split-ac' }, ['outdoor', 'coil', 'furnace']],
    [{}, ['outdoor', 'coil', 'furnace']],
  ])('%o', (known, models) => {
    expect(picked(known)).toEqual(models);
  });
  it('a coil that is not replaced stays, whatever was picked before; one that is does not', () => {
    const stays = (replaced: string) => {
      const known: KnownFacts = { systemType: 'split-ac', replaced };
      return coilStays(sampleScope({ known, choice: chosenOf(known, ALL).choice }));
    };
    expect([stays('outdoor'), stays('both-units'), stays('all'), stays('coil')]).toEqual([true, false, false, false]);
    // Over a furnace that is replaced the coil stays where it is, and no rule of an opened circuit asks for it.
    expect(chosenOf({ systemType: 'split-ac', replaced: 'furnace' }, ALL).choice.keepCoil).toBe(true);
    expect(stays('furnace')).toBe(false);
    expect(chosenOf({ systemType: 'furnace-gas' }, ALL).choice.keepCoil).toBe(false);
  });
  it('a furnace once picked as the indoor unit is the furnace', () => {
    const once = { ...NONE, choice: { ...EMPTY_CHOICE, indoorId: 'furnace' }, indoor: item('furnace') };
    expect(chosenOf({ systemType: 'furnace-gas' }, once)).toMatchObject({
      furnace: { model: 'furnace' },
      indoor: undefined,
      missing: [],
    });
  });
  it.each<[KnownFacts, string[]]>([
    [{}, ['outdoor']],
    [{ systemType: 'split-hp' }, ['outdoor', 'air-handler']],
    [{ systemType: 'split-ac', replaced: 'all' }, ['outdoor', 'coil', 'furnace']],
    [{ systemType: 'split-ac', replaced: 'coil' }, ['coil']],
    [{ systemType: 'gas-pack' }, ['package']],
    [{ systemType: 'furnace-oil' }, ['furnace']],
  ])('nothing picked, %o: missing are %s', (known, missing) => {
    expect(chosenOf(known, NONE).missing).toEqual(missing);
  });
  it('one of the two units is enough while nobody said which of them stays; both are asked for once somebody did', () => {
    const one = { ...NONE, choice: { ...EMPTY_CHOICE, outdoorId: 'outdoor' }, outdoor: item('outdoor') };
    expect(chosenOf({ systemType: 'split-ac' }, one).missing).toEqual([]);
    expect(chosenOf({ systemType: 'split-ac', replaced: 'both-units' }, one).missing).toEqual(['coil']);
    expect(chosenOf({ systemType: 'split-ac', replaced: 'outdoor' }, one).missing).toEqual([]);
  });
});
