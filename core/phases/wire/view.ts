import { stands } from '@/core/finding/accepted';
import type { Finding } from '@/core/finding/finding';
import { orderFindings } from '@/core/finding/order';
import { WIRE_FINDING } from '@/core/job/acceptance';
import { type CheckRow, checkRows } from '@/core/phases/checks/row';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import { WIRE_ASKS, type WireCheckId } from './asks';
import { blowerFindings } from './blower';
import { boardFinding, planFindings, proofFinding } from './controls';
import { startsSoftly, wireList } from './list';
import { type CircuitView, powerView } from './power';
import { type Diagnosis, diagnosisOf, type ProofRow, proofsOf } from './proofs';
import { NOT_LISTED, type SourceView, safeView } from './safe';
import { starterFindings } from './starter';
import { thermostatFindings } from './thermostat';
import { type WireSheet, type Wiring, wiringOf } from './wiring';
import { zoneFindings } from './zones';

export type WireView = {
  wiring: Wiring;
  circuits: CircuitView[];
  sources: SourceView[];
  proofs: ProofRow[];
  diagnosis: Diagnosis | undefined;
  rows: CheckRow<WireCheckId>[];
  /** Findings by the part of the work that they belong to. */
  power: Finding[];
  safe: Finding[];
  controls: Finding[];
  proven: Finding | undefined;
  thermostat: Finding[];
  blower: Finding[];
  starter: Finding[];
  zones: Finding[];
  /** Everything that is not as it should be, worst first. */
  open: Finding[];
};

/** Views by their sheet: gates, move, rail and page ask for the same one, and a sheet is never changed, only replaced. */
const known = new WeakMap<WireSheet, WireView>();

/** Power and controls of a system: circuits against their plates, absence of voltage, the controls as planned, wired and proven. */
export function wireView(sheet: WireSheet): WireView {
  const view = known.get(sheet) ?? makeView(sheet);
  known.set(sheet, view);
  return view;
}

function makeView(sheet: WireSheet): WireView {
  const wiring = wiringOf(sheet);
  const circuits = powerView(sheet);
  const sources = safeView(sheet);
  const proofs = proofsOf(sheet.systemLog, wiring);
  const diagnosis = diagnosisOf(sheet.systemLog, wiring, proofs);
  const rows = checkRows(
    sheet,
    wireList(sheet, wiring),
    WIRE_ASKS,
    entriesOf(sheet.systemLog, 'wire-check'),
    WIRE_FINDING,
  );
  const power = circuits.flatMap((c) => c.findings);
  const safe = latestOf(sheet.systemLog, 'sources')
    ? sources.map((s) => s.finding)
    : sources.length
      ? [NOT_LISTED]
      : [];
  const controls = [...planFindings(wiring), boardFinding(wiring)];
  const proven = proofFinding(proofs, diagnosis);
  const thermostat = thermostatFindings(sheet, wiring);
  const blower = blowerFindings(sheet);
  const starter = startsSoftly(sheet) ? starterFindings(sheet) : [];
  const zones = wiring.body.zoned ? zoneFindings(sheet) : [];
  const accepted = sheet.acceptances.map((a) => a.finding);
  const all = [
    ...power,
    ...safe,
    ...controls,
    ...(proven ? [proven] : []),
    ...rows.map((r) => r.finding),
    ...thermostat,
    ...blower,
    ...starter,
    ...zones,
  ];
  return {
    wiring,
    circuits,
    sources,
    proofs,
    diagnosis,
    rows,
    power,
    safe,
    controls,
    proven,
    thermostat,
    blower,
    starter,
    zones,
    open: orderFindings(all.filter((f) => f.verdict !== 'good' && !stands(f, accepted))),
  };
}
