import type { Finding } from '@/core/finding/finding';
import type { BuiltPhase } from './phases';

export const CERTIFICATIONS = ['none', 'type-I', 'type-II', 'type-III', 'universal'] as const;
export type Certification = (typeof CERTIFICATIONS)[number];

/** Gate ids, each in the phase that it holds first; a later phase may ask for it again. */
type SurveyGate = 'system-type' | 'survey-asked' | 'no-hazard-stop';
type ScopeGate = 'survey-signed' | 'new-unit' | 'items-decided' | 'customer-agreed' | 'no-fit-stop';
type RecoverGate = 'scope-signed' | 'before-list' | 'removal-released' | 'dead-proof' | 'recovered-level';
type JoinGate = 'recover-signed' | 'line-drawn' | 'joints-logged' | 'join-checks';
type PressureGate = 'join-signed' | 'plate-limit' | 'expansion-open' | 'pressure-held' | 'bubbled';
type EvacuateGate = 'pressure-signed' | 'compressor-locked' | 'gauge-proven' | 'deep-enough' | 'standing-vacuum';
type ChargeGate = 'evacuate-signed' | 'vacuum-broken' | 'room' | 'cylinder' | 'plate' | 'weighed-charge' | 'label';
type StartUpGate = 'charge-signed' | 'steady' | 'readings' | 'no-stop' | 'all-good' | 'enclosure';
type HandOverGate =
  | 'start-up-signed'
  | 'furnace-proof'
  | 'disclosures'
  | 'change-answered'
  | 'musts-in'
  | 'suction-drier';
export type GateId =
  | SurveyGate
  | ScopeGate
  | RecoverGate
  | JoinGate
  | PressureGate
  | EvacuateGate
  | ChargeGate
  | StartUpGate
  | HandOverGate
  | 'certification';

export type Override = { gate: string; reason: string; by: string; at: string };

/** What must hold before a phase may be signed. `holds` is true when nothing stands in the way. */
export type Gate = {
  id: GateId;
  /** What is asked for, as a short noun phrase. */
  asks: string;
  holds: boolean;
  /** What is missing, in words; or what proves it. */
  say: string;
  overridable: boolean;
  override?: Override;
};

export const DECAY_LEAST_MIN = 10;

export type VacuumRecord = {
  endMicrons: number;
  heldMin: number;
  by: string;
  at: string;
  /** Why nothing of the circuit before it was written down; a lead gives it. */
  reason?: string;
};

/** Split systems are high-pressure appliances: Type II or Universal (40 CFR 82 subpart F, from memory). */
export function certificationCovers(certification: Certification): boolean {
  return certification === 'type-II' || certification === 'universal';
}

/** Every gate is built here: what it asks, whether it holds, what is missing or what proves it. */
export const gate = (id: GateId, asks: string, holds: boolean, say: string, overridable = true): Gate => ({
  id,
  asks,
  holds,
  say,
  overridable,
});

export function certificationGate(certification: Certification): Gate {
  const covers = certificationCovers(certification);
  return gate(
    'certification',
    'refrigerant certification',
    covers,
    covers ? `Certified ${certification}` : 'Signing needs a stored Type II or Universal refrigerant certification',
    false,
  );
}

export type GateFacts = {
  phase: 'charge' | 'start-up' | 'hand-over';
  vacuum?: VacuumRecord;
  /** What a typed standing test must stay under: the company's decay limit, µm. */
  decayLimitMicrons: number;
  /** The standing test on the circuit's own record; it goes before a typed figure. */
  standing?: Gate;
  /** What the circuit's record asks of the charge besides. */
  circuit?: readonly Gate[];
  /** Why the build-up has no total, when it has none. */
  plateTrouble: string | null;
  weighedIn: boolean;
  weighSay: string;
  certification: Certification;
  signed: Partial<Record<BuiltPhase, boolean>>;
  /** False for a furnace alone: nothing is charged, nothing runs on refrigerant. */
  hasCircuit: boolean;
  /** Start-up only. */
  startUp?: {
    /** False before the first reading: nothing is good then. */
    recorded: boolean;
    /** The charge cannot be judged now: its proof stays owed, the run's length stands in for steadiness. */
    limited: boolean;
    steady: boolean;
    steadySay: string;
    missing: readonly string[];
    findings: readonly Finding[];
    enclosureRestored: boolean;
  };
  overrides: readonly Override[];
};

