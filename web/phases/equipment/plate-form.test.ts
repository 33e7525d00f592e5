import { beforeAll, describe, expect, it } from 'vitest';
import { buildUp } from '@/core/phases/charge/charge-sheet';
import { DEMO_JOBS } from '@/demo/jobs';
import { numberFromText, typedTrouble } from '@/web/kit/number-text';
import { coreWords } from '@/web/words/say';
import { EMPTY_PLATE, plateOf, textOf } from './plate-form';

beforeAll(() => coreWords());

describe('typed numbers', () => {
  it.each([
    ['12', 12],
    [' 12.5 ', 12.5],
    ['12,5', 12.5],
    ['−4', -4],
    ['.5', 0.5],
    ['22 1/2', 22.5],
    ['22-7/16', 22.4375],
    ['3/8', 0.375],
  ])('%s is %d', (text, value) => expect(numberFromText(text)).toBe(value));
  it.each(['', 'abc', '12 psi', '1e9', '1.2.3', '--4', 'NaN', 'Infinity', '1/3', '22 1/0', '1/2/2'])(
    '%s is no number',
    (text) => expect(numberFromText(text)).toBeUndefined(),
  );
  it('says a unit was typed, and what is allowed', () => {
    expect(typedTrouble('118 psig', -10, 300, 'psig')).toEqual({
      message: '“118 psig” is not a plain number; leave the unit out.',
      allowed: '-10 to 300 psig',
    });
    expect(typedTrouble('9999', -10, 300, 'psig')).toMatchObject({ message: '9999 is too high.' });
    expect(typedTrouble('118', -10, 300, 'psig')).toBeUndefined();
  });
});

/** What is chosen on an ordinary plate. */
const SAID = {
  refrigerant: 'R-454B',
  metering: 'txv',
  heatPump: 'yes',
  inverter: 'no',
  plateVolts: '208/230',
  targetSource: 'plate',
} as const;

describe('equipment form', () => {
  it('a packaged unit asks for no line set, and holds its whole charge', () => {
    const text = {
      ...EMPTY_PLATE,
      ...SAID,
      maker: 'Vantry',
      model: 'VP-36',
      nominalTons: '3',
      compressorRlaA: '14',
      outdoorFanFlaA: '1.4',
      factoryChargeOz: '96',
      targetSubcoolingF: '10',
      liquidLineOdIn: 'nonsense',
      drierOz: '',
      packaged: 'yes',
    };
    const { plate, problems } = plateOf(text);
    expect(problems).toEqual([]);
    expect(plate).toMatchObject({
      packaged: true,
      includedLineFt: 0,
      lineLengthFt: 0,
      coilOz: 0,
      unitState: 'factory-held',
    });
    const built = buildUp(plate!);
    expect(built.ok && built.value).toMatchObject({ totalOz: 96, toWeighInOz: 0 });
    expect(plateOf({ ...text, packaged: 'no' }).problems.map((p) => p.field)).toContain('liquidLineOdIn');
  });
  it('a plate turned to text and back is the same plate', () => {
    for (const job of DEMO_JOBS) expect(plateOf(textOf(job.plate))).toEqual({ plate: job.plate, problems: [] });
  });
  it('an empty form names every required field once, with what is allowed', () => {
    const { plate, problems } = plateOf(EMPTY_PLATE);
    expect(plate).toBeUndefined();
    const may = [
      ...[
        'phases',
        'stages',
        'compressorLraA',
        'lowestOutdoorF',
        'soundPowerDb',
        'liquidSizes',
        'vaporSizes',
        'bookPage',
        'makerChart',
      ],
      'serial',
      'lineLengthFt',
      'makerOzPerFt',
      'targetSubcoolingF',
      'orificeStamp',
      'drierOz',
      'coilOz',
    ];
    const must = Object.keys(EMPTY_PLATE).filter((k) => !may.includes(k));
    // Nothing is answered beforehand: refrigerant, metering and kind are read off the plate like its figures.
    expect(problems.map((p) => p.field).sort()).toEqual(must.sort());
    expect(problems.every((p) => p.allowed.length > 3 && p.message === 'Missing.')).toBe(true);
  });
  it('what is not on every plate is left off where it stays empty, and kept where it was read', () => {
    const plate = DEMO_JOBS[0]!.plate;
    const read = {
      compressorLraA: 79,
      lowestOutdoorF: 55,
      soundPowerDb: 72,
      vaporSizes: '3/4, 7/8',
      stages: 'single',
      bookPage: 'p. 14',
    };
    const typed = Object.fromEntries(Object.entries(read).map(([k, v]) => [k, String(v)]));
    expect(plateOf({ ...textOf(plate), ...typed })).toEqual({ plate: { ...plate, ...read }, problems: [] });
    const { problems } = plateOf({ ...textOf(plate), vaporSizes: '3/4, 4/5', soundPowerDb: 'loud' });
    expect(problems.map((p) => p.field).sort()).toEqual(['soundPowerDb', 'vaporSizes']);
  });
  it('refuses a vapor line no larger than the liquid line', () => {
    const { problems } = plateOf({ ...textOf(DEMO_JOBS[0]!.plate), liquidLineOdIn: '0.5', vaporLineOdIn: '0.375' });
    expect(problems).toMatchObject([{ field: 'vaporLineOdIn' }]);
  });
});
