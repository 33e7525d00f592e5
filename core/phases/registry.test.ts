import { existsSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { MAY } from '@/core/job/permissions';
import { PHASES } from '@/core/job/phases';
import { letPass, sampleSheet } from '@/core/job/testing/sample-sheet';
import { told } from '@/core/words/testing/english';
import { offeredIn } from './log/entries';
import { gatesIn, type PhaseDescriptor } from './phase';
import { benchOf, gateWords, ownerOf, PHASES_BUILT, phaseById, RUN_PHASES } from './registry';
import { noteOf, phasesOf } from './standing';

const ALL: readonly PhaseDescriptor[] = PHASES_BUILT;
const folders = readdirSync('core/phases', { withFileTypes: true }).filter((f) => f.isDirectory());

describe('the list of phases', () => {
  it('holds every folder that describes one, in the order of the work', () => {
    const described = folders.map((f) => f.name).filter((name) => existsSync(`core/phases/${name}/phase.ts`));
    expect(ALL.map((p) => p.id).toSorted()).toEqual(described.toSorted());
    expect(ALL.map((p) => PHASES.indexOf(p.id))).toEqual(
      ALL.map((p) => PHASES.indexOf(p.id)).toSorted((a, b) => a - b),
    );
    expect(phaseById('nonsense')).toBeUndefined();
  });
  it('no two open by the same key, nor by a key of another page', () => {
    const keys = [...ALL.map((p) => p.key), 'j', 'f', 'e', 't', 'l', 'y'];
    expect(new Set(keys).size).toBe(keys.length);
  });
  it.each(ALL)('$id: page, signature, words, gates and note', (phase) => {
    const page = readdirSync(`web/phases/${phase.id}`).filter((f) => f.endsWith('Page.tsx'));
    expect(page).toHaveLength(1);
    expect(MAY[phase.signedBy]).toBeDefined();
    for (const id of Object.keys(phase.gateWords)) expect(gateWords(id)).toBe(phase.gateWords[id]);
    const sheet = sampleSheet();
    for (const gate of gatesIn(phase, sheet)) {
      expect(gateWords(gate.id), gate.id).toBeDefined();
      expect(told(gate.asks)).not.toBe('');
    }
    expect(told(noteOf(phase, sheet).say)).not.toBe('');
  });
  it('keeps what is the circuit’s with the circuit, what is the system’s with it, the hand-over with the job', () => {
    const sheet = sampleSheet();
    expect(ALL.filter((p) => ownerOf(sheet, p.id) === sheet.circuit.id).map((p) => p.id)).toEqual([
      'recover',
      'join',
      'pressure-test',
      'evacuate',
      'charge',
      'start-up',
    ]);
    expect(ownerOf(sheet, 'survey')).toBe(sheet.system.id);
    expect(ownerOf(sheet, 'hand-over')).toBe(sheet.job.id);
    // The release to take out, the proof of a furnace alone.
    expect(ownerOf(sheet, 'no phase')).toBe(sheet.system.id);
  });
  it('tells what instruments hang on', () => {
    expect(RUN_PHASES).toEqual(['recover', 'pressure-test', 'evacuate', 'charge', 'start-up']);
    expect(RUN_PHASES.map(benchOf)).toEqual(['recovery', 'nitrogen', 'vacuum', undefined, undefined]);
  });
  it('offers by hand what has a form, nothing that is written by a tap or by another form', () => {
    expect(offeredIn('pressure-test')).toEqual(['test-plan', 'stage-listen', 'hold-start', 'hold-end', 'released']);
    expect(offeredIn('survey')).toEqual([]);
    expect(offeredIn('join')).toContain('hot-work');
  });
  it('an override of one phase passes no gate of another, but where the phase says so', () => {
    const sheet = sampleSheet({ vacuum: null });
    for (const phase of ALL)
      for (const gate of gatesIn(phase, sheet).filter((g) => !g.holds && g.overridable))
        for (const other of ALL) {
          const passed = gatesIn(phase, { ...sheet, overrides: [letPass(other.id, gate.id)] });
          const stands =
            other.id === phase.id || (phase.passedBefore ?? []).some((b) => b.phase === other.id && b.gate === gate.id);
          expect(
            passed.find((g) => g.id === gate.id)!.override !== undefined,
            `${other.id} for ${phase.id} ${gate.id}`,
          ).toBe(stands);
        }
  });
  it('a job goes through the phases in that order', () => {
    expect(phasesOf(sampleSheet())).toEqual(['charge', 'start-up', 'hand-over']);
  });
});