/** Gates of one phase, in the order they should be cleared. */
export function gatesOf(facts: GateFacts): Gate[] {
  return rawGates(facts).map(withOverrides(facts.overrides));
}

/** Lays a lead's override beside the gate it passes. */
export const withOverrides =
  (overrides: readonly Override[]) =>
  (gate: Gate): Gate => {
    const override = gate.overridable && !gate.holds ? overrides.find((o) => o.gate === gate.id) : undefined;
    return override ? { ...gate, override } : gate;
  };

export const passes = (gate: Gate): boolean => gate.holds || gate.override !== undefined;

function rawGates(f: GateFacts): Gate[] {
  const certified = certificationGate(f.certification);
  if (f.phase === 'charge') {
    return [
      f.standing ?? vacuumGate(f.vacuum, f.decayLimitMicrons),
      ...(f.circuit ?? []).filter((g) => g.id !== 'label'),
      plateGate(f),
      gate('weighed-charge', 'a weighed charge', f.weighedIn, f.weighSay),
      // The label tells the total, so it comes after the weighing.
      ...(f.circuit ?? []).filter((g) => g.id === 'label'),
      certified,
    ];
  }
  if (f.phase === 'start-up') {
    const s = f.startUp ?? {
      recorded: false,
      limited: false,
      steady: false,
      steadySay: 'Not started',
      missing: [],
      findings: [],
      enclosureRestored: false,
    };
    const stops = s.findings.filter((x) => x.verdict === 'stop');
    const open = s.findings.filter(
      (x) => x.verdict !== 'good' && x.verdict !== 'stop' && x.step !== 'steady' && x.id !== 'enclosure' && !x.owed,
    );
    return [
      gate(
        'charge-signed',
        'a signed charge',
        f.signed.charge === true,
        f.signed.charge ? 'Charge signed' : 'Sign the charge first',
      ),
      gate(
        'readings',
        'all required readings recorded',
        s.missing.length === 0,
        s.missing.length ? `Not recorded: ${s.missing.join(', ')}` : 'All recorded',
      ),
      gate(
        'steady',
        s.limited ? 'a reading after 15 min of run' : 'a reading recorded at steady state',
        s.steady,
        s.steadySay,
      ),
      gate(
        'no-stop',
        'no stop finding',
        s.recorded && stops.length === 0,
        stops[0]?.claim ?? (s.recorded ? 'None' : 'No reading recorded'),
        false,
      ),
      gate(
        'all-good',
        s.limited ? 'every finding good that can be judged now' : 'every finding good',
        s.recorded && open.length === 0,
        !s.recorded
          ? 'No reading recorded'
          : (open[0]?.claim ?? (s.limited ? 'All good; the rest is owed' : 'All good')),
      ),
      gate(
        'enclosure',
        'the enclosure restored for the final reading',
        s.enclosureRestored,
        s.enclosureRestored ? 'Restored' : 'Panels, covers and fence not confirmed',
      ),
      certified,
    ];
  }
  if (!f.hasCircuit) return [];
  return [
    gate(
      'charge-signed',
      'a signed charge',
      f.signed.charge === true,
      f.signed.charge ? 'Charge signed' : 'Charge is not signed',
    ),
    gate(
      'start-up-signed',
      'a signed start-up',
      f.signed['start-up'] === true,
      f.signed['start-up'] ? 'Start-up signed' : 'Start-up is not signed',
    ),
  ];
}

function vacuumGate(v: VacuumRecord | undefined, limitMicrons: number): Gate {
  const asks = 'a passed standing-vacuum test';
  if (!v) return gate('standing-vacuum', asks, false, 'No standing-vacuum test on record');
  const pass = v.endMicrons <= limitMicrons && v.heldMin >= DECAY_LEAST_MIN;
  const figures = `${v.endMicrons} µm after ${v.heldMin} min`;
  return gate(
    'standing-vacuum',
    asks,
    pass,
    pass
      ? `Held ${figures}${v.reason ? `; circuit not on record: ${v.reason}` : ''}`
      : `${figures}: wanted ${limitMicrons} µm or less after ${DECAY_LEAST_MIN} min or more`,
  );
}

function plateGate(f: GateFacts): Gate {
  return gate('plate', 'the charge build-up complete', f.plateTrouble === null, f.plateTrouble ?? 'Complete');
}
