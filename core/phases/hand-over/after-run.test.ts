import { describe, expect, it } from 'vitest';
import { drierDrop } from '@/core/circuit/join/drier-drop';
import { drierCheck, drierIn, suctionDrierCheck } from '@/core/phases/join/drier-check';
import type { EntryBody } from '@/core/phases/log/entries';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { english } from '@/core/words/testing/english';
import { DRIER } from '@/demo/sample-entries';
import { afterRunOf } from './after-run';

const SUCTION = { ...DRIER, line: 'suction', direction: 'one way', suctionPlace: 'common suction' } as const;
const on = { refrigerant: 'R-410A', takeOut: true } as const;
const of = (log: LogBuilder, change: object = {}) => afterRunOf(log.log, { ...on, ...change });
const visit = (body: Partial<EntryBody<'suction-drier-visit'>>, change: object = {}) =>
  of(
    new LogBuilder()
      .add('drier', DRIER)
      .add('drier', SUCTION)
      .add('suction-drier-visit', { dropPsi: 1.2, acid: 'clean', outcome: 'left in', ...body }),
    change,
  )[0]!;

describe('a suction drier after the run', () => {
  it.each([
    // trade handbook figures: 3 psi costs about 1.2 °F of R-410A and 1.9 °F of R-22 at 45 °F.
    ['R-410A', 1.2],
    ['R-22', 1.9],
  ] as const)('3 psi of %s costs about %d °F', (refrigerant, lossF) => {
    const r = drierDrop({ refrigerant, dropPsi: 3 });
    if (!r.ok) throw new Error(english(r.refused.message));
    expect(r.value.saturationLossF).toBeCloseTo(lossF, 1);
  });
  it('costs nothing without a drop, and more the colder it boils', () => {
    const loss = (dropPsi: number, evaporatingF: number): number => {
      const r = drierDrop({ refrigerant: 'R-410A', dropPsi, evaporatingF });
      return r.ok ? r.value.saturationLossF : Number.NaN;
    };
    expect(loss(0, 45)).toBe(0);
    expect(loss(3, 10)).toBeGreaterThan(loss(3, 45));
    expect(drierDrop({ refrigerant: 'R-410A', dropPsi: -1 })).toMatchObject({
      ok: false,
      refused: { field: 'dropPsi' },
    });
  });
  it('asks for nothing where none was fitted, and for a visit where nobody came back', () => {
    expect(of(new LogBuilder().add('drier', DRIER))).toEqual([]);
    expect(of(new LogBuilder().add('drier', SUCTION))[0]).toMatchObject({ verdict: 'not-proven' });
  });
  it.each([
    [{ acid: 'clean', outcome: 'taken out' }, 'good', undefined],
    [{ acid: 'not tested', outcome: 'taken out' }, 'look-again', /Test the oil/],
    [{ acid: 'clean', outcome: 'left in' }, 'look-again', /Take it out/],
    [{ acid: 'not tested', outcome: 'left in' }, 'not-proven', /24 to 72 h/],
    [{ acid: 'acid', outcome: 'left in', dropPsi: 4 }, 'look-again', /Replace the suction drier/],
    [{ acid: 'acid', outcome: 'left in', dropPsi: 1 }, 'look-again', /Come back/],
    [{ acid: 'acid', outcome: 'replaced' }, 'not-proven', /Come back/],
  ] as const)('%j is %s', (body, verdict, next) => {
    const check = visit(body);
    expect(check.verdict).toBe(verdict);
    if (next) expect(english(check.next!.say)).toMatch(next);
    else expect(check.next).toBeUndefined();
  });
  it('a school that leaves a clean one in is content below 3 psi only', () => {
    expect(visit({}, { takeOut: false }).verdict).toBe('good');
    expect(visit({ dropPsi: 3.4 }, { takeOut: false }).verdict).toBe('look-again');
  });
  it('a drier fitted after the visit opens it again', () => {
    const log = new LogBuilder()
      .add('drier', SUCTION)
      .add('suction-drier-visit', { dropPsi: 1, acid: 'clean', outcome: 'taken out' })
      .add('drier', SUCTION);
    expect(of(log)[0]!.verdict).toBe('not-proven');
  });
});

describe('driers in their lines', () => {
  it('a suction drier logged last does not hide the liquid drier', () => {
    const log = new LogBuilder().add('drier', DRIER).add('drier', SUCTION).log;
    expect(drierIn(log, 'liquid')!.body.direction).toBe('both ways');
    expect(drierCheck(drierIn(log, 'liquid'), { tons: 3, heatPump: true }).verdict).toBe('good');
  });
  it('in a heat pump it sits where vapour flows one way', () => {
    const check = (suctionPlace: 'common suction' | 'vapour line' | null, heatPump: boolean) =>
      suctionDrierCheck(new LogBuilder().add('drier', { ...SUCTION, suctionPlace }).log[0] as never, { heatPump })!
        .verdict;
    expect(check('vapour line', true)).toBe('look-again');
    expect(check(null, true)).toBe('look-again');
    expect(check('common suction', true)).toBe('good');
    expect(check('vapour line', false)).toBe('good');
    expect(suctionDrierCheck(undefined, { heatPump: true })).toBeUndefined();
  });
});

describe('what the run shows of moisture and restriction', () => {
  it.each([
    ['dry', 'good'],
    ['between', 'look-again'],
    ['wet', 'look-again'],
  ] as const)('indicator %s: %s', (colour, verdict) => {
    expect(of(new LogBuilder().add('moisture-indicator', { colour }))[0]!.verdict).toBe(verdict);
  });
  it('more than 3 °F across the liquid drier is a restriction (common practice)', () => {
    const drop = (outF: number) => of(new LogBuilder().add('liquid-drier-drop', { inF: 96, outF }))[0]!.verdict;
    expect(drop(93.5)).toBe('good');
    expect(drop(92.4)).toBe('look-again');
  });
});
