import { createHash } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import { phaseOfKind } from '@/core/phases/log/entries';
import { planFor } from '@/core/phases/wire/wiring';
import type { Database } from '@/server/db/pool';
import { circuitStore } from '@/server/features/circuit/circuit-store';
import type { JobAt } from '@/server/features/jobs/job-at';
import { sheetFor } from '@/server/features/jobs/jobs-service';
import type { Person } from '@/server/features/people/people-store';
import { goodCircuits, goodControls, goodIsolation, type Written } from './good-wiring';
import type { DemoSystem } from './survey-types';

/** Y and O/B changed over at the indoor strip: cooling looks perfect, heating does not run. */
const CROSSED: readonly Written[] = [
  { kind: 'as-wired', body: { edits: [{ kind: 'swap', wire: 'stat:Y1', other: 'stat:OB', end: 'b' }] } },
];
/** What somebody saw of it before the conductors were looked at. */
const SEEN_CROSSED: readonly Written[] = [
  { kind: 'control-proof', body: { call: 'off', open: [], seen: [], simulated: false } },
  { kind: 'control-proof', body: { call: 'fan', open: [], seen: ['BL'], simulated: false } },
  { kind: 'control-proof', body: { call: 'cool1', open: [], seen: ['BL', 'CC', 'RV'], simulated: false } },
  { kind: 'control-proof', body: { call: 'heat1', open: [], seen: ['BL', 'RV'], simulated: false } },
];
/** The old unit's wires as far as somebody followed them. */
const TRACED: readonly Written[] = [
  ['1', 'TB1-1', 'C1-A1', 'traced', 'C1', 24],
  ['2', 'TB1-2', 'LPS-1', 'traced', null, null],
  ['3', 'LPS-2', 'HPS-1', 'traced', null, null],
  ['4', 'HPS-2', 'C1-A2', 'inferred', null, null],
  ['5', 'TB1-3', 'C2-A1', 'traced', 'C2', 24],
  ['6', 'TB1-5', 'DT-2', 'unknown', null, null],
].map(([number, from, to, how, coil, coilV]) => ({
  kind: 'traced-wire',
  body: { number, from, to, how, coil, coilV },
}));

/** Writes the wiring of an invented job as far as its crew came: wired as planned, or with two conductors changed over. */
export async function loadWiring(
  database: Database,
  lead: Person,
  at: JobAt,
  how: NonNullable<DemoSystem['wiring']>,
): Promise<void> {
  const sheet = await sheetFor(database, lead, at);
  const plan: Written = {
    kind: 'wiring-plan',
    body: { ...planFor(sheet), valve: planFor(sheet).heatPump ? 'O' : null, statWires: 8, outdoorWires: 8 },
  };
  const entries =
    how === 'crossed'
      ? [plan, ...SEEN_CROSSED, ...CROSSED]
      : [...TRACED, ...goodCircuits(sheet), ...goodIsolation(sheet), ...goodControls(sheet)];
  const began = Date.now() - entries.length * 60_000;
  for (const [i, { kind, body }] of entries.entries())
    await circuitStore.add(database, {
      id: uuid(),
      companyId: lead.companyId,
      jobId: at.jobId,
      circuitId: sheet.circuit.id,
      phase: phaseOfKind(kind)!,
      kind,
      body: body as never,
      bodyHash: createHash('sha256').update(JSON.stringify(body)).digest('hex'),
      source: 'typed',
      supersedesId: null,
      personId: lead.id,
      occurredAt: new Date(began + i * 60_000),
    });
}
