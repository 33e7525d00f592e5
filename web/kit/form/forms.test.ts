import { beforeAll, describe, expect, it } from 'vitest';
import { formSchema, is, onlyWhen, text } from '@/core/form/field';
import { movedOz, movementForm, wrongWay } from '@/web/phases/charge/movement-form';
import { AIRFLOW_FORM, airflowOf } from '@/web/phases/start-up/airflow-form';
import { coreWords } from '@/web/words/say';
import { askedFor, bodyOf, refusalsOf, startOf } from './boxes';

beforeAll(() => coreWords());

describe('questions that arise only sometimes', () => {
  const fields = { kind: text('Kind', 9, 1), to: onlyWhen(is('kind', 'away'), text('To', 20, 2)) };
  const refused = (body: object) => Object.keys(refusalsOf(formSchema(fields), body as never));
  it('are missing where they arise, told with everything else, and nothing where they do not', () => {
    expect(refused({ kind: 'away' })).toEqual(['to']);
    expect(refused({ kind: 'away', to: 'x' })).toEqual(['to']);
    expect(refused({ kind: 'away', to: 'Senn' })).toEqual([]);
    expect(refused({ kind: 'here' })).toEqual([]);
    expect(refused({}).sort()).toEqual(['kind']);
  });
});

describe('a typed weighing', () => {
  const said = (way: string, startOz: unknown, endOz: unknown) => ({ way, startOz, endOz });
  it('charging makes the cylinder lighter, recovering heavier; nothing moved is neither', () => {
    expect(movedOz(said('in', 400, 391.7))).toBeCloseTo(8.3, 9);
    expect(wrongWay(said('in', 400, 391.7))).toBeUndefined();
    expect(wrongWay(said('in', 400, 400))?.id).toBe('web.charging-makes-cylinder-lighter-end-must');
    expect(wrongWay(said('out', 400, 391.7))?.id).toBe('web.recovering-makes-cylinder-heavier-end-must');
    expect(wrongWay(said('out', 400, 500))).toBeUndefined();
    expect(wrongWay(said('in', 400, undefined))).toBeUndefined();
  });
  it('what is recovered names its cylinder where the ledger follows it', () => {
    const body = { way: 'out', startOz: 10, endOz: 20 };
    const refused = (keeps: boolean, change: object = {}) =>
      Object.keys(refusalsOf(movementForm(keeps).schema, { ...body, cylinderId: keeps ? undefined : null, ...change }));
    expect(refused(true)).toEqual(['cylinderId']);
    expect(refused(true, { way: 'in' })).toEqual([]);
    expect(refused(false)).toEqual([]);
  });
});

describe('a measured airflow', () => {
  const sea = (said: object) => airflowOf(said as never, 0);
  it('comes from the figures of its own method alone', () => {
    expect(sea({ method: 'flow grid or hood', cfm: 1200, riseF: 3 })).toEqual({
      ok: true,
      value: { airflowCfm: 1200 },
    });
    // 236 V × 39.8 A × 3.412 / (1.08 × 26 °F).
    const strips = sea({ method: 'strip-heat rise', volts: 236, amps: 39.8, riseF: 26, cfm: 9 });
    expect(strips?.ok && strips.value.airflowCfm).toBeCloseTo(1141, 0);
    const table = { method: 'static with blower table', tespInWc: 0.5, lowStaticInWc: 0.4, lowStaticCfm: 1300 };
    const half = sea({ ...table, highStaticInWc: 0.6, highStaticCfm: 1100 });
    expect(half?.ok && half.value.airflowCfm).toBeCloseTo(1200, 6);
    expect(sea({ ...table, tespInWc: 0.9, highStaticInWc: 0.6, highStaticCfm: 1100 })).toMatchObject({ ok: false });
    expect(sea({ method: 'strip-heat rise', volts: 236 })).toBeUndefined();
    expect(sea({ method: 'flow grid or hood', cfm: 40 })).toBeUndefined();
  });
  it('asks for the figures of the chosen method, the quickest first', () => {
    const boxes = startOf(AIRFLOW_FORM.fields, {});
    expect(askedFor(AIRFLOW_FORM.fields, boxes).map(([n]) => n)).toEqual(['method', 'cfm']);
    const strips = { ...boxes, method: 'strip-heat rise' };
    expect(askedFor(AIRFLOW_FORM.fields, strips).map(([n]) => n)).toEqual(['method', 'volts', 'amps', 'riseF']);
    const { body, unreadable } = bodyOf(AIRFLOW_FORM.fields, strips);
    expect(Object.keys(refusalsOf(AIRFLOW_FORM.schema, body, unreadable))).toEqual(['volts', 'amps', 'riseF']);
  });
});
