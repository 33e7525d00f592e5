import { describe, expect, it } from 'vitest';
import { measured, sampleSheet } from '@/core/job/testing/sample-sheet';
import { airflowsOf, newestAir } from './airflow-since';

const air = (cfm: number, method: string, mode: 'cooling' | 'heating' = 'cooling') =>
  measured('airflowCfm', cfm, { stage: 'airflow', mode, detail: { method } });
const on = (...measurements: ReturnType<typeof air>[]) => ({ ...sampleSheet(), measurements });

describe('measured airflow on a sheet', () => {
  it('is the newest; several methods stand beside each other', () => {
    const sheet = on(air(1180, 'flow grid or hood'), air(1141, 'strip-heat rise'));
    expect(newestAir(sheet, 'cooling')?.value).toBe(1141);
    expect(airflowsOf(sheet, 'cooling')).toEqual([
      { method: 'flow grid or hood', cfm: 1180 },
      { method: 'strip-heat rise', cfm: 1141 },
    ]);
  });

  it('starts anew where a method is used again', () => {
    const sheet = on(air(900, 'flow grid or hood'), air(910, 'strip-heat rise'), air(1180, 'flow grid or hood'));
    expect(newestAir(sheet, 'cooling')?.value).toBe(1180);
    expect(airflowsOf(sheet, 'cooling')).toBeUndefined();
  });

  it('leaves out the one that the others speak against, also where it is the newest', () => {
    const sheet = on(
      air(1180, 'flow grid or hood'),
      air(1141, 'strip-heat rise'),
      air(1560, 'static with blower table'),
    );
    expect(newestAir(sheet, 'cooling')?.value).toBe(1141);
  });

  it('of another call says nothing', () => {
    const sheet = on(air(1180, 'flow grid or hood', 'heating'));
    expect(newestAir(sheet, 'cooling')).toBeUndefined();
    expect(airflowsOf(sheet, 'cooling')).toBeUndefined();
  });
});
