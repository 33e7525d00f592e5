import { describe, expect, it } from 'vitest';
import type { Finding } from '@/core/finding/finding';
import type { Phase } from '@/core/job/phases';
import type { EquippedSheet } from '@/core/job/sheet';
import { sampleSheet, signedOff } from '@/core/job/testing/sample-sheet';
import { buildUpOf, judgeCharge } from '@/core/phases/charge/charge-sheet';
import { LogBuilder } from '@/core/phases/log/testing/log-builder';
import { sheetGates } from '@/core/phases/standing';
import { typed } from '@/core/words/said';
import { english, told } from '@/core/words/testing/english';
import { OLD_CHARGE } from '@/demo/sample-entries';
import { chargeChecks, chargeLabel } from './charge-record';
import { type ChargeFacts, chargeMove } from './move';

type Asked = ChargeFacts & { maySign: boolean };
const TODAY = '2026-06-01';
function facts(sheet: EquippedSheet, change: Partial<Asked> = {}): Asked {
  const build = buildUpOf(sheet);
  if (!build.ok) throw new Error(english(build.refused.message));
  return {
    sheet,
    judged: judgeCharge(sheet, build.value),
    gates: sheetGates(sheet, 'charge'),
    checks: chargeChecks(sheet, build.value, TODAY),
    label: chargeLabel(sheet, build.value),
    live: undefined,
    scale: true,
    maySign: true,
    ...change,
  };
}
const move = (sheet: EquippedSheet, change: Partial<Asked> = {}) => chargeMove(facts(sheet, change));
const signedAs = (phase: Phase) => [signedOff(phase)];

describe('the next move of the charge', () => {
  it('weighs in what is missing, to the tenth', () => {
    // 48 ft of 3/8 liquid line against 15 included, drier 0, coil 6: what the build-up asks of the cylinder.
    const sheet = sampleSheet();
    const f = facts(sheet);
    const { button } = chargeMove(f);
    const wanted = f.judged.state.toWeighInOz;
    expect(button!.action.kind).toBe('weigh-in');
    expect((button!.action as { oz: number }).oz).toBeLessThanOrEqual(wanted + 1e-9);
    expect(english(button!.label)).toMatch(/^Weigh in \d+\.\d oz$/);
  });
  it('a weighing that goes on is closed, nothing else', () => {
    expect(told(move(sampleSheet(), { live: { oz: 4.2, leftOz: 8.7, recovering: false } }))).toMatchObject({
      say: 'Weighing in: 4.2 oz so far, 8.7 oz to go.',
      button: { label: 'Close the valve', action: { kind: 'close-valve' } },
    });
    expect(english(move(sampleSheet(), { live: { oz: -3, leftOz: 1, recovering: true } }).say)).toBe(
      'Recovering: 3.0 oz so far.',
    );
  });
  it('a valve open with a silent scale is closed first, and nothing is counted', () => {
    expect(move(sampleSheet(), { live: { oz: 0, leftOz: 0, recovering: false, silent: true } })).toMatchObject({
      kind: 'stop',
      button: { action: { kind: 'close-valve' } },
    });
  });
  it('without a standing vacuum it is proven on the page of the evacuation; the form is for a failed typed one', () => {
    expect(move(sampleSheet({ vacuum: null })).button!.action).toEqual({ kind: 'go', to: 'evacuate' });
    const failed = { endMicrons: 940, heldMin: 12, by: 'Tess Orlan', at: '2026-06-01T14:00:00.000Z', version: 1 };
    expect(told(move(sampleSheet({ vacuum: failed })))).toMatchObject({
      kind: 'not-proven',
      button: { label: 'Record the test', action: { kind: 'type', what: 'vacuum' } },
    });
    const kept = sampleSheet({ vacuum: null, circuitLog: new LogBuilder().add('old-charge', OLD_CHARGE).log });
    expect(told(move(kept))).toMatchObject({
      say: 'No refrigerant before a passed standing-vacuum test.',
      button: { action: { kind: 'go', to: 'evacuate' } },
    });
  });
  it('a check that stops or is not proven comes before the weight, with the form that answers it', () => {
    const check = (id: string, verdict: Finding['verdict']): Finding => ({
      id,
      verdict,
      claim: typed(`${id} claim`),
      because: typed('why'),
      source: typed('test'),
      next: { say: typed(`${id} next`) },
    });
    expect(told(move(sampleSheet(), { checks: [check('room', 'not-proven')] }))).toMatchObject({
      say: 'room next',
      button: { action: { kind: 'write', entry: 'room' } },
    });
    const stopped = move(sampleSheet(), { checks: [check('cylinder', 'not-proven'), check('gwp', 'stop')] });
    expect(told(stopped)).toMatchObject({ kind: 'stop', say: 'gwp next' });
    expect(stopped.button).toBeUndefined();
    expect(move(sampleSheet(), { checks: [check('share', 'look-again')] }).button!.action.kind).toBe('weigh-in');
  });
  it('signed goes on to the start-up; only a lead is offered the signature', () => {
    expect(move(sampleSheet({ signOffs: signedAs('charge') }))).toMatchObject({
      kind: 'good',
      button: { action: { kind: 'go', to: 'start-up' } },
    });
    const done = facts(sampleSheet());
    const judged = {
      ...done.judged,
      finding: {
        ...done.judged.finding,
        next: { say: typed('Sign it.'), because: typed(''), action: { kind: 'sign' } },
      },
    } as typeof done.judged;
    const open = { judged, gates: [], checks: [] };
    expect(told(move(sampleSheet(), open).button)).toEqual({ label: 'Sign the charge', action: { kind: 'sign' } });
    expect(move(sampleSheet(), { ...open, maySign: false }).button).toBeUndefined();
  });
  it('the label is asked for last, and anything else that holds is told', () => {
    const done = facts(sampleSheet());
    const judged = {
      ...done.judged,
      finding: { ...done.judged.finding, next: { say: typed(''), because: typed(''), action: { kind: 'sign' } } },
    } as typeof done.judged;
    const gate = (id: string) => [{ id, asks: 'a label', holds: false, say: 'no label', overridable: true }] as never;
    expect(told(move(sampleSheet(), { judged, checks: [], gates: gate('label') }))).toMatchObject({
      button: { label: 'It is marked', action: { kind: 'write', entry: 'label' } },
    });
    expect(told(move(sampleSheet(), { judged, checks: [], gates: gate('certification') }))).toMatchObject({
      kind: 'not-proven',
      say: 'Held: a label.',
    });
  });
});
